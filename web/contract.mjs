// Makes one document of the files of the contract: ../tmp/contract.json, which the server reads and types are made from.
import { bundle, createConfig } from "@redocly/openapi-core";
import { mkdirSync, writeFileSync } from "node:fs";
import { readdir, readFile } from "node:fs/promises";

const folder = new URL("../api/", import.meta.url);
const { bundle: made, problems } = await bundle({
  ref: new URL("openapi.yaml", folder).pathname,
  config: await createConfig({}),
});
for (const { message, location } of problems) console.error(`${location[0].source.absoluteRef}: ${message}`);

const { schemas } = made.parsed.components;
const defined = [];
for (const file of await readdir(folder)) {
  const text = await readFile(new URL(file, folder), "utf8");
  defined.push(...[...(text.split(/^  schemas:\n/m)[1] ?? "").matchAll(/^    (\w+):/gm)].map((found) => found[1]));
}
const unused = defined.filter((name) => !schemas[name]);
if (unused.length > 0) console.error(`Defined and not used: ${unused.join(", ")}`);
if (problems.length + unused.length > 0) process.exit(1);

// A text stands in each place as itself: what is said of a wrong one then names the field, not “Text”.
const text = (value) => (value?.$ref === "#/components/schemas/Text" ? schemas.Text : value);
mkdirSync(new URL("../tmp", import.meta.url), { recursive: true });
const json = JSON.stringify(made.parsed, (_, value) => text(value), 1);
writeFileSync(new URL("../tmp/contract.json", import.meta.url), json);
