import Ajv, { type ValidateFunction } from "ajv/dist/2020.js";

const compiled = new Map<string, Promise<ValidateFunction>>();

/** The schema of a route's answer, as the server itself gives it. */
function schemaAt(address: string): Promise<ValidateFunction> {
  const known = compiled.get(address);
  if (known !== undefined) return known;
  const fetched = fetch(address).then(async (answer) =>
    new Ajv({ allowUnionTypes: true }).compile(await answer.json()),
  );
  compiled.set(address, fetched);
  return fetched;
}

/** Asks a headless route, and holds what it answers against the schema that the server publishes for it. */
export async function asked(url: string, init: RequestInit = {}): Promise<Response> {
  const answer = await fetch(url, init);
  const { origin, pathname } = new URL(url);
  const [, route] = /^\/api\/(\w+)$/.exec(pathname) ?? [];
  if (route === undefined || !/json/.test(answer.headers.get("content-type") ?? "")) return answer;
  const name = answer.ok ? `${route}-answer` : "errors";
  const valid = await schemaAt(`${origin}/schema/${name}.schema.json`);
  if (!valid(await answer.clone().json()))
    throw new Error(`${pathname}: not as ${name}: ${JSON.stringify(valid.errors)}`);
  return answer;
}
