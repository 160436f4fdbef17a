import type { Fault } from "../light/solve/index.ts";
import { MOST_OF_PICTURE } from "./proof.ts";
import type { ProofTrouble } from "./scan/placeSheet.ts";

/**
 * A trouble in words that say what is allowed, with the field it belongs to.
 *
 * @returns path (JSON Pointer, also `/scan` for the picture itself) and message
 * @source FORMAT, `POST /api/proof`
 * @example troubleFault("black").path // "/scan"
 */
export function troubleFault(trouble: ProofTrouble): Fault {
  switch (trouble) {
    case "black":
      return { path: "/scan", message: "is black all over: no light came from the sheet; scan it with the lid closed" };
    case "off-scan":
      return { path: "/sheet/corners", message: "must lie in the scan: nothing of the sheet is there" };
    case "nothing-there":
      return { path: "/towards", message: "must be a direction the sheet has seen: nothing of it lies there" };
    case "too-large":
      return {
        path: "/output/width",
        message: `must be smaller: the picture would have more than ${MOST_OF_PICTURE / 1e6} million pixels`,
      };
    default:
      return trouble satisfies never;
  }
}
