import { memo } from "react";
import type { Scene } from "../../../core/basis/drawing/index.ts";
import { silhouette } from "../../../core/bench/shelfDrawing/index.ts";
import { type CameraKind, KIND_FAMILIES, kinds } from "../../../core/camera/kinds/index.ts";
import { cx } from "../../../ui/controls/cx.ts";
import { Radio, Radios } from "../../../ui/controls/Radio.tsx";
import { SvgScene } from "../../../ui/drawing/SvgScene.tsx";
import { startForm } from "./newCameraForm.ts";
import { readNewCamera } from "./readNewCamera.ts";

/** One scale for all kinds, mm a pixel: a drum stands beside a canister as it does on a table. */
const SCALE = 6.6;
/** Radius of the mark for the hole, mm. */
const DOT = 6;

/** A usual one of each kind as it stands on a shelf; worked out when the page is first opened. */
let usual: ReadonlyMap<CameraKind, Scene> | null = null;

function usualOnes(): ReadonlyMap<CameraKind, Scene> {
  usual ??= new Map(
    kinds.flatMap(({ id }) => {
      const { camera } = readNewCamera(startForm(id, "mm", "usual"), "mm", "usual", "");
      return camera === null ? [] : [[id, silhouette(camera, DOT)] as const];
    }),
  );
  return usual;
}

/** What have you got? Kinds of camera by their outlines, all at one scale, grouped as people think of them. */
export const KindChooser = memo(function KindChooser({
  value,
  onChoose,
}: {
  readonly value: CameraKind;
  readonly onChoose: (kind: string) => void;
}) {
  const scenes = usualOnes();
  return (
    <Radios
      label="Kind of camera"
      value={value}
      className="grid grid-cols-3 gap-1 sm:max-lg:grid-cols-5"
      onChoose={onChoose}
    >
      {KIND_FAMILIES.map((family) =>
        kinds
          .filter((kind) => kind.family === family)
          .map(({ id, name }, index) => (
            <div key={id} className="relative flex min-w-0 flex-col" data-kind={id}>
              <span className={cx("stamp text-[0.72rem] leading-4", index > 0 && "invisible")}>{family}</span>
              <Radio
                id={id}
                className={cx(
                  "relative grow flex-col border p-1 text-center text-[0.8rem] leading-tight [&>button]:absolute [&>button]:top-1 [&>button]:left-1 [&>label]:w-full [&>label]:pt-[4.2rem]",
                  value === id ? "border-ink bg-kraft-pale font-semibold" : "border-line bg-card",
                )}
              >
                {name}
              </Radio>
              {/* Under it lies the name's own label: a press on the outline is a press on that. */}
              <span
                className="pointer-events-none absolute inset-x-0 top-5 flex h-[3.9rem] items-end justify-center"
                aria-hidden="true"
              >
                <Outline scene={scenes.get(id)} />
              </span>
            </div>
          )),
      )}
    </Radios>
  );
});

function Outline({ scene }: { readonly scene: Scene | undefined }) {
  if (scene === undefined) return null;
  const { width, height } = scene.bounds;
  return (
    <span className="block" style={{ width: width / SCALE, height: height / SCALE }}>
      <SvgScene scene={scene} pixel={SCALE} title="" />
    </span>
  );
}
