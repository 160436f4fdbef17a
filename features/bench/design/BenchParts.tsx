import { memo } from "react";
import { Link } from "react-router";
import type { Camera } from "../../../core/camera/container/index.ts";
import type { Optimum } from "../../../core/light/hole/index.ts";
import { buttonClass } from "../../../ui/controls/Button.tsx";
import { TabPage, TabPages } from "../../../ui/controls/TabPages.tsx";
import { FinderPanel } from "../finder/FinderPanel.tsx";
import { CurveSection } from "../hole/curve/CurveSection.tsx";
import { HoleRules } from "../hole/HoleRules.tsx";
import { CoverageTable } from "../measures/CoverageTable.tsx";
import { RollTable } from "../measures/RollTable.tsx";
import { PicturePanel } from "../picture/PicturePanel.tsx";
import type { Reading } from "../readings/reading.ts";
import { Aside } from "./Aside.tsx";
import { BENCH_PARTS, type BenchPart } from "./benchPart.ts";
import type { EditDesign, SetField } from "./edit.ts";
import { Versions } from "./Versions.tsx";

/** What is worked out beside the drawing: rules, sheets, other layouts, the picture, versions, turns of the film. */
const BenchParts = memo(function BenchParts({
  now,
  part,
  onPart,
  hole,
  ideal,
  setField,
  onEdit,
}: {
  readonly now: { readonly camera: Camera; readonly reading: Reading };
  readonly part: BenchPart;
  readonly onPart: (part: BenchPart) => void;
  readonly hole: number;
  readonly ideal: Optimum;
  readonly setField: SetField;
  readonly onEdit: EditDesign;
}) {
  const { camera } = now;
  const isWound = camera.chambers[0].roll != null;
  const parts = BENCH_PARTS.filter(({ id }) => id !== "turns" || isWound);
  return (
    <div data-bench-parts={part}>
      <TabPages label="Beside the drawing" value={part} pages={parts} onTurn={onPart}>
        <TabPage id="hole">
          <Aside now={now}>{(shown) => <HoleRules {...shown} hole={hole} setField={setField} onEdit={onEdit} />}</Aside>
          <Aside now={now}>
            {(shown) => <CurveSection {...shown} hole={hole} setField={setField} onEdit={onEdit} />}
          </Aside>
        </TabPage>
        <TabPage id="sheets">
          <Aside now={now}>{(shown) => <CoverageTable {...shown} onEdit={onEdit} />}</Aside>
        </TabPage>
        <TabPage id="could-be">
          <Aside now={now}>{(shown) => <FinderPanel {...shown} ideal={ideal} onEdit={onEdit} />}</Aside>
        </TabPage>
        <TabPage id="picture">
          <PicturePanel {...now} />
        </TabPage>
        <TabPage id="versions">
          <Versions camera={camera} onEdit={onEdit} />
          <p>
            <Link to={`/compare?one=${encodeURIComponent(camera.id)}`} className={buttonClass()}>
              Side by side with another camera
            </Link>
          </p>
        </TabPage>
        {isWound && (
          <TabPage id="turns">
            <RollTable camera={camera} />
          </TabPage>
        )}
      </TabPages>
    </div>
  );
});

export default BenchParts;
