import fc from "fast-check";
import {
  formatDistance,
  formatFNumber,
  formatLength,
  formatTime,
  type LengthUnit,
  parseFNumber,
  parseLength,
  parseNumber,
  parseTime,
  plainNumber,
  sayLength,
  sayOpenTime,
  sayTime,
} from "./index.ts";
import { plainDigits } from "./plainDigits.ts";

describe("inches as a ruler has them", () => {
  test.each([
    // [mm, said]; 190 mm is 7.48031 in, 15/32 are 7.46875: 0.29 mm over.
    [190, "a hair over 7 15/32 in"],
    [189.6, "7 15/32 in"],
    [189.4, "a hair under 7 15/32 in"],
    [254, "10 in"],
    [25.4, "1 in"],
    [6.35, "1/4 in"],
    [1.6, "1/16 in"],
    [22.225, "7/8 in"],
    // Plates, holes: thousandths and their halves.
    [0.05, "0.002 in"],
    [0.266, "0.0105 in"],
    [0, "0 in"],
    [-60.325, "−2 3/8 in"],
  ])("%f mm is said as %s", (mm, said) => expect(sayLength(mm, "in")).toBe(said));
  test("a figure is a figure, in thousandths; millimetres stay as they are", () => {
    expect(sayLength(100, "in", 3)).toBe("3.937 in");
    // Roughly: eighths, sixteenths below an inch.
    expect([sayLength(55, "in", 0), sayLength(14.5, "in", 0)]).toEqual(["2 1/8 in", "9/16 in"]);
    expect([sayLength(0.2661, "mm"), sayLength(6.35, "mm"), sayLength(190.04, "mm")]).toEqual([
      "0.266 mm",
      "6.35 mm",
      "190 mm",
    ]);
  });
  test("what is said is within a hair of what it is: 0.2 mm, or told as over or under it by no more than half a 32nd", () => {
    fc.assert(
      fc.property(fc.double({ min: 1.27, max: 2000, noNaN: true }), (mm) => {
        const said = sayLength(mm, "in");
        const read = parseLength(said.replace(/a hair (over|under) /, ""), "in");
        if (!read.ok) throw new Error(said);
        const off = mm - read.value;
        expect(Math.abs(off)).toBeLessThanOrEqual(/hair/.test(said) ? 25.4 / 64 + 1e-9 : 0.2 + 1e-9);
        if (/over/.test(said)) expect(off).toBeGreaterThan(0);
        if (/under/.test(said)) expect(off).toBeLessThan(0);
      }),
      { seed: 9 },
    );
  });
});

describe("lengths as makers write them", () => {
  test.each([
    ["60", "mm", 60],
    ["60 mm", "in", 60],
    ["6 cm", "mm", 60],
    ["0.3", "mm", 0.3],
    ["0,3", "mm", 0.3],
    [".3", "mm", 0.3],
    ["2 3/8 in", "mm", 60.325],
    ["2-3/8 in", "mm", 60.325],
    ['2⅜"', "mm", 60.325],
    ['7/8"', "mm", 22.225],
    ["7/8″", "mm", 22.225],
    ["1/16", "mm", 1.5875],
    ["2.5", "in", 63.5],
    ["1 1/2", "in", 38.1],
    ["0.25 m", "mm", 250],
    ["10 inches", "mm", 254],
    ["0,125 mm", "in", 0.125],
    ["-3", "mm", -3],
    ["−3", "mm", -3],
  ] as const)("%s (in %s) is %p mm", (text, unit, mm) => {
    const read = parseLength(text, unit);
    expect(read.ok && read.value).toBeCloseTo(mm, 10);
  });

  test.each([
    ["1,250", /could mean 1250 or 1.250/],
    ["1.250,5", /without separators/],
    ["1,250.5", /without separators/],
    ["1 250", /without separators/],
    ["", /Type a length/],
    ["wide", /not a number/],
    ["60 px", /unit we don’t know/],
    ["3/0", /0 below the line/],
    ["6 0", /not a number/],
    ["--3", /not a number/],
    ["NaN", /not a number/],
    ["1e3", /unit we don’t know/],
  ])("%p is refused with a sentence", (text, words) => {
    const read = parseLength(text, "mm");
    expect(read.ok).toBe(false);
    expect(!read.ok && read.error).toMatch(words);
  });

  test("what is shown is read back to what was meant, in both units", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 2000, noNaN: true }),
        fc.constantFrom<LengthUnit>("mm", "in"),
        (mm, unit) => {
          const read = parseLength(formatLength(mm, unit, 3), unit);
          expect(read.ok && Math.abs(read.value - mm)).toBeLessThan(0.0006);
        },
      ),
      { seed: 71 },
    );
  });

  test.each([
    [60.325, "in", "2 3/8 in"],
    [22.225, "in", "7/8 in"],
    [254, "in", "10 in"],
    [66.6, "mm", "66.6 mm"],
    [60, "mm", "60 mm"],
    [-3.5, "mm", "−3.5 mm"],
    [10, "in", "0.394 in"],
  ] as const)("%p mm in %s reads %s", (mm, unit, text) => {
    expect(formatLength(mm, unit)).toBe(text);
  });

  test("a bare number is never rounded", () => {
    expect(parseNumber("0.123456789012")).toEqual({ ok: true, value: { value: 0.123456789012, fraction: false } });
  });
});

