import { formatStops, RADIANS } from "../core/basis/units/index.ts";
import type { BuildFault, Finding, Mend, Verdict } from "../core/bench/judgement/index.ts";
import type { LengthWords } from "../core/camera/container/index.ts";
import { limitWords } from "./limits.ts";
import { holeVerdictWords, type Said } from "./make/holeWords.ts";
import { type Sayings, say } from "./sayings.ts";

/** A verdict as the Bench shows it. */
export interface SaidVerdict extends Verdict, Said {
  /** What the button says that mends it; `null`: nothing that one press could do. */
  readonly button: string | null;
}

/**
 * A verdict in words.
 *
 * @param words writes lengths in the maker's unit
 */
export function saidVerdict(verdict: Verdict, words: LengthWords): SaidVerdict {
  const { found, fix } = verdict;
  return { ...verdict, ...say(FINDINGS, found, words), button: fix && mendWords(fix.mend, words) };
}

const FAULTS: Readonly<Record<BuildFault, string>> = {
  "covers-hole": "The paper covers the hole",
  "long-where-it-stands": "The sheet is too long where it stands",
  long: "The sheet is too long",
  high: "The sheet is too high",
  "meets-wall": "The sheet meets a wall or the hole",
  "not-in-it": "The sheet does not stand in the container",
  "hole-outside": "The hole is outside its face",
  "holes-meet": "Two holes run into each other",
  "opening-small": "The opening is smaller than the hole",
  "slides-not": "The boxes don’t slide that far",
};

/** What was found, in words: the field’s terms, its figures, no blame. */
const FINDINGS: Sayings<Finding, Said> = {
  fault: ({ fault, allowed }, words) => ({ title: FAULTS[fault], sentence: limitWords(allowed, words) }),
  "plate-cuts": ({ wall, thick, blank }, words) => ({
    title: `${wall ? "The wall" : "The plate"} hides the sheet’s ${blank > 0 ? "ends" : "corners"}`,
    sentence: `Seen at a slant, a hole in ${wall ? "a wall" : "a plate"} ${words(thick)} thick closes up: ${
      blank > 0 ? `the last ${words(blank, 0)} at each end stay white.` : "the corners stay white."
    }`,
  }),
  "opening-cuts": ({ wide }, words) => ({
    title: "The opening in the body clips the corners",
    sentence: `From the sheet’s worst corner the edge of the opening stands before the hole. It has to be ${words(wide)} wide to stay clear.`,
  }),
  "out-of-sight": () => ({
    title: "Part of the sheet can’t see the hole",
    sentence: "A corner lies beside or behind the hole: it stays blank whatever the exposure.",
  }),
  "dark-corners": ({ stops }) => ({
    title: `The corners come out ${stops.toFixed(1)} stops darker`,
    sentence: `They get ${Math.round(100 * 2 ** -stops)} % of the light in the middle. More than two stops show as dark corners; some makers want just that.`,
  }),
  "hole-off-level": ({ above }, words) => {
    const [more, less] = above > 0 ? ["sky", "ground"] : ["ground", "sky"];
    return {
      title: `The hole is ${words(Math.abs(above))} ${above > 0 ? "above" : "below"} the sheet’s middle`,
      sentence: `The picture shows more ${more} than ${less}. Good if you want that.`,
    };
  },
  "cross-light": ({ gap, share, from }, words) => ({
    title: "Light creeps round the vane into the next chamber",
    sentence: `Between vane and wall are ${words(gap)}: up to ${(100 * share).toFixed(share < 0.01 ? 1 : 0)} % of the picture’s light passes, from ${Math.round(from / RADIANS)}° off the axis on.`,
  }),
  "stereo-near": ({ nearest, base }, words) => ({
    title: `Keep everything ${words(Math.round(nearest))} away or more`,
    sentence: `With holes ${words(base)} apart, nearer things are hard for two eyes to join (thirty times the base, a rule of thumb).`,
  }),
  "stereo-overlap": ({ overlap, divider, needed }, words) => ({
    title: overlapWords(overlap, words),
    sentence:
      divider === null
        ? `Each hole lights the other’s half. A black wall in the middle, standing ${words(needed)} forward of the sheet, parts them.`
        : `The wall in the middle stands ${words(divider)} forward of the sheet; ${words(needed)} are needed.`,
  }),
  "stereo-one-sided": ({ overlap }, words) => ({
    title: overlapWords(overlap, words),
    sentence:
      "Both holes stand on one side of the sheet’s middle, or one on the middle itself: no wall there can part the pictures.",
  }),
  "holes-differ": ({ first, second, stops }, words) => ({
    title: `The two holes differ by ${formatStops(stops)}`,
    sentence: `Hole 1 is ${words(first, 3)}, hole 2 is ${words(second, 3)}: the picture of hole ${first < second ? 1 : 2} comes out darker. Open it up to ${words(Math.max(first, second), 3)} and measure again, or shut the other one sooner.`,
  }),
  "lid-over-hole": ({ made, reach, free, toHole, isKnown }, words) => {
    const below = `the hole is ${words(toHole)} below the rim: ${words(free)} must stay free between them`;
    return made
      ? {
          title: "The cap comes too near the hole",
          sentence: `A cap keeps light out from ${words(reach)} on, ${below}.`,
        }
      : {
          title: "The lid comes too near the hole",
          sentence: `The lid reaches ${isKnown ? "" : "perhaps "}${words(reach)} down, ${below}.${isKnown ? "" : " Measure it."}`,
        };
  },
  translucent: () => ({
    title: "Light comes through lid or wall",
    sentence:
      "A grey or white lid lets light through, so the sheet goes grey in the sun. Cover it with black tape in two layers, or paint it inside and out, and hold a bright lamp inside to see.",
  }),
  "one-layer": () => ({
    title: "One layer of tape can pass light",
    sentence:
      "Cloth tape that is dark in one layer indoors can leak in the sun, at lid and corners first. Two layers don’t.",
  }),
  "not-black": ({ share }) => ({
    title: "The inside stays bare",
    sentence: `Bare walls throw back some ${Math.round(100 * share)} % of the picture’s light and grey the whole sheet. Paint everything inside flat black, the lid too.`,
  }),
  hole: ({ judged }, words) => holeVerdictWords(judged, words),
  "picture-small": ({ pairs, perMm, width, height }, words) => ({
    title: `The picture holds only ${Math.round(pairs)} line pairs across its short side`,
    sentence: `The hole draws ${perMm.toFixed(1)} line pairs in a millimetre whatever the sheet; a larger sheet of ${words(width)} × ${words(height)} goes in too and shows more.`,
  }),
};

