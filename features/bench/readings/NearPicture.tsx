import { useContext } from "react";
import { nearDrawing } from "../../../core/bench/benchDrawing/index.ts";
import { SvgScene } from "../../../ui/drawing/SvgScene.tsx";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { nearThings } from "./nearRow.ts";
import { ReadDesign } from "./ReadDesign.ts";

/** Width of its column, px. */
const WIDTH = 280;

/** From the side and to scale: what the camera sees, and each thing where it fills half the height. */
export default function NearPicture() {
  const words = useLengthWords();
  const design = useContext(ReadDesign);
  if (design === null) return null;
  const things = nearThings(design.camera, design.reading).map((thing) => ({
    ...thing,
    words: `${thing.name}, ${words(thing.away, "far")}`,
  }));
  const { scene, pixel } = nearDrawing(design.camera, things, WIDTH);
  return (
    <div
      className="mt-2 border border-line bg-card"
      data-near-picture
      style={{ aspectRatio: `${scene.bounds.width} / ${scene.bounds.height}` }}
    >
      <SvgScene scene={scene} pixel={pixel} title="From the side: each thing where it fills half the height" />
    </div>
  );
}
