import { turnsFor } from "./winding.ts";

/** Pitch of the perforations of 135 film, mm. ISO 1007. */
export const PERFORATION_PITCH = 4.75;

/** What is known of a roll and its camera; lengths in mm. */
export interface RollSetting {
  readonly film: "135" | "120";
  /** Width of a picture along the film. */
  readonly frame: number;
  readonly gap: number;
  readonly core: number;
  readonly thickness: number;
  readonly length: number;
  readonly leader: number;
  readonly tail: number;
  readonly clicks: number;
}

/** How far to wind for one frame. */
export interface FrameStep {
  /** Turns of the take-up spool, and the same counted in halves. */
  readonly turns: number;
  readonly halfTurns: number;
  /** The same in clicks of its wheel; `null` where one is a whole turn, which nobody has to count. */
  readonly clicks: number | null;
}

export interface RollPlan {
  /** From picture to picture, mm: on perforated film a whole number of perforations. */
  readonly pitch: number;
  /** Perforations per frame; `null` where there are none to count. */
  readonly perforations: number | null;
  /** What to wind for each frame, the first after the leader has gone on. */
  readonly frames: readonly FrameStep[];
  /** Turns before the first frame. */
  readonly leaderTurns: number;
  /** Pictures that leader and tail cost. */
  readonly lost: number;
}

/**
 * The winding of a roll: as the spool fattens, the same turn pulls more film, so each frame needs a little less.
 *
 * @param setting lengths > 0 (leader, tail, gap ≥ 0)
 * @returns one step a frame; none where leader and tail leave no room
 * @source PHYSICS section 6; perforation pitch ISO 1007
 * @example rollPlan({ …frame: 36, gap: 2 }).perforations // 8
 */
export function rollPlan(setting: RollSetting): RollPlan {
  const { film, frame, gap, core, thickness, length, leader, tail, clicks } = setting;
  const perforations = film === "135" ? Math.ceil((frame + gap) / PERFORATION_PITCH - 1e-9) : null;
  const pitch = perforations === null ? frame + gap : perforations * PERFORATION_PITCH;
  // Layers already on the spool count: the leader is wound before the first picture.
  const at = (wound: number): number => turnsFor(wound, core, thickness);
  const count = Math.max(0, Math.floor((length - leader - tail) / pitch + 1e-9));
  const frames = Array.from({ length: count }, (_, i) => {
    const turns = at(leader + (i + 1) * pitch) - at(leader + i * pitch);
    return { turns, halfTurns: 2 * turns, clicks: clicks === 1 ? null : clicks * turns };
  });
  return { pitch, perforations, frames, leaderTurns: at(leader), lost: Math.floor(length / pitch + 1e-9) - count };
}
