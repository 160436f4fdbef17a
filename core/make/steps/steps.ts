import { type Camera, cameraKind, holeAt, PLATE_SIZE, sheetOnWall } from "../../camera/container/index.ts";
import { QUESTIONS } from "./choices.ts";

/** One step of building a camera. */
export interface BuildStep {
  readonly id: string;
  readonly title: string;
  /** What to do, with the measure it needs. */
  readonly what: string;
  readonly why: string;
  readonly caution: string | null;
  readonly minutes: number;
  readonly tools: readonly string[];
  /** Part of the cut sheet that is drawn beside it. */
  readonly part: string | null;
  /** Question on which makers disagree that belongs here. */
  readonly question: (typeof QUESTIONS)[number]["id"] | null;
}

/** What the steps are written from. */
export interface BuildOrder {
  readonly camera: Camera;
  /** Diameter of the hole to make, mm. */
  readonly diameter: number;
  readonly words: (mm: number, digits?: number) => string;
  readonly choices: Readonly<Record<string, string>>;
}

const BLADE = "Blades: cut away from your hand, on a mat, with a fresh blade. With children, an adult cuts.";
const RIM =
  "A cut rim is a blade: fold it over or file it smooth, then tape it. Gloves help. With children, an adult does it.";
const PAINT = "Paint in fresh air, away from flames, and follow the tin’s own safety sheet.";
const HOT = "Drilled and filed metal gets hot and throws chips: clamp it, cover your eyes.";
const PIN = "Push away from your face and fingers: a can may throw the pin back.";
/** Drilled first, then opened up; 1/16 in, common practice. */
const PILOT = 1.6;
const OPENING = 6.35;

/** The steps for this very camera, in order; common practice. */
export function buildSteps(order: BuildOrder): readonly BuildStep[] {
  const { camera } = order;
  const kind = cameraKind(camera);
  const folded = camera.container.shape === "folded";
  return [
    ...(kind === "bought-box" ? [] : [opaque(order)]),
    ...(folded ? [fold(order)] : []),
    ...(kind === "bought-box" ? [] : [trace(order), opening(order)]),
    hole(order),
    ...(kind === "bought-box" ? [] : [plate(order)]),
    ...inside(order),
    ...(folded || chosen(order, "black") === "leave" ? [] : [black(order)]),
    ...holder(order),
    shutter(order),
    ...lid(order),
    label(),
    proof(),
  ];
}

/** What was chosen for a question, or what is usual. */
function chosen({ choices }: BuildOrder, id: BuildStep["question"]): string {
  const question = QUESTIONS.find((each) => each.id === id);
  return choices[id ?? ""] ?? question?.usual ?? "";
}

function isMetal({ container }: Camera): boolean {
  return (
    /metal|alumin|tin|steel/.test(container.material ?? "") ||
    (container.material === undefined && container.shape !== "box" && container.shape !== "folded")
  );
}

function step(
  id: string,
  title: string,
  minutes: number,
  rest: Pick<BuildStep, "what" | "why"> & Partial<BuildStep>,
): BuildStep {
  return { id, title, minutes, caution: null, tools: [], part: null, question: null, ...rest };
}

function opaque({ camera }: BuildOrder): BuildStep {
  return step("opaque", "Is it opaque?", 3, {
    what: "In a dark room hold a bright lamp in the container, lid on. Look at walls, seams and lid from all sides.",
    why: camera.container.translucent
      ? "You noted that a lamp shows through: two layers of black tape outside may save it."
      : "A wall that glows fogs every sheet. White plastic never works; grey lids often leak.",
    tools: ["lamp"],
  });
}

function fold({ words, camera }: BuildOrder): BuildStep {
  const side = camera.container.shape === "folded" ? camera.container.sheet : 0;
  return step("fold", "Fold the two boxes", 30, {
    what: `Cut two squares of ${words(side)}, the second as much smaller as its pattern says. Crease along the lines with a ruler and a blunt point; corners to the middle, then the sides.`,
    why: "A crease that is scored folds straight, and straight walls slide without letting light in.",
    caution: BLADE,
    tools: ["black card", "ruler", "blade", "blunt point"],
    part: "folded-outer",
  });
}

