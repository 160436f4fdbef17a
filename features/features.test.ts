import Papa from "papaparse";
import { thistleRow } from "../catalogue/demo/thistleRow.ts";
import { formats } from "../catalogue/formats.ts";
import { lightTable } from "../catalogue/lightTable.ts";
import { materials } from "../catalogue/materials.ts";
import { media, mediumById } from "../catalogue/media.ts";
import { plates } from "../catalogue/plates.ts";
import { type Camera, cameraFNumber, designFaults } from "../core/camera/container/index.ts";
import { kinds } from "../core/camera/kinds/index.ts";
import { type Meter, parseCamera, parseExposure, parseRecord } from "../core/document/index.ts";
import { experience, type JudgedShot } from "../core/learning/index.ts";
import type { Medium } from "../core/light/exposure/index.ts";
import { inMm } from "../core/testing/cameras.ts";
import { planFor } from "../core/testing/plans.ts";
import { fileName } from "../ui/files/saveFile.ts";
import { isoWithOffset, readableTime } from "../ui/format/localTime.ts";
import { openingWords } from "./field/count/openingWords.ts";
import { type Suggestion, suggest } from "./field/expose/suggestion.ts";
import { type LightSource, photographMeter, readLight } from "./field/light/readLight.ts";
import { logCsv } from "./field/log/table/logCsv.ts";
import { startForm, withFormat } from "./shelf/newCamera/newCameraForm.ts";
import { readNewCamera, withTyped } from "./shelf/newCamera/readNewCamera.ts";

describe("catalogue", () => {
  test.each([
    ["formats", formats],
    ["media", media],
    ["light table", lightTable],
    ["plates", plates],
    ["kinds", kinds],
    ["materials", materials],
  ])("%s: every row has its own id and a source", (_, rows: readonly { id: string; source: string }[]) => {
    expect(new Set(rows.map(({ id }) => id)).size).toBe(rows.length);
    for (const { source } of rows) expect(source.length).toBeGreaterThan(5);
  });

  test("A sizes follow ISO 216: A4 210 × 297, each half of the one before, 1 : √2", () => {
    const a = (id: string) => formats.find((row) => row.id === id) ?? { width: 0, height: 0 };
    expect([a("iso-a4").width, a("iso-a4").height]).toEqual([297, 210]);
    expect(a("iso-a5").width).toBe(a("iso-a4").height);
    expect(a("iso-a6").width).toBe(a("iso-a5").height);
    expect(a("iso-a4").width / a("iso-a4").height).toBeCloseTo(Math.SQRT2, 2);
  });

  test("inch sizes are exact at 25.4; 5×7 is 177.8 × 127; half of 8×10 is 5×8", () => {
    expect(formats.find(({ id }) => id === "in-5x7")).toMatchObject({ width: 177.8, height: 127 });
    const half = formats.find(({ id }) => id === "in-8x10-half");
    expect([half?.width, half?.height]).toEqual([8 * 25.4, 5 * 25.4]);
  });

  test("a 35 mm frame takes eight perforations of 4.75 mm (ISO 1007): 36 mm and 2 mm between frames", () => {
    const frame = formats.find(({ id }) => id === "film-24x36");
    expect(8 * 4.75).toBe(38);
    expect(frame?.width).toBe(38 - 2);
  });

  test("light table: full sun EV 15, brightest first", () => {
    expect(lightTable.find(({ id }) => id === "sun")?.ev).toBe(15);
    expect(lightTable.map(({ ev }) => ev)).toEqual(lightTable.map(({ ev }) => ev).sort((a, b) => b - a));
  });

  test("the demonstration cameras and shots are valid and can be built", () => {
    for (const camera of thistleRow.cameras) {
      expect(parseCamera(camera)).toEqual({ ok: true, value: camera });
      expect(designFaults(camera)).toEqual([]);
    }
    for (const shot of thistleRow.exposures) expect(parseExposure(shot).ok).toBe(true);
    for (const load of thistleRow.loads) expect(parseRecord("loads", load).ok).toBe(true);
    for (const pack of thistleRow.packs) expect(parseRecord("packs", pack).ok).toBe(true);
  });
});

