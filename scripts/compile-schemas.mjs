// Compiles the JSON Schemas of core/document/schemas into plain functions, so that neither the browser nor the server
// needs Ajv (and `eval`) at run time. The output is not committed.
import { mkdir, readFile, rm, writeFile } from "node:fs/promises";
import { createRequire } from "node:module";
import { build } from "esbuild";
import ts from "typescript";

const require = createRequire(import.meta.url);
const Ajv = require("ajv/dist/2020").default;
const standalone = require("ajv/dist/standalone").default;

const folder = new URL("../core/document/", import.meta.url);
const names = [
  "kind",
  "film",
  "hole",
  "solve",
  "long-time",
  "expose",
  "proof",
  "sun",
  "frame",
  "negative",
  "camera",
  "exposure",
  "load",
  "meter",
  "pack",
  "medium",
  "count",
  "recipe",
  "development",
  "bottle",
  "processing",
  "trail",
  "records",
  "settings",
  "dark-settings",
  "hang-settings",
  "archive",
  "practice",
];
await writeKinds();
const schemas = await Promise.all(
  names.map(async (name) => JSON.parse(await readFile(new URL(`schemas/${name}.schema.json`, folder), "utf8"))),
);
/** The kinds of camera there are, as the core's registry has them: a kind is added in its own file only. */
async function writeKinds() {
  const { outputFiles } = await build({
    entryPoints: [new URL("../core/camera/kinds/registry.ts", import.meta.url).pathname],
    bundle: true,
    format: "esm",
    write: false,
  });
  const { kinds } = await import(
    `data:text/javascript;base64,${Buffer.from(outputFiles[0].contents).toString("base64")}`
  );
  const schema = {
    $schema: "https://json-schema.org/draft/2020-12/schema",
    $id: "kind.schema.json",
    title: "A kind of camera",
    $comment: "Written by scripts/compile-schemas.mjs from core/camera/kinds/registry.ts",
    enum: kinds.map(({ id }) => id),
  };
  await writeFile(new URL("schemas/kind.schema.json", folder), `${JSON.stringify(schema, null, 2)}\n`);
}

/** The schema without its words for readers, which the compiled functions would carry along. */
const bare = (schema) => {
  if (Array.isArray(schema)) return schema.map(bare);
  if (schema === null || typeof schema !== "object") return schema;
  const kept = Object.entries(schema).filter(
    ([key, value]) => !(typeof value === "string" && ["title", "description", "$comment"].includes(key)),
  );
  return Object.fromEntries(kept.map(([key, value]) => [key, bare(value)]));
};
const ajv = new Ajv({
  schemas: schemas.map(bare),
  allErrors: true,
  verbose: false,
  strict: true,
  strictRequired: false,
  allowUnionTypes: true,
  inlineRefs: false,
  // Our own words are made from keyword and limits (`core/document/faults`); Ajv's would only weigh.
  messages: false,
  code: { source: true, esm: true },
});
/** The compiled function of a schema. */
const functionOf = (name) => `${name.replace(/-(\w)/g, (_, letter) => letter.toUpperCase())}Schema`;
const exported = [
  "solve",
  "expose",
  "proof",
  "sun",
  "frame",
  "negative",
  "camera",
  "exposure",
  "records",
  "settings",
  "dark-settings",
  "hang-settings",
  "archive",
  "practice",
];
const code = lean(
  standalone(ajv, Object.fromEntries(exported.map((name) => [functionOf(name), `${name}.schema.json`]))),
);

/**
 * The compiled functions without what nobody asks: which properties were looked at (only `unevaluatedProperties` would)
 * and at which place of the schema an error arose (our words are made from keyword and limits). What stands on a
 * function also keeps it from being left out of a file that does not need it.
 */
function lean(compiled) {
  if (schemas.some((schema) => JSON.stringify(schema).includes('"unevaluated'))) {
    throw new Error("a schema asks for unevaluated properties: keep what lean() leaves out");
  }
  const kept = compiled
    .replace(/validate\d+\.evaluated = \{[^;]*\};/g, "")
    .replace(/const evaluated\d+ = validate\d+\.evaluated;(if\(evaluated\d+\.dynamic\w+\)\{[^}]*\})*/g, "")
    .replace(/evaluated\d+\.(props|items) = (props|items)\d+;/g, "")
    .replace(/,schemaPath:"[^"]*"/g, "");
  const left = /evaluated|schemaPath/.exec(kept);
  if (left !== null) throw new Error(`Ajv writes otherwise than lean() knows: ${kept.substr(left.index - 80, 200)}`);
  return `${collected(inPlace(kept))}
function noted(all,error){if(all===null)return [error];all.push(error);return all;}`;
}

