import { chance } from "../../basis/numeric/chance.ts";
import { normalNumbers } from "../../basis/numeric/index.ts";
import { experience, type JudgedShot, withoutSurpassed } from "../../learning/index.ts";
import { densityCurve, midExposure } from "../../light/exposure/index.ts";
import type { Distribution } from "../model/distribution.ts";
import { judgeLight } from "./judgeLight.ts";

const MEDIUM = { least: 0.05, most: 2.05, range: 110, iso: 6 };
const WHITE = 0.85;
/** Tones of a scene about its own mid-grey, stops: evenly from shadow to light, as many as a paper can hold. */
const SCENE = Array.from({ length: 401 }, (_, i) => (1.3 * (i - 200)) / 200);

/** The light of a scanned sheet that was exposed so many stops over (or under) what would have been right. */
function scanned(over: number, grain: () => number): Distribution {
  const curve = densityCurve(MEDIUM, MEDIUM.iso);
  const values = Float64Array.from(SCENE, (stops) => {
    const density = curve(midExposure(MEDIUM.iso) * 2 ** (stops + over)) - MEDIUM.least + 0.02 * grain();
    return Math.min(1, WHITE * 10 ** -density);
  }).sort();
  return { values, counts: new Float64Array(values.length).fill(1), total: values.length };
}

describe("the loop: expose, develop, scan, judge, and the next time", () => {
  test("20 makers with hidden biases come within a third of a stop in at most 5 shots, 3 in the median", () => {
    const taken: number[] = [];
    for (let maker = 0; maker < 20; maker++) {
      const random = chance(100 + maker);
      const normal = normalNumbers(random);
      // What this maker's camera, paper and way to read light want more than the sums say, stops.
      const hidden = 1.2 * normal() + 0.5 * normal() + 0.4 * normal();
      const shots: JudgedShot[] = [];
      let shot = 0;
      for (; shot < 12; shot++) {
        const next = experience(withoutSurpassed(shots)).about({ camera: "c", medium: "m", light: "l" }).stops;
        if (Math.abs(next - hidden) <= 1 / 3) break;
        const over = next - hidden;
        const { correction, atLeast } = judgeLight(scanned(over, normal), WHITE, MEDIUM);
        shots.push({
          camera: "c",
          medium: "m",
          light: "l",
          meteredSeconds: 10,
          usedSeconds: 10 * 2 ** next,
          correction,
          atLeast,
        });
      }
      taken.push(shot);
    }
    taken.sort((a, b) => a - b);
    expect(Math.max(...taken)).toBeLessThanOrEqual(5);
    expect(taken[10]).toBeLessThanOrEqual(3);
  });

  test("a sheet wrong by 1½ stops is judged wrong by 1½, within 0.45 (past the paper’s ends it tells less), and by ½ within 0.15", () => {
    const normal = normalNumbers(chance(1));
    for (const over of [-1.5, -0.5, 0, 0.5, 1.5]) {
      expect(Math.abs(judgeLight(scanned(over, normal), WHITE, MEDIUM).correction + over)).toBeLessThan(
        Math.abs(over) > 1 ? 0.45 : 0.15,
      );
    }
  });
});