function trace({ camera }: BuildOrder): BuildStep {
  const wall = camera.container.shape === "cylinder" || camera.container.shape === "drum";
  const onWall = wall && cameraKind(camera) !== "lid-can";
  return step("trace", onWall ? "Wrap the template round it" : "Lay the template on", 5, {
    what: onWall
      ? "Cut the wall’s template out, wrap it round the outside, TOP up, tape it where it laps over, and prick the middle of the hole through."
      : "Cut the front’s template out, TOP up, and prick the middle of the hole through. Without it: the two diagonals cross in the middle.",
    why: "A hole off its mark moves the picture on the sheet.",
    caution: BLADE,
    tools: ["printed template", "pencil", "tape"],
    part: onWall ? "wall" : "face",
  });
}

function opening({ camera, words }: BuildOrder): BuildStep {
  const wide = holeAt(camera).openingDiameter ?? OPENING;
  const metal = isMetal(camera);
  const many = camera.chambers[0].holes.length > 1 ? " at each mark" : "";
  return step("opening", "Cut the opening", 10, {
    what: `${metal ? `Drill ${words(PILOT)} first, then open it` : "Cut an opening"} to ${words(wide)} across${many}. Clean feathers off its edge.`,
    why: `The hole itself goes in thin metal over this. Narrower than ${words(wide)}, the wall would shade the corners of the sheet.`,
    caution: metal ? `${RIM} ${HOT}` : BLADE,
    tools: metal ? ["drill or awl", "file", "gloves"] : ["blade", "cutting mat"],
    part:
      cameraKind(camera) === "lid-can" || camera.container.shape === "box" || camera.container.shape === "folded"
        ? "face"
        : "wall",
  });
}

function hole({ camera, words, diameter }: BuildOrder): BuildStep {
  const holes = camera.chambers[0].holes.length;
  return step("hole", holes > 1 ? `Make the ${holes} holes` : "Make the hole", 20 * holes, {
    what: `In a plate ${words(PLATE_SIZE)} square make a hole of ${words(diameter, 3)}. “Hole” tells with what and how deep; measure it there.`,
    why: "Everything else follows from this hole. The band says how exact it must be.",
    caution: `${PIN} Burnish the plate’s edges: cut metal is sharp.`,
    tools: ["plate metal", "needle or pin", "pad", "1200 grit abrasive"],
    part: "plate",
  });
}

function plate(order: BuildOrder): BuildStep {
  const { camera, words } = order;
  const side = camera.container.plateSide === "outside" ? "outside" : "inside";
  const curved = camera.container.shape === "cylinder" && cameraKind(camera) !== "lid-can";
  const out = chosen(order, "side") === "out" ? "sanded, convex side out" : "sanded side in";
  return step("plate", "Put the plate in", 10, {
    what: `Fold a piece of tape, cut a diamond, open it: lay the hole in its middle. Stick it ${side}, ${out}, and tape all four sides, inside and out.${curved ? " Curve the plate with the wall, without a crease, and press its edge down with a nail." : ""} Each strip ${words(PLATE_SIZE + 24)} long.`,
    why: "The diamond shows the middle; four sides keep light from creeping under an edge.",
    tools: ["tape", "scissors"],
    part: "plate",
    question: "side",
  });
}

function inside({ camera, words }: BuildOrder): readonly BuildStep[] {
  const { divider } = camera.chambers[0];
  const { container } = camera;
  return [
    ...(divider != null && divider > 0
      ? [
          step("divider", "Stand the divider in", 10, {
            what: `Fold its flap, glue it to the middle of the back: it stands ${words(divider)} forward of the sheet.`,
            why: "Without it the two pictures run into each other.",
            caution: BLADE,
            tools: ["black card", "glue"],
            part: "divider",
          }),
        ]
      : []),
    ...(container.shape === "drum"
      ? [
          step("vanes", "Build the drum’s inside", 60, {
            what: `Slot the vanes into each other, glue a disc above and below each tier; leave ${words(container.gap)} of air to the wall so that it turns.`,
            why: "Each chamber must be dark while its neighbour is open.",
            caution: BLADE,
            tools: ["black card", "glue", "a 6 mm dowel"],
            part: "vane",
          }),
        ]
      : []),
    ...(container.shape === "drum" && container.baffle
      ? [
          step("baffles", "Baffles beside the hole", 15, {
            what: `Two strips to each hole, ${words(container.baffle.aside)} beside it, standing ${words(container.baffle.height)} in.`,
            why: "They stop light that would creep round a neighbour’s edge.",
            caution: BLADE,
            tools: ["black card", "glue"],
            part: "baffle",
          }),
        ]
      : []),
    ...(cameraKind(camera) === "roll-carton" || container.shape === "folded"
      ? [
          step("mask", "Cut the film mask", 10, {
            what: `A window of ${words(camera.chambers[0].film.width)} × ${words(camera.chambers[0].film.height)}, edges clean; the film lies behind it.`,
            why: "It gives the picture its edges and keeps the film flat.",
            caution: BLADE,
            tools: ["black card", "blade"],
            part: "mask",
          }),
        ]
      : []),
  ];
}

