import { readdirSync, readFileSync } from "node:fs";
import Ajv from "ajv/dist/2020.js";
import { parseSun } from "../core/document/index.ts";
import { skyTools } from "../workers/jobs/sun/skyTools.ts";
import { action as expose } from "./routes/api.expose.ts";
import { action as frame } from "./routes/api.frame.ts";
import { action as solve } from "./routes/api.solve.ts";

interface Described {
  readonly post: {
    readonly requestBody: { readonly content: Readonly<Record<string, { readonly example?: unknown }>> };
    readonly responses: Readonly<Record<string, unknown>>;
  };
}
const text = readFileSync("docs/openapi.json", "utf8");
const { paths } = JSON.parse(text) as { readonly paths: Readonly<Record<string, Described>> };
const SCHEMAS = "core/document/schemas";
const exampleOf = (path: string): unknown => paths[path]?.post.requestBody.content["application/json"]?.example;

test("it describes the headless routes that there are, and no others", () => {
  const routes = readdirSync("app/routes").flatMap((name) => /^api\.(\w+)\.ts$/.exec(name)?.[1] ?? []);
  const described = Object.keys(paths).map((path) => path.replace("/api/", ""));
  // What the demonstration's server hands out is no format of ours.
  expect(described.sort()).toEqual(routes.filter((name) => name !== "demo").sort());
  for (const { post } of Object.values(paths))
    expect(Object.keys(post.responses)).toEqual(["200", "400", "405", "413", "422", "503"]);
});

test("every schema it points to is one of those that are served", () => {
  const named = [...text.matchAll(/"\$ref": "\/schema\/([^"]+)"/g)].map(([, name]) => name as string);
  expect(named.length).toBeGreaterThan(20);
  const served = readdirSync(SCHEMAS);
  for (const name of named) expect(served).toContain(name);
});

test.each([
  ["solve", solve],
  ["expose", expose],
  ["frame", frame],
] as const)("its example for %s is answered as its schema says", async (name, action) => {
  const request = new Request(`http://localhost/api/${name}`, {
    method: "POST",
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify(exampleOf(`/api/${name}`)),
  });
  const answer = await action({ request, params: {}, context: {} } as never);
  expect(answer.status).toBe(200);
  const schema = JSON.parse(readFileSync(`${SCHEMAS}/${name}-answer.schema.json`, "utf8")) as object;
  const valid = new Ajv({ allErrors: true, allowUnionTypes: true }).compile(schema);
  expect([valid(await answer.json()), valid.errors]).toEqual([true, null]);
});

test("its example for the sun is one that the route takes", () => {
  expect(parseSun(exampleOf("/api/sun"), skyTools.calendar)).toMatchObject({ ok: true });
});
