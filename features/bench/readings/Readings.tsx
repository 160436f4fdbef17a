import { useMemo } from "react";
import type { Camera } from "../../../core/camera/container/index.ts";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import type { Reading } from "./reading.ts";
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
      <dl>
        {rows.map(({ id, name, figure, sentence }) => (
          <div
            key={id}
            data-reading={id}
            className="grid grid-cols-[minmax(0,1fr)_auto] items-baseline gap-x-3 border-line border-b py-[0.42rem] last:border-b-0"
          >
            <dt className="text-quiet">{name}</dt>
            <dd className="whitespace-nowrap text-right font-semibold text-[1.16rem]">{figure}</dd>
            <dd className="col-span-2 text-[0.87rem] text-quiet leading-snug">{sentence}</dd>
          </div>
        ))}
      </dl>
    </Panel>
  );
}
