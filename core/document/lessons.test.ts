import { timeFromLight } from "../light/exposure/index.ts";
import { type Exposure, lessonOf } from "./index.ts";

const SHOT = {
  id: "shot",
  cameraId: "tin",
  openedAt: "2026-05-01T10:00:00+01:00",
  seconds: 40,
  medium: "rc-graded",
  light: "Full sun",
  lightKey: "sun",
  meteredSeconds: 30,
  judged: { correction: -0.5, sd: 0.3, at: "2026-05-02T10:00:00+01:00" },
} as unknown as Exposure;
const lesson = (more: object, alike: ReadonlyMap<string, string> = new Map()) =>
  lessonOf({ ...SHOT, ...more } as Exposure, alike);

test("a judged shot teaches its correction, of its camera or the one that it is like", () => {
  expect(lesson({})).toEqual({
    camera: "tin",
    medium: "rc-graded",
    light: "sun",
    meteredSeconds: 30,
    usedSeconds: 40,
    correction: -0.5,
    atLeast: false,
    sd: 0.3,
    longTime: undefined,
    spoilt: false,
  });
  expect(lesson({}, new Map([["tin", "first tin"]]))?.camera).toBe("first tin");
  expect(lesson({ judged: { ...SHOT.judged, atLeast: true } })?.atLeast).toBe(true);
  expect(lesson({ spoilt: "fogged" })?.spoilt).toBe(true);
  expect(lesson({ medium: null })?.medium).toBeUndefined();
});

test("its light goes by its key, else by its words, else it is of none", () => {
  expect(lesson({ lightKey: null })?.light).toBe("Full sun");
  expect(lesson({ lightKey: undefined, light: "" })?.light).toBeUndefined();
});

test("not judged it teaches nothing, nor where nothing says what its sum was", () => {
  expect(lesson({ judged: null })).toBeNull();
  const old = { meteredSeconds: null, ev: 15, fNumber: 226, iso: 6 };
  expect(lesson(old)?.meteredSeconds).toBe(timeFromLight(15, 226, 6));
  expect(lesson({ ...old, ev: 0 })?.meteredSeconds).toBe(timeFromLight(0, 226, 6));
  for (const name of ["ev", "fNumber", "iso"]) expect(lesson({ ...old, [name]: undefined })).toBeNull();
});
