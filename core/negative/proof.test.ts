import { transformOf } from "../../workers/codecs/fourier.ts";
import { chance } from "../basis/numeric/chance.ts";
import { normalNumbers } from "../basis/numeric/index.ts";
import { sceneToSheet } from "../light/rays/index.ts";
import { type OpticalModel, opticalModel } from "../light/solve/index.ts";
import { CAN, FLAT, MEDIUM, negativeOf, SCANNER } from "../testing/negatives.ts";
import { judgeScan } from "./judge/judgeScan.ts";
import type { NegativeScan } from "./model/negativeScan.ts";
import type { ProofSettings } from "./model/proofSettings.ts";
import { pointwise } from "./pointwise.ts";
import { type ProofExposure, proofExposure, proofPicture } from "./proof.ts";
import { lightAt } from "./restore/evenLight.ts";
import { findSheet } from "./scan/findSheet.ts";
import { partOfSheet } from "./scan/partOfSheet.ts";
import { placeSheet } from "./scan/placeSheet.ts";

function proofOf(scan: NegativeScan, settings: ProofSettings): ProofExposure {
  const steps = proofExposure(scan, settings, { transformOf });
  for (let step = steps.next(); ; step = steps.next()) {
    if (!step.done) continue;
    if (!step.value.ok) throw new Error(step.value.error);
    return step.value.value;
  }
}

const settingsOf = (camera: typeof FLAT | typeof CAN, more: Partial<ProofSettings> = {}): ProofSettings => ({
  medium: MEDIUM,
  sheet: { width: camera.film.width, height: camera.film.height },
  camera,
  white: SCANNER.white,
  ...more,
});

/** A smooth scene, by direction. */
const scene = (azimuth: number, elevation: number): number =>
  0.4 + 0.5 * Math.sin(3 * azimuth) * Math.cos(4 * elevation);

const inScene = (model: OpticalModel, s: number, t: number): number => {
  // The direction a sheet place sees, written out: from the place through the hole.
  const { surface } = model;
  const angle = surface.kind === "cylinder" ? s / surface.radius : 0;
  const [x, z] = surface.kind === "cylinder" ? [33 * Math.sin(angle), 66 - 33 * (1 - Math.cos(angle))] : [s, 60];
  return scene(Math.atan2(-x, z), Math.atan2(-t, Math.hypot(x, z)));
};

