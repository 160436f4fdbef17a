import type { Recipe } from "../core/darkroom/recipe/index.ts";

const PRACTICE = "common practice";

/** Moved the whole time. */
const ALWAYS = { first: 0, every: 0, lasts: 0 } as const;

const DEVELOPER_RC = {
  id: "dev",
  name: "Developer",
  bath: "developer",
  seconds: 75,
  least: 60,
  most: 90,
  byTemperature: true,
  agitation: ALWAYS,
  look: "Slide it in fast, emulsion up, all of it under at once. Rock the tray gently the whole time.",
  cautions: ["developer", "gloves"],
} as const;

const WASH_RC = {
  id: "wash",
  name: "Wash",
  bath: "wash",
  seconds: 300,
  least: 300,
  most: 900,
  look: "Running water, or fresh water five times. Resin-coated paper 5 to 15 min, then hang it to dry.",
} as const;

const FIX_RC = {
  id: "fix",
  name: "Fixer",
  bath: "fixer",
  seconds: 120,
  least: 30,
  agitation: { first: 10, every: 30, lasts: 5 },
  lampAfter: "white",
  look: "After 30 s in it one may look in white light; then 2 min in all.",
  cautions: ["fixer"],
} as const;

const STOP = {
  id: "stop",
  name: "Stop",
  bath: "stop",
  seconds: 20,
  least: 10,
  agitation: ALWAYS,
  look: "All of the sheet under at once, 10 to 30 s. Drain it by a corner.",
  cautions: ["stop"],
} as const;

/** Ways to develop. Times are those in use; a product’s own data sheet counts before them. */
export const recipes: readonly Recipe[] = [
  {
    id: "rc-trays",
    name: "RC paper in trays",
    medium: "paper",
    source: PRACTICE,
    note: "Developer 60 to 90 s. What comes up in the last third are the shadows: don’t pull early because it looks dark.",
    steps: [DEVELOPER_RC, STOP, FIX_RC, WASH_RC],
  },
  {
    id: "rc-no-stop",
    name: "RC paper, water instead of stop",
    medium: "paper",
    source: PRACTICE,
    note: "Where no acid is wanted. The fixer wears out sooner.",
    steps: [
      DEVELOPER_RC,
      {
        id: "rinse",
        name: "Rinse",
        bath: "rinse",
        seconds: 30,
        least: 15,
        agitation: ALWAYS,
        look: "Plenty of clean water, moved all the time; developing goes on in it for a while.",
      },
      FIX_RC,
      WASH_RC,
    ],
  },
  {
    id: "by-eye",
    name: "By eye",
    medium: "paper",
    source: PRACTICE,
    note: "The eye ends the developer. Under red everything looks denser than it is: wait a little longer than you like.",
    steps: [
      {
        ...DEVELOPER_RC,
        name: "Developer, by eye",
        seconds: 90,
        most: 180,
        byEye: true,
        look: "Pull it when the shadows have their drawing: 1 to 3 min. The clock only tells how long it has been in.",
      },
      STOP,
      FIX_RC,
      WASH_RC,
    ],
  },
  {
    id: "still-bath",
    name: "Soft, with a still water bath",
    medium: "paper",
    source: PRACTICE,
    note: "For harsh light: what is dense uses its developer up first, thin places go on.",
    steps: [
      { ...DEVELOPER_RC, seconds: 40, least: 30, most: 45, look: "30 to 45 s, until the darkest parts are there." },
      {
        id: "water",
        name: "Still water",
        bath: "water",
        seconds: 120,
        most: 180,
        byEye: true,
        agitation: null,
        look: "Lay it in and don’t touch it. Rocked, the developer is gone; once more through both, if it is too thin.",
      },
      STOP,
      FIX_RC,
      WASH_RC,
    ],
  },
  {
    id: "canister-tank",
    name: "In a canister, rolled",
    medium: "paper",
    source: PRACTICE,
    note: "A second light-tight canister is the tank, a third full, rolled on its side. The lid is on from the developer to the end of the fixer; it comes off only under the red lamp, to pour.",
    steps: [
      {
        ...DEVELOPER_RC,
        name: "Developer, rolled",
        vessel: "tank",
        seconds: 120,
        least: 60,
        most: 180,
        look: "Lid on. A third full: rolling carries it round all of the sheet, which lies emulsion inwards.",
      },
      {
        id: "rinse",
        name: "Rinse, rolled",
        vessel: "tank",
        bath: "rinse",
        seconds: 30,
        least: 15,
        agitation: ALWAYS,
        look: "Under the red lamp: lid off, pour out, a third of water in, lid on; then roll.",
      },
      {
        id: "fix",
        name: "Fixer, rolled",
        vessel: "tank",
        bath: "fixer",
        seconds: 300,
        agitation: ALWAYS,
        lampAfter: "white",
        look: "Under the red lamp: lid off, pour out, fixer in, lid on. It stays on for all of the 5 min; then it may be opened in white light.",
        cautions: ["fixer"],
      },
      WASH_RC,
    ],
    room: { developer: 1, rinse: 1, fixer: 1 },
  },
  {
    id: "film-data-sheet",
    name: "Film, by its data sheet",
    medium: "film",
    source: `${PRACTICE}; the film’s and the developer’s data sheets give the times: copy this recipe and write them in`,
    note: "Full dark until it is fixed: no lamp, no screen. Times here only hold the places.",
    steps: [
      {
        id: "dev",
        name: "Developer",
        bath: "developer",
        seconds: 420,
        byTemperature: true,
        agitation: { first: 30, every: 60, lasts: 10 },
        look: "The data sheet’s time. Turn or rock the first half minute, then ten seconds each minute.",
        cautions: ["developer", "gloves"],
      },
      { ...STOP, seconds: 30 },
      {
        id: "fix",
        name: "Fixer",
        bath: "fixer",
        seconds: 300,
        agitation: { first: 30, every: 60, lasts: 10 },
        lampAfter: "white",
        look: "At least twice the time in which it turns clear.",
        cautions: ["fixer"],
      },
      {
        id: "wash",
        name: "Wash",
        bath: "wash",
        seconds: 600,
        look: "10 min running, or by the data sheet; then a drop of wetting agent in the last water.",
      },
    ],
    room: { developer: 1, fixer: 1 },
  },
  {
    id: "trail",
    name: "Months-long sheet: nothing",
    medium: "trail",
    source: PRACTICE,
    note: "Do not develop, do not fix: the picture is there already, and a developer would blacken all of it. Dry it, scan it at once without a preview pass, then keep it in the dark.",
    steps: [],
  },
];
