import type { StepTexts } from "../core/make/steps/index.ts";

const BLADE = "Blades: cut away from your hand, on a mat, with a fresh blade. With children, an adult cuts.";
const RIM =
  "A cut rim is a blade: fold it over or file it smooth, then tape it. Gloves help. With children, an adult does it.";
const PAINT = "Paint in fresh air, away from flames, and follow the tin’s own safety sheet.";
const HOT = "Drilled and filed metal gets hot and throws chips: clamp it, cover your eyes.";
const PIN = "Push away from your face and fingers: a can may throw the pin back.";

const hole = {
  title: "Make the hole",
  minutes: 20,
  what: "In a plate {plate} square make a hole of {diameter}. Anything from {low} to {high} looks the same. “Hole” tells with what and how deep; measure it there.",
  why: "Everything else follows from this hole. The band says how exact it must be.",
  caution: `${PIN} Burnish the plate’s edges: cut metal is sharp.`,
  tools: ["plate metal", "needle or pin", "pad", "1200 grit abrasive"],
} as const;

const opening = {
  title: "Cut the opening",
  minutes: 10,
  why: "The hole itself goes in thin metal over this. Narrower than {wide}, the wall would shade the corners of the sheet.",
  also: { many: "Do so at each mark." },
} as const;

const shutter = {
  title: "The shutter",
  minutes: 3,
  why: "Glue must never touch the hole, and opening must not shake the camera.",
  caution: null,
  tools: ["electrical tape", "backing paper"],
} as const;

const lid = {
  title: "Tape for lid and corners",
  minutes: 3,
  why: "It keeps light out, and tells you that the camera is loaded.",
  caution: null,
} as const;

const opaque = {
  title: "Is it opaque?",
  minutes: 3,
  what: "In a dark room hold a bright lamp in the container, lid on. Look at walls, seams and lid from all sides.",
  why: "A wall that glows fogs every sheet. White plastic never works; grey lids often leak.",
  caution: null,
  tools: ["lamp"],
} as const;

