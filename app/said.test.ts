import { mediumById } from "../catalogue/media.ts";
import { MOUNTS } from "../catalogue/mounts.ts";
import { chance } from "../core/basis/numeric/chance.ts";
import { formatTime } from "../core/basis/units/index.ts";
import {
  type Camera,
  type DesignField,
  fieldValue,
  refusal,
  settled,
  withContainer,
  withField,
  withMount,
} from "../core/camera/container/index.ts";
import { judgeHole } from "../core/camera/holeToMake/index.ts";
import { experience, type JudgedShot } from "../core/learning/index.ts";
import { buildPlan } from "../core/make/plan/index.ts";
import type { SunVerdict } from "../core/sun/index.ts";
import { ideal, inMm, KINDS, PAPER_LIGHT, testCamera } from "../core/testing/cameras.ts";
import { planCatalogue, planFor, withChoices } from "../core/testing/plans.ts";
import type { Act } from "../core/thread/index.ts";
import { readDesign } from "../features/bench/readings/reading.ts";
import { loadingLines, sheetWords } from "../features/dark/load/loadingWords.ts";
import { openingWords } from "../features/field/count/openingWords.ts";
import { suggest } from "../features/field/expose/suggestion.ts";
import { readLight } from "../features/field/light/readLight.ts";
import { proposal, proposedInStops } from "../features/proof/judge/judgeWords.ts";
import { limitWords } from "../wording/limits.ts";
import { holeAdvice } from "../wording/make/holeWords.ts";
import { makingQuestions } from "../wording/make/makingQuestions.ts";
import { sunVerdictWords } from "../wording/sunWords.ts";
import { actWords, stationWords } from "../wording/threadWords.ts";
import { papersOf } from "./testing/papers.ts";

/** Sentences by place, each once however its figures and its container go: with the facts of the first camera that says it. */
class Said {
  readonly #places = new Map<string, Map<string, string>>();

  take(place: string, text: string): void {
    const sentences = this.#places.get(place) ?? new Map<string, string>();
    this.#places.set(place, sentences);
    for (const line of text.split("\n")) {
      for (const sentence of line.split(/(?<=[.!?:;])\s+(?=[A-Z“0-9])/)) {
        // Forms and numbered lists: what is filled in, and where a step stands, is no sentence.
        const words = sentence.replace(/_{2,}.*|^\d+\.? {2}/g, "").trim();
        const key = words.replace(/[\d.,]*\d|\b(can|tin|canister|drum|box|carton|matchbox)\b/g, "#");
        if (words.split(/\s+/).length > 2 && !sentences.has(key)) sentences.set(key, words);
      }
    }
  }

