import {
  type Camera,
  cameraBody,
  holeDiameter,
  withHoleAdded,
  withoutHole,
} from "../../../core/camera/container/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { cx } from "../../../ui/controls/cx.ts";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import type { EditDesign } from "../design/edit.ts";

/** A sheet can have several holes: which one is worked on, one more, one less. A drum and a wall have their one hole. */
export function HolesStrip({
  camera,
  hole,
  onHole,
  onEdit,
}: {
  readonly camera: Camera;
  readonly hole: number;
  readonly onHole: (hole: number) => void;
  readonly onEdit: EditDesign;
}) {
  const words = useLengthWords();
  const { holes } = camera.chambers[0];
  const diameterWords = (diameter: number | "best"): string => (diameter === "best" ? "" : `, ${words(diameter, 3)}`);
  if (cameraBody(camera).face === "wall") return null;
  return (
    <div className="-my-1 flex flex-wrap items-center gap-1.5" data-holes={holes.length}>
      {holes.length > 1 &&
        holes.map((_, index) => (
          <button
            // Holes are known by their number.
            // biome-ignore lint/suspicious/noArrayIndexKey: see above
            key={index}
            type="button"
            aria-pressed={index === hole}
            className={cx(
              "min-h-8 border border-ink px-2 text-[0.87rem]",
              index === hole ? "bg-ink text-card" : "bg-card",
            )}
            onClick={() => onHole(index)}
          >
            Hole {index + 1}
            {diameterWords(holeDiameter(camera, index))}
          </button>
        ))}
      <Button
        look="quiet"
        className="min-h-8 py-0.5"
        onClick={() => {
          onEdit("one more hole", withHoleAdded);
          onHole(holes.length);
        }}
      >
        One more hole
      </Button>
      {holes.length > 1 && (
        <Button
          look="quiet"
          className="min-h-8 py-0.5"
          onClick={() => {
            onEdit(`without hole ${hole + 1}`, (now) => withoutHole(now, hole));
            onHole(0);
          }}
        >
          Take hole {hole + 1} away
        </Button>
      )}
    </div>
  );
}
