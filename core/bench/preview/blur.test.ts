import FFT from "fft.js";
import { type Camera, withField } from "../../camera/container/index.ts";
import { contrast } from "../../light/hole/index.ts";
import { illumination, rayTo } from "../../light/rays/index.ts";
import { testCamera } from "../../testing/cameras.ts";
import { drawn, exposureAt, orderFor, uniform } from "../../testing/draw.ts";
import { blurTile, halved, splitKernel } from "./blur.ts";
import { kernelAt, slantedEdge, spread } from "./index.ts";

const _box = testCamera("flat-box", { plateThickness: 0, wall: 0 });
const long = testCamera("flat-box", { depth: 300, plateThickness: 0, wall: 0 });

describe("energy", () => {
  test.each(["flat-box", "slanted-box", "curved-box", "curled-can", "drum"] as const)(
    "a uniform scene through a %s leaves H = πL·t·E/(4N²) everywhere: the blur of a uniform field is that field",
    (kind) => {
      const camera = testCamera(kind, { plateThickness: 0.02, wall: 0 });
      const order = orderFor(camera, uniform(1000));
      const exposed = drawn(order);
      const [model] = order.models as [(typeof order.models)[0]];
      const n = model.distance / model.aperture.diameter;
      for (const [a, b] of [
        [0, 0],
        [0.3, 0.2],
        [-0.4, 0.3],
        [0.45, -0.45],
      ] as const) {
        // The middle of the nearest pixel.
        const s =
          (Math.round((a * model.width) / exposed.pitch - ((exposed.width - 1) % 2) / 2) +
            ((exposed.width - 1) % 2) / 2) *
          exposed.pitch;
        const t =
          (Math.round((b * model.height) / exposed.pitch - ((exposed.height - 1) % 2) / 2) +
            ((exposed.height - 1) % 2) / 2) *
          exposed.pitch;
        const ray = rayTo(model.place, model.surface, s, t);
        const expected = ((Math.PI * 1000) / (4 * n * n)) * illumination(model.aperture, model.distance, ray);
        expect(exposureAt(exposed, s, t) / expected).toBeCloseTo(1, 2);
      }
    },
  );

  test("a near uniform scene, with its wider blur, keeps its light too", () => {
    const far = drawn(orderFor(long, uniform(1000)));
    const near = drawn(orderFor(long, uniform(1000, 400)));
    expect(near.exposure[0]).toBeGreaterThan(0);
    const sum = (values: Float32Array): number => values.reduce((total, value) => total + value, 0);
    expect(sum(near.exposure) / sum(far.exposure)).toBeCloseTo(1, 3);
  });

  test("kernels add to 1, split or whole", () => {
    const pupil = { along: 0.1, across: 0.15, length: 80, subjectDistance: null };
    const kernel = kernelAt(
      pupil,
      { a11: 0.8, a12: 0.2, a21: -0.1, a22: 1 },
      [{ wavelengthNm: 440, share: 1 }],
      0.06,
      8,
      false,
    );
    expect(kernel.weights.reduce((sum, weight) => sum + weight, 0)).toBeCloseTo(1, 5);
    const { core, rings } = splitKernel(kernel);
    const total = [core, rings].reduce((sum, { weights }) => sum + weights.reduce((a, b) => a + b, 0), 0);
    expect(total).toBeCloseTo(1, 12);
  });
});

