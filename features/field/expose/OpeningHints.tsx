import { useMemo } from "react";
import type { Camera } from "../../../core/camera/container/index.ts";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { planOf } from "../../../ui/records/planOf.ts";
import { openingWords } from "../count/openingWords.ts";

/** What is to be looked at before this camera’s hole opens in this light. */
export function OpeningHints({
  camera,
  seconds,
  ev,
}: {
  readonly camera: Camera;
  readonly seconds: number;
  readonly ev: number;
}) {
  const plan = useMemo(() => planOf(camera), [camera]);
  const words = useLengthWords();
  return (
    <ul className="list-disc pl-4">
      {openingWords(plan, seconds, ev, words).map((line) => (
        <li key={line}>{line}</li>
      ))}
    </ul>
  );
}
