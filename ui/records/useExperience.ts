import { useMemo } from "react";
import { type Exposure, lessonOf } from "../../core/document/index.ts";
import { type Experience, experience, type JudgedShot, withoutSurpassed } from "../../core/learning/index.ts";
import { camerasAlike, judgedShots, useLive } from "../../storage/index.ts";

/** What the log has taught, followed as it changes. */
export interface LogExperience {
  readonly experience: Experience;
  readonly lessons: readonly Lesson[];
  /** Cameras that share another one's experience. */
  readonly alike: ReadonlyMap<string, string>;
  /** Whether the log has been read. */
  readonly read: boolean;
}

/** A judged shot and what it teaches. */
export interface Lesson {
  readonly shot: Exposure;
  readonly lesson: JudgedShot;
}

const NOTHING: readonly [readonly Exposure[], ReadonlyMap<string, string>] = [[], new Map()];

function readLog(): Promise<readonly [readonly Exposure[], ReadonlyMap<string, string>]> {
  return Promise.all([judgedShots(), camerasAlike()]);
}

/** Follows the judged shots of the log. A page opens with the sums and takes them in as soon as they are read. */
export function useExperience(): LogExperience {
  const live = useLive(NOTHING, readLog);
  const [shots, alike] = live.value;
  const read = live.status !== "loading";
  return useMemo(() => {
    const lessons = shots.flatMap((shot) => {
      const lesson = lessonOf(shot, alike);
      return lesson === null ? [] : [{ shot, lesson }];
    });
    return { experience: experience(withoutSurpassed(lessons.map(({ lesson }) => lesson))), lessons, alike, read };
  }, [shots, alike, read]);
}
