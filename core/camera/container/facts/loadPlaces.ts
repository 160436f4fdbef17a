import { rollPlan } from "../../roll/index.ts";
import type { Camera } from "../model/camera.ts";

/** One place of a camera that holds one shot: a number of a tray, a chamber, a frame, or all there is. */
export interface LoadPlace {
  /** As a load names it. */
  readonly id: string;
  readonly name: string;
  /** Which of a tray; `null` where it is none. */
  readonly number: number | null;
  /** What to do to come to it, where film is wound. */
  readonly advance: string | null;
}

/**
 * The places of a camera in the order they are used: of a tray the highest number first, so that the highest that shows is
 * the shots left; chambers in their order; frames with the turns that bring each.
 *
 * @returns at least one; of a roll with no room for a frame, one
 * @source PHYSICS section 6 (winding); the numbered tray: common practice
 * @example loadPlaces(canisters).map(({ name }) => name) // ["No. 9", "No. 8", …]
 */
export function loadPlaces(camera: Camera): readonly LoadPlace[] {
  const { set, chambers } = camera;
  if (set) {
    return Array.from({ length: set.count }, (_, i) => {
      const number = set.count - i;
      return { id: String(number), name: `No. ${number}`, number, advance: null };
    });
  }
  if (chambers.length > 1) {
    const labels = chambers.map(({ label }, index) => label || `Chamber ${index + 1}`);
    return labels.map((label, index) => {
      const name = labels.indexOf(label) === index ? label : `${label} (${index + 1})`;
      return { id: name, name, number: null, advance: null };
    });
  }
  const { roll, film } = chambers[0];
  const plan = roll ? rollPlan({ ...roll, frame: film.width }) : null;
  if (plan === null || plan.frames.length === 0) return [{ id: "1", name: "The sheet", number: null, advance: null }];
  return plan.frames.map(({ turns, clicks }, index) => {
    // The first is wound as the table has it, after the leader has gone on.
    const after = index === 0 ? `, after the leader’s ${plan.leaderTurns.toFixed(2)}` : "";
    return {
      id: String(index + 1),
      name: `Frame ${index + 1}`,
      number: null,
      advance: `wind ${turns.toFixed(2)} turns${clicks === null ? "" : `, ${clicks.toFixed(1)} clicks`}${after}`,
    };
  });
}
