import fc from "fast-check";
import {
  type Aperture,
  illumination,
  imageCircle,
  plateLimit,
  rayTo,
  type Surface,
  sceneToSheet,
  sheetToScene,
  stopsLost,
  surfacePoint,
  vignetting,
} from "./index.ts";

const ORIGIN = { x: 0, y: 0, z: 0 };
const flat = (distance: number, tiltX = 0, tiltY = 0): Surface => ({
  kind: "flat",
  x: 0,
  y: 0,
  distance,
  tiltX,
  tiltY,
});
const can = (radius: number, slide = 0): Surface => ({
  kind: "cylinder",
  x: 0,
  y: 0,
  distance: 2 * radius,
  radius,
  slide,
});
const bare = (diameter: number): Aperture => ({ diameter, plateThickness: 0, openingDiameter: null, wall: 0 });
/** The round trip scene ↔ sheet (PHYSICS section 2), mm. */
const ROUND_TRIP = 1e-9;

describe("illumination", () => {
  test("a flat back follows cos⁴α (common law of optics, from memory)", () => {
    for (const degrees of [0, 10, 30, 45, 60, 80]) {
      const alpha = (degrees * Math.PI) / 180;
      const ray = rayTo(ORIGIN, flat(50), 50 * Math.tan(alpha), 0);
      expect(illumination(bare(0.3), 50, ray)).toBeCloseTo(Math.cos(alpha) ** 4, 12);
    }
  });

  test("round the wall of a can the light is the same everywhere at the hole’s height (inscribed angle)", () => {
    for (const s of [-90, -40, 0, 25, 95]) {
      expect(illumination(bare(0.3), 66.6, rayTo(ORIGIN, can(33.3), s, 0))).toBeCloseTo(1, 12);
    }
  });

  test("a sheet that leans towards the hole gains light there, and none falls on its back", () => {
    const near = illumination(bare(0.3), 60, rayTo(ORIGIN, flat(60, 0, 0.5), 40, 0));
    const far = illumination(bare(0.3), 60, rayTo(ORIGIN, flat(60, 0, 0.5), -40, 0));
    expect(near).toBeGreaterThan(far);
    // Leaning 80° about the vertical, the sheet turns its back to a hole far on its other side.
    expect(stopsLost(illumination(bare(0.3), 60, rayTo({ x: -400, y: 0, z: 0 }, flat(60, 0, -1.4), 0, 0)))).toBeNull();
  });

  test("E follows a plain sum over the hole’s area for small holes: solid angle × cos α over that on the axis", () => {
    const surface = flat(60, 0.2, -0.4);
    const [s, t] = [31, -22];
    const { place, normal } = surfacePoint(surface, s, t);
    const ring = (count: number): number => {
      let sum = 0;
      for (let i = 0; i < count; i++) {
        for (let j = 0; j < 8; j++) {
          const r = 0.01 * Math.sqrt((i + 0.5) / count);
          const hole = { x: r * Math.cos((j * Math.PI) / 4), y: r * Math.sin((j * Math.PI) / 4), z: 0 };
          const v = { x: hole.x - place.x, y: hole.y - place.y, z: hole.z - place.z };
          const length = Math.hypot(v.x, v.y, v.z);
          const cosSheet = (v.x * normal.x + v.y * normal.y + v.z * normal.z) / length;
          sum += (cosSheet * (-v.z / length)) / length ** 2;
        }
      }
      return (sum / (8 * count)) * 3600;
    };
    expect(illumination(bare(0.02), 60, rayTo(ORIGIN, surface, s, t))).toBeCloseTo(ring(200), 6);
  });
});

