import type { LengthWords } from "../../core/camera/container/index.ts";
import type { HoleToMake, HoleVerdict, JudgedHole, SunThroughHole } from "../../core/camera/holeToMake/index.ts";

/**
 * How exact the hole must be, as one says it to someone with a needle; of trails, how the sun draws through it.
 *
 * @param words writes lengths in the maker's unit
 * @example holeAdvice(judgeHole(box, paper, ideal), inMm).slice(0, 34) // "0.27 mm draws the most detail; fro"
 */
export function holeAdvice({ toMake, sun, diameter }: JudgedHole, words: LengthWords): string {
  return sun === null ? bandWords(toMake, words) : trailWords(diameter, sun, words);
}

function trailWords(
  diameter: number,
  { disc, dayStep, usual: [least, most] }: SunThroughHole,
  words: LengthWords,
): string {
  const usual = `The sun’s disc is ${words(disc, 2)} wide on this sheet, the tracks of two days lie up to ${words(dayStep, 2)} apart; holes of ${words(least, 1)} to ${words(most, 1)} are usual.`;
  if (diameter < least) return `${usual} This one is finer: its lines are thin, and faint in haze.`;
  return diameter > most ? `${usual} This one is wider: its lines run together.` : usual;
}

function bandWords({ best, band, soft }: HoleToMake, words: LengthWords): string {
  const stops = 2 * Math.log2(soft / best);
  return `${words(best, 2)} draws the most detail; from ${words(band[0], 2)} to ${words(band[1], 2)} looks the same; up to ${words(soft, 2)} is a little softer and ${quickerWords(stops)}.`;
}

function quickerWords(stops: number): string {
  const [size, way] = [Math.abs(stops), stops < 0 ? "slower" : "quicker"];
  if (size < 0.3) return `hardly ${way}`;
  if (size < 0.45) return `a third of a stop ${way}`;
  if (size < 0.8) return `over half a stop ${way}`;
  return `${size.toFixed(1)} stops ${way}`;
}

/** What is said: what stands out, and a sentence with its numbers. */
export interface Said {
  readonly title: string;
  readonly sentence: string;
}

/**
 * A judged hole in words; the same on every page.
 *
 * @returns a title and a sentence with its numbers
 * @example holeVerdictWords(judgeHole(box, paper, ideal), inMm).title // "Keep it"
 */
export function holeVerdictWords(judged: JudgedHole, words: LengthWords): Said {
  const { verdict, share, quicker, diameter, toMake, mount } = judged;
  if (judged.sun !== null) return { title: "A hole for the sun’s tracks", sentence: holeAdvice(judged, words) };
  const large = diameter > toMake.best;
  const keeps = `It keeps ${Math.round(100 * share)} % of the finest detail that ${words(toMake.best, 2)} would draw, and is ${quickerWords(quicker)}`;
  const came = `The hole came out ${large ? "large" : "small"} for this distance`;
  switch (verdict.action) {
    case "keep":
      return keepWords(verdict.reason, keeps, large);
    case "wish":
      return {
        title: `The hole is ${verdict.reason} than the sharpest one`,
        sentence: large ? `${keeps}: bright and soft, a choice some make.` : `${keeps}: slow and soft.`,
      };
    case "sand": {
      const how = LARGER[mount === "wall" ? "wall" : "plate"];
      return verdict.reason === "burrs"
        ? { title: how.title, sentence: `The rim is rough. ${how.smooth}, then measure again.` }
        : {
            title: came,
            sentence: `${keeps}. ${how.widen}, and measure again. A small hole is slow and soft, not useless.`,
          };
    }
    case "remake":
      return remakeWords(verdict.reason, came, keeps);
    case "move":
      return {
        title: came,
        sentence: `${keeps}. Held ${words(verdict.distance)} from the hole, the sheet has just the hole it wants there (in a box, a false back).`,
      };
    default:
      return verdict satisfies never;
  }
}

/** How a rim is smoothed and a hole made larger; a wall is not sanded. */
const LARGER = {
  plate: {
    title: "Sand more",
    smooth: "Fine wet paper on both sides",
    widen: "Sand or turn the needle a little more",
  },
  wall: {
    title: "Clean the rim",
    smooth: "Scrape the burr off inside with a matchstick and turn the pin once more",
    widen: "Turn the pin in it a little more, or take a thicker one",
  },
} as const;

function keepWords(reason: (HoleVerdict & { action: "keep" })["reason"], keeps: string, large: boolean): Said {
  switch (reason) {
    case "in band":
      return { title: "Keep it", sentence: "It draws as fine as the best." };
    case "near band":
      return { title: "Keep it", sentence: `${keeps}. Few would see the difference.` };
    case "as wished":
      return {
        title: "Keep it: it is the hole you asked for",
        sentence: `${keeps}${large ? ": bright and soft, a choice some make" : ""}.`,
      };
    case "for trails":
    case "as bought":
      return { title: "The hole is bought as it is", sentence: `${keeps}. Nothing to make.` };
    default:
      return reason satisfies never;
  }
}

function remakeWords(reason: (HoleVerdict & { action: "remake" })["reason"], came: string, keeps: string): Said {
  switch (reason) {
    case "oval":
      return { title: "Make it again", sentence: "It is plainly oval. Straight in, no wobble, or turn the needle." };
    case "rough":
      return { title: "Make it again", sentence: "The rim is torn." };
    case "large":
      return { title: came, sentence: `${keeps}: bright and soft. Make it again unless you want just that.` };
    case "small":
      return { title: came, sentence: `${keeps}: slow and soft. Make it again.` };
    default:
      return reason satisfies never;
  }
}
