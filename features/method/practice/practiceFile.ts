import { type PracticeFile, type PracticeResult, parsePractice } from "../../../core/document/index.ts";
import type { Practised, Standing } from "../../../core/practice/index.ts";

/** A session that was begun, and how far it came. */
export interface BegunSession {
  readonly practised: Practised;
  readonly standing: Standing;
}

/** How far one session came, as a pupil hands it in. */
export function resultOf({
  practised: { session, seed },
  standing: { goals, reached, spent, allowed, done },
}: BegunSession): PracticeResult {
  return {
    session,
    seed,
    reached,
    of: goals.length,
    spent,
    allowed,
    done,
  };
}

/** The file of somebody who practised. */
export function practiceFile(who: string, sessions: readonly PracticeResult[], at: string): PracticeFile {
  return { format: "still-box/practice", version: 1, who: who.trim(), savedAt: at, sessions };
}

/** What a teacher's files say, and what was said of those that can't be read. */
export interface HandedIn {
  readonly files: readonly PracticeFile[];
  readonly refused: readonly string[];
}

/** Reads pupils' files. */
export async function handedIn(given: readonly File[]): Promise<HandedIn> {
  const files: PracticeFile[] = [];
  const refused: string[] = [];
  for (const file of given) {
    const data: unknown = await file
      .text()
      .then((text) => JSON.parse(text) as unknown)
      .catch(() => null);
    const read = parsePractice(data);
    if (read.ok) files.push(read.value);
    else {
      const [fault] = read.error;
      refused.push(
        data === null
          ? `${file.name} is not a file of practice. “Save how far I got” makes one.`
          : `${file.name}: ${fault?.path || "the file"} ${fault?.message}.`,
      );
    }
  }
  return { files, refused };
}
