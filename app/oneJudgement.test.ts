import { DEFAULT_CONTRAST, settled, withAim, withField } from "../core/camera/container/index.ts";
import { holeFix } from "../core/camera/holeToMake/index.ts";
import { optimum } from "../core/light/hole/index.ts";
import { inMm, KINDS, PAPER_LIGHT, testCamera } from "../core/testing/cameras.ts";
import { readDesign } from "../features/bench/readings/reading.ts";
import { readingRows } from "../features/bench/readings/readingRows.ts";
import { cutOrder, judgedHole } from "../features/make/cutOrder.ts";
import { stepsOf } from "../features/make/stepsOf.ts";
import { holeAdvice, holeVerdictWords } from "../wording/make/holeWords.ts";

const CONTRASTS = [0.1, DEFAULT_CONTRAST, 0.4];

/** Where each kind's hole comes out, in times the best. */
const CAME_OUT = [null, 0.5, 0.8, 1, 1.2, 1.7, 6] as const;

describe.each(KINDS)("the same hole of a %s", (kind) => {
  test.each(CAME_OUT)(
    "that came out %p times the best has one band, verdict and fix on Bench, Make, steps and kit",
    (times) => {
      for (const contrast of CONTRASTS) {
        for (const subjectDistance of [null, 150]) {
          const ideal = optimum(contrast, 0.95);
          const designed = settled(withAim(testCamera(kind), { contrast, subjectDistance }), PAPER_LIGHT, ideal);
          const { best } = judgedHole(designed).toMake;
          const camera = times === null ? designed : withField(designed, "hole.measured", times * best);
          const bench = readDesign(camera, ideal, inMm);
          const make = judgedHole(camera);
          expect(make).toEqual(bench.judged);
          const row = readingRows(camera, bench, inMm).find(({ id }) => id === "hole");
          expect(row?.sentence).toContain(holeAdvice(make, inMm));
          const verdict = bench.verdicts.find(({ id }) => id === "hole-outside-band");
          if (verdict !== undefined) {
            expect(verdict).toMatchObject(holeVerdictWords(make, inMm));
            expect(verdict.fix?.mend).toEqual(holeFix(make)?.mend);
          } else expect(make.verdict.action).toBe("keep");
          const [low, high] = make.toMake.band;
          const step = stepsOf(cutOrder(camera, inMm, null)).find(({ id }) => id === "hole");
          if (step?.what.includes("looks the same")) {
            expect(step.what).toContain(`from ${inMm(low, 2)} to ${inMm(high, 2)}`);
          }
        }
      }
    },
  );
});
