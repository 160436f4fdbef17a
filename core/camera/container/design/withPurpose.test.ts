import { ideal, KINDS, PAPER_LIGHT, testCamera } from "../../../testing/cameras.ts";
import { judgeHole } from "../../holeToMake/index.ts";
import { settled, withField, withPurpose } from "../index.ts";

const wide = (camera: ReturnType<typeof testCamera>) => camera.chambers[0].holes.map(({ diameter }) => diameter);

test.each(KINDS.filter((kind) => kind !== "bought-box"))(
  "%s: a hole by rule is a usual one for trails, and by the rule again for pictures",
  (kind) => {
    const picture = testCamera(kind);
    const trail = settled(withPurpose(picture, "trail"), PAPER_LIGHT, ideal);
    expect(new Set(wide(trail))).toEqual(new Set([0.5]));
    const { diameter, sun } = judgeHole(trail, PAPER_LIGHT, ideal);
    expect(sun?.usual[0]).toBeLessThanOrEqual(diameter);
    expect(sun?.usual[1]).toBeGreaterThanOrEqual(diameter);
    const back = settled(withPurpose(trail, "picture"), PAPER_LIGHT, ideal);
    expect(wide(back)).toEqual(wide(picture));
    expect(back.chambers[0].aim?.rule).toBe(picture.chambers[0].aim?.rule);
  },
);

test("a hole that was chosen or bought stays as it is, there and back", () => {
  for (const chosen of [withField(testCamera("flat-box"), "hole.diameter", 0.8), testCamera("bought-box")]) {
    expect(wide(withPurpose(chosen, "trail"))).toEqual(wide(chosen));
    expect(wide(withPurpose(withPurpose(chosen, "trail"), "picture"))).toEqual(wide(chosen));
  }
});
