/** A step of putting a can up or taking it down, with its reason. Common practice. */
export interface SunStep {
  readonly id: string;
  readonly title: string;
  readonly words: string;
  readonly caution?: string;
}

/** Steps by the time they belong to; {camera}, {aim}, {lean}, {hangs}, {until} stand for the plan’s own. */
export const SUN_STEPS: readonly { readonly when: string; readonly steps: readonly SunStep[] }[] = [
  {
    when: "At home",
    steps: [
      {
        id: "leave",
        title: "Ask for leave, and tell the neighbours",
        words:
          "A taped-up can on a post alarms people. Ask whoever owns the place, give them the letter, and put nothing on public property without leave.",
      },
      {
        id: "load",
        title: "Load {camera} in a dim room",
        words:
          "Paper for this darkens slowly: a dim lamp does no harm, daylight does. Semi-matt is best; glossy paper shows the reflection of the hole as dark lines.",
      },
      {
        id: "gap",
        title: "Leave the gap at the hole",
        words:
          "The sheet’s two ends meet beside the hole, never before it; the emulsion, the side that sticks to a damp finger, looks inwards.",
      },
      {
        id: "seal",
        title: "Seal lid, seams and hole",
        words:
          "Two layers of tape round the lid, overlapping downhill like tiles; a tab of tape over the hole that can be pulled off without shaking the can. Cut edges of a can are sharp.",
        caution: "Tape over cut metal before you handle it.",
      },
      {
        id: "label",
        title: "Stick the label on",
        words: "What it is, whose it is, how to reach you, until when. It is what keeps it hanging.",
      },
    ],
  },
  {
    when: "Where it will stand",
    steps: [
      {
        id: "firm",
        title: "Choose what does not move",
        words:
          "A post, a downpipe, a railing, a window sill: nothing that sways, is opened, or grows leaves before the hole by summer.",
        caution:
          "Keep both feet on the ground. Where a ladder is needed, somebody who is used to it climbs, and somebody holds it.",
      },
      {
        id: "ties",
        title: "Two long ties, pulled tight",
        words: "One high, one low, so that it can’t turn. A can shifted by a degree draws everything twice.",
      },
      {
        id: "water",
        title: "Hang it {hangs}",
        words:
          "So it is planned: the other way up the sun leaves the sheet. Tape over the lid’s edge like tiles, or leave a drain at the lowest seam: no rim may hold a puddle. The hole must not face up into the rain more than it has to.",
      },
      {
        id: "aim",
        title: "Aim at {aim}, {lean}",
        words: "By the compass held well away from the can, or along a shadow at a known time (Plan shows how).",
        caution: "Never look at the sun, not through the hole either.",
      },
      {
        id: "tape-off",
        title: "Take the tape off, and write down when",
        words: "Press the button below: the day counts from now. Then leave it.",
      },
    ],
  },
  {
    when: "On {until}",
    steps: [
      {
        id: "tape-on",
        title: "Tape on first",
        words: "Over the hole, before a tie is cut. Write down when.",
      },
      {
        id: "upright",
        title: "Keep it upright, dark and dry",
        words: "There may be water in it: opened the wrong way up it runs over the sheet.",
      },
      {
        id: "dry",
        title: "Dry the sheet before it is scanned",
        words:
          "In dim light, face up, an hour or a night. A damp sheet sticks to the glass and takes the picture along.",
      },
      {
        id: "scan",
        title: "Scan it once, in colour, 400 to 600 dpi",
        words:
          "No preview pass: the scanner’s lamp darkens it too, and the first scan is the best. Then Proof turns it round.",
      },
      {
        id: "never",
        title: "Never develop it, never fix it",
        words: "Developer blackens it all, fixer bleaches it. It stays as it is: back into the dark, in an envelope.",
      },
    ],
  },
];

/** The letter that asks for leave; {…} stand for the plan’s own. */
export const LETTER: readonly string[] = [
  "Dear neighbour,",
  "from {from} to {until} I should like to leave a small can with a pinhole in it {where}. It is a camera without lens or battery: a sheet of photographic paper in it records the way of the sun over these days. It makes no noise, films nobody, and can’t show people at all: whoever walks past is far too quick for it.",
  "It is tied with two cable ties that leave no mark, and carries a label with my name. I put it up and take it down myself, and look after it in between. If it is in your way, please tell me rather than open or turn it: half a year would be gone in a moment.",
  "You are welcome to the picture.",
];

/** The label on the can. */
export const LABEL: readonly string[] = [
  "PINHOLE CAMERA: PLEASE LEAVE IT AS IT IS",
  "It records the sun’s way from {from} to {until}.",
  "No electronics, nothing dangerous: a can, a sheet of paper, a hole.",
];
