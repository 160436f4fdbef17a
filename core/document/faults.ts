import type { Fault } from "../light/solve/index.ts";
import type { SchemaCheck, SchemaError } from "./generated/check.d.ts";

/** Keywords that only say that a branch failed; the branch's own errors say what is wrong. */
const ECHOES = new Set(["if", "anyOf", "oneOf", "allOf"]);

/**
 * What a schema finds wrong with data, one fault a place, in words that say what is allowed.
 *
 * @param check compiled schema
 * @param data anything
 * @returns faults, empty when the data is valid
 */
export function schemaFaults(check: SchemaCheck, data: unknown): readonly Fault[] {
  if (check(data)) return [];
  const faults = new Map<string, Fault>();
  for (const error of check.errors ?? []) {
    if (ECHOES.has(error.keyword)) continue;
    const path = error.instancePath + (error.keyword === "required" ? `/${pointer(error.params.missingProperty)}` : "");
    if (!faults.has(path)) faults.set(path, { path, message: wording(error) });
  }
  return [...faults.values()];
}

/** RFC 6901: ~ and / inside a name are written ~0 and ~1. */
function pointer(name: unknown): string {
  return String(name).replace(/~/g, "~0").replace(/\//g, "~1");
}

function wording({ keyword, params }: SchemaError): string {
  switch (keyword) {
    case "required":
      return "is required";
    case "type":
      return `must be ${listed([params.type].flat(), (type) => TYPE_NAMES[String(type)] ?? String(type))}`;
    case "const":
      if (params.allowedValue === "best") return 'must be a number from 0.001 to 10, or "best"';
      return `must be ${JSON.stringify(params.allowedValue)}`;
    case "enum":
      return `must be ${listed(params.allowedValues as unknown[], (value) => JSON.stringify(value))}`;
    case "minimum":
      return `must be ${params.limit} or more`;
    case "maximum":
      return `must be ${params.limit} or less`;
    case "exclusiveMinimum":
      return `must be above ${params.limit}`;
    case "exclusiveMaximum":
      return `must be below ${params.limit}`;
    case "minItems":
      return `must have at least ${params.limit} entry`;
    case "minLength":
      return "must not be empty";
    case "maxLength":
      return `must have at most ${params.limit} characters`;
    case "uniqueItems":
      return "must not hold the same entry twice";
    case "maxItems":
      return `must have at most ${params.limit} entries`;
    case "pattern":
      return String(params.pattern).startsWith(NAME_START)
        ? "must be a name without slashes or control characters, and neither . nor .."
        : `must be written as ${params.pattern}`;
    default:
      return "is not valid";
  }
}

/** How the pattern of ids begins: they stand in addresses. */
const NAME_START = "^(?!\\.{1,2}$)";

const TYPE_NAMES: Readonly<Record<string, string>> = {
  number: "a number",
  integer: "a whole number",
  string: "a text",
  boolean: "true or false",
  object: "an object",
  array: "a list",
  null: "null",
};

function listed(values: readonly unknown[], name: (value: unknown) => string): string {
  return values.map((value) => name(value)).join(" or ");
}
