import { line, type Mark, type Point } from "../../basis/drawing/index.ts";
import type { Camera, DrumContainer, RollSpec } from "../../camera/container/index.ts";
import { shapeOf } from "../../camera/shapes/index.ts";
import type { BenchLayout } from "./layout.ts";

/** What stands inside besides the sheet: vanes and baffles of a drum, spools, a divider. */
export function innerParts(camera: Camera, layout: BenchLayout): readonly Mark[] {
  const { vanes } = shapeOf(camera.container);
  const { divider = null, roll = null } = camera.chambers[0];
  return [
    ...(vanes === null ? [] : drumParts(vanes, layout)),
    ...(roll === null ? [] : spools(camera, roll, layout)),
    ...(divider === null ? [] : [dividerMark(camera, divider, layout)]),
  ];
}

function drumParts(drum: DrumContainer, layout: BenchLayout): readonly Mark[] {
  const { front, planMiddle, sideMiddle, depth, high } = layout;
  const hub: Point = { x: front + depth / 2, y: planMiddle };
  const reach = depth / 2 - drum.gap;
  const vanes = Array.from({ length: drum.sectors }, (_, i) => {
    const angle = Math.PI + ((2 * i + 1) * Math.PI) / drum.sectors;
    return line("wall", hub, { x: hub.x + reach * Math.cos(angle), y: hub.y + reach * Math.sin(angle) });
  });
  const discs = Array.from({ length: drum.tiers - 1 }, (_, tier) => {
    const y = sideMiddle + high * (tier + 0.5);
    return line("wall", { x: front + drum.gap, y }, { x: front + depth - drum.gap, y });
  });
  const axle = line(
    "axis",
    { x: hub.x, y: sideMiddle - high / 2 },
    { x: hub.x, y: sideMiddle + high * (drum.tiers - 0.5) },
  );
  const baffles = drum.baffle
    ? [-1, 1].map((side) => {
        const { aside, height } = drum.baffle as { aside: number; height: number };
        const z = depth / 2 - Math.sqrt(Math.max(0, (depth / 2) ** 2 - aside ** 2));
        const y = planMiddle + side * aside;
        return line("plate", { x: front + z, y }, { x: front + height, y });
      })
    : [];
  return [...vanes, ...discs, axle, ...baffles];
}

/** Full and take-up spool beside the mask, and the mask. */
function spools(camera: Camera, roll: RollSpec, { front, depth, planMiddle }: BenchLayout): readonly Mark[] {
  const { film } = camera.chambers[0];
  const wound = Math.sqrt(roll.core ** 2 + (4 * roll.length * roll.thickness) / Math.PI);
  const place = (side: number, diameter: number): Mark => ({
    kind: "circle",
    layer: "wall",
    centre: { x: front + depth - wound / 2, y: planMiddle + side * (film.width / 2 + wound / 2 + 4) },
    radius: diameter / 2,
  });
  const bar = (side: number): Mark => {
    const y = planMiddle + (side * film.width) / 2;
    return line("plate", { x: front + depth - 1, y }, { x: front + depth - 1, y: y + side * 8 });
  };
  return [place(-1, wound), place(-1, roll.core), place(1, roll.core), bar(-1), bar(1)];
}

function dividerMark(camera: Camera, divider: number, { front, planMiddle }: BenchLayout): Mark {
  const { film } = camera.chambers[0];
  const y = planMiddle - (film.x ?? 0);
  return line("plate", { x: front + film.distance - divider, y }, { x: front + film.distance, y });
}