describe("a proof of a scan", () => {
  test("corners are found to 0.3 px, however the sheet lies", () => {
    for (const [quarters, turnDeg, lid] of [
      [0, 0, 0.97],
      [0, 2.3, 0.97],
      [1, -3.1, 0.97],
      [2, 1, 0.2],
      [3, 0.4, 0.02],
    ] as const) {
      const { scan, corners } = negativeOf(FLAT, inScene, { quarters, turnDeg, lid, grain: 0.01 });
      const found = findSheet(scan, "file");
      if (found === null) throw new Error(`no sheet found on a lid of ${lid}`);
      for (const { x, y } of found.corners) {
        const off = Math.min(...corners.map(([cx, cy]) => Math.hypot(cx - x, cy - y)));
        expect(off).toBeLessThan(0.3);
      }
      // From the scan's top left, clockwise.
      const [first, second, third, fourth] = found.corners;
      expect(first.x + first.y).toBeLessThan(third.x + third.y);
      expect(second.x).toBeGreaterThan(fourth.x);
      // All of the sheet was found.
      expect(partOfSheet(found, FLAT.film)).toBeNull();
    }
  });

  test("a sheet with a white border hardly darker than the lid is found by that border", () => {
    const bordered = (model: OpticalModel, s: number, t: number): number =>
      Math.abs(s) > 127 / 2 - 6 || Math.abs(t) > 101.6 / 2 - 6 ? -3 : inScene(model, s, t);
    const { scan, corners } = negativeOf(FLAT, bordered, { turnDeg: 1.4, lid: 0.91, grain: 0.004 });
    const found = findSheet(scan, "file");
    for (const { x, y } of found?.corners ?? []) {
      expect(Math.min(...corners.map(([cx, cy]) => Math.hypot(cx - x, cy - y)))).toBeLessThan(0.5);
    }
    expect(found).not.toBeNull();
  });

  test("noise of the scanner on sheet and lid alike moves no corner by half a pixel", () => {
    const normal = normalNumbers(chance(17));
    for (const [noise, dpi] of [
      [0.01, 150],
      [0.02, 300],
    ] as const) {
      const { scan, corners } = negativeOf(FLAT, inScene, { turnDeg: -2, dpi, bits: 8, encoding: "srgb" });
      const noisy = {
        ...scan,
        samples: scan.samples.map((value) => Math.max(0, Math.min(255, value + 255 * noise * normal()))),
      };
      const found = findSheet(noisy as NegativeScan, "file")?.corners ?? [];
      expect(found).toHaveLength(4);
      for (const { x, y } of found) {
        expect(Math.min(...corners.map(([cx, cy]) => Math.hypot(cx - x, cy - y)))).toBeLessThan(0.5);
      }
    }
  });

  test("without a lid the whole picture is the sheet", () => {
    const { scan } = negativeOf(FLAT, inScene, { border: 0 });
    expect(findSheet(scan, "file")).toBeNull();
    const judged = judgeScan(scan, settingsOf(FLAT));
    if (!judged.ok) throw new Error(judged.error);
    expect(judged.value.corners).toEqual([
      [0, 0],
      [scan.width, 0],
      [scan.width, scan.height],
      [0, scan.height],
    ]);
    expect(judged.value.warnings.map(({ code }) => code)).toContain("no-lid");
  });

  test.each(["lay", "straight", "round", "even"] as const)(
    "%s: every place of the picture has the exposure of its direction to 0.01",
    (projection) => {
      for (const camera of [FLAT, CAN]) {
        const { scan, corners } = negativeOf(camera, inScene, { turnDeg: 1.7 });
        const towards = projection === "lay" ? {} : { azimuth: 12, elevation: -4 };
        const sheet = { width: camera.film.width, height: camera.film.height, corners };
        const { frame, planes } = proofOf(
          scan,
          settingsOf(camera, { sheet, projection, towards, output: { width: 420 } }),
        );
        const [{ log }] = planes as readonly [ProofExposure["planes"][number]];
        const model = opticalModel(camera);
        let known = 0;
        for (let y = 4; y < frame.height; y += 7) {
          for (let x = 4; x < frame.width; x += 7) {
            const [px, py] = [(x + 0.5 - frame.width / 2) / frame.scale, (frame.height / 2 - y - 0.5) / frame.scale];
            const expected = expectedAt(projection, px, py, model, camera.film);
            const found = log[y * frame.width + x] as number;
            if (expected === null) {
              continue;
            }
            known++;
            expect(Math.abs(found - expected)).toBeLessThan(0.01);
          }
        }
        expect(known).toBeGreaterThan(1000);
      }
    },
  );

  test("even light: a scene of one tone is one tone, and what got less than a sixteenth is missing", () => {
    const plate = { hole: { diameter: 0.3, plateThickness: 0.1 }, film: CAN.film };
    const { scan, corners } = negativeOf(
      plate,
      (model, s, t) => 0.9 + Math.log10(Math.max(1e-9, lightAt(model, s, t))),
    );
    const sheet = { width: 150, height: 100, corners };
    const { frame, planes } = proofOf(scan, settingsOf(CAN, { camera: plate, sheet, evenLight: true }));
    const [{ log }] = planes as readonly [ProofExposure["planes"][number]];
    const model = opticalModel(plate);
    let [missing, known] = [0, 0];
    for (let y = 3; y + 3 < frame.height; y += 5) {
      for (let x = 3; x + 3 < frame.width; x += 5) {
        const place = frame.toSheet(x + 0.5, y + 0.5);
        if (place === null) throw new Error("as it lay every place is on the sheet");
        const light = lightAt(model, place.s, place.t);
        const found = log[y * frame.width + x] as number;
        if (light < 1 / 16) {
          expect(found).toBe(-99);
          missing++;
        } else if (light > 0.1) {
          // Between the sheet’s own pixels it falls off in a bow, not in a straight line.
          expect(Math.abs(found - 0.9)).toBeLessThan(0.03);
          known++;
        }
      }
    }
    expect(missing).toBeGreaterThan(50);
    expect(known).toBeGreaterThan(1000);
  });

  test("the tone: ends, the bend that puts the median at L* = 50, alpha beside the sheet (IEC 61966-2-1, CIE 15:2004)", () => {
    const { scan, corners } = negativeOf(CAN, inScene);
    const settings = settingsOf(CAN, {
      sheet: { width: 150, height: 100, corners },
      projection: "round",
      output: { width: 600 },
    });
    const exposure = proofOf(scan, settings);
    const picture = proofPicture(exposure, settings);
    const [tone] = picture.tones as readonly [(typeof picture.tones)[number]];
    const logs = [...(exposure.planes[0]?.log ?? [])];
    const at = logs.findIndex((value) => value > 0.3 && value < 0.5);
    const x = ((logs[at] as number) - tone.low) / (tone.high - tone.low);
    const lightness = 100 * x ** tone.gamma;
    const luminance = ((lightness + 16) / 116) ** 3;
    expect(picture.data[2 * at]).toBe(Math.round(255 * (1.055 * luminance ** (1 / 2.4) - 0.055)));
    expect(picture.data[2 * at + 1]).toBe(255);
    const beside = logs.flatMap((value, i) => (value === -99 ? [picture.data[2 * i + 1]] : []));
    expect(beside.length).toBeGreaterThan(100);
    expect(beside.every((opacity) => opacity === 0)).toBe(true);
    // Half of the sheet is lighter than L* = 50.
    const sheet = proofPicture(proofOf(scan, settingsOf(CAN, { sheet: settings.sheet })), settingsOf(CAN));
    const grey = [...sheet.data].filter((_, i) => i % 2 === 0).sort((a, b) => a - b);
    expect(grey[grey.length >> 1]).toBeGreaterThan(115);
    expect(grey[grey.length >> 1]).toBeLessThan(123);
  });

  test("judging: percentiles, shares and the change in stops of a sheet known pixel by pixel", () => {
    for (const shift of [-1.2, 0, 0.9]) {
      // At 120 dpi a cell is two pixels wide, and none lies on a cell's edge.
      const made = { border: 0, dpi: 120 };
      const { scan, corners } = negativeOf(FLAT, (model, s, t) => shift + inScene(model, s, t), made);
      const judged = judgeScan(scan, settingsOf(FLAT, { sheet: { width: 127, height: 101.6, corners } }));
      if (!judged.ok) throw new Error(judged.error);
      // The reference: light averaged over squares of 1/300 of the width, laid from the margin's corner, pixel by pixel.
      const cells = new Map<string, { sum: number; count: number }>();
      const stops: number[] = [];
      const [mid, half, slope] = [9.817477 / 6, 0, (Math.log10(9) + Math.log10(1.96 / 0.04)) / 1.1];
      const h50 = mid * (2 / 0.6 - 1) ** (1 / slope) + half;
      let [blank, burnt] = [0, 0];
      for (let y = 0; y < scan.height; y++) {
        for (let x = 0; x < scan.width; x++) {
          const [u, v] = [(x + 0.5) / scan.width, (y + 0.5) / scan.height];
          if (u < 0.03 || u > 0.97 || v < 0.03 || v > 0.97) continue;
          // From the other side of the sheet: it is seen from its emulsion.
          const column = Math.floor((0.97 - u) * 300);
          const row = Math.floor(((0.97 - v) * 101.6 * 300) / 127);
          const cell = cells.get(`${column} ${row}`) ?? { sum: 0, count: 0 };
          cell.sum += (scan.samples[y * scan.width + x] as number) / 65535;
          cell.count++;
          cells.set(`${column} ${row}`, cell);
        }
      }
      for (const { sum, count } of cells.values()) {
        const density = 0.05 + Math.log10(0.85 / (sum / count));
        if (density < 0.09) blank++;
        if (density > 1.95) burnt++;
        const kept = Math.min(2.01, Math.max(0.09, density));
        stops.push(Math.log2((h50 * ((kept - 0.05) / (2.05 - kept)) ** (1 / slope)) / mid));
      }
      stops.sort((a, b) => a - b);
      const percentile = (share: number): number => stops[Math.round(share * (stops.length - 1))] as number;
      const { value } = judged;
      expect(value.p05).toBeCloseTo(percentile(0.05), 2);
      expect(value.p50).toBeCloseTo(percentile(0.5), 2);
      expect(value.p95).toBeCloseTo(percentile(0.95), 2);
      expect(value.blank).toBeCloseTo(blank / stops.length, 3);
      expect(value.burnt).toBeCloseTo(burnt / stops.length, 3);
      expect(value.correction).toBeCloseTo(Math.max(-3, Math.min(3, -(percentile(0.05) + percentile(0.95)) / 2)), 2);
      expect(value.atLeast).toBe(blank / stops.length > 0.3 || burnt / stops.length > 0.3);
    }
  });

  // Rows that begin at fourth places are drawn four pixels at a time, others one by one.
  test.each([100, 97])(
    "a sheet square on its pixels is the same picture by the table as by the long way: %i dpi",
    (dpi) => {
      const { scan } = negativeOf(FLAT, inScene, { border: 0, bits: 8, encoding: "srgb", dpi });
      expect(scan.width % 4 === 0).toBe(dpi === 100);
      for (const bits of [8, 16] as const) {
        const settings = settingsOf(FLAT, { output: { bits }, white: null, tone: { gamma: 1.2 } });
        const quick = pointwise(scan, settings, placeSheet(scan, settings));
        const long = proofPicture(proofOf(scan, settings), settings);
        expect(quick).toMatchObject({ width: long.width, height: long.height, channels: 2, bits });
        const worst = [...(quick?.data ?? [])].reduce(
          (most, value, i) => Math.max(most, Math.abs(value - (long.data[i] as number))),
          0,
        );
        expect(worst).toBeLessThanOrEqual(bits === 8 ? 1 : 40);
      }
      const turned = settingsOf(FLAT, { projection: "straight" });
      expect(pointwise(scan, turned, placeSheet(scan, turned))).toBeNull();
    },
  );

  test("a black scan, and a direction the sheet doesn’t see, are said", () => {
    const black: NegativeScan = {
      width: 40,
      height: 30,
      channels: 1,
      samples: new Uint8Array(1200),
      most: 255,
      encoding: null,
    };
    expect(judgeScan(black, { medium: MEDIUM, sheet: { width: 40, height: 30 } })).toEqual({
      ok: false,
      error: "black",
    });
    const { scan } = negativeOf(FLAT, inScene);
    const steps = proofExposure(
      scan,
      settingsOf(FLAT, { projection: "straight", towards: { azimuth: 180, elevation: 0 } }),
      { transformOf },
    );
    let step = steps.next();
    while (!step.done) step = steps.next();
    expect(step.value).toEqual({ ok: false, error: "nothing-there" });
  });
});

