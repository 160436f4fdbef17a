import { HOLE_GAP, type LengthWords, type Limit } from "../core/camera/container/index.ts";
import { type Sayings, say } from "./sayings.ts";

/**
 * What an entry or a verdict says where a design can't be built: what is possible.
 *
 * @param words writes lengths in the maker's unit
 */
export function limitWords(limit: Limit, words: LengthWords): string {
  return say(LIMITS, limit, words);
}

const LIMITS: Sayings<Limit, string> = {
  "above-zero": ({ such }, words) => `Must be above 0, such as ${words(such)}.`,
  "not-negative": () => "Can’t be less than 0.",
  "at-least": ({ least }, words) => `Must be ${words(least, 3)} or more.`,
  "at-most": ({ most }, words) => `Can be ${words(most)} at most.`,
  whole: ({ least, most }) => `A whole number from ${least} to ${most}.`,
  lean: ({ most }) => `The sheet can lean ${most}° at most, either way.`,
  opening: ({ least }, words) => `Must be at least as wide as the hole, ${words(least)}.`,
  "back-width": ({ most }, words) =>
    `The back is ${words(most)} wide: the sheet can be that wide at most, or it springs up.`,
  "no-room": () => "No sheet goes in: the inside, or the bow, is too small. Make that larger.",
  "far-wall": ({ most }, words) =>
    `The far wall takes ${words(most)} at most, half way round. Longer sheets are curled round the wall.`,
  "leaning-width": ({ most }, words) =>
    `Leaning like this, the sheet can be ${words(most)} wide at most before it meets a wall.`,
  "bowed-length": ({ most }, words) =>
    `Bowed like this, the sheet can be ${words(most)} long at most before its ends meet a wall.`,
  "round-length": ({ most }, words) =>
    `This wall takes ${words(most)} at most, with ${words(HOLE_GAP)} left free at the hole.`,
  slide: ({ most, fromHole }, words) =>
    `The sheet can slide ${words(most)} at most either way${
      fromHole === null ? "" : `, or it would come within ${words(fromHole)} of the hole`
    }.`,
  sideways: ({ most }, words) => `The sheet can move ${words(most)} at most sideways before it meets a wall.`,
  "up-or-down": ({ most }, words) => `The sheet can move ${words(most)} at most up or down before it meets a wall.`,
  high: ({ noun, most }, words) => `The ${noun} is ${words(most)} high inside: the sheet can be that high at most.`,
  corners: ({ across, high, most }, words) =>
    `On a round back ${words(across)} across, a sheet ${words(high)} high can be ${words(most)} wide at most: its corners must fit.`,
  "corners-high": ({ across }, words) =>
    `On a round back ${words(across)} across the sheet must be less high than that: its corners must fit.`,
  apart: ({ over }, words) =>
    `Their openings would run into each other: the holes must be more than ${words(over)} apart.`,
  "opening-too-large": ({ wide }, words) =>
    `The opening, ${words(wide)} wide, is larger than this face. Make it smaller.`,
  "hole-on-lid": ({ hole, most }, words) =>
    `${that(hole)} is outside the lid: the hole can be up to ${words(most)} from its middle.`,
  "hole-on-face": ({ hole, most }, words) =>
    `${that(hole)} is outside the face: the hole can be up to ${words(most)} from its middle, either way.`,
  "hole-height": ({ hole, least, most }, words) =>
    `${that(hole)} is outside the face: the hole can be ${words(least)} to ${words(most)} above the bottom.`,
  "boxes-slide": ({ least, most }, words) =>
    `These two boxes slide from ${words(least)} to ${words(most)} hole to sheet.`,
  "nothing-slides": () =>
    "With this overlap and card nothing is left to slide. Make the overlap less, or the square larger.",
  vanes: ({ meet }, words) => `The vanes meet ${words(meet)} from the hole: the sheet must stand nearer, above 0.`,
  "leans-past": ({ deep }, words) =>
    `The sheet would lean past the hole: for this lean the inside must be more than ${words(deep)} deep. Let it lean less, or trim it.`,
  "once-round": ({ long, across }, words) =>
    `The sheet, ${words(long)} long, would go more than once round: the inside must be ${words(across)} across at least. Trim the sheet first.`,
  "opening-first": ({ hole, opening }, words) =>
    `The hole, ${words(hole)}, would be wider than the opening before it, ${words(opening)}. Widen the opening first.`,
};

/** Which place is meant: the hole by its number where there are several. */
function that(hole: number | null): string {
  return hole === null ? "That" : `Hole ${hole}: that`;
}
