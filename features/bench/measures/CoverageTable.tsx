import { memo, useCallback, useMemo, useRef } from "react";
import { formats } from "../../../catalogue/formats.ts";
import { type Camera, withSheet } from "../../../core/camera/container/index.ts";
import { type Coverage, coverage } from "../../../core/camera/sheet/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { cx } from "../../../ui/controls/cx.ts";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import type { EditDesign } from "../design/edit.ts";
import type { Reading } from "../readings/reading.ts";

const ORDER = { whole: 0, trimmed: 1, no: 2 } as const;

/** Every sheet and frame: does it go in, what must be cut, how even is the light, how much of it is used. */
export const CoverageTable = memo(function CoverageTable({
  camera,
  reading,
  onEdit,
}: {
  readonly camera: Camera;
  readonly reading: Reading;
  readonly onEdit: EditDesign;
}) {
  const words = useLengthWords();
  const { film } = camera.chambers[0];
  const rows = useMemo(
    () => [...coverage(camera, reading.medium, formats)].sort((a, b) => ORDER[a.fit] - ORDER[b.fit]),
    [camera, reading.medium],
  );
  const stops = (value: number | null | undefined): string =>
    value === undefined ? "" : value === null ? "dark" : Math.max(0, value).toFixed(1);
  const latest = useRef(rows);
  latest.current = rows;
  const use = useCallback(
    (id: string) => {
      const row = latest.current.find(({ format }) => format.id === id);
      if (row === undefined) return;
      const sheet = { ...row, format: id, trimmed: row.fit === "trimmed" };
      onEdit(`sheet ${row.format.name}`, (now) => withSheet(now, sheet));
    },
    [onEdit],
  );
  return (
    <Panel title="Sheets it takes">
      <div className="max-h-[26rem] overflow-auto">
        <table className="w-full min-w-[40rem] table-fixed text-left text-[0.93rem]">
          <thead className="sticky top-0 bg-board text-quiet">
            <tr>
              <th className="py-1 font-normal">Sheet</th>
              <th className="font-normal">Goes in</th>
              <th className="text-right font-normal">Corners, stops</th>
              <th className="text-right font-normal">Edges, stops</th>
              <th className="text-right font-normal">Used</th>
              <th />
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <SheetRow
                key={row.format.id}
                name={row.format.name}
                id={row.format.id}
                fit={row.fit}
                words={fitWords(row, words)}
                corner={stops(row.stops?.corner)}
                edges={row.stops ? `${stops(row.stops.edgeHorizontal)} · ${stops(row.stops.edgeVertical)}` : ""}
                used={row.fit === "no" ? "" : `${Math.round(row.used * 100)} %`}
                current={film.format === row.format.id && film.width === row.width && film.height === row.height}
                onUse={use}
              />
            ))}
          </tbody>
        </table>
      </div>
    </Panel>
  );
});

/** One format; drawn again only when something it says has changed. */
const SheetRow = memo(function SheetRow({
  id,
  name,
  fit,
  words,
  corner,
  edges,
  used,
  current,
  onUse,
}: {
  readonly id: string;
  readonly name: string;
  readonly fit: Coverage["fit"];
  readonly words: string;
  readonly corner: string;
  readonly edges: string;
  readonly used: string;
  readonly current: boolean;
  readonly onUse: (id: string) => void;
}) {
  return (
    <tr
      data-format={id}
      data-fit={fit}
      className={cx("border-line border-t", current && "bg-kraft-pale", fit === "no" && "text-quiet")}
    >
      <td className="py-1 pr-3">{name}</td>
      <td className="pr-3">{words}</td>
      <td className="text-right">{corner}</td>
      <td className="text-right">{edges}</td>
      <td className="text-right">{used}</td>
      <td className="w-20 text-right">
        {fit !== "no" && !current && (
          <Button look="quiet" className="min-h-8 px-2 py-0.5" aria-label={`Use ${name}`} onClick={() => onUse(id)}>
            Use
          </Button>
        )}
        {current && <span className="stamp pr-2">in use</span>}
      </td>
    </tr>
  );
});

function fitWords(row: Coverage, words: (mm: number) => string): string {
  switch (row.fit) {
    case "whole":
      return `whole, ${row.width >= row.height ? "lying" : "upright"}`;
    case "trimmed":
      return `trimmed to ${words(row.width)} × ${words(row.height)}`;
    case "no":
      return row.format.kind === "frame" ? "no" : "no: less than half would be left";
    default:
      return row.fit satisfies never;
  }
}
