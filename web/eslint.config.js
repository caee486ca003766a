import a11y from "eslint-plugin-jsx-a11y";
import hooks from "eslint-plugin-react-hooks";
import tseslint from "typescript-eslint";

export default tseslint.config(
  { ignores: ["src/api/schema.ts"] },
  ...tseslint.configs.recommended,
  a11y.flatConfigs.recommended,
  { plugins: { "react-hooks": hooks }, rules: hooks.configs.recommended.rules },
);
