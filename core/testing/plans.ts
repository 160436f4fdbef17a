import type { Camera } from "../camera/container/index.ts";
import type { SheetFormat } from "../camera/sheet/index.ts";
import { type BuildPlan, buildPlan, type PlanCatalogue } from "../make/plan/index.ts";
import { ideal, PAPER_LIGHT } from "./cameras.ts";

const sheet = (id: string, name: string, width: number, height: number, cutFrom?: string): SheetFormat => ({
  id,
  name,
  width,
  height,
  kind: cutFrom === undefined ? "sheet" : "trim",
  source: "",
  ...(cutFrom === undefined ? {} : { cutFrom }),
});

/** A few sheets as the catalogue has them. */
const FORMATS: readonly SheetFormat[] = [
  sheet("in-8x10", "8×10 in", 254, 203.2),
  sheet("in-5x7", "5×7 in", 177.8, 127),
  sheet("trim-4x7", "4×7 in, cut from 5×7", 177.8, 101.6, "in-5x7"),
  { ...sheet("film-6x9", "120 film, 6×9", 84, 56), kind: "frame" },
  { ...sheet("film-6x9-strips", "120 film, 6×9 piece of which 6×6 is seen", 60, 60), kind: "frame", piece: 90 },
  sheet("trim-1.75-square", "1 3/4 in square, cut", 44.45, 44.45, "in-5x7"),
];

/** What a plan of a test is made with. */
export const planCatalogue: PlanCatalogue = { formats: FORMATS, light: PAPER_LIGHT, ideal };

/** The plan of a camera. */
export function planFor(camera: Camera): BuildPlan {
  return buildPlan(camera, planCatalogue);
}

/** A camera with ways chosen where makers disagree. */
export function withChoices(camera: Camera, choices: Readonly<Record<string, string>>): Camera {
  return { ...camera, making: { ...camera.making, choices: { ...camera.making?.choices, ...choices } } };
}

/** A camera whose sheet is of a catalogued format. */
export function withFormatOf(camera: Camera, format: string): Camera {
  const [chamber, ...others] = camera.chambers;
  return { ...camera, chambers: [{ ...chamber, film: { ...chamber.film, format } }, ...others] };
}
