import { useMemo } from "react";
import { mediumById } from "../../../catalogue/media.ts";
import { Disclosure } from "../../../ui/controls/Disclosure.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { Term } from "../../../ui/words/Term.tsx";
import { emulsionTells } from "../../../wording/darkroomWords.ts";
import { LyingSheet } from "./LyingSheet.tsx";
import { loadingLines } from "./loadingWords.ts";
import type { Loading } from "./useLoading.ts";

/** How the sheet lies, what is done in which order, and how to tell the emulsion in the dark. */
export function HowToLoad({ loading: { camera, plan, goesIn } }: { readonly loading: Loading }) {
  const length = useLengthWords();
  const lines = useMemo(() => loadingLines(plan, length), [plan, length]);
  return (
    <>
      <LyingSheet camera={camera} medium={mediumById(goesIn.medium)} />
      <Panel title="In this order">
        <ol className="list-decimal pl-6" data-loading-steps={lines.map(({ id }) => id).join(" ")}>
          {lines.map(({ id, words }) => (
            <li key={id} className="mb-1.5">
              {words}
            </li>
          ))}
        </ol>
      </Panel>
      <Disclosure title="Which side is the emulsion?" name="emulsion">
        <p className="mb-1">
          The <Term id="emulsion">emulsion</Term> faces the hole.
        </p>
        <ul className="list-disc pl-5">
          {emulsionTells.map(({ id, words }) => (
            <li key={id}>{words}</li>
          ))}
        </ul>
      </Disclosure>
    </>
  );
}
