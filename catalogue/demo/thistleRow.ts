import { type Camera, newCamera, settled, withField } from "../../core/container/index.ts";
import type { Exposure } from "../../core/document/index.ts";
import { optimum } from "../../core/hole/index.ts";
import { mediumById } from "../media.ts";

/** Demonstration data: the members of Thistle Row Allotments photograph a growing year. */
export interface DemoData {
  readonly cameras: readonly Camera[];
  readonly exposures: readonly Exposure[];
}

const IN = 25.4;
const common = {
  medium: "rc-graded",
  plateThickness: 0.1,
  trimmed: false,
  width: 0,
  depth: 0,
  diameter: 0,
  holeAbove: null,
} as const;

const drafts: readonly Camera[] = [
  {
    ...newCamera({
      ...common,
      id: "thistle-biscuit-tin",
      now: "2026-03-01T10:00:00+00:00",
      name: "Biscuit tin",
      kind: "flat-box",
      width: 165,
      height: 118,
      depth: 70,
      wall: 0.3,
      material: "tin metal",
      insideBlack: true,
      sheetWidth: 5 * IN,
      sheetHeight: 4 * IN,
      format: "in-4x5",
      openingDiameter: 8,
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
      height: 130,
      diameter: 68,
      wall: 0.2,
      material: "tin metal",
      insideBlack: true,
      sheetWidth: 7 * IN,
      sheetHeight: 5 * IN,
      format: "in-5x7",
      openingDiameter: 6.35,
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
      name: "Canister No. 1",
      kind: "canister",
      height: 47,
      diameter: 29.5,
      wall: 1.2,
      material: "plastic",
      insideBlack: true,
      sheetWidth: 1.75 * IN,
      sheetHeight: 1.75 * IN,
      format: "trim-1.75-square",
      openingDiameter: 6.35,
      holeAbove: (7 / 8) * IN,
    }),
    notes: "First of nine in a seed tray.",
  },
  {
    ...newCamera({
      ...common,
      id: "thistle-hat-box",
      now: "2026-03-04T10:00:00+00:00",
      name: "Hat box",
      kind: "far-wall-tin",
      height: 215,
      diameter: 300,
      wall: 2,
      material: "card",
      insideBlack: true,
      sheetWidth: 10 * IN,
      sheetHeight: 8 * IN,
      format: "in-8x10",
      openingDiameter: 12,
    }),
    notes: "The potting shed, whole, from across the path.",
  },
];

const cameras = drafts.map((draft) => {
  const camera = draft.id === "thistle-biscuit-tin" ? withField(draft, "hole.measured", 0.31) : draft;
  return settled(camera, mediumById(camera.chambers[0].film.medium), optimum(0.2, 0.95));
});

const shots: readonly Omit<Exposure, "id" | "cameraName">[] = [
  {
    cameraId: "thistle-biscuit-tin",
    openedAt: "2026-04-18T14:05:00+01:00",
    seconds: 20,
    suggestedSeconds: 26.2,
    fNumber: 225.8,
    medium: "rc-graded",
    iso: 6,
    light: "Full sun",
    ev: 15,
    subject: "Bean rows",
    note: "Wind in the canes. A little thin.",
  },
  {
    cameraId: "thistle-biscuit-tin",
    openedAt: "2026-05-02T11:30:00+01:00",
    seconds: 105,
    suggestedSeconds: 104.7,
    fNumber: 225.8,
    medium: "rc-graded",
    iso: 6,
    light: "Bright overcast",
    ev: 13,
    subject: "Cold frames",
    note: "Good, both ends there.",
  },
  {
    cameraId: "thistle-cocoa-tin",
    openedAt: "2026-06-13T16:20:00+01:00",
    seconds: 12,
    suggestedSeconds: 10.9,
    fNumber: 207.1,
    medium: "rc-grade-2",
    iso: 12,
    light: "Full sun",
    ev: 15,
    subject: "Scarecrow, an arm’s length away",
    note: "Sky black: give half next time.",
  },
  {
    cameraId: "thistle-canister-one",
    openedAt: "2026-07-05T12:10:00+01:00",
    seconds: 9,
    suggestedSeconds: 9.4,
    fNumber: 136.5,
    medium: "rc-graded",
    iso: 6,
    light: "Full sun",
    ev: 15,
    subject: "Water butt",
    note: "",
  },
  {
    cameraId: "thistle-hat-box",
    openedAt: "2026-09-20T15:45:00+01:00",
    seconds: 240,
    suggestedSeconds: 231,
    fNumber: 435,
    medium: "rc-graded",
    iso: 6,
    light: "Hazy sun",
    ev: 14,
    subject: "Potting shed",
    note: "Nobody noticed it on the path.",
  },
];

/** The four cameras and a handful of shots. */
export const thistleRow: DemoData = {
  cameras,
  exposures: shots.map((shot, index) => ({
    ...shot,
    id: `thistle-shot-${index + 1}`,
    cameraName: cameras.find(({ id }) => id === shot.cameraId)?.name ?? "",
  })),
};
