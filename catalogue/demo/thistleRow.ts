import { type Camera, newCamera, settled, withField } from "../../core/camera/container/index.ts";
import type { Bottle, Exposure, Load, Pack, Trail } from "../../core/document/index.ts";
import { optimum } from "../../core/light/hole/index.ts";
import { mediumById } from "../media.ts";
import { thistleBottles, thistleLoads, thistlePacks, thistleShots, thistleTrails } from "./thistleShots.ts";

/** Demonstration data: the members of Thistle Row Allotments photograph a growing year. */
export interface DemoData {
  readonly cameras: readonly Camera[];
  readonly exposures: readonly Exposure[];
  readonly loads: readonly Load[];
  readonly packs: readonly Pack[];
  readonly bottles: readonly Bottle[];
  readonly trails: readonly Trail[];
}

const IN = 25.4;
const common = {
  medium: "rc-graded",
  plateThickness: 0.1,
  trimmed: false,
} as const;

const drafts: readonly Camera[] = [
  {
    ...newCamera({
      ...common,
      id: "thistle-biscuit-tin",
      now: "2026-03-01T10:00:00+00:00",
      name: "Biscuit tin",
      kind: "flat-box",
      sizes: {
        "container.width": 165,
        "container.height": 118,
        "container.depth": 70,
        "container.wall": 0.3,
        "film.width": 5 * IN,
        "film.height": 4 * IN,
        "hole.openingDiameter": 8,
      },
      material: "tin metal",
      insideBlack: true,
      format: "in-4x5",
    }),
    notes: "Bean rows and cold frames. The lid overlaps deeply; tape it all the same.",
  },
  {
    ...newCamera({
      ...common,
      id: "thistle-cocoa-tin",
      now: "2026-03-02T10:00:00+00:00",
      name: "Cocoa tin",
      kind: "curled-can",
      sizes: {
        "container.height": 130,
        "container.diameter": 68,
        "container.wall": 0.2,
        "film.width": 7 * IN,
        "film.height": 5 * IN,
        "hole.openingDiameter": 6.35,
      },
      material: "tin metal",
      insideBlack: true,
      format: "in-5x7",
      medium: "rc-grade-2",
      plateThickness: 0.05,
    }),
    notes: "Water butt and scarecrow, close up.",
  },
  {
    ...newCamera({
      ...common,
      id: "thistle-canister-one",
      now: "2026-03-03T10:00:00+00:00",
      name: "Nine canisters",
      kind: "canister",
      sizes: {
        "container.height": 47,
        "container.diameter": 29.5,
        "container.wall": 1.2,
        "film.width": 1.75 * IN,
        "film.height": 1.75 * IN,
        "hole.openingDiameter": 6.35,
        "hole.above": (7 / 8) * IN,
      },
      material: "plastic",
      insideBlack: true,
      format: "trim-1.75-square",
    }),
    notes: "Nine in a seed tray, turned over when exposed.",
    set: { count: 9, exposed: [9, 8] },
  },
  {
    ...newCamera({
      ...common,
      id: "thistle-hat-box",
      now: "2026-03-04T10:00:00+00:00",
      name: "Hat box",
      kind: "far-wall-tin",
      sizes: {
        "container.height": 215,
        "container.diameter": 300,
        "container.wall": 2,
        "film.width": 10 * IN,
        "film.height": 8 * IN,
        "hole.openingDiameter": 12,
      },
      material: "card",
      insideBlack: true,
      format: "in-8x10",
    }),
    notes: "The potting shed, whole, from across the path.",
  },
  {
    ...newCamera({
      ...common,
      id: "thistle-seed-packet-pair",
      now: "2026-03-05T10:00:00+00:00",
      name: "Seed-packet box, two holes",
      kind: "stereo-box",
      sizes: {
        "container.width": 260,
        "container.height": 206,
        "container.depth": 95,
        "container.wall": 2,
        "film.width": 10 * IN,
        "film.height": 8 * IN,
        "hole.openingDiameter": 12,
        "hole.base": 120,
      },
      material: "card",
      insideBlack: true,
      format: "in-8x10",
    }),
    notes: "Bean rows in depth, both halves on one sheet.",
  },
  {
    ...newCamera({
      ...common,
      id: "thistle-leaning-box",
      now: "2026-03-06T10:00:00+00:00",
      name: "Seed-packet box, leaning",
      kind: "slanted-box",
      sizes: {
        "container.width": 150,
        "container.height": 110,
        "container.depth": 115,
        "container.wall": 1.5,
        "film.width": 5 * IN,
        "film.height": 4 * IN,
        "hole.openingDiameter": 12,
        "film.tiltY": 30,
      },
      material: "card",
      insideBlack: true,
      format: "in-4x5",
    }),
    notes: "Stretches the path towards the potting shed.",
  },
  {
    ...newCamera({
      ...common,
      id: "thistle-map-tube",
      now: "2026-03-07T10:00:00+00:00",
      name: "Map tube",
      kind: "lid-can",
      sizes: {
        "container.height": 300,
        "container.diameter": 100,
        "container.wall": 2.5,
        "film.width": 80,
        "film.height": 60,
        "hole.openingDiameter": 9,
      },
      material: "card",
      insideBlack: true,
      format: "in-4x5-half",
      trimmed: true,
    }),
    notes: "The far hedge, calm and close.",
  },
  {
    ...newCamera({
      ...common,
      id: "thistle-folded-boxes",
      now: "2026-03-08T10:00:00+00:00",
      name: "Folded pair",
      kind: "folded-box",
      sizes: {
        "container.wall": 0.5,
        "film.width": 84,
        "film.height": 56,
        "hole.openingDiameter": 6,
        "folded.sheet": 330,
        "film.distance": 80,
      },
      material: "card",
      insideBlack: true,
      format: "film-6x9",
      medium: "film-pan-100",
    }),
    notes: "Two squares of black card and two rubber strips.",
  },
  {
    ...newCamera({
      ...common,
      id: "thistle-bean-carton",
      now: "2026-03-09T10:00:00+00:00",
      name: "Bean carton",
      kind: "roll-carton",
      sizes: {
        "container.width": 90,
        "container.height": 60,
        "container.depth": 34,
        "container.wall": 0.5,
        "film.width": 36,
        "film.height": 24,
        "hole.openingDiameter": 5,
      },
      material: "card",
      insideBlack: true,
      format: "film-24x36",
      medium: "film-pan-100",
    }),
    notes: "One roll for a walk round the plots.",
  },
  {
    ...newCamera({
      ...common,
      id: "thistle-feed-drum",
      now: "2026-03-10T10:00:00+00:00",
      name: "Feed drum",
      kind: "drum",
      sizes: {
        "container.height": 240,
        "container.diameter": 320,
        "container.wall": 0.8,
        "film.width": 5 * IN,
        "film.height": 4 * IN,
        "hole.openingDiameter": 10,
        "film.distance": 100,
        "film.radius": 100,
      },
      material: "tin metal",
      insideBlack: true,
      format: "in-4x5",
    }),
    notes: "Eight sheets for a whole afternoon.",
  },
];

/** The tin has been tested with a lamp, mended at a corner, and tested again. */
function proved(camera: Camera): Camera {
  return {
    ...camera,
    lightTests: [
      { at: "2026-03-08T19:30:00+00:00", way: "lamp", faults: ["lid-corners"], note: "one corner shone" },
      { at: "2026-03-08T20:10:00+00:00", way: "lamp", faults: [], note: "second layer of tape" },
    ],
  };
}

const cameras = drafts.map((draft) => {
  const camera = draft.id === "thistle-biscuit-tin" ? proved(withField(draft, "hole.measured", 0.31)) : draft;
  return settled(camera, mediumById(camera.chambers[0].film.medium), optimum(0.2, 0.95));
});

/** A camera of most kinds, and a handful of shots. */
export const thistleRow: DemoData = {
  cameras,
  exposures: thistleShots.map((shot) => ({
    ...shot,
    cameraName: cameras.find(({ id }) => id === shot.cameraId)?.name ?? "",
  })),
  loads: thistleLoads,
  packs: thistlePacks,
  bottles: thistleBottles,
  trails: thistleTrails,
};
