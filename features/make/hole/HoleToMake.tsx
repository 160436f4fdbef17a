import { holeWays, pads } from "../../../catalogue/holeWays.ts";
import { plates } from "../../../catalogue/plates.ts";
import { type ToolRow, tools } from "../../../catalogue/tools.ts";
import { type Camera, holeAt, type Making, withHole } from "../../../core/camera/container/index.ts";
import { bandWords, type JudgedHole, shareOf } from "../../../core/camera/holeToMake/index.ts";
import { type ConicalTip, suitedTools } from "../../../core/make/steps/index.ts";
import { Choice } from "../../../ui/Choice.tsx";
import { LengthField } from "../../../ui/LengthField.tsx";
import { Panel } from "../../../ui/Panel.tsx";
import { useLengthWords } from "../../../ui/UnitContext.ts";

const RADIANS = Math.PI / 180;
const MOST_TOOLS = 8;

type ToolTip = ConicalTip & { readonly row: ToolRow };

const TIPS: readonly ToolTip[] = tools.map((row) => ({
  id: row.id,
  shaft: row.shaft,
  tip: row.tipDeg === null ? null : row.tipDeg * RADIANS,
  row,
}));

/** What hole is wanted, in which plate, by which way, with what and how deep. */
export function HoleToMake({
  camera,
  judged,
  edit,
}: {
  readonly camera: Camera;
  readonly judged: JudgedHole;
  readonly edit: (label: string, change: (camera: Camera) => Camera) => void;
}) {
  const words = useLengthWords();
  const { toMake } = judged;
  const { target, best, band } = toMake;
  const making = camera.making ?? {};
  const thickness = holeAt(camera).plateThickness ?? 0;
  const plate = plates.find(({ id }) => id === making.plate) ?? plates.find((row) => row.thickness === thickness);
  const way = holeWays.find(({ id }) => id === making.way) ?? holeWays[0];
  const keep = (label: string, next: Making): void =>
    edit(label, (from) => ({ ...from, making: { ...from.making, ...next } }));
  const suited = suitedTools(TIPS, target, band).slice(0, MOST_TOOLS);
  return (
    <div className="grid content-start gap-6">
      <Panel title="Hole to make">
        <p className="font-semibold text-[2rem] tabular-nums leading-tight" data-target>
          {words(target, 3)}
        </p>
        <p data-band>{bandWords(toMake, words)} Don’t fuss.</p>
        {Math.abs(target / best - 1) > 0.005 && (
          <p className="mt-1 text-quiet">
            You asked for {words(target, 3)}: it keeps {Math.round(100 * shareOf(target, toMake))} % of that detail.
          </p>
        )}
      </Panel>
      <Panel title="Plate and way">
        <div className="grid gap-3 sm:grid-cols-2">
          <div className="sm:col-span-2">
            <Choice
              label="Plate"
              value={plate?.id ?? "own"}
              options={[
                ...plates.map(({ id, name, thickness: t }) => ({ id, name: `${name}, ${words(t, 3)}` })),
                { id: "own", name: "Own" },
              ]}
              onChoose={(id) => {
                const row = plates.find((each) => each.id === id);
                edit("choose a plate", (from) => {
                  const next = { ...from, making: { ...from.making, plate: id } };
                  return row ? withHole(next, { plateThickness: row.thickness }) : next;
                });
              }}
            />
          </div>
          <LengthField
            label="Thickness"
            name="plateThickness"
            value={thickness}
            digits={3}
            onTake={(mm) => {
              if (mm === null || mm < 0 || mm > 2) return "A plate is 0 to 2 mm thick.";
              edit("plate thickness", (from) =>
                withHole({ ...from, making: { ...from.making, plate: "own" } }, { plateThickness: mm }),
              );
              return null;
            }}
          />
          <Choice
            label="Way"
            value={way?.id ?? null}
            options={holeWays}
            onChoose={(id) => keep("choose a way", { way: id })}
          />
        </div>
        {way && (
          <>
            <p className="mt-2">{way.sentence}</p>
            {plate && !way.plates.includes(plate.id) && (
              <p role="status" className="mt-1 border-kraft border-l-4 pl-2">
                {plate.name} does not suit this way:{" "}
                {plate.id === "foil" ? "it tears and cannot be sanded" : "it is too thick to push through cleanly"}.
              </p>
            )}
            <ol className="mt-2 grid list-decimal gap-2 pl-5">
              {way.steps.map(({ what, why, caution }) => (
                <li key={what}>
                  {what} <span className="text-[0.93rem] text-quiet">{why}</span>
                  {caution && <p className="border-action border-l-4 pl-2 text-[0.93rem]">{caution}</p>}
                </li>
              ))}
            </ol>
          </>
        )}
      </Panel>
      {way?.id !== "bought" && (
        <Panel title="With what, and how deep">
          <table className="w-full text-[0.93rem]">
            <thead>
              <tr className="border-line border-b text-left text-quiet">
                <th className="py-1 font-normal">Tool</th>
                <th className="py-1 pl-3 font-normal">leaves</th>
                <th className="py-1 pl-3 font-normal">keeps</th>
                <th className="py-1 pl-3 font-normal">through by</th>
              </tr>
            </thead>
            <tbody>
              {suited.map(({ tool, diameter, depth, play, inBand }) => (
                <tr key={tool.id} className="border-line border-b" title={tool.row.source}>
                  <td className="py-1">{tool.row.name}</td>
                  <td className="whitespace-nowrap py-1 pl-3 tabular-nums">
                    {words(diameter, 3)}
                    {inBand ? "" : diameter > target ? " (large)" : " (small)"}
                  </td>
                  <td className="py-1 pl-3 tabular-nums">{Math.round(100 * shareOf(diameter, toMake))} %</td>
                  <td className="whitespace-nowrap py-1 pl-3 tabular-nums">
                    {depth === null ? "right through" : `${words(depth, 2)} ± ${words(play ?? 0, 2)}`}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="mt-2 text-[0.93rem] text-quiet">
            “Through by” is how far the tip stands out behind the plate: its cone makes the width. Sizes and tips of
            needles are from memory and differ by maker; number drills are those of ANSI B94.11M.
          </p>
          <ul className="mt-2 grid gap-1 text-[0.93rem]">
            {pads.map(({ id, name, effect }) => (
              <li key={id}>
                <strong className="font-semibold">{name}</strong> under the plate: {effect}.
              </li>
            ))}
          </ul>
        </Panel>
      )}
    </div>
  );
}