describe("new camera", () => {
  test.each(["flat-box", "curled-can", "far-wall-tin", "canister"] as const)(
    "%s: the form as first shown makes a camera, in mm and in inches",
    (kind) => {
      for (const unit of ["mm", "in"] as const) {
        const read = readNewCamera(startForm(kind, unit, "Tin"), unit, "id", "now");
        expect(read.errors).toEqual({});
        expect(read.camera && parseCamera(read.camera).ok).toBe(true);
      }
    },
  );

  test("each wrong entry has its own sentence, and the others are still judged", () => {
    const form = withTyped(startForm("flat-box", "mm", "x".repeat(81)), {
      "container.width": "0",
      "container.depth": "deep",
      "film.height": "300",
      "hole.openingDiameter": "0.1",
    });
    const { errors, camera } = readNewCamera(form, "mm", "id", "now");
    expect(camera).toBeNull();
    expect(Object.keys(errors).sort()).toEqual(["container.depth", "container.width", "name"]);
    // Who gives it no name gets the kind's.
    expect(readNewCamera(startForm("flat-box", "mm", " "), "mm", "id", "now").camera?.name).toBe("Flat box");
    const tin = startForm("flat-box", "mm", "Tin");
    const narrow = readNewCamera(withTyped(tin, { "hole.openingDiameter": "0.1" }), "mm", "id", "now");
    expect(narrow.errors["hole.openingDiameter"]).toMatch(/at least as wide as the hole, 0.3 mm/);
    const negative = readNewCamera(withTyped(tin, { "container.depth": "-5" }), "mm", "id", "now");
    expect(negative.errors).toEqual({ "container.depth": expect.stringMatching(/above 0/) });
    const wider = readNewCamera(
      withTyped(form, { "container.width": "165", "container.depth": "70" }),
      "mm",
      "id",
      "now",
    );
    expect(Object.keys(wider.errors).sort()).toEqual(["film.height", "hole.openingDiameter", "name"]);
  });

  test("another sheet fills in its size the way round that goes in, or the piece that does", () => {
    const form = startForm("curled-can", "mm", "Tin");
    expect(withFormat(form, "in-4x5", "mm", "nominal").sizes.film).toEqual({ width: "127 mm", height: "101.6 mm" });
    const low = withTyped(form, { "container.height": "110" });
    expect(withFormat(low, "in-5x7", "mm", "fitting").sizes.film).toEqual({ width: "177.8 mm", height: "110 mm" });
  });
});

describe("suggested time", () => {
  const [tin] = thistleRow.cameras as readonly [Camera, ...Camera[]];
  const film = mediumById("film-pan-400");
  const ANOTHER: Meter = { id: "meter", name: "My meter", kind: "meter", offset: 1 };
  const known = (shots: readonly JudgedShot[] = []) => ({
    experience: experience(shots),
    keys: { camera: tin.id, medium: "rc-graded", light: "sun" },
    shots: shots.length,
  });
  const suggested = (source: LightSource, medium: Medium, iso: number, shots?: readonly JudgedShot[]): Suggestion => {
    const reading = readLight(source, medium, [ANOTHER]);
    if (!reading.ok) throw new Error(reading.error.message);
    const got = suggest(tin, medium, iso, reading.value, known(shots), inMm);
    if (!got.ok) throw new Error(got.error.message);
    return got.value;
  };

  test("by meter: the sum’s factors and offset, and long times on film", () => {
    const meter = { by: "meter", seconds: "2", fNumber: "90.8", iso: "12" } as const;
    const got = suggested(meter, mediumById("rc-graded"), 12);
    expect(got.formula.seconds).toBeCloseTo(2 * (70 / 0.31 / 90.8) ** 2 * 2, 9);
    expect(got.reading.key).toBe("meter:meter");
    const slow = suggested({ by: "table", row: "home-lamps" }, film, 400);
    expect(slow.formula.seconds).toBeCloseTo(slow.formula.meteredSeconds ** 1.3, 9);
    expect(slow.sum.join("\n")).toMatch(/long times need more/);
  });

  test("what the log taught is said, is in the sum, and turns the time; what a hand can count is shown", () => {
    const sun = { by: "table", row: "sun" } as const;
    const graded = mediumById("rc-graded");
    const plain = suggested(sun, graded, 6);
    expect([plain.learnt, plain.counted[1]]).toEqual([null, 26]);
    const keys = { camera: tin.id, medium: "rc-graded", light: "sun" };
    const more = { ...keys, meteredSeconds: 26, usedSeconds: 26, correction: 1 };
    const taught = suggested(sun, graded, 6, [more, more, more, more, more]);
    expect(taught.learnt).toMatch(/^It wants 1 stop more than the sums, give or take ⅔ stop, by 5 judged shots/);
    expect(taught.sum.join("\n")).toMatch(/the log: 1 stop more, × 1\.9/);
    expect(taught.counted).toEqual([36, 51, 70]);
  });

  test("every page reckons with the hole as it was measured; what others taught a little is not called the camera’s", () => {
    const graded = mediumById("rc-graded");
    expect(cameraFNumber(tin, graded)).toBeCloseTo(70 / 0.31, 9);
    const sun = { by: "table", row: "sun" } as const;
    expect(suggested(sun, graded, 6).fNumber).toBe(cameraFNumber(tin, graded));
    const other = {
      camera: "another",
      medium: "rc-graded",
      light: "hazy",
      meteredSeconds: 26,
      usedSeconds: 26,
      correction: 0.4,
    };
    const reading = readLight(sun, graded, []);
    if (!reading.ok) throw new Error(reading.error.message);
    const got = suggest(tin, graded, 6, reading.value, { ...known([other]), shots: 0 }, inMm);
    expect(got.ok && got.value.learnt).toBeNull();
  });

  test("a photograph: its Exif’s light, the phone’s offset by its model, the middle that was marked", () => {
    const taken = {
      fNumber: 2,
      seconds: 1 / 1000,
      iso: 100,
      model: "Plot phone 3/A",
      bias: 0,
      focal35: null,
      flash: false,
      at: null,
    };
    const luminance = Float32Array.from({ length: 64 }, (_, i) => (i % 8 < 4 ? 0.18 : 0.36));
    const photograph = { taken, width: 8, height: 8, luminance };
    const source = { by: "photograph", photograph, file: null, spots: [] } as const;
    const phone = { id: photographMeter(taken.model), name: "", kind: "photograph", offset: -0.5 } as const;
    expect(phone.id).toBe("photograph Plot phone 3-A");
    const read = (by: LightSource, meters: readonly Meter[] = []) => {
      const reading = readLight(by, film, meters);
      return reading.ok ? reading.value : null;
    };
    // log₂(2² × 1000) = 11.97
    expect(read(source)?.ev).toBeCloseTo(Math.log2(4000), 9);
    expect(read(source, [phone])?.ev).toBeCloseTo(Math.log2(4000) + 0.5, 9);
    const marked = read({ ...source, spots: [{ part: "middle", x: 0.9, y: 0.5 }] }, [phone]);
    expect(marked?.ev).toBeCloseTo(Math.log2(4000) + 1.5, 5);
    expect(marked?.meter).toBe(phone.id);
  });

  test.each([
    ["seconds", { seconds: "soon" }],
    ["fNumber", { fNumber: "wide" }],
    ["iso", { iso: "0" }],
  ] as const)("a meter entry that can’t be read is named: %s", (field, change) => {
    const got = readLight({ by: "meter", seconds: "1", fNumber: "8", iso: "100", ...change }, film, []);
    expect(!got.ok && got.error.field).toBe(field);
  });

  test("what can’t be counted, or isn’t there yet, is no light", () => {
    const nothing = { by: "photograph", photograph: null, file: null, spots: [] } as const;
    expect(readLight(nothing, film, [])).toMatchObject({ ok: false, error: { field: "" } });
    expect(readLight({ by: "practice", seconds: null, fNumber: 16, iso: 100 }, film, []).ok).toBe(false);
  });
});

