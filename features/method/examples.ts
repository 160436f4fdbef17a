import { formatTime, RADIANS } from "../../core/basis/units/index.ts";
import { combined } from "../../core/camera/container/index.ts";
import { nearEnough } from "../../core/camera/framing/index.ts";
import { rollPlan } from "../../core/camera/roll/index.ts";
import { foldedSizes } from "../../core/camera/shapes/index.ts";
import { stereo } from "../../core/camera/stereo/index.ts";
import { bracketStep, experience } from "../../core/learning/index.ts";
import {
  correctedTime,
  densityCurve,
  midExposure,
  movement,
  photographEv,
  spotEv,
  timeFromLight,
} from "../../core/light/exposure/index.ts";
import { contrast, optimum, schools } from "../../core/light/hole/index.ts";
import { illumination, imageCircle, rayTo, vignetting } from "../../core/light/rays/index.ts";
import { byProjection, coneDiameter } from "../../core/make/steps/index.ts";
import type { ExampleField } from "./LiveExample.tsx";

/** A formula as Method shows it: words, formula, source, and an example that computes with the core's own function. */
export interface MethodEntry {
  readonly title: string;
  readonly words: string;
  readonly formula: string;
  readonly source: string;
  readonly fields: readonly ExampleField[];
  readonly result: (...values: readonly number[]) => string;
}

const mm = (value: number, digits = 2): string => `${value.toFixed(digits)} mm`;
/** A hole in a plate without thickness, behind nothing that cuts. */
const OPEN = { diameter: 0.3, plateThickness: 0, openingDiameter: null, wall: 0 } as const;

