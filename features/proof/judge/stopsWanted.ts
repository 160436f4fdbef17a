import { formatStops, isSaid, moreOrLess } from "../../../core/basis/units/index.ts";

/** What a shot wanted, in words: “1⅓ stops more”, or nothing else. */
export function stopsWanted(stops: number): string {
  return isSaid(stops) ? `${moreOrLess(stops)}` : "nothing else";
}

/** Where a tone lies, in words: “2 stops under mid-grey”. */
export function offMiddle(stops: number): string {
  return isSaid(stops) ? `${formatStops(stops)} ${stops > 0 ? "over" : "under"} mid-grey` : "at mid-grey";
}
