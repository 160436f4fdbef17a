import type { HoleMount } from "../core/camera/container/index.ts";

/** A way to a hole, as makers do it. */
export interface HoleWay {
  readonly id: string;
  readonly name: string;
  readonly sentence: string;
  readonly steps: readonly { readonly what: string; readonly why: string; readonly caution?: string }[];
  /** What the hole is in by this way; left out: a plate. */
  readonly mount?: HoleMount;
  /** Whether a needle is turned through, so that its depth can be told in turns. */
  readonly isTurned?: true;
  /** Catalogue ids of plates it suits. */
  readonly plates: readonly string[];
  readonly source: string;
}

const SOURCE = "common practice";
const PUSH = "Push away from your face and fingers; a can may throw the pin back. With children, an adult pushes.";
const DUST = "Metal dust: wet the abrasive, wipe up, do not blow towards eyes.";

const sanded = {
  what: "Sand both sides with wet 1200 grit, then finer, until no burr can be felt.",
  why: "A burr scatters light and clips the corners; the rim should be thin and level.",
  caution: DUST,
} as const;
const wiped = {
  what: "Hold it against a lamp, turn it, wipe and blow the dust out.",
  why: "Raking light shows an oval or a hair at once.",
} as const;

export const holeWays: readonly HoleWay[] = [
  {
    id: "dimple",
    name: "Dimple and sand",
    sentence:
      "Press a dent without breaking through, then sand the bump away until the hole opens. Round and thin-rimmed.",
    plates: ["can", "brass", "flashing"],
    source: SOURCE,
    steps: [
      {
        what: "Lay the plate on the pad and press the needle straight down until a small bump shows behind.",
        why: "The tip is a cone: how deep it goes sets how wide the hole can open.",
        caution: PUSH,
      },
      {
        what: "Turn the plate over and sand the bump with wet 1200 grit in small circles until light shows.",
        why: "Sanding opens the hole slowly: stop when it is wide enough.",
        caution: DUST,
      },
      {
        what: "Put the needle’s tip in once more and turn it, without pushing.",
        why: "It clears the rim of what sanding left.",
      },
      sanded,
      wiped,
    ],
  },
  {
    id: "pierce",
    name: "Pierce right through",
    sentence: "One straight push. Quick, and alike each time; the rim is a little crater until it is sanded.",
    plates: ["can", "brass", "foil"],
    source: SOURCE,
    steps: [
      {
        what: "Lay the plate on the pad. Hold the needle upright in a chuck or a cork.",
        why: "A wobble makes the hole oval.",
        caution: PUSH,
      },
      { what: "Push once, to the depth below.", why: "The tip is a cone: depth sets the width." },
      sanded,
      wiped,
    ],
  },
  {
    id: "twist",
    isTurned: true,
    name: "Twist-drill with a needle",
    sentence: "Turn a needle in a pin vice so that it cuts rather than bends the metal. Slowest and most exact.",
    plates: ["brass", "can", "flashing"],
    source: SOURCE,
    steps: [
      { what: "Mark the middle with the lightest touch.", why: "The point must not wander.", caution: PUSH },
      {
        what: "Turn the needle between your fingers with hardly any push, from one side, then from the other.",
        why: "Two shallow cones meet in a thin rim.",
      },
      sanded,
      wiped,
    ],
  },
  {
    id: "wall-pin",
    name: "Pushed through the wall",
    sentence: "A pin or needle straight through the wall. Quick, and alike in every can of one sort.",
    mount: "wall",
    plates: [],
    source: SOURCE,
    steps: [
      {
        what: "Hold a block of soft wood or a cork inside, against the mark.",
        why: "The wall must not bend: a dent moves the hole and creases the metal.",
      },
      {
        what: "Push the pin straight through, turning it a little, and draw it back the same way.",
        why: "A wobble makes the hole oval.",
        caution: `${PUSH} A needle’s head may snap off: cover your eyes.`,
      },
      { what: "Scrape the burr off inside with a matchstick.", why: "A burr shades the corners of the sheet." },
      wiped,
    ],
  },
  {
    id: "wall-drill",
    name: "Drilled through the wall",
    sentence: "A small drill through the wall: bright and soft, for trails of months and for short times.",
    mount: "wall",
    plates: [],
    source: SOURCE,
    steps: [
      {
        what: "Clamp a block of wood inside, against the mark, and dent the middle with an awl.",
        why: "A drill wanders on a smooth curved wall.",
      },
      {
        what: "Drill slowly, straight through into the wood.",
        why: "Thin metal tears when the drill breaks through without something behind it.",
        caution: "Thin metal grabs the drill and spins: clamp it, never hold it in your hand, and cover your eyes.",
      },
      { what: "Scrape the burr off inside.", why: "A burr shades the corners of the sheet." },
      wiped,
    ],
  },
  {
    id: "bought",
    mount: "bought",
    name: "Bought, ready drilled",
    sentence: "A hole made by laser, its size on the packet. Check it all the same.",
    plates: ["can", "brass", "foil", "flashing"],
    source: SOURCE,
    steps: [
      { what: "Handle it by the edges and keep it flat.", why: "Thin foil creases, and a crease lets light past." },
      { what: "Measure it once.", why: "The size on the packet has its own tolerance." },
      wiped,
    ],
  },
];

/** What lies under the plate sets how deep a push goes. */
export const pads: readonly {
  readonly id: string;
  readonly name: string;
  readonly effect: string;
  readonly source: string;
}[] = [
  { id: "glass", name: "Glass", effect: "the tip stops at once: the smallest hole", source: SOURCE },
  { id: "table", name: "Hard table", effect: "a small hole", source: SOURCE },
  { id: "card", name: "Card or a paper pad", effect: "the tip sinks in: a larger hole", source: SOURCE },
];
