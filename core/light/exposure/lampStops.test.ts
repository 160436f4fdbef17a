import { media } from "../../../catalogue/media.ts";
import { evOnSheet, lampStops } from "./index.ts";

const of = (id: string) => media.find((row) => row.id === id)?.sensitivity ?? [];
/** CIE illuminant A. */
const LAMP = 2856;

describe("lamp light on a sheet that sees blue", () => {
  test("graded paper wants 1.6 to 1.8 stops more, variable-contrast paper about 1.1, panchromatic film hardly any", () => {
    expect(lampStops(of("rc-graded"), LAMP)).toBeGreaterThan(1.6);
    expect(lampStops(of("rc-graded"), LAMP)).toBeLessThan(1.8);
    expect(Math.abs(lampStops(of("rc-variable"), LAMP) - 1.1)).toBeLessThan(0.15);
    const film = media.find(({ kind, wavelengthNm }) => kind === "film" && wavelengthNm === 550);
    expect(Math.abs(lampStops(film?.sensitivity ?? [], LAMP))).toBeLessThan(0.5);
  });

  test("nothing in daylight; more the redder the light", () => {
    expect(lampStops(of("rc-graded"), 5500)).toBe(0);
    expect(lampStops(of("rc-graded"), 2300)).toBeGreaterThan(lampStops(of("rc-graded"), LAMP));
    expect(evOnSheet(5, undefined, of("rc-graded"))).toBe(5);
    expect(evOnSheet(5, LAMP, of("rc-graded"))).toBeCloseTo(5 - lampStops(of("rc-graded"), LAMP), 12);
  });
});
