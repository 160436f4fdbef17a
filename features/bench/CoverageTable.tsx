import { type Camera, withSheet } from "../../core/container/index.ts";
import type { Coverage } from "../../core/sheet/index.ts";
import { Button } from "../../ui/Button.tsx";
import { cx } from "../../ui/cx.ts";
import { Panel } from "../../ui/Panel.tsx";
import { useLengthWords } from "../../ui/UnitContext.ts";
import type { EditDesign } from "./edit.ts";
import type { Reading } from "./reading.ts";

const ORDER = { whole: 0, trimmed: 1, no: 2 } as const;

/** Every sheet and frame: does it go in, what must be cut, how even is the light, how much of it is used. */
export function CoverageTable({
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
  const rows = [...reading.coverage].sort((a, b) => ORDER[a.fit] - ORDER[b.fit]);
  const stops = (value: number | null | undefined): string =>
    value === undefined ? "" : value === null ? "dark" : Math.max(0, value).toFixed(1);
  return (
    <Panel title="Sheets it takes">
      <div className="max-h-[26rem] overflow-auto">
        <table className="w-full text-left text-[0.93rem]">
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
            {rows.map((row) => {
              const current = film.format === row.format.id && film.width === row.width && film.height === row.height;
              return (
                <tr
                  key={row.format.id}
                  data-format={row.format.id}
                  data-fit={row.fit}
                  className={cx("border-line border-t", current && "bg-kraft-pale", row.fit === "no" && "text-quiet")}
                >
                  <td className="py-1 pr-3">{row.format.name}</td>
                  <td className="pr-3">{fitWords(row, words)}</td>
                  <td className="text-right">{stops(row.stops?.corner)}</td>
                  <td className="text-right">
                    {row.stops && `${stops(row.stops.edgeHorizontal)} · ${stops(row.stops.edgeVertical)}`}
                  </td>
                  <td className="text-right">{row.fit === "no" ? "" : `${Math.round(row.used * 100)} %`}</td>
                  <td className="w-20 text-right">
                    {row.fit !== "no" && !current && (
                      <Button
                        look="quiet"
                        className="min-h-8 px-2 py-0.5"
                        aria-label={`Use ${row.format.name}`}
                        onClick={() =>
                          onEdit(`sheet ${row.format.name}`, (now) =>
                            withSheet(now, { ...row, format: row.format.id, trimmed: row.fit === "trimmed" }),
                          )
                        }
                      >
                        Use
                      </Button>
                    )}
                    {current && <span className="stamp pr-2">in use</span>}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </Panel>
  );
}

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
