import { useState } from "react";
import { useOutletContext } from "react-router";
import { holeMount, type Measurement, measuredDiameter } from "../../core/camera/container/index.ts";
import { Panel } from "../../ui/controls/Panel.tsx";
import { Segments } from "../../ui/controls/Segments.tsx";
import { isoWithOffset } from "../../ui/format/localTime.ts";
import { judgedHole } from "./cutOrder.ts";
import type { DrawerMeasured } from "./hole/DrawerList.tsx";
import { HoleAsItIs } from "./hole/HoleAsItIs.tsx";
import { HoleToMake } from "./hole/HoleToMake.tsx";
import { MeasureFromPicture } from "./hole/MeasureFromPicture.tsx";
import { OtherWays } from "./hole/OtherWays.tsx";
import { ScannerPanel } from "./hole/ScannerPanel.tsx";
import { ToolTable } from "./hole/ToolTable.tsx";
import type { PictureFile } from "./hole/useMeasuring.ts";
import { wayOf } from "./hole/wayOf.ts";
import type { MakeInHand } from "./makeData.ts";

/** The hole: what to make, with what, and what it measures once it is made. */
export function HolePage() {
  const { camera, edit } = useOutletContext<MakeInHand>();
  const [hole, setHole] = useState(0);
  const [scan, setScan] = useState<(PictureFile & { readonly plate: string }) | null>(null);
  const [practised, setPractised] = useState<DrawerMeasured>({});
  const holes = camera.chambers[0].holes.length;
  const judged = judgedHole(camera, hole);
  const take = (way: string, seen: Omit<Measurement, "chamber" | "hole" | "way" | "at">): void => {
    const measurement = { chamber: 0, hole, ...seen, way, at: isoWithOffset(new Date()) };
    edit("measure the hole", (from) => ({ ...from, measurements: [...(from.measurements ?? []), measurement] }));
  };
  return (
    <div className="mt-4 grid gap-x-8 gap-y-6 lg:grid-cols-[minmax(0,24rem)_minmax(0,1fr)] lg:grid-rows-[auto_1fr] lg:[grid-template-areas:'make_measure'_'make_tools']">
      <div className="lg:[grid-area:make]">
        <HoleToMake camera={camera} judged={judged} edit={edit} />
      </div>
      {holeMount(camera) !== "bought" && (
        <div className="min-w-0 lg:[grid-area:tools]">
          <ToolTable way={wayOf(camera)} toMake={judged.toMake} measured={measuredDiameter(camera, hole)} />
        </div>
      )}
      <div className="grid min-w-0 content-start gap-6 lg:[grid-area:measure]">
        {holes > 1 && (
          <Segments
            label="Which hole"
            value={String(hole)}
            options={Array.from({ length: holes }, (_, i) => ({ id: String(i), name: `Hole ${i + 1}` }))}
            onChoose={(id) => setHole(Number(id))}
          />
        )}
        <Panel title="Measure it from a picture">
          <MeasureFromPicture
            offered={scan}
            onMeasured={(bytes, { diameter, uncertainty }) => {
              if (bytes === scan?.bytes) setPractised((now) => ({ ...now, [scan.plate]: { diameter, uncertainty } }));
            }}
            onTake={({ diameter, uncertainty, axisRatio, roughness }) =>
              take("scan", { diameter, uncertainty, axisRatio, roughness })
            }
          />
        </Panel>
        <HoleAsItIs camera={camera} hole={hole} judged={judged} edit={edit} />
        <div className="grid gap-x-8 gap-y-6 md:grid-cols-2">
          <Panel title="Or by other means">
            <OtherWays target={judged.toMake.target} onTake={take} />
          </Panel>
          <Panel title="Simulated flatbed">
            <ScannerPanel measured={practised} onScan={(file, plate) => setScan({ ...file, plate })} />
          </Panel>
        </div>
      </div>
    </div>
  );
}