/** The words of every building step. Common practice. */
export const stepTexts: StepTexts = {
  opaque,
  "opaque-glows": {
    ...opaque,
    why: "You noted that a lamp shows through: two layers of black tape outside may save it.",
  },
  fold: {
    title: "Fold the two boxes",
    minutes: 30,
    what: "Cut two squares of {side}, the second as much smaller as its pattern says. Crease along the lines with a ruler and a blunt point; corners to the middle, then the sides.",
    why: "A crease that is scored folds straight, and straight walls slide without letting light in.",
    caution: BLADE,
    tools: ["black card", "ruler", "blade", "blunt point"],
  },
  "trace-wall": {
    title: "Wrap the template round it",
    minutes: 5,
    what: "Cut the wall’s template out, wrap it round the outside, TOP up, tape it where it laps over, and prick the middle of the hole through.",
    why: "A hole off its mark moves the picture on the sheet.",
    caution: BLADE,
    tools: ["printed template", "pencil", "tape"],
  },
  "trace-face": {
    title: "Lay the template on",
    minutes: 5,
    what: "Cut the front’s template out, TOP up, and prick the middle of the hole through. Without it: the two diagonals cross in the middle.",
    why: "A hole off its mark moves the picture on the sheet.",
    caution: BLADE,
    tools: ["printed template", "pencil", "tape"],
  },
  "opening-metal": {
    ...opening,
    what: "Drill {pilot} first, then open it to {wide} across. Clean feathers off its edge.",
    caution: `${RIM} ${HOT}`,
    tools: ["drill or awl", "file", "gloves"],
  },
  "opening-card": {
    ...opening,
    what: "Cut an opening {wide} across. Clean feathers off its edge.",
    caution: BLADE,
    tools: ["blade", "cutting mat"],
  },
  hole,
  holes: { ...hole, title: "Make the {count} holes" },
  plate: {
    title: "Put the plate in",
    minutes: 10,
    what: "Fold a piece of tape, cut a diamond, open it: lay the hole in its middle. Tape all four sides, inside and out, each strip {strip} long.",
    also: {
      inside: "It goes inside the wall,",
      outside: "It goes outside the wall,",
      out: "sanded, convex side out.",
      in: "sanded side in.",
      curved: "Curve the plate with the wall, without a crease, and press its edge down with a nail.",
    },
    why: "The diamond shows the middle; four sides keep light from creeping under an edge.",
    caution: null,
    tools: ["tape", "scissors"],
  },
  divider: {
    title: "Stand the divider in",
    minutes: 10,
    what: "Fold its flap, glue it to the middle of the back: it stands {high} forward of the sheet.",
    why: "Without it the two pictures run into each other.",
    caution: BLADE,
    tools: ["black card", "glue"],
  },
  vanes: {
    title: "Build the drum’s inside",
    minutes: 60,
    what: "Slot the vanes into each other, glue a disc above and below each tier; leave {gap} of air to the wall so that it turns.",
    why: "Each chamber must be dark while its neighbour is open.",
    caution: BLADE,
    tools: ["black card", "glue", "a 6 mm dowel"],
  },
  baffles: {
    title: "Baffles beside the hole",
    minutes: 15,
    what: "Two strips to each hole, {aside} beside it, standing {high} in.",
    why: "They stop light that would creep round a neighbour’s edge.",
    caution: BLADE,
    tools: ["black card", "glue"],
  },
  mask: {
    title: "Cut the film mask",
    minutes: 10,
    what: "A window of {width} × {height}, edges clean; the film lies behind it.",
    why: "It gives the picture its edges and keeps the film flat.",
    caution: BLADE,
    tools: ["black card", "blade"],
  },
  cartridges: {
    title: "Join the two cartridges",
    minutes: 15,
    what: "Pull a hand’s breadth of film from the full cartridge through the tray, behind the window, emulsion to the hole. Tape its end to the stub in the empty cartridge, slide the sleeve over, and tape the cartridges to both ends. Wind with a key from a scrap of wood in the empty one’s spool.",
    why: "From cartridge to cartridge the film can be loaded and taken out in daylight.",
    caution: null,
    tools: ["a full and an empty cartridge", "tape", "scissors", "a scrap of wood"],
  },
  "black-paint": {
    title: "Paint it flat black inside",
    minutes: 15,
    what: "Two thin coats, lid too, over silver or coloured tape as well; keep the hole covered. Let it dry overnight.",
    why: "Light that strikes a bright wall comes to the sheet a second time as fog.",
    caution: PAINT,
    tools: ["flat black paint", "brush"],
  },
  "black-paper": {
    title: "Line it with black paper",
    minutes: 20,
    what: "Cut the paper to the walls and the lid, glue it flat, leave the opening free.",
    why: "Light that strikes a bright wall comes to the sheet a second time as fog.",
    caution: BLADE,
    tools: ["black paper", "glue"],
  },
  tabs: {
    title: "Paper tabs for the sheet",
    minutes: 5,
    what: "Fold two tabs round the edge of the sheet where you will pull it out.",
    why: "A curled sheet grips the wall; pulled by its face it gets scratched.",
    caution: null,
    tools: ["paper", "scissors"],
  },
  "shutter-tape": {
    ...shutter,
    what: "Electrical tape, one end folded under as a handle, a scrap of black backing paper where it meets the hole.",
  },
  "shutter-magnet": {
    ...shutter,
    what: "Lay a flat magnet over the hole; glue a scrap of black card to its back.",
    tools: ["magnet"],
  },
  "shutter-thumb": {
    ...shutter,
    what: "A strip of electrical tape keeps it shut on the way; in use the thumb does.",
  },
  cap: {
    title: "Cap for an open can",
    minutes: 20,
    what: "If the can has no lid: wrap the collar round the stronger end, fold its fringe in, lay the disc on, three strips of tape in a star and one round. It must slide off; a loose one is tightened with a turn of tape on the rim.",
    why: "Measured on the rim itself it fits; a lid that wobbles leaks.",
    caution: RIM,
    tools: ["black card", "tape", "scissors"],
  },
  "lid-cloth": {
    ...lid,
    what: "Keep black cloth tape for a collar round the lid, two layers, and over every corner.",
    tools: ["black cloth tape"],
  },
  "lid-electrical": {
    ...lid,
    what: "Keep electrical tape for a collar round the lid; stretch it a little as you go.",
    tools: ["electrical tape"],
  },
  label: {
    title: "Stick the cards on",
    minutes: 3,
    what: "Label with its f-number, the exposure card, and the outdoor label if it will be left somewhere.",
    why: "In the field nobody remembers the times, and a taped-up box in public looks alarming.",
    caution: null,
    tools: ["printed cards", "glue"],
  },
  "light-test": {
    title: "Prove it light-tight",
    minutes: 15,
    what: "Lamp test, then a sheet left shut in the sun for some minutes and developed.",
    why: "A leak found now costs one sheet; found later, a whole afternoon.",
    caution: "Never look at the sun through any hole.",
    tools: ["lamp", "a sheet of paper"],
  },
};