describe("times", () => {
  test.each([
    ["4", 4],
    ["4 s", 4],
    ["1/60", 1 / 60],
    ["1/4 s", 0.25],
    ["2:30", 150],
    ["1:02:03", 3723],
    ["3 min", 180],
    ["2 min 30 s", 150],
    ["2min30s", 150],
    ["1 h 20 min", 4800],
    ["0,5 s", 0.5],
    ["1 1/2 min", 90],
  ])("%s is %p s", (text, seconds) => {
    const read = parseTime(text);
    expect(read.ok && read.value).toBeCloseTo(seconds, 10);
  });

  test.each(["", "soon", "0", "-4 s", "3 days ago", "2:75"])("%p is refused", (text) => {
    const read = parseTime(text);
    expect(!read.ok && read.error).toMatch(/Write a time like/);
  });

  test.each([
    [1 / 60, "1/60 s"],
    [0.5, "0.5 s"],
    [4, "4 s"],
    [13.97, "14 s"],
    [119, "119 s"],
    [150, "2 min 30 s"],
    [7200, "2 h"],
    [86_400 * 182, "182 days"],
    [3599.7, "1 h"],
  ])("%p s reads %s", (seconds, text) => {
    expect(formatTime(seconds)).toBe(text);
  });
});

describe("f-numbers", () => {
  test.each([
    ["f/180", 180],
    ["F 22", 22],
    ["1:8", 8],
    ["90.8", 90.8],
    ["f/5,6", 5.6],
  ])("%s", (text, n) => {
    expect(parseFNumber(text)).toEqual({ ok: true, value: n });
  });

  test.each(["f/0", "f/-2", "wide", ""])("%p is refused", (text) => {
    expect(parseFNumber(text).ok).toBe(false);
  });

  test("reads as f/200 and f/5.6", () => {
    expect([formatFNumber(200.4), formatFNumber(5.6), formatFNumber(22)]).toEqual(["f/200", "f/5.6", "f/22"]);
  });
});

describe("numbers with at most one sign behind them", () => {
  test.each([
    ["97", "mm", 97],
    ["97 mm", "mm", 97],
    ["97,5 MM", "mm", 97.5],
    ["2400 dpi", "dpi", 2400],
    ["25°", "°", 25],
    ["−12.5 °", "°", -12.5],
    ["1 1/2", "", 1.5],
  ])("%s is read, with or without %s: %f", (text, sign, value) => {
    expect(plainNumber(text, sign)).toEqual({ ok: true, value });
  });

  test.each([
    ["97 cm", "mm"],
    ["four", "°"],
    ["", "mm"],
    ["1,250", "dpi"],
    ["12 mm mm", "mm"],
  ])("%s is refused in words where %s may stand", (text, sign) => {
    const read = plainNumber(text, sign);
    expect(read.ok).toBe(false);
    expect(!read.ok && read.error.length).toBeGreaterThan(10);
  });
});

describe("digits of other scripts", () => {
  test.each([
    ["٦٠", 60],
    ["۶۰٫۵", 60.5],
    ["६०,५", 60.5],
    ["６０．５", 60.5],
    ["๖๐", 60],
    ["−１２．５", -12.5],
  ])("%s is %d", (text, value) => {
    expect(parseNumber(text)).toEqual({ ok: true, value: { value, fraction: false } });
  });

  test("in lengths, times and f-numbers too; an ambiguous comma is refused there as well", () => {
    expect(parseLength("२ ३/८ in", "mm")).toEqual(parseLength("2 3/8 in", "mm"));
    expect(parseTime("٢:٣٠")).toEqual({ ok: true, value: 150 });
    expect(parseFNumber("f/１６")).toEqual({ ok: true, value: 16 });
    expect(parseNumber("१,२५०").ok).toBe(false);
  });

  test("every digit of every script that is listed stands for itself (seeded round trip)", () => {
    for (const zero of [0x0660, 0x06f0, 0x0966, 0x0e50, 0x17e0, 0xff10]) {
      const written = [...String(1234567890)].map((digit) => String.fromCodePoint(zero + Number(digit))).join("");
      expect(plainDigits(written)).toBe("1234567890");
    }
  });

  test("a time of days is said in days: nobody counts its minutes", () => {
    // 46 h 31 min of a dim lamp; twelve and a half days.
    expect([46.52, 39, 41, 300].map((hours) => sayTime(hours * 3600))).toEqual([
      "about 2 days",
      "39 h",
      "about 2 days",
      "about 13 days",
    ]);
    expect([150, 39.5 * 3600, 46.52 * 3600].map(sayOpenTime)).toEqual(["2 min 30 s", "39 h 30 min", "about 2 days"]);
  });

  test("sayTime and formatDistance speak two figures", () => {
    expect([0.1, 0.5, 26.4, 98, 149, 170, 3000, 8000].map(sayTime)).toEqual([
      "1/10 s",
      "0.5 s",
      "26 s",
      "98 s",
      "2.5 min",
      "2.8 min",
      "50 min",
      "2.2 h",
    ]);
    expect([formatDistance(827, "mm"), formatDistance(3333, "mm"), formatDistance(3333, "in")]).toEqual([
      "0.83 m",
      "3.3 m",
      "11 ft",
    ]);
  });
});

describe("inches by sixteenths", () => {
  test("within 0.02 mm of a sixteenth it is written as one, beyond that as a decimal", () => {
    const sixteenth = 25.4 / 16;
    for (const off of [0.0199, -0.0199]) expect(formatLength(38 * sixteenth + off, "in")).toBe("2 3/8 in");
    for (const off of [0.0201, -0.0201]) expect(formatLength(38 * sixteenth + off, "in")).toMatch(/^2\.37\d in$/);
    // A fine figure is a decimal all the same, and nothing is no fraction.
    expect(formatLength(38 * sixteenth, "in", 2)).toBe("2.375 in");
    expect(formatLength(0.001, "in")).toBe("0 in");
  });
});