describe("openArea", () => {
  /** The common area counted on a grid: three circles along one line. */
  const counted = ({ diameter, plateThickness, openingDiameter, wall }: Aperture, slope: number): number => {
    const a = diameter / 2;
    const cells = 1200;
    let inside = 0;
    for (let i = 0; i < cells; i++) {
      for (let j = 0; j < cells; j++) {
        const x = diameter * ((i + 0.5) / cells - 0.5);
        const y = diameter * ((j + 0.5) / cells - 0.5);
        const near = x * x + y * y < a * a;
        const far = (x - plateThickness * slope) ** 2 + y * y < a * a;
        const open = openingDiameter === null || (x + wall * slope) ** 2 + y * y < (openingDiameter / 2) ** 2;
        if (near && far && open) inside++;
      }
    }
    return (inside * (diameter / cells) ** 2) / (Math.PI * a * a);
  };

  test.each([
    [{ diameter: 0.3, plateThickness: 0.1, openingDiameter: null, wall: 0 }, [0.3, 1.2, 2.5]],
    [{ diameter: 0.4, plateThickness: 0, openingDiameter: 0.6, wall: 1 }, [0.05, 0.2, 0.35, 0.48]],
    [{ diameter: 0.4, plateThickness: 0.1, openingDiameter: 0.5, wall: 0.3 }, [0.1, 0.3, 0.6, 0.9, 1.1]],
    [{ diameter: 0.4, plateThickness: 0.2, openingDiameter: 0.4, wall: 0.2 }, [0.2, 0.5, 0.9]],
    [{ diameter: 1, plateThickness: 0.5, openingDiameter: 1.05, wall: 0.02 }, [0.3, 1, 1.5]],
  ] as const)("is the counted common area of three circles: %j", (aperture, slopes) => {
    for (const slope of slopes) expect(vignetting(aperture, slope)).toBeCloseTo(counted(aperture, slope), 3);
  });

  test("plate alone is (2/π)(acos s − s√(1−s²)), s = t·tan α/d (PHYSICS section 2)", () => {
    for (const s of [0, 0.2, 0.5, 0.9, 0.999]) {
      const aperture = { diameter: 0.5, plateThickness: 0.1, openingDiameter: null, wall: 0 };
      expect(vignetting(aperture, s * 5)).toBeCloseTo((2 / Math.PI) * (Math.acos(s) - s * Math.sqrt(1 - s * s)), 12);
    }
  });

  test("the opening is clear to tan α = (D − d)/(2w) and shuts at (D + d)/(2w) (PHYSICS section 2)", () => {
    const aperture = { diameter: 0.4, plateThickness: 0, openingDiameter: 6, wall: 2 };
    expect(vignetting(aperture, 5.6 / 4)).toBe(1);
    expect(vignetting(aperture, 5.6 / 4 + 1e-3)).toBeLessThan(1);
    expect(vignetting(aperture, 6.4 / 4 - 1e-3)).toBeGreaterThan(0);
    expect(vignetting(aperture, 6.4 / 4)).toBe(0);
  });

  test("never grows with slant, plate or wall, nor shrinks with a wider opening", () => {
    const size = fc.double({ min: 0.05, max: 2, noNaN: true });
    fc.assert(
      fc.property(size, size, size, size, (d, t, w, slope) => {
        const base = { diameter: d, plateThickness: t, openingDiameter: d * 1.5, wall: w };
        const v = vignetting(base, slope);
        expect(vignetting(base, slope * 1.1)).toBeLessThanOrEqual(v + 1e-9);
        expect(vignetting({ ...base, plateThickness: t * 1.1 }, slope)).toBeLessThanOrEqual(v + 1e-9);
        expect(vignetting({ ...base, wall: w * 1.1 }, slope)).toBeLessThanOrEqual(v + 1e-9);
        expect(vignetting({ ...base, openingDiameter: d * 1.8 }, slope)).toBeGreaterThanOrEqual(v - 1e-9);
      }),
      { seed: 21, numRuns: 500 },
    );
  });
});

describe("image circle", () => {
  test("without a plate: 2 stops at 45°, D = 2z; 1 stop at 32.77°, D = 1.2872 z (PHYSICS section 2)", () => {
    expect(imageCircle(bare(0.3), 60, 2)).toBeCloseTo(120, 9);
    expect(imageCircle(bare(0.3), 100, 1)).toBeCloseTo(128.72, 2);
    expect(plateLimit(bare(0.3), 60)).toBeNull();
  });

  test("with a plate the rim loses just that many stops and lies inside 2zd/t", () => {
    const plate = { diameter: 0.3, plateThickness: 0.1, openingDiameter: null, wall: 0 };
    for (const stops of [1, 2, 3]) {
      const circle = imageCircle(plate, 60, stops);
      expect(stopsLost(illumination(plate, 60, rayTo(ORIGIN, flat(60), circle / 2, 0)))).toBeCloseTo(stops, 9);
      expect(circle).toBeLessThan(plateLimit(plate, 60) ?? 0);
    }
    expect(plateLimit(plate, 60)).toBe(360);
  });
});