  all(): readonly string[] {
    return [...this.#places.values()].flatMap((sentences) => [...sentences.values()]);
  }

  text(): string {
    return [...this.#places]
      .map(([place, sentences]) => [`== ${place}`, ...sentences.values()].join("\n"))
      .join("\n\n");
  }
}

const random = chance(2026);
const oneOf = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
const said = new Said();

/** Cameras of every kind, hole and purpose, with ways drawn where makers disagree. */
function* seededCameras(): Generator<Camera> {
  for (const kind of KINDS) {
    for (const { id: mount } of MOUNTS) {
      for (const purpose of ["picture", "trail"] as const) {
        const choices = Object.fromEntries(makingQuestions.map(({ id, ways }) => [id, oneOf(ways).id]));
        const bare = withContainer({ ...withMount(testCamera(kind), mount), purpose }, { insideBlack: random() < 0.5 });
        yield settled(withChoices(bare, choices), PAPER_LIGHT, ideal);
      }
    }
  }
}

const FIELDS: readonly DesignField[] = [
  "container.width",
  "container.height",
  "container.depth",
  "container.diameter",
  "container.wall",
  "film.width",
  "film.height",
  "film.x",
  "film.y",
  "film.slide",
  "film.distance",
  "film.radius",
  "film.tiltY",
  "hole.x",
  "hole.above",
  "hole.base",
  "hole.diameter",
  "hole.openingDiameter",
  "hole.plateThickness",
  "folded.sheet",
  "folded.overlap",
  "drum.tiers",
  "drum.gap",
  "roll.gap",
  "roll.clicks",
  "chamber.divider",
];

function benchSays(camera: Camera): void {
  for (const field of FIELDS) {
    const before = fieldValue(camera, field);
    if (before === null || before === undefined) continue;
    for (const value of [-5, 0, 0.0001, 1.3 * before, 3 * before, 9000]) {
      const changed = settled(withField(camera, field, value), PAPER_LIGHT, ideal);
      const limit = refusal(changed, field);
      if (limit !== null) said.take("Bench, an entry that is refused", limitWords(limit, inMm));
      else {
        for (const { title, sentence, button } of readDesign(changed, ideal, inMm).verdicts) {
          said.take("Bench, verdicts", `${title}\n${sentence}\n${button ?? ""}`);
        }
      }
    }
  }
}

function fieldSays(camera: Camera, round: number): void {
  const medium = mediumById(["rc-graded", "direct-positive", "film-pan-100"][round % 3]);
  const judged: JudgedShot[] = Array.from({ length: round % 4 }, () => ({
    camera: "c",
    medium: medium.id,
    light: "l",
    meteredSeconds: 20,
    usedSeconds: 20,
    correction: (random() - 0.5) * (round % 2 ? 0.2 : 3),
  }));
  const source =
    round % 2 === 0
      ? ({ by: "table", row: oneOf(["sun", "overcast", "home-lamps"]) } as const)
      : ({ by: "meter", seconds: "2", fNumber: "90", iso: "12" } as const);
  const reading = readLight(source, medium, [{ id: "m", name: "My meter", kind: "meter", offset: round % 3 }]);
  if (!reading.ok) throw new Error("no light");
  const keys = { camera: "c", medium: medium.id, light: "l" };
  const known = { experience: experience(judged), keys, shots: judged.length };
  const made = suggest(camera, medium, medium.iso, reading.value, known, inMm, round % 5 === 0);
  if (!made.ok) throw new Error(made.error.message);
  const { sum, learnt, counted } = made.value;
  said.take("Field, the sum", sum.join("\n"));
  said.take("Field, what the log says", learnt ?? "");
  said.take(
    "Field, before the hole opens",
    openingWords(planFor(camera), counted[1], reading.value.ev, inMm).join("\n"),
  );
}

const ACTS: readonly Act["name"][] = [
  "mend",
  "hole",
  "build",
  "test",
  "leak",
  "load",
  "expose",
  "close",
  "log",
  "develop",
  "baths",
  "scan",
  "judge",
  "print",
  "plan",
  "hang",
  "take-down",
  "read",
];

const SUN: readonly SunVerdict[] = [
  { code: "never-up" },
  { code: "looks-away", fix: { kind: "hole", by: 5 } },
  { code: "changes-sides", north: 120, south: 62 },
  ...(["bottom", "top", "side"] as const).map(
    (edge): SunVerdict => ({ code: "noons-off", days: ["2026-06-01", "2026-06-20"], by: 4.2, edge, fixes: [] }),
  ),
  { code: "noons-off", days: ["2026-06-20"], by: -1, edge: "top", fixes: [] },
  { code: "noons-hidden", days: ["2026-12-20"], by: 3 },
  { code: "blank-ends", share: 0.12 },
  { code: "tracks-merge", step: 0.2, width: 0.6 },
  { code: "all-noons", count: 183 },
];

test("all that is said over seeded cameras, logs, scans and plans, each sentence once: read what changed", () => {
  let round = 0;
  for (const camera of seededCameras()) {
    const { steps: _, ...papers } = papersOf(camera);
    said.take("Bench, readings", papers.readings);
    said.take("Bench, verdicts", papers.verdicts);
    said.take("Make, hole", holeAdvice(judgeHole(camera, PAPER_LIGHT, ideal), inMm));
    said.take("Make, build", papers.stepWords);
    said.take("Make, cut sheet", papers.partWords);
    said.take("Make, bill", papers.bill);
    const plan = buildPlan(camera, planCatalogue);
    said.take(
      "Dark, load",
      loadingLines(plan, inMm)
        .map(({ words }) => words)
        .join("\n"),
    );
    said.take("Dark, load", sheetWords(plan, inMm));
    if (camera.purpose !== "trail") for (let shot = 0; shot < 3; shot++) fieldSays(camera, round++);
    if (camera.chambers[0].mount === "plate") benchSays(camera);
  }
  for (const name of ACTS) {
    for (const count of [0, 1, 3]) {
      const sheets = Array.from({ length: count }, (_, i) => String(i));
      said.take("Thread", actWords({ name, station: "loaded", cameraId: "c", id: null, sheets }));
    }
  }
  said.take("Thread", stationWords({ name: "loaded", count: 7, of: 9 }));
  for (const correction of [-3, -1, -0.2, 0, 0.4, 1, 3]) {
    for (const [blank, burnt] of [
      [0, 0],
      [0.1, 0],
      [0.5, 0],
      [0, 0.1],
      [0, 0.5],
      [0.5, 0.5],
    ] as const) {
      const answer = { correction, blank, burnt, p05: -1, p95: 1 } as Parameters<typeof proposal>[0];
      for (const positive of [false, true]) said.take("Proof, judged", proposal(answer, 1 / 3, positive));
      said.take("Proof, judged", proposedInStops(answer, 1 / 3));
    }
  }
  for (const verdict of SUN) {
    const { title, words } = sunVerdictWords(verdict, (day) => day);
    said.take("Sun, plan", `${title}\n${words}`);
  }
  said.take("Times", [0.5, 26, 104, 4000, 90_000].map(formatTime).join("\n"));
  expect(said.all().filter((sentence) => /undefined|NaN|Infinity|[{}]/.test(sentence))).toEqual([]);
  expect(said.all().filter((sentence) => sentence.split(/\s+/).length > 30)).toEqual([]);
  expect(`\n${said.text()}\n`).toMatchSnapshot();
});