/** Every formula with a live example. */
export const entries: readonly MethodEntry[] = [
  {
    title: "Best hole by a rule",
    words: "A constant times the square root of wavelength and distance; for a near subject the distance is less.",
    formula: "d = c·√(λz′), 1/z′ = 1/z + 1/u",
    source: "Rayleigh, Phil. Mag. 31 (1891) 87 and the others below",
    fields: [
      { label: "Hole to sheet", unit: "mm", value: 62 },
      { label: "Wavelength", unit: "nm", value: 550 },
      { label: "Subject", unit: "m", value: 1000 },
    ],
    result: (distance = 1, wavelengthNm = 1, metres = 1) =>
      schools
        .map(
          ({ name, compute }) =>
            `${name} ${mm(compute({ distance, wavelengthNm, subjectDistance: metres * 1000 }), 3)}`,
        )
        .join(" · "),
  },
  {
    title: "Contrast of a hole",
    words: "What is left of the contrast of fine lines: diffraction and the hole’s own shadow together, exactly.",
    formula: "MTF(ν) = (4/πa²) ∫₀^{a−Δ/2} cos(2πνx(1 + z/u)) √(a² − (x + Δ/2)²) dx, Δ = λzν",
    source: "Mielenz, J. Res. NIST 104 (1999) 479; paraxial Fresnel diffraction",
    fields: [
      { label: "Hole", unit: "mm", value: 0.3 },
      { label: "Hole to sheet", unit: "mm", value: 60 },
      { label: "Wavelength", unit: "nm", value: 550 },
      { label: "Lines in a mm", unit: "", value: 3 },
    ],
    result: (diameter = 1, distance = 1, wavelengthNm = 1, frequency = 1) =>
      `${(100 * contrast(frequency, diameter, { distance, wavelengthNm, subjectDistance: null })).toFixed(1)} % of their contrast`,
  },
  {
    title: "Computed optimum and its band",
    words: "The hole that still parts the finest lines at the contrast you ask for, and those nearly as good.",
    formula: "c(κ) = arg max of the lowest ν with MTF(ν) = κ; band: 95 % of that ν",
    source: "from the contrast above; c = 1.5235 at κ = 0.2",
    fields: [{ label: "Contrast", unit: "%", value: 20 }],
    result: (percent = 20) => {
      const best = optimum(Math.min(0.95, Math.max(0.02, percent / 100)), 0.95);
      return `c = ${best.constant.toFixed(4)}, band ${(best.band[0] / best.constant).toFixed(3)} to ${(best.band[1] / best.constant).toFixed(3)} of it`;
    },
  },
  {
    title: "Plate seen at a slant",
    words: "A hole in a thick plate closes up for slanting light.",
    formula: "V = (2/π)(arccos s − s√(1 − s²)), s = t·tan α/d",
    source: "two circles’ common area, elementary geometry",
    fields: [
      { label: "Hole", unit: "mm", value: 0.3 },
      { label: "Plate", unit: "mm", value: 0.1 },
      { label: "Angle", unit: "°", value: 60 },
    ],
    result: (diameter = 1, plateThickness = 1, angle = 1) => {
      const slope = angle < 90 ? Math.tan(angle * RADIANS) : Number.POSITIVE_INFINITY;
      const open = vignetting({ diameter, plateThickness, openingDiameter: null, wall: 0 }, slope);
      return `${(100 * open).toFixed(1)} % of the hole is seen; nothing beyond ${(Math.atan(diameter / plateThickness) / RADIANS).toFixed(1)}°`;
    },
  },
  {
    title: "Light on a flat sheet",
    words: "Away from the middle the sheet is farther, struck at a slant, and the hole looks narrower.",
    formula: "E = V·cos α·cos β·z²/r²; flat and without plate cos⁴α; stops lost −log₂E",
    source: "the cos⁴ law, elementary geometry",
    fields: [
      { label: "Hole to sheet", unit: "mm", value: 60 },
      { label: "From the middle", unit: "mm", value: 60 },
    ],
    result: (distance = 1, aside = 1) => {
      const surface = { kind: "flat", x: 0, y: 0, distance, tiltX: 0, tiltY: 0 } as const;
      const light = illumination(OPEN, distance, rayTo({ x: 0, y: 0, z: 0 }, surface, aside, 0));
      return `${(100 * light).toFixed(1)} % of the middle’s light, ${(-Math.log2(light)).toFixed(2)} stops lost`;
    },
  },
  {
    title: "Image circle",
    words: "The circle inside which fewer than so many stops are lost.",
    formula: "D where V·cos⁴α = 2^−stops; the plate’s hard end 2zd/t",
    source: "from the light above; 2 stops at 45°, D = 2z, without a plate",
    fields: [
      { label: "Hole to sheet", unit: "mm", value: 60 },
      { label: "Stops", unit: "", value: 2 },
    ],
    result: (distance = 1, stops = 1) => `${mm(imageCircle(OPEN, distance, stops), 1)} across`,
  },
  {
    title: "Round the wall of a can",
    words: "A sheet on the wall opposite the hole sees half its arc’s angle; level with the hole the light is even.",
    formula: "φ = θ/2, θ = L/R (inscribed angle)",
    source: "Euclid, Elements III.20; about 160° for 7 in round a 500 ml can is common practice",
    fields: [
      { label: "Sheet", unit: "mm", value: 177.8 },
      { label: "Can inside", unit: "mm", value: 66.6 },
    ],
    result: (sheet = 1, diameter = 1) => `${(sheet / diameter / RADIANS).toFixed(1)}° across`,
  },
  {
    title: "Opening in the body",
    words: "The cut in the wall must stay clear of the slanting light.",
    formula: "D = d + 2w·tan α of the worst corner",
    source: "elementary geometry",
    fields: [
      { label: "Hole", unit: "mm", value: 0.3 },
      { label: "Wall", unit: "mm", value: 1 },
      { label: "Angle", unit: "°", value: 53.6 },
    ],
    result: (diameter = 1, wall = 1, angle = 1) =>
      angle < 90 ? `${mm(diameter + 2 * wall * Math.tan(angle * RADIANS))} at least` : "no opening is wide enough",
  },
  {
    title: "How near to go",
    words: "The distance at which a thing fills half the picture’s height.",
    formula: "u = h·z/(T/2)",
    source: "similar triangles",
    fields: [
      { label: "Thing", unit: "mm", value: 2000 },
      { label: "Hole to sheet", unit: "mm", value: 70 },
      { label: "Sheet’s height", unit: "mm", value: 101.6 },
    ],
    result: (height = 1, distance = 1, sheet = 1) =>
      `${(nearEnough(height, distance, sheet, 0.5) / 1000).toFixed(2)} m away`,
  },
  {
    title: "Time from a meter",
    words: "What a meter says at an f-number it knows, for yours.",
    formula: "t = t_m·(N/N_m)²·(S_m/S)",
    source: "ISO 2720:1974; f/22 → f/177 is ×64.7",
    fields: [
      { label: "Meter’s time", unit: "s", value: 2 },
      { label: "at f/", unit: "", value: 90.8 },
      { label: "Your f/", unit: "", value: 240 },
    ],
    result: (seconds = 1, from = 1, to = 1) =>
      `${(seconds * (to / from) ** 2).toFixed(2)} s, ×${((to / from) ** 2).toFixed(2)}`,
  },
  {
    title: "Long times on film",
    words: "Film tires: above a second it wants more than the sum says.",
    formula: "t′ = t^p for t > 1 s",
    source: "Schwarzschild; p = 1.2 to 1.4 by film, common practice",
    fields: [
      { label: "Time by the sum", unit: "s", value: 20 },
      { label: "p", unit: "", value: 1.3 },
    ],
    result: (seconds = 1, exponent = 1) => formatTime(correctedTime(seconds, { kind: "power", exponent }).seconds),
  },
  {
    title: "Time from the light",
    words: "The meter equation for a hole.",
    formula: "t = 100·N²/(S·2^EV)",
    source: "ISO 2720:1974",
    fields: [
      { label: "f-number", unit: "", value: 333 },
      { label: "ISO", unit: "", value: 6 },
      { label: "EV", unit: "", value: 15 },
    ],
    result: (n = 1, iso = 1, ev = 1) => formatTime(timeFromLight(ev, n, iso)),
  },
  {
    title: "What the log teaches",
    words:
      "Each judged shot says by how much its time was off. The error may lie in the camera, the paper or the light. All shots together show the most likely share of each, and how sure that is.",
    formula: "log₂ f⁻¹(t_best) = log₂ t_metered + b_camera + b_medium + b_light + noise; σ 1, ½, ½, noise ½",
    source: "the Gaussian posterior (regularised least squares); priors of ours, editable in the code",
    fields: [
      { label: "Shots alike", unit: "", value: 3 },
      { label: "Each wanted", unit: "stops", value: 1 },
      { label: "The sums say", unit: "s", value: 26 },
    ],
    result: (shots = 1, stops = 1, seconds = 1) => {
      const keys = { camera: "this one", medium: "this paper", light: "this light" };
      const judged = { ...keys, meteredSeconds: seconds, usedSeconds: seconds, correction: stops };
      const count = Math.min(1000, Math.max(0, Math.round(shots)));
      const said = experience(Array.from({ length: count }, () => judged)).about(keys);
      const known = `${said.stops.toFixed(3)} stops ± ${said.sd.toFixed(2)}`;
      return `${known}: ${formatTime(seconds * 2 ** said.stops)}, bracketed ${bracketStep(said.sd)} stops either way`;
    },
  },
  {
    title: "A photograph as a light meter",
    words:
      "A phone’s file says how it was taken, and so how bright it was; a marked place lies above or below by its value.",
    formula: "EV₁₀₀ = log₂(N²/t·100/S); at a place EV + log₂(Y/0.18), the logarithm kept to ±3",
    source: "ISO 2720:1974; Exif 2.32 (CIPA DC-008-2019); linear Y by IEC 61966-2-1",
    fields: [
      { label: "f-number", unit: "", value: 1.8 },
      { label: "One over the time", unit: "1/s", value: 1000 },
      { label: "ISO", unit: "", value: 50 },
      { label: "Y of the place", unit: "", value: 0.36 },
    ],
    result: (fNumber = 1, rate = 1, iso = 1, luminance = 1) => {
      const ev = photographEv({ fNumber, seconds: 1 / rate, iso });
      return `EV ${ev.toFixed(2)}, the place EV ${spotEv(ev, luminance).toFixed(2)}`;
    },
  },
  {
    title: "Someone walks through",
    words: "They cover a point for their width over their way: the longer the time, the fainter.",
    formula: "q = W/(v·t), change |log₂(1 − q + q·L_o/L_b)| stops; shows above 1/8 stop",
    source: "common practice; the limit is editable",
    fields: [
      { label: "Width", unit: "mm", value: 500 },
      { label: "Speed", unit: "m/s", value: 1.2 },
      { label: "Time", unit: "s", value: 10 },
    ],
    result: (width = 1, speed = 1, seconds = 1) => {
      const { share, stops, word } = movement({ width, speed: speed * 1000, brightness: 0.25 }, seconds);
      return `${(100 * share).toFixed(1)} % of the time, ${stops.toFixed(2)} stops: ${word}`;
    },
  },
  {
    title: "Two holes",
    words: "Each picture reaches past the middle; a wall there parts them. Near things are thirty bases away at least.",
    formula: "X = min(W/2, z·tan α_max − B/2), wall h = z·X/(X + B/2)",
    source: "elementary geometry; 30 B is a rule of thumb",
    fields: [
      { label: "Base", unit: "mm", value: 65 },
      { label: "Hole to sheet", unit: "mm", value: 90 },
      { label: "Sheet", unit: "mm", value: 254 },
    ],
    result: (base = 1, distance = 1, sheetWidth = 1) => {
      const pair = stereo({
        holes: [-base / 2, base / 2],
        distance,
        sheetWidth,
        steepest: Number.POSITIVE_INFINITY,
      });
      return `overlap ${mm(pair.overlap, 0)}, wall ${mm(pair.divider ?? 0, 1)}, nothing nearer than ${(pair.nearest / 1000).toFixed(2)} m`;
    },
  },
  {
    title: "Winding film",
    words: "The spool fattens, so later pictures need less of a turn.",
    formula: "L(n) = πn(D₀ + nτ)",
    source: "layer model; perforation pitch 4.75 mm, ISO 1007",
    fields: [
      { label: "Core", unit: "mm", value: 11.5 },
      { label: "Film", unit: "mm", value: 0.14 },
      { label: "Picture", unit: "mm", value: 36 },
    ],
    result: (core = 1, thickness = 1, frame = 1) => {
      const plan = rollPlan({
        film: "135",
        frame,
        gap: 2,
        core,
        thickness,
        length: 1600,
        leader: 120,
        tail: 60,
        clicks: 1,
      });
      const [first, last] = [plan.frames[0]?.turns ?? 0, plan.frames.at(-1)?.turns ?? 0];
      return `${plan.frames.length} pictures, ${plan.perforations} perforations each; ${first.toFixed(2)} turns at first, ${last.toFixed(2)} at last`;
    },
  },
  {
    title: "Needle as a cone",
    words: "How far a tip stands out behind the plate sets the hole, up to the thickness of its shaft.",
    formula: "diameter = 2·h·tan(γ/2)",
    source: "elementary geometry",
    fields: [
      { label: "Tip through by", unit: "mm", value: 1.5 },
      { label: "Angle of the tip", unit: "°", value: 12 },
      { label: "Shaft", unit: "mm", value: 0.46 },
    ],
    result: (depth = 1, angle = 12, shaft = 1) => `a hole of ${mm(coneDiameter(depth, angle * RADIANS, shaft), 3)}`,
  },
  {
    title: "Hole by projection",
    words: "Project the plate beside a clear ruler; the ruler tells the magnification.",
    formula: "m = projected ruler/ruler, d = D/m",
    source: "JCGM 100:2008 for the ±; both edges read to half a millimetre",
    fields: [
      { label: "On the ruler", unit: "mm", value: 10 },
      { label: "Projected ruler", unit: "mm", value: 400 },
      { label: "Projected hole", unit: "mm", value: 12 },
    ],
    result: (ruler = 1, projected = 1, hole = 1) => {
      const { diameter, uncertainty } = byProjection(ruler, projected, hole);
      return `${mm(diameter, 3)} ± ${mm(uncertainty, 3)}`;
    },
  },
  {
    title: "Two measurements of one hole",
    words: "Each counts by its own uncertainty; where they scatter more than they say, the ± is widened.",
    formula: "d = Σ(dᵢ/uᵢ²)/Σ(1/uᵢ²), u = √(1/Σ(1/uᵢ²))·max(1, √(χ²/(n − 1)))",
    source: "JCGM 100:2008; Birge, Phys. Rev. 40 (1932) 207",
    fields: [
      { label: "First", unit: "mm", value: 0.3 },
      { label: "First one’s ±", unit: "mm", value: 0.01 },
      { label: "Second", unit: "mm", value: 0.33 },
      { label: "Second one’s ±", unit: "mm", value: 0.02 },
    ],
    result: (first = 1, itsFirst = 1, second = 1, itsSecond = 1) => {
      const both = combined([
        { diameter: first, uncertainty: itsFirst },
        { diameter: second, uncertainty: itsSecond },
      ]);
      return both === null ? "each needs its own ±, above 0" : `${mm(both.value, 3)} ± ${mm(both.uncertainty, 4)}`;
    },
  },
  {
    title: "Folded boxes",
    words: "A square folded to its middle and again; a strip off the second square lets its box slide into the first.",
    formula: "base S√2/4, walls S√2/8, strip 2√2(2·layers·paper + clearance)",
    source: "elementary geometry",
    fields: [
      { label: "Square", unit: "mm", value: 330 },
      { label: "Card", unit: "mm", value: 0.25 },
    ],
    result: (sheet = 1, paper = 1) => {
      const sizes = foldedSizes({ shape: "folded", sheet, paper, clearance: 0.5, overlap: 10, wall: 0 });
      return `base ${mm(sizes.base, 1)}, walls ${mm(sizes.wall, 1)}; slides from ${mm(sizes.nearest, 0)} to ${mm(sizes.farthest, 0)}; strip ${mm(sizes.strip, 1)}`;
    },
  },
  {
    title: "Density of a sheet",
    words: "How dark an exposure makes the sheet; mid-grey stands 0.6 above its fog.",
    formula: "D(H) = Dmin + ΔD/(1 + (H₅₀/H)^g), g = [log₁₀9 + log₁₀((ΔD − 0.04)/0.04)]/(R/100)",
    source: "ISO 6846 (range R); mid-grey H = πK/(4S) a convention",
    fields: [
      { label: "Range R", unit: "", value: 110 },
      { label: "Exposure over mid-grey", unit: "×", value: 2 },
    ],
    result: (range = 1, times = 1) => {
      const density = densityCurve({ least: 0.05, most: 2.05, range }, 6)(midExposure(6) * times);
      return `density ${density.toFixed(2)}: ${(100 * 10 ** -density).toFixed(0)} % of the light comes back`;
    },
  },
];