function overlapWords(overlap: number, words: LengthWords): string {
  return `The two pictures overlap by ${words(Math.round(overlap))}`;
}

/** What each button says that mends something. */
const MENDS: Sayings<Mend, string> = {
  "trim-long": ({ to }, words) => `Trim the sheet to ${words(to)} long`,
  "trim-high": ({ to }, words) => `Trim the sheet to ${words(to)} high`,
  trim: ({ width, height }, words) => `Trim the sheet to ${words(width)} × ${words(height)}`,
  "stand-at": ({ to }, words) => `Stand it ${words(to)} from the hole`,
  "bring-apart": ({ to }, words) => `Bring them ${words(to)} apart`,
  "sheet-back": () => "Move the sheet back",
  "sheet-inside": () => "Move the sheet inside",
  "hole-opposite-sheet": () => "Move the hole opposite the sheet",
  "no-opening": () => "Leave the opening out",
  "slide-nearest": () => "Slide them to the nearest distance",
  "thinner-plate": ({ to }, words) => `Use a plate ${words(to)} thick`,
  "widen-opening": ({ to }, words) => `Widen the opening to ${words(to)}`,
  "lower-hole": ({ to }, words) => `Lower the hole by ${words(to)}`,
  "eyes-apart": ({ to }, words) => `Bring the holes ${words(to)} apart, as eyes are`,
  divider: ({ to }, words) => `Put in a wall ${words(to)} high`,
  "hole-opposite": () => "Put the hole opposite the sheet’s middle",
  "hole-level": () => "Put the hole level with the middle",
  felt: () => "Close the gap with felt",
  "holes-even": () => "Put the holes evenly either side of the middle",
  covered: () => "It is covered now",
  "two-layers": () => "There are two layers now",
  paint: () => "Paint it black",
  baffle: ({ height, aside }, words) => `Stand strips ${words(height)} high, ${words(aside)} beside the hole`,
  "use-sheet": ({ name }) => `Use ${name}`,
  "move-sheet": ({ to }, words) => `Move the sheet to ${words(to)}`,
  "sharpest-hole": ({ to }, words) => `Use ${words(to, 2)}, sharpest at your contrast`,
  "thin-plate": () => "Put the hole in a thin plate",
  "new-hole": ({ to }, words) => `Make a new hole of ${words(to, 2)}`,
};

/**
 * What a button says that mends a design.
 *
 * @param words writes lengths in the maker's unit
 */
export function mendWords(mend: Mend, words: LengthWords): string {
  return say(MENDS, mend, words);
}