describe("scene ↔ sheet", () => {
  const angle = fc.double({ min: -1.2, max: 1.2, noNaN: true });
  const surfaces: readonly (readonly [string, Surface])[] = [
    ["flat", flat(60)],
    ["leaning", flat(80, 0.3, -0.5)],
    ["wall of a can", can(33.3, 12)],
    ["flatter curve", { kind: "cylinder", x: 4, y: -3, distance: 70, radius: 120, slide: -8 }],
    ["tighter curve", { kind: "cylinder", x: -2, y: 5, distance: 90, radius: 30, slide: 0 }],
  ];

  test.each(surfaces)("round trip direction → sheet → direction → sheet on a %s is exact to 1e-9 mm", (_, surface) => {
    const hole = { x: 3, y: -6, z: 0 };
    let landed = 0;
    fc.assert(
      fc.property(angle, angle, (azimuth, elevation) => {
        const place = sceneToSheet(hole, surface, { azimuth, elevation });
        if (place === null || Math.hypot(place.s, place.t) > 400) return;
        const back = sheetToScene(hole, surface, place);
        const again = back && sceneToSheet(hole, surface, back);
        landed++;
        expect(back?.azimuth).toBeCloseTo(azimuth, 9);
        expect(back?.elevation).toBeCloseTo(elevation, 9);
        expect(Math.hypot((again?.s ?? 1e9) - place.s, (again?.t ?? 1e9) - place.t)).toBeLessThan(ROUND_TRIP);
      }),
      { seed: 31, numRuns: 400 },
    );
    expect(landed).toBeGreaterThan(100);
  });

  test("the picture is upside down and turned: what is right and up in the scene lands at s < 0, t < 0 (FORMAT, Axes)", () => {
    const place = sceneToSheet(ORIGIN, flat(60), { azimuth: Math.PI / 4, elevation: 0 });
    expect(place?.s).toBeCloseTo(-60, 9);
    expect(sceneToSheet(ORIGIN, flat(60), { azimuth: 0, elevation: 0.3 })?.t).toBeLessThan(0);
  });

  test("a can: view azimuth is half the central angle, so 7 in round R = 33.3 sees 153° (inscribed angle; about 160° common practice)", () => {
    const end = sheetToScene(ORIGIN, can(33.3), { s: -177.8 / 2, t: 0 });
    expect(end?.azimuth).toBeCloseTo(177.8 / 2 / 33.3 / 2, 12);
    expect((2 * (end?.azimuth ?? 0) * 180) / Math.PI).toBeCloseTo(153, 0);
  });

  test("positive tiltY brings the right side nearer, positive tiltX the top (FORMAT)", () => {
    expect(surfacePoint(flat(60, 0, 0.2), 10, 0).place.z).toBeLessThan(60);
    expect(surfacePoint(flat(60, 0.2, 0), 0, 10).place.z).toBeLessThan(60);
    expect(surfacePoint(flat(60, 0.2, 0), 0, 10).place.y).toBeCloseTo(10 * Math.cos(0.2), 12);
  });

  test("both tilts together keep e_s, e_t and the normal square to each other and of length 1", () => {
    const surface = flat(60, 0.7, -0.9);
    const o = surfacePoint(surface, 0, 0).place;
    const unit = (s: number, t: number): number[] => {
      const { place } = surfacePoint(surface, s, t);
      return [place.x - o.x, place.y - o.y, place.z - o.z];
    };
    const [a, b] = [unit(1, 0), unit(0, 1)];
    const { normal } = surfacePoint(surface, 0, 0);
    const n = [normal.x, normal.y, normal.z];
    const dot = (p: number[], q: number[]): number => p.reduce((sum, value, i) => sum + value * (q[i] ?? 0), 0);
    for (const [p, q, want] of [
      [a, a, 1],
      [b, b, 1],
      [n, n, 1],
      [a, b, 0],
      [a, n, 0],
      [b, n, 0],
    ] as const) {
      expect(dot([...p], [...q])).toBeCloseTo(want, 12);
    }
    expect(normal.z).toBeLessThan(0);
  });

  test("light parallel to a leaning sheet lands nowhere, at every tilt; a hair steeper it lands far out", () => {
    for (let tilt = -1.5; tilt <= 1.5; tilt += 0.05) {
      const surface = flat(60, 0, tilt);
      const along = { azimuth: Math.sign(tilt || 1) * (Math.PI / 2 - Math.abs(tilt)), elevation: 0 };
      expect(sceneToSheet(ORIGIN, surface, along)).toBeNull();
      const steeper = sceneToSheet(ORIGIN, surface, { ...along, azimuth: along.azimuth * 0.999 });
      expect(Math.abs(steeper?.s ?? Number.POSITIVE_INFINITY)).toBeGreaterThan(60);
    }
    expect(sceneToSheet({ x: 33.3, y: 0, z: 33.3 }, can(33.3), { azimuth: Math.PI / 2, elevation: 0 })).toBeNull();
  });

  test("light from behind, or at the back of a sheet, lands nowhere", () => {
    expect(sceneToSheet(ORIGIN, flat(60), { azimuth: 2, elevation: 0 })).toBeNull();
    expect(sceneToSheet(ORIGIN, flat(60, 0, 1.2), { azimuth: 1.3, elevation: 0 })).toBeNull();
  });
});
