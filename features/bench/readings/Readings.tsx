import { memo, useMemo } from "react";
import type { Camera } from "../../../core/camera/container/index.ts";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { Term } from "../../../ui/words/Term.tsx";
import { firstClause } from "./firstClause.ts";
import type { Reading } from "./reading.ts";
import type { ReadingRow } from "./readingRow.ts";
import { readingRows } from "./readingRows.ts";

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
      <dl className="print:grid print:grid-cols-2 print:gap-x-6">
        {rows.map((row) => (
          <ReadingLine key={row.id} {...row} />
        ))}
      </dl>
    </Panel>
  );
}

/** One reading. An edit leaves some as they were: these are not drawn again. */
const ReadingLine = memo(function ReadingLine({ id, name, term, figure, sentence }: ReadingRow) {
  return (
    <div
      data-reading={id}
      className="grid grid-cols-[minmax(0,1fr)_auto] items-baseline gap-x-3 border-line border-b py-[0.3rem] last:border-b-0"
    >
      <dt className="text-quiet">{term === undefined ? name : <Term id={term}>{name}</Term>}</dt>
      <dd className="whitespace-nowrap text-right font-semibold text-[1.16rem]">{figure}</dd>
      <dd className="col-span-2 text-[0.87rem] text-quiet leading-snug">
        <Sentence of={name} words={sentence} />
      </dd>
    </div>
  );
});

/** What a reading means: its first clause, the rest behind a press. On paper all of it. */
function Sentence({ of, words }: { readonly of: string; readonly words: string }) {
  const [first, rest] = firstClause(words);
  if (rest === "") return first;
  return (
    <>
      <details className="print:hidden">
        <summary className="cursor-pointer list-none" aria-label={`${first} More on ${of}`}>
          {first} <span className="whitespace-nowrap underline decoration-line underline-offset-4">more</span>
        </summary>
        {rest}
      </details>
      <span className="hidden print:inline">{words}</span>
    </>
  );
}