describe("the blur", () => {
  const pupil = { along: 0.15, across: 0.15, length: 70, subjectDistance: null };
  const straight = { a11: 1, a12: 0, a21: 0, a22: 1 };
  const pitch = spread(0.3, 70, 440, null) / 6;

  test("of a point is the point spread of the hole: |∫∫ pupil·Fresnel phase|², summed by brute force", () => {
    const kernel = kernelAt(pupil, straight, [{ wavelengthNm: 440, share: 1 }], pitch, 8, false);
    const centre = pointSpread(0.15, 70, 440e-6, 0);
    const side = 17;
    const middle = kernel.weights[8 * side + 8] as number;
    for (const offset of [1, 2, 3, 4]) {
      const share = pointSpread(0.15, 70, 440e-6, offset * pitch) / centre;
      expect((kernel.weights[8 * side + 8 + offset] as number) / middle).toBeCloseTo(share, 1.7);
    }
  });

  test("in tiles with rings at half size is the direct convolution to 1 %, and that is the product of transforms (fft.js)", () => {
    const [width, height] = [128, 128];
    const light = Float64Array.from({ length: width * height }, (_, i) => {
      const [x, y] = [i % width, Math.floor(i / width)];
      return (x * 7 + y * 13) % 31 < 9 || (x - 60) ** 2 + (y - 64) ** 2 < 150 ? 1 : 0.05;
    });
    const kernel = kernelAt(pupil, straight, [{ wavelengthNm: 440, share: 1 }], pitch, 8, false);
    const transformed = byTransform(light, width, kernel);
    const direct = directly(light, width, kernel, 32, 96);
    const out = new Float64Array(width * height);
    const tile = { left: 32, top: 32, right: 96, bottom: 96 };
    blurTile(
      { width, full: light, half: halved(light, width) },
      new Uint8Array(width * height),
      tile,
      splitKernel(kernel),
      null,
      out,
    );
    for (let y = 32; y < 96; y += 3) {
      for (let x = 32; x < 96; x += 3) {
        expect(direct[y * width + x]).toBeCloseTo(transformed[y * width + x] as number, 6);
        expect(Math.abs((out[y * width + x] as number) - (direct[y * width + x] as number))).toBeLessThan(0.012);
      }
    }
  });

  test("of a slanted edge has the contrast of the formula within 3 % (in the way of ISO 12233)", () => {
    // The middle of a long box, so that light falls evenly and straight.
    const camera = { ...withField(long, "film.width", 40), id: "edge" } as Camera;
    const small = withField(camera, "film.height", 40);
    const slant = (5 * Math.PI) / 180;
    const order = orderFor(small, slantedEdge(slant), { pixels: 400 });
    const exposed = drawn(order);
    const [model] = order.models as [(typeof order.models)[0]];
    const setting = { distance: 300, wavelengthNm: 440, subjectDistance: null };
    for (const frequency of [0.4, 0.8, 1.2, 1.6]) {
      const measured = edgeContrast(exposed, slant, frequency);
      const formula = contrast(frequency, model.aperture.diameter, setting);
      expect(Math.abs(measured / formula - 1)).toBeLessThan(0.03);
    }
  });
});

/** Intensity of a point’s image at r from its middle, from the Fresnel integral over the pupil, strip by strip. */
function pointSpread(a: number, z: number, wavelength: number, r: number): number {
  const cells = 500;
  let [re, im] = [0, 0];
  for (let i = 0; i < cells; i++) {
    const x = a * ((2 * (i + 0.5)) / cells - 1);
    const half = Math.sqrt(a * a - x * x);
    for (let j = 0; j < cells; j++) {
      const y = half * ((2 * (j + 0.5)) / cells - 1);
      const phase = (Math.PI * (x * x + y * y)) / (wavelength * z) - (2 * Math.PI * x * r) / (wavelength * z);
      re += Math.cos(phase) * half;
      im += Math.sin(phase) * half;
    }
  }
  return re * re + im * im;
}

type TestKernel = ReturnType<typeof kernelAt>;

function directly(
  light: Float64Array,
  width: number,
  { reach, weights }: TestKernel,
  from: number,
  to: number,
): Float64Array {
  const out = new Float64Array(light.length);
  for (let y = from; y < to; y++) {
    for (let x = from; x < to; x++) {
      let sum = 0;
      for (let dy = -reach; dy <= reach; dy++) {
        for (let dx = -reach; dx <= reach; dx++) {
          sum +=
            (weights[(dy + reach) * (2 * reach + 1) + dx + reach] as number) *
            (light[(y + dy) * width + x + dx] as number);
        }
      }
      out[y * width + x] = sum;
    }
  }
  return out;
}

