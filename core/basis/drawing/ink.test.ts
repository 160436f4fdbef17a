import { INK, type InkName } from "./index.ts";

/** Relative luminance and contrast of sRGB colours. WCAG 2.2, definitions. */
function luminance(hex: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => {
    const share = Number.parseInt(hex.slice(at, at + 2), 16) / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

function contrast(one: string, other: string): number {
  const [light, dark] = [luminance(one), luminance(other)].sort((a, b) => b - a) as [number, number];
  return (light + 0.05) / (dark + 0.05);
}

const READ: readonly (readonly [InkName, InkName])[] = [
  ...(["ink", "quiet", "kraft", "action", "good"] as const).flatMap((ink) => [
    [ink, "card"] as const,
    [ink, "board"] as const,
  ]),
  ["onAction", "action"],
  ["onTape", "tape"],
];

test.each(["light", "dark", "red"] as const)("what is read is 4.5 : 1 and more in %s (WCAG 2.2, 1.4.3)", (theme) => {
  const faint = READ.filter(([ink, on]) => contrast(INK[theme][ink], INK[theme][on]) < 4.5).map(
    ([ink, on]) => `${ink} on ${on}: ${contrast(INK[theme][ink], INK[theme][on]).toFixed(2)}`,
  );
  expect(faint).toEqual([]);
});

test("the formula itself: black on white is 21 : 1", () => expect(contrast("#000000", "#ffffff")).toBeCloseTo(21, 9));

test("beside a safelight every colour is red alone", () => {
  for (const colour of Object.values(INK.red)) expect(colour).toMatch(/^#[0-9a-f]{2}0000$/);
});
