import type { Camera } from "../../core/camera/container/index.ts";
import { billOfMaterials, cutParts, PAPERS, type Paper } from "../../core/make/cutsheet/index.ts";
import { kitPages } from "../../core/make/kit/index.ts";
import { type BuildStep, USUAL_TIMES } from "../../core/make/steps/index.ts";
import { ideal, inMm } from "../../core/testing/cameras.ts";
import { readDesign } from "../../features/bench/readings/reading.ts";
import { readingRows } from "../../features/bench/readings/readingRows.ts";
import { cutOrder } from "../../features/make/cutOrder.ts";
import { stepsOf } from "../../features/make/stepsOf.ts";
import { saidBill } from "../../wording/make/billWords.ts";
import { kitTexts } from "../../wording/make/kitWords.ts";

/** All that a maker reads of a camera on its way from the container to the hand. */
export interface Papers {
  readonly steps: readonly BuildStep[];
  readonly stepWords: string;
  readonly partWords: string;
  readonly bill: string;
  readonly kit: string;
  readonly readings: string;
  readonly verdicts: string;
}

/** What is said of a camera, by place. */
export function papersOf(camera: Camera): Papers {
  const order = cutOrder(camera, inMm, null);
  const steps = stepsOf(order);
  const bill = saidBill(billOfMaterials(order, 1), inMm);
  const pages = kitPages({
    cut: order,
    steps,
    count: 4,
    paper: PAPERS[0] as Paper,
    shopping: saidBill(billOfMaterials(order, 4), inMm),
    pack: bill,
    times: USUAL_TIMES,
    opens: 840,
    date: "1 May 2026",
    hangings: [],
    texts: kitTexts,
  });
  const reading = readDesign(camera, ideal, inMm);
  const labels = (marks: readonly { readonly kind: string }[]): string =>
    marks.flatMap((mark) => ("text" in mark ? [String(mark.text)] : [])).join("\n");
  return {
    steps,
    stepWords: steps
      .map(({ title, what, why, caution, tools }) => `${title}. ${what} ${why} ${caution ?? ""} ${tools.join(", ")}`)
      .join("\n"),
    partWords: cutParts(order)
      .map(({ name, marks }) => `${name}\n${labels(marks)}`)
      .join("\n"),
    bill: bill.map((row) => `${row.name}: ${row.amount} (${row.why})`).join("\n"),
    kit: pages.map(({ scene }) => labels(scene.marks)).join("\n"),
    readings: readingRows(camera, reading, inMm)
      .map(({ name, figure, sentence }) => `${name}: ${figure}. ${sentence}`)
      .join("\n"),
    verdicts: reading.verdicts.map(({ title, sentence, button }) => `${title}. ${sentence} ${button ?? ""}`).join("\n"),
  };
}