/** Circular convolution by two-dimensional transforms. */
function byTransform(light: Float64Array, size: number, { reach, weights }: TestKernel): Float64Array {
  const spread2 = new Float64Array(size * size);
  for (let dy = -reach; dy <= reach; dy++) {
    for (let dx = -reach; dx <= reach; dx++) {
      spread2[((dy + size) % size) * size + ((dx + size) % size)] = weights[
        (dy + reach) * (2 * reach + 1) + dx + reach
      ] as number;
    }
  }
  const [a, b] = [transform(light, size, false), transform(spread2, size, false)];
  const product = new Float64Array(a.length);
  for (let i = 0; i < a.length; i += 2) {
    const [ar, ai, br, bi] = [a[i] as number, a[i + 1] as number, b[i] as number, b[i + 1] as number];
    product[i] = ar * br - ai * bi;
    product[i + 1] = ar * bi + ai * br;
  }
  const back = transform(product, size, true);
  return Float64Array.from({ length: size * size }, (_, i) => back[2 * i] as number);
}

function transform(values: Float64Array, size: number, inverse: boolean): Float64Array {
  const fft = new FFT(size);
  const data =
    values.length === size * size
      ? Float64Array.from({ length: 2 * size * size }, (_, i) => (i % 2 ? 0 : (values[i / 2] as number)))
      : Float64Array.from(values);
  const run = (offset: number, stride: number): void => {
    const line = Array.from({ length: 2 * size }, (_, i) => data[offset + (i >> 1) * stride * 2 + (i & 1)] as number);
    const out = fft.createComplexArray();
    if (inverse) fft.inverseTransform(out, line);
    else fft.transform(out, line);
    for (let i = 0; i < 2 * size; i++) data[offset + (i >> 1) * stride * 2 + (i & 1)] = out[i] as number;
  };
  for (let row = 0; row < size; row++) run(2 * row * size, 1);
  for (let column = 0; column < size; column++) run(2 * column, size);
  return data;
}

/**
 * Contrast at a frequency from a slanted edge: distances of all pixels from the edge, sorted into a fine edge profile,
 * differentiated, and transformed at that frequency; divided by that of the sampling step.
 */
function edgeContrast(
  { width, height, pitch, exposure }: ReturnType<typeof drawn>,
  slant: number,
  frequency: number,
): number {
  const fine = pitch / 4;
  const reach = 3.2;
  const bins = Math.ceil((2 * reach) / fine);
  const sums = new Float64Array(bins);
  const counts = new Float64Array(bins);
  for (let row = 40; row < height - 40; row++) {
    for (let column = 40; column < width - 40; column++) {
      const s = ((width - 1) / 2 - column) * pitch;
      const t = ((height - 1) / 2 - row) * pitch;
      const off = s * Math.cos(slant) + t * Math.sin(slant);
      const bin = Math.floor((off + reach) / fine);
      if (bin < 0 || bin >= bins) continue;
      sums[bin] = (sums[bin] as number) + (exposure[row * width + column] as number);
      counts[bin] = (counts[bin] as number) + 1;
    }
  }
  const profile = Array.from(sums, (sum, i) => sum / (counts[i] as number));
  let [re, im, all] = [0, 0, 0];
  for (let i = 1; i < bins; i++) {
    const step = (profile[i] as number) - (profile[i - 1] as number);
    const phase = 2 * Math.PI * frequency * (i * fine - reach);
    re += step * Math.cos(phase);
    im += step * Math.sin(phase);
    all += step;
  }
  const sinc = (x: number): number => (x === 0 ? 1 : Math.sin(Math.PI * x) / (Math.PI * x));
  // The profile is gathered in bins: an average over a bin's width.
  return Math.hypot(re, im) / Math.abs(all) / sinc(frequency * fine);
}
