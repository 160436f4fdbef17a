import type { AimMove } from "../../../core/viewfinder/index.ts";

/** What is nearer than this is let be, degrees. */
const LEAST_MOVE = 0.75;

/**
 * How to move the box, in words: only what is worth moving.
 *
 * @param words a length in the maker's unit
 * @returns empty: it stands right
 */
export function moveWords({ turn, lean, roll, card }: AimMove, words: (mm: number) => string): readonly string[] {
  const degrees = (angle: number): string => `${Math.round(Math.abs(angle))}°`;
  const said: string[] = [];
  if (Math.abs(turn) >= LEAST_MOVE) said.push(`Turn it ${degrees(turn)} to the ${turn > 0 ? "right" : "left"}.`);
  if (Math.abs(lean) >= LEAST_MOVE) {
    const edge = lean > 0 ? "front" : "back";
    said.push(
      `Lean it ${degrees(lean)} ${lean > 0 ? "back" : "forward"}: ${words(Math.round(card))} of card under its ${edge} edge.`,
    );
  }
  if (Math.abs(roll) >= LEAST_MOVE)
    said.push(`Level it: ${degrees(roll)} ${roll > 0 ? "clockwise" : "anticlockwise"}.`);
  return said;
}
