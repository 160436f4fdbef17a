/** A word of the craft, as one maker would explain it to another. */
export interface GlossaryTerm {
  readonly id: TermId;
  readonly name: string;
  /** One or two sentences. */
  readonly words: string;
  /** Other words that it is looked for by. */
  readonly also?: string;
}

/** Names of the words that are explained. */
export type TermId =
  | "f-number"
  | "stop"
  | "ev"
  | "iso"
  | "emulsion"
  | "fog"
  | "long-times"
  | "density"
  | "negative"
  | "positive"
  | "direct-positive"
  | "view"
  | "image-circle"
  | "fall-off"
  | "safelight"
  | "developer"
  | "stop-bath"
  | "fixer"
  | "pre-flash"
  | "contact-print"
  | "plate"
  | "diffraction";

/** All words that are explained in place, in the order of the work. */
export const glossary: readonly GlossaryTerm[] = [
  {
    id: "plate",
    name: "Plate",
    words: "The thin metal that the hole is made in. It is glued behind a larger opening in the box.",
  },
  {
    id: "f-number",
    name: "f-number",
    words:
      "How many holes would stand side by side from the hole to the sheet. Twice the number needs four times as long.",
    also: "aperture",
  },
  {
    id: "diffraction",
    name: "Diffraction",
    words:
      "Light spreads a little behind any hole, and more behind a smaller one. That is why the smallest hole is not the sharpest.",
  },
  {
    id: "view",
    name: "Angle of view",
    words:
      "How much of the scene gets onto the sheet, as an angle from edge to edge. You see about 50° without moving your eyes.",
  },
  {
    id: "image-circle",
    name: "Image circle",
    words:
      "The round patch of light that the hole throws on a flat sheet. Outside it the sheet gets too little light, or none.",
  },
  {
    id: "fall-off",
    name: "Fall-off",
    words: "The sheet’s edges lie farther from the hole and see it at a slant, so they get less light than its middle.",
    also: "vignetting corners",
  },
  {
    id: "stop",
    name: "Stop",
    words: "A doubling or a halving of light. One stop more is twice the time, two stops are four times the time.",
  },
  {
    id: "ev",
    name: "EV",
    words:
      "Exposure value: how bright the light is, in stops. Full sun is 15, a bright overcast sky 13, a room by a window 8.",
  },
  {
    id: "iso",
    name: "ISO",
    words:
      "How fast paper or film takes the light up. Twice the ISO needs half the time; paper has about 6, film 100 or 400.",
    also: "speed sensitivity",
  },
  {
    id: "long-times",
    name: "Long times",
    words:
      "Film tires: above a second it needs longer than the sum says, and the more so the longer it is. Paper hardly does.",
    also: "reciprocity failure Schwarzschild",
  },
  {
    id: "emulsion",
    name: "Emulsion",
    words: "The side of paper or film that takes up the light. It faces the hole; it sticks a little to a damp finger.",
  },
  {
    id: "safelight",
    name: "Safelight",
    words: "A red lamp that most papers do not see. In time it fogs them too, and film sees it at once.",
    also: "red lamp",
  },
  {
    id: "fog",
    name: "Fog",
    words: "Grey where no picture put it: light got to the sheet through a leak, from a lamp, or it is too old.",
  },
  {
    id: "pre-flash",
    name: "Pre-flash",
    words:
      "A faint, even dose of light before the picture, just too little to see. It lifts dark shadows over the edge.",
    also: "flash post-flash",
  },
  {
    id: "developer",
    name: "Developer",
    words: "The first bath. It turns black whatever light has touched; warm and fresh it works quickly.",
  },
  {
    id: "stop-bath",
    name: "Stop bath",
    words: "A weak acid that ends the developer’s work within seconds and spares the fixer.",
  },
  {
    id: "fixer",
    name: "Fixer",
    words: "It dissolves what light has not touched. Only after it may the sheet see white light.",
  },
  {
    id: "density",
    name: "Density",
    words: "How dark a place of the sheet is: 0 lets all light come back, 1 a tenth, 2 a hundredth.",
  },
  {
    id: "negative",
    name: "Negative",
    words: "The sheet as it comes out of the baths: what was bright is black. Turned round it is the positive.",
  },
  {
    id: "positive",
    name: "Positive",
    words: "The picture as you saw it: the negative turned round, on a screen or by a print.",
  },
  {
    id: "direct-positive",
    name: "Direct positive",
    words:
      "A paper that comes out of the developer as a positive. There is only this one, and left and right change places.",
  },
  {
    id: "contact-print",
    name: "Contact print",
    words:
      "The negative lies face down on fresh paper, under glass. Light through it gives a positive of the same size.",
  },
];

/** What is said of a word. */
export function termOf(id: TermId): GlossaryTerm {
  return glossary.find((term) => term.id === id) as GlossaryTerm;
}
