import { fitted, line, rectangle } from "../../../basis/drawing/index.ts";
import { note, type Part } from "./part.ts";

/** What a bottle's label says, in words. */
export interface BottleLabel {
  readonly name: string;
  /** “1+9, 500 ml”. */
  readonly mixture: string;
  readonly mixed: string;
  readonly keeps: string;
  readonly bears: string;
  readonly caution: string;
}

/** A label for a bottle, mm. */
const LABEL = { width: 86, height: 54 } as const;

/**
 * A label for a bottle of working solution: what it is, when it was mixed, what it bears, a tally of what went through it.
 *
 * @returns a part at true size, mm
 * @source label and date what is reused: common practice
 * @example bottleLabel({ name: "Fixer", mixture: "1+4, 500 ml", … }).width // 86
 */
export function bottleLabel({ name, mixture, mixed, keeps, bears, caution }: BottleLabel): Part {
  return {
    id: "bottle-label",
    name: "Label for a bottle",
    ...LABEL,
    of: "paper",
    marks: [
      rectangle("cut", { x: 0, y: 0, ...LABEL }),
      note(fitted(name, 5.5, LABEL.width - 8, "stamp"), { x: 4, y: 8 }, { layer: "stamp", size: 5.5 }),
      note(mixture, { x: 4, y: 16 }, { size: 4.5 }),
      note(`mixed ${mixed} · keeps till ${keeps}`, { x: 4, y: 23 }, { size: 3 }),
      note(bears, { x: 4, y: 28.5 }, { size: 3 }),
      note("sheets through it:", { x: 4, y: 35 }, { size: 2.6 }),
      line("guide", { x: 27, y: 36 }, { x: LABEL.width - 4, y: 36 }),
      line("guide", { x: 4, y: 42.5 }, { x: LABEL.width - 4, y: 42.5 }),
      note(caution, { x: 4, y: 47 }, { size: 2.6 }),
      note("Not for drinking. Away from children. Data sheet and local rules count.", { x: 4, y: 51 }, { size: 2.3 }),
    ],
  };
}
