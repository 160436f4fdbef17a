import type { PlateSample } from "../core/simulate/flatbed/index.ts";

/** A made-up plate for the simulated scanner: what a real one would look like under it. */
export interface DrawerPlate {
  readonly id: string;
  readonly name: string;
  /** What its maker says of it. */
  readonly note: string;
  readonly sample: PlateSample;
}

const CLEAN: Omit<PlateSample, "diameter"> = { axisRatio: 1, angle: 0, burrs: [], dust: [], tiltDeg: 0 };

/** Six plates of the allotments' members, to practise on. */
export const drawer: readonly DrawerPlate[] = [
  {
    id: "tin",
    name: "Plate 1, biscuit tin",
    note: "dimpled and sanded, drinks-can aluminium",
    sample: { ...CLEAN, diameter: 0.312 },
  },
  {
    id: "cold-frame",
    name: "Plate 2, cold frame",
    note: "pierced in a hurry",
    sample: { ...CLEAN, diameter: 0.415, axisRatio: 0.78, angle: 0.6 },
  },
  {
    id: "water-butt",
    name: "Plate 3, water butt",
    note: "not sanded yet",
    sample: {
      ...CLEAN,
      diameter: 0.365,
      burrs: [
        { at: 0.8, depth: 0.05, wide: 0.07 },
        { at: 2.9, depth: 0.035, wide: 0.05 },
        { at: 5.1, depth: 0.06, wide: 0.08 },
      ],
    },
  },
  {
    id: "scarecrow",
    name: "Plate 4, scarecrow",
    note: "from the bottom of a pocket",
    sample: {
      ...CLEAN,
      diameter: 0.287,
      dust: [
        { x: 0.03, y: -0.04, size: 0.035 },
        { x: -0.06, y: 0.02, size: 0.025 },
      ],
    },
  },
  {
    id: "canister-plate",
    name: "Plate 5, film canister",
    note: "finest needle, turned by hand",
    sample: { ...CLEAN, diameter: 0.164, axisRatio: 0.96, angle: 1.2 },
  },
  {
    id: "shed",
    name: "Plate 6, potting shed",
    note: "a pushed drawing pin; it would not lie flat",
    sample: { ...CLEAN, diameter: 0.62, axisRatio: 0.94, angle: 2.1, tiltDeg: 14 },
  },
];
