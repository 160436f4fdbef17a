import { skyTools } from "../../../workers/jobs/sun/skyTools.ts";
import { type Exposed, exposurePerLight, type PreviewOrder, SKY_LIGHT } from "../../bench/preview/index.ts";
import { opticalModel } from "../../light/solve/index.ts";
import { type CanStand, type SunRequest, sunFan } from "../../sun/index.ts";
import { printedScene } from "./printedScene.ts";

const plan: SunRequest = {
  site: { latitude: 52.2, longitude: 0.1, height: 20, timeZone: "Europe/London" },
  hole: { diameter: 0.5 },
  film: { surface: "flat", distance: 66, width: 240, height: 160 },
  aim: { azimuth: 180, elevation: 0, roll: 0 },
  from: "2026-12-21",
  to: "2026-12-21",
};
const fan = sunFan(plan, skyTools);
const size = { width: 240, height: 160 };
const settings = { ...size, even: 0 };
const order: PreviewOrder = {
  models: [opticalModel(plan)],
  divider: 0,
  scene: { id: "even", name: "", sentence: "", ev: 15, look: () => undefined },
  seconds: 60,
  walking: false,
  blueness: 0,
  lines: [],
  brightness: 4,
  pixels: 240,
};
/** All of the sheet under one luminance of the scene, without fall-off. */
const under = (luminance: number, its: PreviewOrder = order): Exposed => ({
  ...size,
  rows: { from: 0, to: 160 },
  pitch: 1,
  exposure: new Float32Array(240 * 160).fill(
    luminance * exposurePerLight(its.models[0] as PreviewOrder["models"][number], its),
  ),
});
/** The sun shines before noon, or not at all. */
const stand = (shines: 0 | 1): CanStand => ({
  request: plan,
  fan,
  skies: fan.days.map(({ moments, noon }) => Uint8Array.from(moments, ({ at }) => (at < noon.at ? shines : 0))),
});
const printed = (luminance: number, shines: 0 | 1, its: PreviewOrder = order) =>
  printedScene(under(luminance, its), its, [stand(shines)], settings);

describe("A scene printed out", () => {
  test("over dark land the only trace is the sun's, where the fan says it lands: the sheet lies emulsion up", () => {
    const { negative, positive, tracked } = printed(0, 1);
    const morning = fan.days[0]?.moments.find(
      ({ at, place }) => place !== null && at > (fan.days[0]?.noon.at ?? 0) - 2 * 3_600_000,
    );
    if (!morning?.place) throw new Error("no morning");
    const column = Math.round(120 - morning.place.s - 0.5);
    const row = Math.round(80 - morning.place.t - 0.5);
    expect(negative[row * 240 + column]).toBeLessThan(255);
    expect(negative[row * 240 + 239 - column]).toBe(255);
    // Upright: turned over from top to bottom.
    expect(positive[(159 - row) * 240 + column]).toBeGreaterThan(128);
    expect(tracked).toBeGreaterThan(0.001);
    expect(tracked).toBeLessThan(0.05);
  });

  test("under cloud it is the sky's slow grey alone: 0.6 of its time at a ten thousandth of the sun, whatever time the scene was metered for; here of a sky a hundred times as bright", () => {
    const { days, step } = fan;
    const open = 0.6 * step * (days[0]?.moments.length ?? 0);
    // A clear hour at the highest noon (14.4°, air mass 3.98: 0.7^(3.98^0.678)) gives half.
    const noon = 0.7 ** (3.98 ** 0.678);
    const wanted = 255 * 2 ** -((100 * open * 1e-4) / (3_600_000 * noon));
    for (const its of [order, { ...order, seconds: 3, brightness: 0.5 }]) {
      const { negative, tracked } = printed(100 * SKY_LIGHT, 0, its);
      expect(Math.abs((negative[80 * 240 + 120] as number) - wanted)).toBeLessThanOrEqual(1);
      expect(tracked).toBe(0);
    }
    // In the window's light of EV 11 a sixteenth is as bright.
    const indoors = { ...order, scene: { ...order.scene, ev: 11 } };
    expect(printed((100 * SKY_LIGHT) / 16, 0, indoors).negative[0]).toBe(printed(100 * SKY_LIGHT, 0).negative[0]);
  });

  test("what walls scatter darkens as the scene's own light does", () => {
    const even = 50 * SKY_LIGHT * exposurePerLight(order.models[0] as PreviewOrder["models"][number], order);
    const half = printedScene(under(50 * SKY_LIGHT), order, [stand(0)], { ...size, even });
    expect(half.negative).toEqual(printed(100 * SKY_LIGHT, 0).negative);
  });

  test("says what share is blank and what is as dark as it gets", () => {
    expect(printed(0, 0)).toMatchObject({ blank: 1, burnt: 0, tone: "printed", rows: { from: 0, to: 160 } });
    expect(printed(SKY_LIGHT * 1e5, 0)).toMatchObject({ blank: 0, burnt: 1 });
  });
});
