import type { Exposure } from "../../../core/document/index.ts";

/** Which shots are shown; `null`: all of them in this respect. */
export interface ShotFilter {
  readonly camera: string | null;
  readonly load: string | null;
  readonly medium: string | null;
  /** As the shot has it, or by its key. */
  readonly light: string | null;
  readonly where: string | null;
  readonly verdict: Verdict | null;
  /** Days, ISO 8601. */
  readonly from: string | null;
  readonly until: string | null;
  /** In the subject, the place, the note. */
  readonly words: string | null;
}

export const VERDICTS = [
  { id: "unjudged", name: "not judged yet" },
  { id: "right", name: "right" },
  { id: "dark", name: "too dark" },
  { id: "light", name: "too light" },
  { id: "spoilt", name: "spoilt" },
] as const;
export type Verdict = (typeof VERDICTS)[number]["id"];

const NAMES = ["camera", "load", "medium", "light", "where", "verdict", "from", "until", "words"] as const;
/** Nearer to right than this is right, stops. */
const RIGHT = 1 / 4;

/** The filter that an address asks for. */
export function filterOf(search: URLSearchParams): ShotFilter {
  const asked = Object.fromEntries(NAMES.map((name) => [name, search.get(name) || null])) as Record<
    (typeof NAMES)[number],
    string | null
  >;
  return { ...asked, verdict: VERDICTS.find(({ id }) => id === asked.verdict)?.id ?? null };
}

/** Whether more is asked than one camera’s shots, which the index of the log knows. */
export function isSifted({ camera: _, ...rest }: ShotFilter): boolean {
  return Object.values(rest).some((asked) => asked !== null);
}

/** What was found of a shot. */
export function verdictOf({ judged, spoilt }: Exposure): Verdict {
  if (spoilt != null) return "spoilt";
  if (judged == null) return "unjudged";
  if (Math.abs(judged.correction) < RIGHT) return "right";
  return judged.correction < 0 ? "dark" : "light";
}

/** Whether a shot is one of those asked for. */
export function matches(shot: Exposure, filter: ShotFilter): boolean {
  const { camera, load, medium, light, where, verdict, from, until, words } = filter;
  const day = shot.openedAt.slice(0, 10);
  const holds = (text: string | undefined, part: string): boolean =>
    (text ?? "").toLocaleLowerCase().includes(part.toLocaleLowerCase());
  return (
    (camera === null || shot.cameraId === camera) &&
    (load === null || shot.loadId === load) &&
    (medium === null || shot.medium === medium) &&
    (light === null || shot.lightKey === light || shot.light === light) &&
    (where === null || holds(shot.where, where)) &&
    (verdict === null || verdictOf(shot) === verdict) &&
    (from === null || day >= from) &&
    (until === null || day <= until) &&
    (words === null || [shot.subject, shot.where, shot.note, shot.weather].some((text) => holds(text, words)))
  );
}
