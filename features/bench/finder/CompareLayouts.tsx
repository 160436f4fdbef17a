import type { ReactNode } from "react";
import { formatFNumber } from "../../../core/basis/units/index.ts";
import { type Found, layoutSketch } from "../../../core/bench/finder/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { SvgScene } from "../../../ui/drawing/SvgScene.tsx";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { layoutWords } from "../../../wording/finderWords.ts";

/** Up to four layouts side by side. */
export function CompareLayouts({
  found,
  time,
  onUse,
}: {
  readonly found: readonly Found[];
  /** Writes a metered time as this medium needs it. */
  readonly time: (seconds: number) => string;
  readonly onUse: (found: Found) => void;
}) {
  const words = useLengthWords();
  const rows: readonly (readonly [string, (each: Found) => ReactNode])[] = [
    ["Sheet", ({ layout }) => `${layout.format.name}, ${words(layout.film.width)} × ${words(layout.film.height)}`],
    ["How", ({ layout }) => layoutWords(layout)],
    ["Hole", ({ layout }) => words(layout.diameter, 3)],
    ["f-number", ({ merits }) => formatFNumber(merits.fNumber)],
    ["Full sun", ({ merits }) => time(merits.seconds)],
    ["View across", ({ merits }) => `${merits.view.toFixed(0)}°`],
    ["Corners, stops lost", ({ merits }) => (merits.corner === null ? "dark" : Math.max(0, merits.corner).toFixed(1))],
    ["Line pairs, short side", ({ merits }) => Math.round(merits.pairs)],
    ["Sheet used", ({ layout }) => `${Math.round(layout.used * 100)} %`],
  ];
  return (
    <div className="mt-4 overflow-x-auto border border-ink bg-card p-3" data-compare={found.length}>
      <table className="w-full text-left text-[0.93rem]">
        <caption className="stamp mb-2 text-left">Side by side</caption>
        <thead>
          <tr>
            <td />
            {found.map((each) => {
              const scene = layoutSketch(each.layout);
              return (
                <th
                  key={`${each.layout.format.id}${layoutWords(each.layout)}`}
                  className="pb-2 pl-4 font-normal"
                  scope="col"
                >
                  <div className="size-20">
                    <SvgScene scene={scene} pixel={scene.bounds.width / 80} title={layoutWords(each.layout)} />
                  </div>
                </th>
              );
            })}
          </tr>
        </thead>
        <tbody>
          {rows.map(([name, value]) => (
            <tr key={name} className="border-line border-t align-top">
              <th scope="row" className="py-1 pr-3 font-normal text-quiet">
                {name}
              </th>
              {found.map((each) => (
                <td key={`${each.layout.format.id}${layoutWords(each.layout)}`} className="py-1 pl-4">
                  {value(each)}
                </td>
              ))}
            </tr>
          ))}
          <tr>
            <td />
            {found.map((each) => (
              <td key={`${each.layout.format.id}${layoutWords(each.layout)}`} className="pt-2 pl-4">
                <Button onClick={() => onUse(each)}>Make it this</Button>
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </div>
  );
}