/**
 * What a schema allows is written where it is said (`schema35.properties.unit.enum` → its list), so that the schema itself,
 * which nobody else asks for, is left out of the file.
 */
function inPlace(code) {
  const schemasByName = new Map(
    [...code.matchAll(/const (schema\d+) = (\{[^\n]*?\});(?=const |function |export |var |let |$)/g)].map(
      ([, name, json]) => [name, JSON.parse(json)],
    ),
  );
  return code.replace(/\b(schema\d+)((?:\.\w+|\["[^"]*"\]|\[\d+\])+)/g, (whole, name, path) => {
    let value = schemasByName.get(name);
    for (const [, word, quoted, index] of path.matchAll(/\.(\w+)|\["([^"]*)"\]|\[(\d+)\]/g))
      value = value?.[word ?? quoted ?? index];
    return value === undefined ? whole : JSON.stringify(value);
  });
}

/** Every error is put on the list by one function instead of four lines each. */
function collected(code) {
  const few = code.replace(
    /const (err\d+) = (\{[^;]*\});if\(vErrors === null\)\{vErrors = \[\1\];\}else \{vErrors\.push\(\1\);\}/g,
    "vErrors = noted(vErrors, $2);",
  );
  if (few === code) throw new Error("Ajv collects its errors otherwise than collected() knows");
  return few;
}

const out = new URL("generated/", folder);
await rm(out, { recursive: true, force: true });
await mkdir(out, { recursive: true });
// A file a schema, what several need in files of its own: a page loads what it checks by, and nothing twice.
const declared = declarations(code);
const own = new URL("..", import.meta.url).pathname;
const { outputFiles } = await build({
  entryPoints: exported.map((name) => ({ in: `part:${functionOf(name)}`, out: name })),
  outdir: out.pathname,
  chunkNames: "shared-[hash]",
  plugins: [
    {
      name: "parts",
      setup({ onResolve, onLoad }) {
        onResolve({ filter: /^part:/ }, ({ path }) => ({ path, namespace: "part", sideEffects: false }));
        onLoad({ filter: /.*/, namespace: "part" }, ({ path }) => ({
          contents: moduleOf(path.slice("part:".length)),
          // Ajv's standalone output still asks for its helpers with require(): they are bundled in.
          resolveDir: own,
        }));
      },
    },
  ],
  bundle: true,
  splitting: true,
  format: "esm",
  write: false,
  target: "es2022",
});
for (const { path, text } of outputFiles) await writeFile(path, `// Generated by scripts/compile-schemas.mjs\n${text}`);
for (const name of exported) {
  await writeFile(
    new URL(`${name}.d.ts`, out),
    `// Generated by scripts/compile-schemas.mjs
import type { SchemaCheck } from "./check.d.ts";
export declare const ${functionOf(name)}: SchemaCheck;
`,
  );
}

/** What the code declares at its top, by name. */
function declarations(text) {
  const file = ts.createSourceFile("all.js", text, ts.ScriptTarget.ES2022, true);
  const found = new Map();
  for (const statement of file.statements) {
    const names = ts.isVariableStatement(statement)
      ? statement.declarationList.declarations.map(({ name }) => name.text)
      : statement.name === undefined
        ? []
        : [statement.name.text];
    for (const name of names)
      found.set(name, { text: statement.getText().replace(/^export /, ""), uses: used(statement) });
  }
  return found;
}

/** All names that stand in a part of the code. */
function used(node, names = new Set()) {
  if (ts.isIdentifier(node)) names.add(node.text);
  ts.forEachChild(node, (child) => void used(child, names));
  return names;
}

/** One declaration as a module of its own. */
function moduleOf(name) {
  const { text, uses } = declared.get(name);
  const needed = [...uses].filter((each) => each !== name && declared.has(each));
  return `${needed.map((each) => `import { ${each} } from "part:${each}";`).join("\n")}
${text}
export { ${name} };`;
}

await writeFile(
  new URL("check.d.ts", out),
  `// Generated by scripts/compile-schemas.mjs
export interface SchemaError {
  readonly instancePath: string;
  readonly keyword: string;
  readonly params: Readonly<Record<string, unknown>>;
}
export interface SchemaCheck {
  (data: unknown): boolean;
  errors?: readonly SchemaError[] | null;
}
`,
);
console.log(`compiled ${names.length} schemas`);
