import { type HoleWay, holeWays, pads } from "../../../catalogue/holeWays.ts";
import { MOUNTS } from "../../../catalogue/mounts.ts";
import { plates } from "../../../catalogue/plates.ts";
import { type ToolRow, tools } from "../../../catalogue/tools.ts";
import {
  type Camera,
  type HoleMount,
  holeAt,
  holeMount,
  type Making,
  withField,
  withMount,
} from "../../../core/camera/container/index.ts";
import {
  bandWords,
  type HoleToMake as HoleToMakeFacts,
  type JudgedHole,
  shareOf,
} from "../../../core/camera/holeToMake/index.ts";
import { type ConicalTip, type Suited, suitedTools } from "../../../core/make/steps/index.ts";
import { Choice } from "../../../ui/Choice.tsx";
import { LengthField } from "../../../ui/LengthField.tsx";
import { Panel } from "../../../ui/Panel.tsx";
import { Radio, Radios } from "../../../ui/Radio.tsx";
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
  const { target, best } = toMake;
  const mount = holeMount(camera);
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
      <Panel title="What the hole is in">
        <Radios
          label="What the hole is in"
          value={mount}
          onChoose={(id) => {
            const chosen = MOUNTS.find((row) => row.id === id);
            if (chosen) edit(`hole ${chosen.name}`, (from) => withMount(from, chosen.id));
          }}
        >
          <div className="flex flex-wrap gap-x-5">
            {MOUNTS.map(({ id, name }) => (
              <Radio key={id} id={id}>
                {name}
              </Radio>
            ))}
          </div>
        </Radios>
        {mount === "bought" ? (
          <p className="mt-1 text-quiet">
            Nothing to make. Measure it once: the size on the packet has its own tolerance.
          </p>
        ) : (
          <WayToHole camera={camera} mount={mount} edit={edit} />
        )}
      </Panel>
      {mount !== "bought" && <ToolTable camera={camera} mount={mount} toMake={toMake} />}
    </div>
  );
}

type Edit = (label: string, change: (camera: Camera) => Camera) => void;

function wayOf(camera: Camera, mount: HoleMount): HoleWay | undefined {
  const offered = holeWays.filter(({ inWall = false }) => inWall === (mount === "wall"));
  return offered.find(({ id }) => id === camera.making?.way) ?? offered[0];
}

/** The plate, where there is one, and the way to the hole step by step. */
function WayToHole({
  camera,
  mount,
  edit,
}: {
  readonly camera: Camera;
  readonly mount: HoleMount;
  readonly edit: Edit;
}) {
  const words = useLengthWords();
  const way = wayOf(camera, mount);
  const keep = (label: string, next: Making): void =>
    edit(label, (from) => ({ ...from, making: { ...from.making, ...next } }));
  const thickness = holeAt(camera).plateThickness ?? 0;
  const plate =
    plates.find(({ id }) => id === camera.making?.plate) ?? plates.find((row) => row.thickness === thickness);
  return (
    <>
      <div className="mt-2 grid gap-3 sm:grid-cols-2">
        {mount === "plate" && (
          <>
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
                    return row ? withField(next, "hole.plateThickness", row.thickness) : next;
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
                if (mm === null || mm < 0 || mm > 2) return `A plate is 0 to ${words(2)} thick.`;
                edit("plate thickness", (from) =>
                  withField({ ...from, making: { ...from.making, plate: "own" } }, "hole.plateThickness", mm),
                );
                return null;
              }}
            />
          </>
        )}
        <Choice
          label="Way"
          value={way?.id ?? null}
          options={holeWays.filter(({ inWall = false }) => inWall === (mount === "wall"))}
          onChoose={(id) => keep("choose a way", { way: id })}
        />
      </div>
      {way && (
        <>
          <p className="mt-2">{way.sentence}</p>
          {mount === "plate" && plate && !way.plates.includes(plate.id) && (
            <p role="status" className="mt-1 border-kraft border-l-4 pl-2">
              {plate.name} does not suit this way:{" "}
              {plate.makeshift ? "it tears and cannot be sanded" : "it is too thick to push through cleanly"}.
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
    </>
  );
}

/** Which tools leave such a hole, and what each would keep. */
function ToolTable({
  camera,
  mount,
  toMake,
}: {
  readonly camera: Camera;
  readonly mount: HoleMount;
  readonly toMake: HoleToMakeFacts;
}) {
  const words = useLengthWords();
  const way = wayOf(camera, mount);
  if (way?.id === "bought") return null;
  const { target, band } = toMake;
  const rows = alike(suitedTools(TIPS, target, band)).slice(0, MOST_TOOLS);
  const dented = way?.id === "dimple";
  return (
    <Panel title="With what, and how deep">
      <table className="w-full text-[0.93rem]">
        <thead>
          <tr className="border-line border-b text-left text-quiet">
            <th className="py-1 font-normal">Tool</th>
            <th className="py-1 pl-3 font-normal">leaves</th>
            <th className="py-1 pl-3 font-normal">keeps</th>
            <th className="py-1 pl-3 font-normal">{dented ? "dent as deep as" : "through by"}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ names, sources, diameter, depth, play, inBand }) => (
            <tr key={names.join()} className="border-line border-b" title={sources}>
              <td className="py-1">{names.join(", ")}</td>
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
        {dented
          ? "The dent is sanded open, so its depth sets the width. "
          : "“Through by” is how far the tip stands out behind: its cone makes the width. "}
        “Keeps” is the share of the sharpest hole’s finest detail. Sizes and tips of needles are from memory and differ
        by maker; drills are those of ANSI B94.11M.
      </p>
      {mount === "plate" && (
        <ul className="mt-2 grid gap-1 text-[0.93rem]">
          {pads.map(({ id, name, effect }) => (
            <li key={id}>
              <strong className="font-semibold">{name}</strong> under the plate: {effect}.
            </li>
          ))}
        </ul>
      )}
    </Panel>
  );
}

type ToolLine = Omit<Suited<ToolTip>, "tool"> & { readonly names: readonly string[]; readonly sources: string };

/** Tools that do the same thing to the same depth share a line. */
function alike(suited: readonly Suited<ToolTip>[]): readonly ToolLine[] {
  const lines = new Map<string, ToolLine>();
  for (const { tool, ...made } of suited) {
    const key = made.depth === null ? tool.id : `${made.diameter} ${made.depth}`;
    const before = lines.get(key);
    lines.set(key, { ...made, names: [...(before?.names ?? []), tool.row.name], sources: tool.row.source });
  }
  return [...lines.values()];
}
