/** What containers are made of, with what that means for a camera. */
export interface MaterialRow {
  readonly id: string;
  readonly name: string;
  readonly advice: string;
  readonly source: string;
}

const SOURCE = "common practice";

export const materials: readonly MaterialRow[] = [
  { id: "card", name: "Card or board", advice: "Tape the corners twice; one layer can pass light.", source: SOURCE },
  {
    id: "tin metal",
    name: "Tin or steel",
    advice: "A magnet holds the paper. Paint the inside flat black.",
    source: SOURCE,
  },
  {
    id: "aluminium metal",
    name: "Aluminium",
    advice: "A pin goes through it. Paint the inside flat black.",
    source: SOURCE,
  },
  { id: "plastic", name: "Black plastic", advice: "Hold a lamp inside: grey lids often leak.", source: SOURCE },
  { id: "wood", name: "Wood or hardboard", advice: "Paint the inside flat black.", source: SOURCE },
];