describe("before it opens", () => {
  const said = (id: string, seconds = 30, ev = 15): string => {
    const camera = thistleRow.cameras.find((each) => each.id === id) as Camera;
    return openingWords(planFor(camera), seconds, ev, inMm).join(" ");
  };

  test("what is said follows from the camera, the time and the light; nothing is left to fill in", () => {
    expect(said("thistle-cocoa-tin")).toMatch(/a round one rolls[\s\S]*On a bent sheet/);
    expect(said("thistle-biscuit-tin")).not.toMatch(/rolls|bent sheet|wound|flaps/);
    expect(said("thistle-bean-carton")).toMatch(/wound to this frame/);
    expect(said("thistle-feed-drum")).toMatch(/Turn it to this chamber/);
    expect(said("thistle-biscuit-tin")).toMatch(/5 m away is 23\.8 mm high on the sheet and vanishes/);
    expect(said("thistle-biscuit-tin", 1)).toMatch(/leaves a ghost/);
    // A hint only where it tells something of this camera and this time.
    expect(said("thistle-biscuit-tin", 8)).toMatch(/Tape off, thumb on/);
    expect(said("thistle-biscuit-tin", 30)).not.toMatch(/thumb/);
    expect(said("thistle-cocoa-tin")).toMatch(/Go near: a head and shoulders fills/);
    expect(said("thistle-map-tube")).not.toMatch(/Go near/);
    expect(said("thistle-biscuit-tin", 30, 8)).not.toMatch(/shadow|the sun/);
    for (const { id } of thistleRow.cameras) expect(said(id)).not.toMatch(/[{}]|undefined|NaN/);
  });
});

test("the log’s CSV keeps quotes and line breaks, and disarms formulas (RFC 4180)", () => {
  const csv = logCsv([
    {
      id: "1",
      cameraId: "c",
      cameraName: 'Tin "A"',
      number: 7,
      openedAt: "2026-01-02T03:04:05+00:00",
      seconds: 3,
      note: "=1+1\nnext",
    },
  ]);
  expect(csv.split("\r\n")[0]).toMatch(/^Camera,Number,Place,Opened,Subject,/);
  const [row] = Papa.parse<Record<string, string>>(csv, { header: true }).data;
  expect(row).toMatchObject({
    Camera: 'Tin "A"',
    Number: "7",
    Opened: "2026-01-02T03:04:05+00:00",
    Note: "'=1+1\nnext",
  });
});

test("times carry this place’s offset and are shown as they were there; file names are plain", () => {
  expect(isoWithOffset(new Date("2026-06-13T15:20:00Z"))).toMatch(/^2026-06-1[234]T\d\d:20:00[+-]\d\d:\d\d$/);
  expect(Date.parse(isoWithOffset(new Date(1.7e12)))).toBe(1.7e12);
  expect(readableTime("2026-06-13T16:20:00+01:00")).toBe("13 Jun 2026, 16:20");
  expect(fileName("Hat box: No. 2", ".pdf")).toBe("hat-box-no-2.pdf");
});
