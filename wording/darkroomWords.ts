import type { Chemical } from "../core/darkroom/bottle/index.ts";
import type { BathName, Lamp } from "../core/darkroom/recipe/index.ts";
import type { PracticeFault } from "../core/simulate/darkroom/index.ts";

/** Something to see to, with where it comes from. */
export interface DarkNote {
  readonly id: string;
  readonly words: string;
  readonly source: string;
}

const PRACTICE = "common practice";

/** Where work can hurt: said at its step. Safety data sheets and local rules count before these. */
export const darkroomCautions: readonly DarkNote[] = [
  {
    id: "gloves",
    words:
      "Tongs or gloves, eyes guarded, fresh air; nothing to eat or drink near the trays. Children watch, an adult handles the chemistry.",
    source: PRACTICE,
  },
  {
    id: "developer",
    words: "Some developers give skin trouble for good: keep them off the skin. The bottle’s safety data sheet counts.",
    source: "TRADE section 6: metol-type developers cause dermatitis",
  },
  {
    id: "stop",
    words: "Stop is an acid: pour acid into water, never water into acid; eyes guarded.",
    source: PRACTICE,
  },
  {
    id: "fixer",
    words: "Used fixer holds silver: never down the drain unless your local rules say so; collect it.",
    source: PRACTICE,
  },
];

/** Four ways to tell the emulsion’s side in the dark. TRADE section 4. */
export const emulsionTells: readonly DarkNote[] = [
  { id: "shine", words: "It shines a little more when it catches the red lamp.", source: PRACTICE },
  { id: "warm", words: "It is the slightly warmer, creamier white; the back is colder.", source: PRACTICE },
  { id: "curl", words: "The sheet curls towards it.", source: PRACTICE },
  {
    id: "damp",
    words: "A damp finger at the very corner sticks to it, and slides on the back.",
    source: PRACTICE,
  },
];

/** A dark room at home, and how to see that it is one. TRADE section 4. */
export const darkRoomChecks: readonly DarkNote[] = [
  { id: "room", words: "A room without a window, or one that can be shut: a bathroom at night.", source: PRACTICE },
  { id: "window", words: "Window: black paper or a pillow; door: a blanket, also along the floor.", source: PRACTICE },
  {
    id: "lights",
    words: "Boiler lights, chargers, clocks and watches covered or out; phone on silent.",
    source: PRACTICE,
  },
  {
    id: "wait",
    words: "Wait five minutes in it. What you see then of window, door and hands is light that paper sees too.",
    source: PRACTICE,
  },
  {
    id: "trays",
    words: "Trays in their order, developer to wash, each with its own tongs; a towel; a shelf for the dry things.",
    source: PRACTICE,
  },
  {
    id: "shock",
    words: "Mains leads and lamps away from water, on a protected socket. Local rules and a qualified person count.",
    source: PRACTICE,
  },
];

/** The safelight test, with the very lamp or screen in its place. */
export const safelightSteps: readonly DarkNote[] = [
  {
    id: "place",
    words: "Put this screen (and your lamp, if you use one) where it will stand, as bright as you will have it.",
    source: PRACTICE,
  },
  {
    id: "coin",
    words: "In full dark lay a piece of the paper you use where the trays are, emulsion up, a coin on it.",
    source: PRACTICE,
  },
  { id: "wait", words: "Then the light on: five minutes.", source: PRACTICE },
  {
    id: "develop",
    words: "Develop it in the usual way. No edge of the coin to be seen: it is safe for five minutes there.",
    source: PRACTICE,
  },
];

/** How long the paper lies in front of the screen, s. Common practice (a coin test of five minutes). */
export const SAFELIGHT_SECONDS = 300;

/** What may be lit while a step lasts. */
export const LAMP_WORDS: Readonly<Record<Lamp, string>> = {
  none: "full dark: no lamp, no screen",
  red: "red lamp only",
  white: "white light may be on",
};

/** Why there may be no daylight now. */
export function foggedWords(sheets: readonly { readonly name: string }[]): string {
  const names = sheets.map(({ name }) => name);
  const all = names.length < 2 ? names.join("") : `${names.slice(0, -1).join(", ")} and ${names.at(-1)}`;
  const [are, them, they] = names.length === 1 ? ["is", "it", "it is"] : ["are", "them", "they are"];
  return `${all} ${are} not fixed: light fogs ${them}, unless ${they} in a shut box or camera.`;
}

/** Baths as they stand on trays. */
export const BATH_WORDS: Readonly<Record<BathName, string>> = {
  developer: "Developer",
  water: "Still water",
  rinse: "Rinse",
  stop: "Stop",
  fixer: "Fixer",
  wash: "Wash",
};

/** What the hand does with a sheet, in an open tray and in a shut tank. */
export const VESSEL_WORDS = {
  tray: {
    first: "Lid off, sheet in the hand, emulsion up. Press as it goes under.",
    rock: "Rock it.",
    still: "Leave it still.",
    into: (bath: string) => `Into the ${bath}`,
  },
  tank: {
    first: "Sheet into the canister, emulsion inwards; developer in, lid on. Press as the lid goes on.",
    rock: "Roll it, lid on.",
    still: "Leave it lying, lid on.",
    into: (bath: string) => `Pour out; ${bath} in, lid on`,
  },
} as const;
/** From the tank into an open tray. */
export const OUT_OF_THE_TANK = (bath: string): string => `Lid off, pour out; into the ${bath}`;

/** A bath that is left long before it has done its work, s. */
export function tooSoonWords(bath: string, elapsed: number, least: number): string {
  const done = elapsed < 1 ? "less than a second" : `${Math.floor(elapsed)} s`;
  return `It was in the ${bath.toLowerCase()} for ${done}; that wants ${Math.round(least)} s at the least.`;
}

/** What to write on a bottle’s label besides its figures. */
export const BOTTLE_WORDS: Readonly<Record<Chemical, string>> = {
  developer: "Keep full and shut: air tires it. Off the skin.",
  stop: "An acid, thin as it is. Eyes guarded.",
  fixer: "Holds silver when used: to the collecting point by local rules.",
};

/** What one did to a practice sheet. */
export const PRACTICE_WORDS: Readonly<Record<PracticeFault, string>> = {
  good: "Well done: developed out, stopped, fixed, washed. It will keep.",
  "not-developed": "Nothing came up: it was hardly in the developer, or the developer is dead.",
  thin: "Pulled too soon: the greatest black is not there yet. Thin negatives print grey.",
  fogged: "White light came before the fixer had done its work: all of it is veiled.",
  "not-stopped": "No stop: the developer went on in the fixer, and the fixer tires sooner.",
  "not-fixed": "Not fixed: it darkens in the light, and goes on doing so.",
  "little-fixed": "Too short in the fixer: in some months it turns brown in patches.",
  "not-washed": "Too short in the wash: fixer left in it bleaches it in some years. 5 min for RC paper.",
};
