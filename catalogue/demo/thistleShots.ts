import type { Bottle, Exposure, Load, Pack, Trail } from "../../core/document/index.ts";

/** What was photographed in the growing year, and what it was loaded from. */
export const thistlePacks: readonly Pack[] = [
  {
    id: "thistle-pack-graded",
    medium: "rc-graded",
    size: "5×7 in",
    bought: 100,
    left: 46,
    opened: "2026-04-11",
    iso: null,
    note: "Semi-matt. In the tin box under the potting bench.",
  },
  {
    id: "thistle-pack-grade-2",
    medium: "rc-grade-2",
    size: "5×7 in",
    bought: 25,
    left: 4,
    opened: "2023-09-02",
    iso: 10,
    note: "A gift from plot 9; a test sheet was clean in spring.",
  },
];

/** What stands on the shelf of the potting shed that is dark at night. */
/** A can by the cold frames, from the winter solstice to the summer one; roofs to the east, the potting shed in the west. */
export const thistleTrails: readonly Trail[] = [
  {
    id: "thistle-cold-frames",
    name: "By the cold frames",
    cameraId: "thistle-cocoa-tin",
    site: { latitude: 52.2, longitude: 0.1, height: 20, timeZone: "Europe/London", name: "Thistle Row" },
    aim: { azimuth: 180, elevation: 0, roll: 0 },
    horizon: [
      [60, 2],
      [95, 9],
      [120, 9],
      [122, 4],
      [235, 3],
      [240, 12],
      [262, 12],
      [264, 2],
    ],
    from: "2026-12-21",
    to: "2027-06-21",
    up: null,
    down: null,
    where: "the oak post between the second and third cold frame",
  },
];

export const thistleBottles: readonly Bottle[] = [
  {
    id: "thistle-bottle-developer",
    name: "Shed developer",
    chemical: "developer",
    water: 9,
    volumeMl: 500,
    mixedAt: "2026-11-20T18:00:00+00:00",
    usedCm2: 1580,
    note: "Brown bottle.",
  },
  {
    id: "thistle-bottle-stop",
    name: "Stop, weak",
    chemical: "stop",
    water: 19,
    volumeMl: 1000,
    mixedAt: "2026-11-20T18:05:00+00:00",
    usedCm2: 1580,
  },
  {
    id: "thistle-bottle-fixer",
    name: "Fixer of the year",
    chemical: "fixer",
    water: 4,
    volumeMl: 500,
    mixedAt: "2026-10-18T17:00:00+01:00",
    usedCm2: 8900,
    clips: [
      { at: "2026-10-18T17:10:00+01:00", seconds: 32 },
      { at: "2026-11-20T18:10:00+00:00", seconds: 50 },
    ],
  },
];

/** A load of the tray of canisters, one of them used before the rain came. */
export const thistleLoads: readonly Load[] = [
  {
    id: "thistle-load-tray",
    cameraId: "thistle-canister-one",
    cameraName: "Nine canisters",
    at: "2026-06-27T09:15:00+01:00",
    packId: "thistle-pack-graded",
    places: [9, 8, 7, 6, 5, 4, 3, 2, 1].map((number) => ({
      place: String(number),
      medium: "rc-graded",
      iso: 6,
      initials: "T. R.",
      exposureId: number === 9 ? "thistle-shot-4" : null,
    })),
    unloadedAt: "2026-07-06T20:00:00+01:00",
  },
];

const TIN = { cameraId: "thistle-biscuit-tin", fNumber: 225.8, medium: "rc-graded", iso: 6 } as const;

export const thistleShots: readonly Omit<Exposure, "cameraName">[] = [
  {
    ...TIN,
    id: "thistle-shot-1",
    openedAt: "2026-04-18T14:05:00+01:00",
    seconds: 20,
    suggestedSeconds: 26.2,
    light: "Full sun",
    lightKey: "sun",
    ev: 15,
    subject: "Bean rows",
    where: "from the water butt",
    weather: "wind in the canes",
    note: "A little thin.",
    judged: { correction: 1, by: "words", at: "2026-04-18T19:30:00+01:00" },
  },
  {
    ...TIN,
    id: "thistle-shot-2",
    openedAt: "2026-05-02T11:30:00+01:00",
    seconds: 105,
    suggestedSeconds: 104.7,
    light: "Bright overcast",
    lightKey: "bright-overcast",
    ev: 13,
    subject: "Cold frames",
    note: "Good, both ends there.",
    judged: { correction: 0.5, by: "sheets", at: "2026-05-02T20:10:00+01:00" },
  },
  {
    id: "thistle-shot-3",
    cameraId: "thistle-cocoa-tin",
    openedAt: "2026-06-13T16:20:00+01:00",
    seconds: 12,
    suggestedSeconds: 10.9,
    fNumber: 207.1,
    medium: "rc-grade-2",
    iso: 12,
    light: "Full sun",
    lightKey: "sun",
    ev: 15,
    subject: "Scarecrow, an arm’s length away",
    note: "Sky black: give half next time.",
    judged: { correction: -1, by: "words", at: "2026-06-13T21:00:00+01:00" },
  },
  {
    id: "thistle-shot-4",
    cameraId: "thistle-canister-one",
    number: 9,
    loadId: "thistle-load-tray",
    place: "9",
    openedAt: "2026-07-05T12:10:00+01:00",
    seconds: 9,
    suggestedSeconds: 9.4,
    fNumber: 136.5,
    medium: "rc-graded",
    iso: 6,
    light: "Full sun",
    lightKey: "sun",
    ev: 15,
    subject: "Water butt",
    note: "",
  },
  {
    id: "thistle-shot-5",
    cameraId: "thistle-hat-box",
    openedAt: "2026-09-20T15:45:00+01:00",
    seconds: 240,
    suggestedSeconds: 231,
    fNumber: 435,
    medium: "rc-graded",
    iso: 6,
    light: "Hazy sun",
    lightKey: "hazy",
    ev: 14,
    subject: "Potting shed",
    note: "Nobody noticed it on the path.",
  },
];