/** The exposure a place of the picture must have: its direction by PHYSICS section 11, written out anew. */
function expectedAt(
  projection: "lay" | "straight" | "round" | "even",
  x: number,
  y: number,
  model: OpticalModel,
  film: { readonly width: number; readonly height: number },
): number | null {
  if (projection === "lay") return inScene(model, -x, -y);
  const [a, e] = [(12 * Math.PI) / 180, (-4 * Math.PI) / 180];
  let [azimuth, elevation] = [x + a, projection === "round" ? Math.atan(y + Math.tan(e)) : y + e];
  if (projection === "straight") {
    const [f, r] = [
      [Math.cos(e) * Math.sin(a), Math.sin(e), -Math.cos(e) * Math.cos(a)],
      [Math.cos(a), 0, Math.sin(a)],
    ] as [number[], number[]];
    const u = [
      (r[1] as number) * (f[2] as number) - (r[2] as number) * (f[1] as number),
      (r[2] as number) * (f[0] as number) - (r[0] as number) * (f[2] as number),
      (r[0] as number) * (f[1] as number) - (r[1] as number) * (f[0] as number),
    ];
    const d = f.map((value, i) => value + x * (r[i] as number) + y * (u[i] as number)) as [number, number, number];
    [azimuth, elevation] = [Math.atan2(d[0], -d[2]), Math.atan2(d[1], Math.hypot(d[0], d[2]))];
  }
  const place = sceneToSheet(model.place, model.surface, { azimuth, elevation });
  if (place === null || Math.abs(place.s) > film.width / 2 - 1 || Math.abs(place.t) > film.height / 2 - 1) return null;
  return scene(azimuth, elevation);
}
