import { Suspense } from "react";
import { lazyPart } from "../page/lazyPart.tsx";
import type { ChartRules } from "./ChartCanvas.tsx";

export type { ChartScale } from "./ChartCanvas.tsx";

const ChartCanvas = lazyPart(() => import("./ChartCanvas.tsx"));

/** A chart, whose library is fetched with the first one that is shown. */
export function Chart(rules: ChartRules) {
  return (
    <Suspense fallback={<div className={rules.className} />}>
      <ChartCanvas {...rules} />
    </Suspense>
  );
}
