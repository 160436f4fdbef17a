import type { Spoilt } from "../core/document/index.ts";
import type { FaultCode } from "../core/negative/index.ts";

/** Why a sheet says nothing of its time. */
export const SPOILT_WORDS: Readonly<Record<Spoilt, string>> = {
  moved: "The camera, or what stood before it, moved.",
  leak: "Light may have leaked in.",
  fogged: "It may have been fogged.",
  covered: "The hole may have been covered.",
  developed: "It may not have been developed right.",
  other: "It is spoilt.",
};

/** What is said before a sheet goes onto the glass. Common practice. */
export const PROOF_CAUTIONS: readonly { readonly title: string; readonly words: string }[] = [
  {
    title: "Wet or curled",
    words:
      "A wet sheet harms the scanner, and the scanner harms it: let it dry first, then lay it under books for a night. A curled one lies flat under a sheet of clean glass.",
  },
  {
    title: "Months-long sheets",
    words:
      "Never developed, never fixed: the scanner’s lamp goes on darkening them. Dry it in dim light, no preview pass, in colour, 400 to 600 dpi; the first pass counts. Then back into the dark.",
  },
  {
    title: "Which way up",
    words:
      "Emulsion down, lid closed, all of the sheet and some of the lid in the picture. Turn off every automatic colour, contrast and sharpening of the scanner: the sums need its plain numbers.",
  },
];

/** A fault that a picture may have: what it is called, where it comes from, and what mends it. Common practice. */
export const FAULT_WORDS: Readonly<
  Record<FaultCode, { readonly name: string; readonly cause: string; readonly mend: string }>
> = {
  "all-black": {
    name: "Black all over",
    cause: "It had far too much light: a lid or plate that leaks, a lamp too early, or many times too long.",
    mend: "Do the light test on Make before the next sheet, and keep the white lamp off until it is fixed.",
  },
  "all-white": {
    name: "White all over",
    cause:
      "It had no light, or was not developed: the shutter stayed shut, the back of the sheet faced the hole, or the bath was spent.",
    mend: "Look through the hole at the sky; feel for the emulsion; clip-test the bath.",
  },
  leak: {
    name: "Dark streaks from the edge",
    cause: "Light may have come in past the lid or a corner there.",
    mend: "Tape that side, black inside the rim, and do the light test.",
  },
  bar: {
    name: "A blank bar along one side",
    cause: "Tape or a strip covered it (then it shows the unexposed paper: mark it), or it stood out of the developer.",
    mend: "More developer in the tray, and the sheet pushed under at once.",
  },
  covered: {
    name: "One dark round spot, else blank",
    cause: "The sheet may have lain against the hole: then only a spot gets light, and no picture.",
    mend: "Leave the gap at the hole, and feel for the scratchy rim before the lid goes on.",
  },
  doubled: {
    name: "Edges twice",
    cause: "The camera may have moved once, or the sheet was used twice.",
    mend: "A stone on top, a rubber band round it; mark loaded cameras with tape.",
  },
  soft: {
    name: "Softer than the hole explains",
    cause: "The hole may be rough, larger than measured, or the camera shook all the time.",
    mend: "Look at the hole in a scan on Make; stand the camera on something that can’t move.",
  },
  finger: {
    name: "The print of a finger",
    cause: "Someone may have held the emulsion.",
    mend: "Hold sheets by their edges, with dry hands.",
  },
  scratch: {
    name: "A thin line",
    cause: "A scratch, or a hair on the glass.",
    mend: "Wipe the glass; the brush on Positive fills it from around.",
  },
};
