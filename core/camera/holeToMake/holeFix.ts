import { type Fix, withAim, withField, withMount } from "../container/index.ts";
import type { JudgedHole } from "./judgeHole.ts";
import { withSheetAt } from "./sheetReach.ts";

/** The change that mends a hole, as a button says it; lengths in mm. */
export type HoleMend =
  | { readonly code: "move-sheet" | "sharpest-hole" | "new-hole"; readonly to: number }
  | { readonly code: "thin-plate" };

/**
 * The one press that mends a hole.
 *
 * @param hole its number
 * @returns `null` where there is nothing to do, or only something for the hand
 * @example holeFix(judgeHole(box, paper, ideal)) // null
 */
export function holeFix({ verdict, toMake, mount }: JudgedHole, hole = 0): Fix<HoleMend> | null {
  switch (verdict.action) {
    case "move":
      return {
        mend: { code: "move-sheet", to: verdict.distance },
        apply: (camera) => withSheetAt(camera, verdict.distance),
      };
    case "wish":
      return {
        mend: { code: "sharpest-hole", to: toMake.best },
        apply: (camera) => withAim(camera, { rule: "computed" }),
      };
    case "remake":
      // What is through the wall can't be made smaller: a plate goes over it.
      return mount === "wall"
        ? {
            mend: { code: "thin-plate" },
            apply: (camera) => withMount(withField(camera, "hole.measured", null, hole), "plate"),
          }
        : {
            mend: { code: "new-hole", to: toMake.target },
            apply: (camera) => withField(camera, "hole.measured", null, hole),
          };
    case "sand":
    case "keep":
      return null;
    default:
      return verdict satisfies never;
  }
}
