import { MOUNTS } from "../../../catalogue/mounts.ts";
import { type Camera, holeMount, withMount } from "../../../core/camera/container/index.ts";
import { type JudgedHole, shareOf } from "../../../core/camera/holeToMake/index.ts";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { Radio, Radios } from "../../../ui/controls/Radio.tsx";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { holeAdvice } from "../../../wording/make/holeWords.ts";
import type { MakeInHand } from "../makeData.ts";
import { WayToHole } from "./WayToHole.tsx";

/** What hole is wanted, in which plate, by which way, with what and how deep. */
export function HoleToMake({
  camera,
  judged,
  edit,
}: {
  readonly camera: Camera;
  readonly judged: JudgedHole;
  readonly edit: MakeInHand["edit"];
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
        <p data-band>{holeAdvice(judged, words)}</p>
        {judged.sun === null && Math.abs(target / best - 1) > 0.005 && (
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
        {mount === "bought" && (
          <p className="mt-1 text-quiet">
            Nothing to make. Measure it once: the size on the packet has its own tolerance.
          </p>
        )}
        <WayToHole camera={camera} edit={edit} />
      </Panel>
    </div>
  );
}