function black(order: BuildOrder): BuildStep {
  const paint = chosen(order, "black") === "paint";
  return step("black", paint ? "Paint it flat black inside" : "Line it with black paper", paint ? 15 : 20, {
    what: paint
      ? "Two thin coats, lid too, over silver or coloured tape as well; keep the hole covered. Let it dry overnight."
      : "Cut the paper to the walls and the lid, glue it flat, leave the opening free.",
    why: "Light that strikes a bright wall comes to the sheet a second time as fog.",
    caution: paint ? PAINT : BLADE,
    tools: paint ? ["flat black paint", "brush"] : ["black paper", "glue"],
    question: "black",
  });
}

function holder({ camera }: BuildOrder): readonly BuildStep[] {
  if (!sheetOnWall(cameraKind(camera))) return [];
  return [
    step("tabs", "Paper tabs for the sheet", 5, {
      what: "Fold two tabs round the edge of the sheet where you will pull it out.",
      why: "A curled sheet grips the wall; pulled by its face it gets scratched.",
      tools: ["paper", "scissors"],
      part: "tab-1",
      question: cameraKind(camera) === "far-wall-tin" ? null : "gap",
    }),
  ];
}

function shutter(order: BuildOrder): BuildStep {
  const way = chosen(order, "shutter");
  const what =
    way === "magnet"
      ? "Lay a flat magnet over the hole; glue a scrap of black card to its back."
      : way === "thumb"
        ? "A strip of electrical tape keeps it shut on the way; in use the thumb does."
        : "Electrical tape, one end folded under as a handle, a scrap of black backing paper where it meets the hole.";
  return step("shutter", "The shutter", 3, {
    what,
    why: "Glue must never touch the hole, and opening must not shake the camera.",
    tools: way === "magnet" ? ["magnet"] : ["electrical tape", "backing paper"],
    part: way === "magnet" ? null : "shutter",
    question: "shutter",
  });
}

function lid(order: BuildOrder): readonly BuildStep[] {
  const { camera } = order;
  const kind = cameraKind(camera);
  if (kind === "bought-box") return [];
  const cloth = chosen(order, "tape") === "cloth";
  const cap = kind === "curled-can" || kind === "far-wall-tin";
  return [
    ...(cap
      ? [
          step("cap", "Cap for an open can", 20, {
            what: "If the can has no lid: wrap the collar round the stronger end, fold its fringe in, lay the disc on, three strips of tape in a star and one round. It must slide off; a loose one is tightened with a turn of tape on the rim.",
            why: "Measured on the rim itself it fits; a lid that wobbles leaks.",
            caution: RIM,
            tools: ["black card", "tape", "scissors"],
            part: "cap-collar",
          }),
        ]
      : []),
    step("lid", "Tape for lid and corners", 3, {
      what: cloth
        ? "Keep black cloth tape for a collar round the lid, two layers, and over every corner."
        : "Keep electrical tape for a collar round the lid; stretch it a little as you go.",
      why: "It keeps light out, and tells you that the camera is loaded.",
      tools: [cloth ? "black cloth tape" : "electrical tape"],
      question: "tape",
    }),
  ];
}

function label(): BuildStep {
  return step("label", "Stick the cards on", 3, {
    what: "Label with its f-number, the exposure card, and the outdoor label if it will be left somewhere.",
    why: "In the field nobody remembers the times, and a taped-up box in public looks alarming.",
    tools: ["printed cards", "glue"],
    part: "exposure-card",
  });
}

function proof(): BuildStep {
  return step("light-test", "Prove it light-tight", 15, {
    what: "Lamp test, then a sheet left shut in the sun for some minutes and developed.",
    why: "A leak found now costs one sheet; found later, a whole afternoon.",
    caution: "Never look at the sun through any hole.",
    tools: ["lamp", "a sheet of paper"],
  });
}
