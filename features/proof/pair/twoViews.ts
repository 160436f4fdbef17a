import { mediumById } from "../../../catalogue/media.ts";
import { failure, type Result, success } from "../../../core/basis/units/index.ts";
import { type Camera, pictureRequest } from "../../../core/camera/container/index.ts";
import type { Negative, OtherOfPair } from "../../../core/document/index.ts";
import { eyeSettings, type ProofSettings } from "../../../core/negative/index.ts";

interface View {
  readonly negative: Negative;
  readonly settings: ProofSettings;
}

/** What each eye is to see, and how far apart both were taken, mm. */
export interface TwoViews {
  readonly left: View;
  readonly right: View;
  readonly base: number;
}

const NO_EDGES = "Find the edges of the sheet on Scan first: by them its two pictures are parted.";

/** The two pictures of one sheet from two holes, parted by the camera's measures. */
export function viewsOfHoles(negative: Negative, camera: Camera): Result<TwoViews, string> {
  const medium = mediumById(negative.medium);
  const { holes } = camera.chambers[0];
  // The scene is seen upright from behind: the hole at greater x is the right eye's.
  const order = [0, 1].sort((a, b) => (holes[a]?.x ?? 0) - (holes[b]?.x ?? 0));
  const [one, other] = order.map((hole) => {
    const { hole: spec, film } = pictureRequest(camera, medium, hole);
    return eyeSettings(negative.settings, { hole: spec, film });
  });
  if (!one || !other) return failure(NO_EDGES);
  const base = Math.abs((holes[1]?.x ?? 0) - (holes[0]?.x ?? 0));
  return success({ left: { negative, settings: one }, right: { negative, settings: other }, base });
}

/** Two sheets of one thing, the camera moved to the side between them. */
export function viewsOfSheets(
  negative: Negative,
  other: Negative,
  { base, side }: OtherOfPair,
): Result<TwoViews, string> {
  for (const { settings } of [negative, other]) {
    if (!settings.sheet.corners) return failure("Find the edges of both sheets on Scan first.");
    if (!settings.camera)
      return failure("Tell on Scan which camera each sheet is from: its measures lay the two on one another.");
  }
  const [own, its] = [negative, other].map((each): View => ({ negative: each, settings: each.settings })) as [
    View,
    View,
  ];
  return success(side === "left" ? { left: own, right: its, base } : { left: its, right: own, base });
}
