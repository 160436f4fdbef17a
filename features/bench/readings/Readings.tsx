import { memo, Suspense, useMemo, useState } from "react";
import type { Camera } from "../../../core/camera/container/index.ts";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { lazyPart } from "../../../ui/page/lazyPart.tsx";
import { Term } from "../../../ui/words/Term.tsx";
import { firstClause } from "./firstClause.ts";
import { ReadDesign } from "./ReadDesign.ts";
import type { Reading } from "./reading.ts";
import type { ReadingRow } from "./readingRow.ts";
import { readingRows } from "./readingRows.ts";

/** Drawn once it is unfolded. */
const NearPicture = lazyPart(() => import("./NearPicture.tsx"));

/** Every reading with its sentence. */
export function Readings({
  camera,
  reading,
  hole,
}: {
  readonly camera: Camera;
  readonly reading: Reading;
  readonly hole: number;
}) {
  const words = useLengthWords();
  const rows = useMemo(() => readingRows(camera, reading, words, hole), [camera, reading, words, hole]);
  return (
    <Panel title="What it will do">
      <ReadDesign value={useMemo(() => ({ camera, reading }), [camera, reading])}>
        <dl className="print:grid print:grid-cols-2 print:gap-x-6">
          {rows.map((row) => (
            <ReadingLine key={row.id} {...row} />
          ))}
        </dl>
      </ReadDesign>
    </Panel>
  );
}

/** One reading. An edit leaves some as they were: these are not drawn again. */
const ReadingLine = memo(function ReadingLine({ id, name, term, figure, sentence, isDrawn = false }: ReadingRow) {
  return (
    <div
      data-reading={id}
      className="grid grid-cols-[minmax(0,1fr)_auto] items-baseline gap-x-3 border-line border-b py-[0.3rem] last:border-b-0"
    >
      <dt className="text-quiet">{term === undefined ? name : <Term id={term}>{name}</Term>}</dt>
      <dd className="whitespace-nowrap text-right font-semibold text-[1.16rem]">{figure}</dd>
      <dd className="col-span-2 text-[0.87rem] text-quiet leading-snug">
        <Sentence of={name} words={sentence} isDrawn={isDrawn} />
      </dd>
    </div>
  );
});

/** What a reading means: its first clause, the rest behind a press. On paper all of it. */
function Sentence({ of, words, isDrawn }: { readonly of: string; readonly words: string; readonly isDrawn: boolean }) {
  const [isOpen, setOpen] = useState(false);
  const [first, rest] = firstClause(words);
  if (rest === "" && !isDrawn) return first;
  return (
    <>
      <details className="print:hidden" onToggle={({ currentTarget }) => setOpen(currentTarget.open)}>
        <summary
          className="cursor-pointer list-none"
          aria-label={`${first} ${isDrawn ? `Draw it: ${of}` : `More on ${of}`}`}
        >
          {first}{" "}
          <span className="whitespace-nowrap underline decoration-line underline-offset-4">
            {isDrawn ? "draw it" : "more"}
          </span>
        </summary>
        {rest}
        {isDrawn && isOpen && (
          <Suspense>
            <NearPicture />
          </Suspense>
        )}
      </details>
      <span className="hidden print:inline">{words}</span>
    </>
  );
}
