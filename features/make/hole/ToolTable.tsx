import { type HoleWay, pads } from "../../../catalogue/holeWays.ts";
import { type ToolRow, tools } from "../../../catalogue/tools.ts";
import { RADIANS } from "../../../core/basis/units/index.ts";
import { type HoleToMake, shareOf } from "../../../core/camera/holeToMake/index.ts";
import { type ConicalTip, type Suited, suitedTools } from "../../../core/make/steps/index.ts";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { NeedleTurns } from "./NeedleTurns.tsx";

const MOST_TOOLS = 8;

type ToolTip = ConicalTip & { readonly row: ToolRow };

const TIPS: readonly ToolTip[] = tools.map((row) => ({
  id: row.id,
  shaft: row.shaft,
  tip: row.tipDeg === null ? null : row.tipDeg * RADIANS,
  row,
}));

/** Which tools leave such a hole, and what each would keep. */
export function ToolTable({
  way,
  toMake,
  measured,
}: {
  readonly way: HoleWay | undefined;
  readonly toMake: HoleToMake;
  /** Diameter of the hole that is there already, mm. */
  readonly measured: number | null;
}) {
  const words = useLengthWords();
  const { target, band } = toMake;
  const rows = alike(suitedTools(TIPS, target, band)).slice(0, MOST_TOOLS);
  const dented = way?.id === "dimple";
  return (
    <Panel title="With what, and how deep">
      <div className="grid gap-x-8 gap-y-4 xl:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <div>
          <table className="w-full text-[0.93rem]">
            <thead>
              <tr className="border-line border-b text-left text-quiet">
                <th className="py-1 font-normal">Tool</th>
                <th className="py-1 pl-2 font-normal">leaves</th>
                <th className="py-1 pl-2 font-normal">keeps</th>
                <th className="py-1 pl-2 font-normal">{dented ? "dent as deep as" : "through by"}</th>
              </tr>
            </thead>
            <tbody>
              {rows.map(({ names, sources, spread, diameter, depth, play, inBand }) => (
                <tr key={names.join()} className="border-line border-b" title={sources}>
                  <td className="py-1">{inOne(names)}</td>
                  <td className="py-1 pl-2 tabular-nums">
                    {words(diameter, 3)}
                    {depth === null && ` ± ${words(spread, 2)}`}
                    {inBand ? "" : diameter > target ? " (large)" : " (small)"}
                  </td>
                  <td className="whitespace-nowrap py-1 pl-2 tabular-nums">
                    {Math.round(100 * shareOf(diameter, toMake))} %
                  </td>
                  <td className="whitespace-nowrap py-1 pl-2 tabular-nums">
                    {depth === null ? "right through" : `${words(depth, 2)} ± ${words(play ?? 0, 2)}`}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="mt-2 text-[0.93rem] text-quiet">
            {dented
              ? "The dent is sanded open, so its depth sets the width. "
              : "“Through by” is how far the tip stands out behind: its cone makes the width. "}
            “Keeps” is the share of the sharpest hole’s finest detail. Sizes and tips of needles are from memory and
            differ by maker; drills are those of ANSI B94.11M. What is pushed or drilled right through differs from hole
            to hole by about the ± that stands there: measure yours.
          </p>
        </div>
        <div className="grid content-start gap-4">
          {way?.isTurned && rows.some(({ depth }) => depth !== null) && (
            <NeedleTurns toMake={toMake} measured={measured} />
          )}
          {way?.mount !== "wall" && (
            <ul className="grid gap-1 text-[0.93rem]">
              {pads.map(({ id, name, effect }) => (
                <li key={id}>
                  <strong className="font-semibold">{name}</strong> under the plate: {effect}.
                </li>
              ))}
            </ul>
          )}
        </div>
      </div>
    </Panel>
  );
}

type ToolLine = Omit<Suited<ToolTip>, "tool"> & {
  readonly names: readonly string[];
  readonly sources: string;
  readonly spread: number;
};

/** Names that begin alike, said once: “Sewing needle no. 12, 10, 9”. */
function inOne([first = "", ...others]: readonly string[]): string {
  const start = first.slice(0, first.lastIndexOf(" ") + 1);
  return [first, ...others.map((name) => (name.startsWith(start) ? name.slice(start.length) : name))].join(", ");
}

/** Tools that do the same thing to the same depth share a line. */
function alike(suited: readonly Suited<ToolTip>[]): readonly ToolLine[] {
  const lines = new Map<string, ToolLine>();
  for (const { tool, ...made } of suited) {
    const key = made.depth === null ? tool.id : `${made.diameter} ${made.depth}`;
    const before = lines.get(key);
    lines.set(key, {
      ...made,
      names: [...(before?.names ?? []), tool.row.name],
      sources: tool.row.source,
      spread: tool.row.spread,
    });
  }
  return [...lines.values()];
}
