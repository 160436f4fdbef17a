import { bundled } from "./core.mjs";

const [WIDTH, HEIGHT] = [6000, 4000];
const SHEET = { width: 254, height: 169.3333333333 };
const CAMERA = { hole: { diameter: 0.42 }, film: { distance: 120, ...SHEET } };
const CAN = { hole: { diameter: 0.42 }, film: { surface: "cylinder", radius: 100, distance: 200, ...SHEET } };
const MEDIUM = { least: 0.05, most: 2.05, range: 110, iso: 6 };
const B = 60;
const samples = new Uint8Array(WIDTH * HEIGHT);
let state = 1;
for (let i = 0; i < samples.length; i++) {
  state = (Math.imul(state, 1103515245) + 12345) & 0x7fffffff;
  const [x, y] = [i % WIDTH, (i / WIDTH) | 0];
  const lid = x < B || y < B || x >= WIDTH - B || y >= HEIGHT - B;
  samples[i] = lid ? 250 : 120 + 60 * Math.sin(x / 90) * Math.cos(y / 130) + ((state >> 20) % 8);
}
const scan = { width: WIDTH, height: HEIGHT, channels: 1, samples, most: 255, encoding: null };
const m = await bundled(
  "zz",
  `export { placeSheet, proofExposure } from "./core/negative/index.ts"; export { transformOf } from "./workers/fourier.ts"; export {exposureMap} from "./core/negative/exposureMap.ts"; export {unbend} from "./core/negative/unbend.ts"; export {pictureFrame} from "./core/negative/pictureFrame.ts"; export {opticalModel} from "./core/light/solve/index.ts";`,
);
const cpu = (n, f) => {
  const a = process.cpuUsage();
  const r = f();
  const { user, system } = process.cpuUsage(a);
  console.log(n, ((user + system) / 1000).toFixed(0));
  return r;
};
cpu("yardstick", () => {
  let s = 0;
  for (let i = 0; i < 1e7; i++) s += Math.sqrt(i);
  return s;
});
const corners = [
  [B, B],
  [WIDTH - B, B],
  [WIDTH - B, HEIGHT - B],
  [B, HEIGHT - B],
];
const placed = { medium: MEDIUM, sheet: { ...SHEET, corners }, white: 0.85 };
const run = (more) => {
  const s = m.proofExposure(scan, { ...placed, ...more }, { transformOf: m.transformOf });
  let k = s.next();
  while (!k.done) k = s.next();
  if (!k.value.ok) throw new Error(k.value.error);
  return k.value.value;
};
if (process.argv[2]) { cpu("lay", () => run({ camera: CAMERA })); for (let i = 0; i < 2; i++) cpu("sharpen", () => run({ camera: CAMERA, sharpen: true })); process.exit(0); }
for (let i = 0; i < 2; i++) {
  const ps = cpu("placeSheet", () => m.placeSheet(scan, placed));
  const map = cpu("exposureMap", () => m.exposureMap(scan, "file", ps.sheet, MEDIUM, 0.85, "luminance"));
  for (const projection of ["straight", "round", "even"]) {
    const model = m.opticalModel(CAN);
    const frame = cpu("frame", () =>
      m.pictureFrame(ps.sheet, model, { projection, towards: { azimuth: 0, elevation: 0 }, width: null }),
    );
    cpu(`unbend ${projection} ${frame.width}x${frame.height} ${((frame.width * frame.height) / 1e6).toFixed(1)}`, () =>
      m.unbend(map, ps.sheet, frame, null),
    );
    cpu(`whole ${projection}`, () => run({ camera: CAN, projection }));
  }
  cpu("lay", () => run({ camera: CAMERA }));
  cpu("sharpen", () => run({ camera: CAMERA, sharpen: true }));
}
