import { entries } from "./examples.ts";

describe.each(entries.map((entry) => [entry.title, entry] as const))("Method’s example “%s”", (_, entry) => {
  test("computes with its own numbers and others, and names formula and source", () => {
    const values = entry.fields.map(({ value }) => value);
    const said = entry.result(...values);
    expect(said).not.toMatch(/NaN|Infinity|undefined/);
    expect(said).toMatch(/\d/);
    const other = entry.result(...values.map((value, index) => (index === 0 ? value * 1.3 : value)));
    expect(other).not.toBe(said);
    expect(entry.formula.length).toBeGreaterThan(5);
    expect(entry.source.length).toBeGreaterThan(5);
    expect(entry.words).toMatch(/^[A-Z].*\.$/);
  });
});

test("the examples show published values: 0.350 mm at 62 mm, 1.5235, 116.7 and 58.3 mm, 56 s", () => {
  const said = entries.map(({ fields, result }) => result(...fields.map(({ value }) => value))).join("\n");
  for (const value of [
    "Rayleigh 0.350 mm",
    "c = 1.5235",
    "base 116.7 mm, walls 58.3 mm",
    "56 s",
    "8 perforations",
    "25.0 % of the middle’s light, 2.00 stops",
    "120.0 mm across",
    "153.0° across",
    "13.97 s",
    "a hole of 0.315 mm",
    "0.300 mm ± 0.010 mm",
    "0.306 mm ± 0.0120 mm",
  ]) {
    expect(said).toContain(value);
  }
});
