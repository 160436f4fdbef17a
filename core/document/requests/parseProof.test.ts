import { parseFrame, parsePractice, parseProof } from "../index.ts";

const GOOD = {
  medium: { least: 0.05, most: 2.05, range: 110, iso: 6 },
  sheet: { width: 127, height: 101.6 },
};
const CAMERA = { hole: { diameter: 0.3 }, film: { distance: 60, width: 127, height: 101.6 } };

/** Faults of settings with some of them replaced, as “path: what is allowed”. */
function faultsWith(more: object): readonly string[] {
  const parsed = parseProof({ ...GOOD, ...more });
  return parsed.ok ? [] : parsed.error.map(({ path, message }) => `${path}: ${message}`);
}
const withCorners = (...corners: readonly (readonly [number, number])[]) =>
  faultsWith({ sheet: { ...GOOD.sheet, corners } });

describe("settings of POST /api/proof and /api/judge", () => {
  test("what FORMAT asks for is enough; what is no object is refused", () => {
    expect(faultsWith({})).toEqual([]);
    for (const data of [null, [], "proof", 7, {}]) expect(parseProof(data).ok).toBe(false);
  });

  test("densities lie more than 0.6 apart, and a hair of binary decides nothing", () => {
    const medium = (least: number, most: number) => faultsWith({ medium: { ...GOOD.medium, least, most } });
    expect(medium(0.05, 0.66)).toEqual([]);
    expect(medium(0.05, 0.65)).toEqual(["/medium/most: must be above 0.65: more than 0.6 above the least"]);
    // In binary 2.05 − 1.45 is 0.6000000000000001.
    expect(medium(1.45, 2.05)).toEqual(["/medium/most: must be above 2.05: more than 0.6 above the least"]);
  });

  test("corners go round clockwise, uncrossed, not bent inwards, round 16 pixels at least", () => {
    expect(withCorners([0, 0], [100, 0], [100, 80], [0, 80])).toEqual([]);
    // From another corner on it is the same sheet.
    expect(withCorners([100, 80], [0, 80], [0, 0], [100, 0])).toEqual([]);
    expect(withCorners([0, 0], [0, 80], [100, 80], [100, 0])).toEqual([
      "/sheet/corners: must go round clockwise in the scan",
    ]);
    const crooked = [
      "/sheet/corners: must be the corners of a four-sided sheet, in order: not crossed, none bent inwards",
    ];
    expect(withCorners([0, 0], [100, 80], [100, 0], [0, 80])).toEqual(crooked);
    expect(withCorners([0, 0], [100, 0], [20, 20], [0, 80])).toEqual(crooked);
    expect(withCorners([0, 0], [4, 0], [4, 4], [0, 4])).toEqual([]);
    expect(withCorners([0, 0], [4, 0], [4, 3.9], [0, 3.9])).toEqual([
      "/sheet/corners: must enclose at least 16 pixels",
    ]);
    expect(faultsWith({ sheet: { ...GOOD.sheet, corners: null } })).toEqual([]);
  });

  test("what needs a camera says so, all of it at once; a camera's own faults stand under it", () => {
    expect(faultsWith({ evenLight: true })).toEqual(["/camera: is needed for evenLight"]);
    expect(faultsWith({ sharpen: true, camera: null })).toEqual(["/camera: is needed for sharpen"]);
    expect(faultsWith({ within: 2, evenLight: true })).toEqual(["/camera: is needed for evenLight, within"]);
    expect(faultsWith({ projection: "straight" })).toEqual(["/camera: is needed for projection straight"]);
    expect(faultsWith({ projection: "lay", evenLight: false, sharpen: false, within: null })).toEqual([]);
    expect(faultsWith({ evenLight: true, sharpen: true, within: 2, camera: CAMERA })).toEqual([]);
    const leaning = { ...CAMERA, film: { ...CAMERA.film, surface: "cylinder" } };
    expect(faultsWith({ camera: leaning }).map((fault) => fault.split(":")[0])).toEqual(["/camera/film/radius"]);
  });

  test("the tones' low end lies below the high one; one of them alone may be anywhere", () => {
    expect(faultsWith({ tone: { low: -0.5, high: 0.5 } })).toEqual([]);
    expect(faultsWith({ tone: { low: 0.5, high: 0.5 } })).toEqual(["/tone/high: must be above the low end"]);
    expect(faultsWith({ tone: { low: 0.6, high: 0.5 } })).toEqual(["/tone/high: must be above the low end"]);
    expect(faultsWith({ tone: { low: 0.6 } })).toEqual([]);
    expect(faultsWith({ tone: { high: -0.6, low: null } })).toEqual([]);
  });
});

test("POST /api/frame: hole and film are those of a camera, a phone is needed", () => {
  const phone = { width: 1920, height: 1080, focalLength: 1500 };
  expect(parseFrame({ ...CAMERA, phone }).ok).toBe(true);
  expect(parseFrame(CAMERA).ok).toBe(false);
  const narrow = parseFrame({ ...CAMERA, hole: { diameter: 0.3, openingDiameter: 0.2 }, phone });
  expect(!narrow.ok && narrow.error.map(({ path }) => path)).toEqual(["/hole/openingDiameter"]);
});

test("a file of practice is one of ours, with whole counts", () => {
  const session = { session: "black-sky", seed: 4, reached: 2, of: 3, spent: 5, allowed: 6, done: false };
  const file = { format: "still-box/practice", version: 1, who: "Ada", sessions: [session] };
  expect(parsePractice(file)).toEqual({ ok: true, value: file });
  for (const [name, value] of [
    ["reached", -1],
    ["reached", "2"],
    ["done", "yes"],
  ]) {
    const parsed = parsePractice({ ...file, sessions: [{ ...session, [name as string]: value }] });
    expect(!parsed.ok && parsed.error.map(({ path }) => path)).toEqual([`/sessions/0/${name}`]);
  }
  expect(parsePractice({ ...file, format: "still-box/camera" }).ok).toBe(false);
});
