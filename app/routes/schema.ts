import archive from "../../core/document/schemas/archive.schema.json";
import bottle from "../../core/document/schemas/bottle.schema.json";
import camera from "../../core/document/schemas/camera.schema.json";
import count from "../../core/document/schemas/count.schema.json";
import darkSettings from "../../core/document/schemas/dark-settings.schema.json";
import development from "../../core/document/schemas/development.schema.json";
import errors from "../../core/document/schemas/errors.schema.json";
import expose from "../../core/document/schemas/expose.schema.json";
import exposeAnswer from "../../core/document/schemas/expose-answer.schema.json";
import exposure from "../../core/document/schemas/exposure.schema.json";
import film from "../../core/document/schemas/film.schema.json";
import frame from "../../core/document/schemas/frame.schema.json";
import frameAnswer from "../../core/document/schemas/frame-answer.schema.json";
import hangSettings from "../../core/document/schemas/hang-settings.schema.json";
import hole from "../../core/document/schemas/hole.schema.json";
import holeAnswer from "../../core/document/schemas/hole-answer.schema.json";
import judgeAnswer from "../../core/document/schemas/judge-answer.schema.json";
import kind from "../../core/document/schemas/kind.schema.json";
import load from "../../core/document/schemas/load.schema.json";
import longTime from "../../core/document/schemas/long-time.schema.json";
import medium from "../../core/document/schemas/medium.schema.json";
import meter from "../../core/document/schemas/meter.schema.json";
import negative from "../../core/document/schemas/negative.schema.json";
import pack from "../../core/document/schemas/pack.schema.json";
import practice from "../../core/document/schemas/practice.schema.json";
import processing from "../../core/document/schemas/processing.schema.json";
import proof from "../../core/document/schemas/proof.schema.json";
import proofAnswer from "../../core/document/schemas/proof-answer.schema.json";
import recipe from "../../core/document/schemas/recipe.schema.json";
import records from "../../core/document/schemas/records.schema.json";
import settings from "../../core/document/schemas/settings.schema.json";
import solve from "../../core/document/schemas/solve.schema.json";
import solveAnswer from "../../core/document/schemas/solve-answer.schema.json";
import sun from "../../core/document/schemas/sun.schema.json";
import sunAnswer from "../../core/document/schemas/sun-answer.schema.json";
import trail from "../../core/document/schemas/trail.schema.json";
import { refused } from "../headless.ts";
import type { Route } from "./+types/schema";

const SCHEMAS: Readonly<Record<string, unknown>> = {
  archive,
  camera,
  count,
  "dark-settings": darkSettings,
  expose,
  "solve-answer": solveAnswer,
  "expose-answer": exposeAnswer,
  "sun-answer": sunAnswer,
  "frame-answer": frameAnswer,
  "judge-answer": judgeAnswer,
  "proof-answer": proofAnswer,
  errors,
  exposure,
  film,
  frame,
  "hang-settings": hangSettings,
  hole,
  "hole-answer": holeAnswer,
  kind,
  load,
  "long-time": longTime,
  medium,
  meter,
  negative,
  pack,
  bottle,
  development,
  practice,
  processing,
  proof,
  recipe,
  records,
  settings,
  solve,
  sun,
  trail,
};

/** The JSON Schemas of every format, under `/schema/`. */
export function loader({ params }: Route.LoaderArgs): Response {
  const name = params.name.replace(/(\.schema)?\.json$/, "");
  const schema = Object.hasOwn(SCHEMAS, name) ? SCHEMAS[name] : undefined;
  if (schema === undefined) {
    const names = Object.keys(SCHEMAS).map((name) => `${name}.schema.json`);
    return refused(404, [{ path: "", message: `is not one of ${names.join(", ")}` }]);
  }
  return Response.json(schema, { headers: { "Content-Type": "application/schema+json" } });
}
