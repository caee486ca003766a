import i18next from "eslint-plugin-i18next";
import a11y from "eslint-plugin-jsx-a11y";
import hooks from "eslint-plugin-react-hooks";
import tseslint from "typescript-eslint";

// What is no text for people though it has letters.
const notWords = [
  "[^A-Za-z]*", // nothing but signs
  "[a-z][A-Za-z0-9_./:?=&#$,\\[\\]*-]*", // names of fields, kinds, addresses, units
  "[/._#-][A-Za-z0-9_./:?=&#${},-]*|[LM]", // paths and colors
  '\\[[a-z-]+="[a-z-]+"\\]|meta\\[.*\\]', // selectors
  '.*(\\d(fr|px|%|deg|[cv]h|r?em|-digit|d)|auto|span \\d|var\\(|env\\(|translate|rgba).*|\\d \\d .*|inset.*|\\(max-width.*|input, .*|"?Barlow.*|underline dotted|none !important|"face.*', // styles
  "[A-Z][a-z]+(-[A-Z][A-Za-z]+)+|Act|Date|en-[A-Z]{2}|A4|SVG|GET|POST|PUT|PATCH|DELETE", // headers, formats
  "Escape|Enter|Tab|Home|End|Arrow[A-Z][a-z]+|Backspace|Delete", // keys
  "on the bench|useUndo is used.*|kohlrabi (outbox|timers|workshop)|[A-Z]\\w*Error", // a stage, stores, kinds of errors, what only a programmer sees
];

export default tseslint.config(
  { ignores: ["src/api/schema.ts"] },
  ...tseslint.configs.recommended,
  a11y.flatConfigs.recommended,
  { plugins: { "react-hooks": hooks }, rules: hooks.configs.recommended.rules },
  {
    plugins: { i18next },
    rules: {
      "i18next/no-literal-string": ["error", { mode: "all", words: { exclude: notWords.map((one) => `^(${one})$`) } }],
    },
  },
);
