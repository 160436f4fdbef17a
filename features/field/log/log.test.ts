import fc from "fast-check";
import Papa from "papaparse";
import { thistleRow } from "../../../catalogue/demo/thistleRow.ts";
import { mediumById } from "../../../catalogue/media.ts";
import { type Exposure, placesHeld } from "../../../core/document/index.ts";
import { bracketed, nextPlace } from "../expose/load/loading.ts";
import { mediumEntries, readMedium } from "../stock/mediumEntries.ts";
import { packWarnings } from "../stock/packWords.ts";
import { filterOf, isSifted, matches, verdictOf } from "./shotFilter.ts";
import { logCsv } from "./table/logCsv.ts";
import { type CsvFault, readLogCsv, type TableSetting } from "./table/readLogCsv.ts";
import { tableText } from "./table/tableText.ts";
import { wordsChanged } from "./table/wordsChanged.ts";

const NOW = "2026-05-01T10:00:00+01:00";
const CAMERAS = [{ id: "tin", name: "Biscuit tin" }];
const two = (value: number): string => String(value).padStart(2, "0");
const SETTING: TableSetting = {
  cameras: CAMERAS,
  newId: () => "new",
  now: NOW,
  here: ({ year, month, day, hour, minute, second }) =>
    `${year}-${two(month)}-${two(day)}T${two(hour)}:${two(minute)}:${two(second)}+02:00`,
  order: null,
};
/** What a table is read as; a date that could be two days is no fault of a row. */
const read = (text: string, order: TableSetting["order"] = null) => {
  const found = readLogCsv(text, { ...SETTING, order });
  if (!found.ok && "unclear" in found.error) throw new Error(`unclear: ${found.error.unclear}`);
  return found as Extract<typeof found, { ok: true }> | { ok: false; error: readonly CsvFault[] };
};

describe("the log as a table (RFC 4180)", () => {
  test("every shot of the demonstration comes back as it was; papaparse reads what is written", () => {
    const csv = logCsv(thistleRow.exposures);
    const back = readLogCsv(csv, { ...SETTING, cameras: thistleRow.cameras });
    if (!back.ok) throw new Error(JSON.stringify(back.error));
    const kept = ({ note, ...shot }: Exposure) => ({ ...shot, ...(note ? { note } : {}) });
    expect(back.value).toEqual(thistleRow.exposures.map(kept));
    expect(Papa.parse(csv, { header: true }).errors).toEqual([]);
    expect(csv.split("\r\n")).toHaveLength(thistleRow.exposures.length + 1);
  });

  test("any words come back: quotes, commas, lines, formulas, apostrophes (seeded)", () => {
    const words = fc.string({
      unit: fc.constantFrom("a", '"', ",", "\n", "\r\n", "'", "=", "+", "-", "@", ";", "ü", " ", "\t"),
      maxLength: 12,
    });
    fc.assert(
      fc.property(
        words.map((text) => text.trim()),
        words.map((text) => text.trim()),
        (subject, note) => {
          const shot = {
            id: "a",
            cameraId: "tin",
            cameraName: "Biscuit tin",
            openedAt: NOW,
            seconds: 0.5,
            ev: -2.25,
            subject,
            note,
          };
          const back = read(logCsv([shot]));
          if (!back.ok) throw new Error(JSON.stringify(back.error));
          expect(back.value[0]?.subject ?? "").toBe(subject);
          expect(back.value[0]?.note ?? "").toBe(note);
          expect(back.value[0]?.ev).toBe(-2.25);
        },
      ),
      { numRuns: 300, seed: 8 },
    );
  });

  test("a table of somebody's own: columns in any order, names instead of ids, a byte order mark, semicolons", () => {
    const back = read(
      "\ufeffGiven seconds;Opened;Camera;Weather\r\n12,5;2026-04-01T09:00:00+02:00;Biscuit tin;rain\r\n",
    );
    expect(back).toEqual({
      ok: true,
      value: [
        {
          id: "new",
          cameraId: "tin",
          cameraName: "Biscuit tin",
          openedAt: "2026-04-01T09:00:00+02:00",
          seconds: 12.5,
          weather: "rain",
        },
      ],
    });
  });

  test("one fault a line, by row and column; with any of them nothing is taken", () => {
    const csv = [
      "Camera,Opened,Given seconds,ISO,Correction in stops",
      "Biscuit tin,2026-04-01T09:00:00Z,12,6,",
      "Hat box,2026-04-01T09:00:00Z,12,6,",
      "Biscuit tin,yesterday,12,6,",
      "Biscuit tin,2026-04-01T09:00:00Z,soon,none,",
      "Biscuit tin,2026-04-01T09:00:00Z,-1,6,",
      "Biscuit tin,2026-04-01T09:00:00Z,12,6,40",
    ].join("\n");
    const back = read(csv);
    expect(!back.ok && back.error.map(({ row, column }) => [row, column])).toEqual([
      [3, "Camera"],
      [4, "Opened"],
      [5, "ISO"],
      [6, "Given seconds"],
      [7, "Correction in stops"],
    ]);
    expect(!back.ok && back.error[0]?.message).toMatch(/“Hat box” is none of your cameras/);
    expect(!back.ok && back.error[4]?.message).toMatch(/20 or less/);
  });

  test("a table as a spreadsheet saves it: its word for the mark between columns, headers in any case, dates as people write them", () => {
    const table = (date: string) =>
      `sep=;\r\nGIVEN SECONDS; opened ;camera;NOTE\r\n"12,5";"${date}";Biscuit tin;thin\r\n`;
    const opened = (date: string, order: TableSetting["order"] = null) => {
      const back = read(table(date), order);
      return back.ok ? back.value[0]?.openedAt : back.error[0];
    };
    expect(read(table("2026-04-01 09:05"))).toMatchObject({ ok: true, value: [{ seconds: 12.5, note: "thin" }] });
    for (const [date, iso] of [
      ["2026-04-01 09:05", "2026-04-01T09:05:00+02:00"],
      ["1.4.2026 9:05", "2026-04-01T09:05:00+02:00"],
      ["01.04.26, 09:05:30", "2026-04-01T09:05:30+02:00"],
      ["1 April 2026, 9:05 PM", "2026-04-01T21:05:00+02:00"],
      ["13/4/2026 12:00 AM", "2026-04-13T00:00:00+02:00"],
      ["4/13/2026 12:30 PM", "2026-04-13T12:30:00+02:00"],
      ["2026-04-01", "2026-04-01T12:00:00+02:00"],
      ["2026-04-01T09:05:00.5Z", "2026-04-01T09:05:00.5Z"],
      ["2026-04-01 09:05 +0530", "2026-04-01T09:05:00+05:30"],
      ["4/4/2026 8:00", "2026-04-04T08:00:00+02:00"],
    ] as const) {
      expect([date, opened(date)]).toEqual([date, iso]);
    }
    expect(() => opened("5/4/2026 8:00")).toThrow("unclear: 5/4/2026 8:00");
    expect(opened("5/4/2026 8:00", "day first")).toBe("2026-04-05T08:00:00+02:00");
    expect(opened("5/4/2026 8:00", "month first")).toBe("2026-05-04T08:00:00+02:00");
    for (const none of ["yesterday", "31.4.2026", "2026-13-01", "1.4.2026 25:00", "1.4.2026 13:00 PM"]) {
      expect(opened(none)).toMatchObject({
        row: 3,
        column: "Opened",
        message: expect.stringMatching(/no date and time/),
      });
    }
  });

  test("the letters of a table are known: UTF-8, UTF-16 both ways with and without its mark, Windows-1252", () => {
    const words = "Camera,Note\r\nBiscuit tin,Grüße von Beet 9 – 3 €\r\n";
    const utf16 = (big: boolean, mark: boolean): Uint8Array => {
      const text = (mark ? "\ufeff" : "") + words;
      const bytes = new DataView(new ArrayBuffer(2 * text.length));
      for (let i = 0; i < text.length; i++) bytes.setUint16(2 * i, text.charCodeAt(i), !big);
      return new Uint8Array(bytes.buffer);
    };
    const windows = Uint8Array.from(words, (letter) => ({ "–": 0x96, "€": 0x80 })[letter] ?? letter.charCodeAt(0));
    for (const bytes of [
      new TextEncoder().encode(words),
      new TextEncoder().encode(`\ufeff${words}`),
      windows,
      ...[true, false].flatMap((big) => [utf16(big, true), utf16(big, false)]),
    ]) {
      expect(tableText(bytes).replace(/^\ufeff/, "")).toBe(words);
    }
    // What is zero everywhere is no UTF-16.
    expect(tableText(new Uint8Array(40))).toHaveLength(40);
  });

  test("words that a table would change are shown beside those that are here; what is only added is not", () => {
    const [shot] = thistleRow.exposures as readonly [Exposure];
    const becomes = { ...shot, subject: "Bean row?", note: "" };
    expect(wordsChanged([becomes, { ...shot, id: "new" }], [{ ...shot, note: "" }, null])).toEqual([
      { shot: shot.subject, what: "Subject", was: shot.subject, becomes: "Bean row?" },
    ]);
    expect(wordsChanged([shot], [shot])).toEqual([]);
    expect(wordsChanged([{ ...shot, note: "thin" }], [{ ...shot, note: "" }])).toEqual([]);
  });

  test("a table without what is needed, or no table at all, is told so", () => {
    expect(read("Subject\nBean rows")).toMatchObject({
      ok: false,
      error: [{ row: 1, column: "Camera" }, { row: 1 }, { row: 1 }],
    });
    expect(read("")).toMatchObject({ ok: false });
    expect(read('Camera,Opened,Given seconds\n"Biscuit tin')).toMatchObject({ ok: false });
  });
});

describe("sifting", () => {
  const shot: Exposure = {
    id: "a",
    cameraId: "tin",
    openedAt: "2026-05-01T23:30:00-05:00",
    seconds: 4,
    lightKey: "sun",
    light: "Full sun",
    where: "By the Water Butt",
    note: "wind",
  };
  const asked = (search: string) => matches(shot, filterOf(new URLSearchParams(search)));

  test.each([
    ["camera=tin", true],
    ["camera=box", false],
    ["light=sun", true],
    ["light=hazy", false],
    ["where=water", true],
    ["words=WIND", true],
    ["words=rain", false],
    ["from=2026-05-01&until=2026-05-01", true],
    ["from=2026-05-02", false],
    ["verdict=unjudged", true],
    ["verdict=dark", false],
    ["load=x", false],
  ])("%s: %s (days are those of the place where it was taken)", (search, found) => expect(asked(search)).toBe(found));

  test("verdicts; a filter that is none of ours asks for nothing", () => {
    const judged = (correction: number) => verdictOf({ ...shot, judged: { correction, by: "words", at: NOW } });
    expect([-1, -0.2, 0.5].map(judged)).toEqual(["dark", "right", "light"]);
    expect(verdictOf({ ...shot, spoilt: "moved" })).toBe("spoilt");
    expect(isSifted(filterOf(new URLSearchParams("camera=tin&verdict=lovely&view=says")))).toBe(false);
  });
});

describe("places", () => {
  const load = {
    id: "l",
    cameraId: "c",
    at: NOW,
    places: ["a", "b", "c", "d"].map((place) => ({
      place,
      medium: "m",
      iso: 6,
      exposureId: place === "b" ? "s" : null,
    })),
  };

  test("the first free one is proposed; a bracket takes the next three free ones from it, or none", () => {
    expect(nextPlace(load.places, null)).toBe("a");
    expect(nextPlace(load.places, "c")).toBe("c");
    expect(nextPlace(load.places, "")).toBeNull();
    const planned = bracketed(load, [1, 2, 4], "a")?.places.map(({ plannedSeconds }) => plannedSeconds ?? null);
    expect(planned).toEqual([1, null, 2, 4]);
    expect(bracketed(load, [1, 2, 4], "c")).toBeNull();
  });

  test("of a tray that no load is noted for, those turned over are used", () => {
    const tray = thistleRow.cameras.find(({ id }) => id === "thistle-canister-one");
    if (!tray) throw new Error("no tray");
    expect(nextPlace(placesHeld(tray, null, "m", 6), null)).toBe("7");
    const [tin] = thistleRow.cameras;
    expect(tin && placesHeld(tin, null, "m", 6)).toBeNull();
  });
});

describe("stock", () => {
  test("few or old is said", () => {
    const pack = { id: "p", medium: "m", size: "", left: 30, opened: "2023-01-01" };
    expect(packWarnings(pack, Date.parse("2026-06-01"))).toEqual([expect.stringMatching(/Open for 3 years/)]);
    expect(packWarnings({ ...pack, opened: null, left: 4 }, 0)).toEqual(["Only 4 left."]);
    expect(packWarnings({ ...pack, opened: null, left: 0 }, 0)).toEqual(["It is empty."]);
  });

  test("a medium as it is typed is the one it shows; a wrong entry is named at its place", () => {
    const graded = mediumById("rc-graded");
    const film = mediumById("film-pan-100");
    for (const like of [graded, film]) {
      const again = readMedium({ ...mediumEntries(null, like), name: "Mine" }, like.id, "own");
      expect(again).toMatchObject({
        ok: true,
        value: { iso: like.iso, density: like.density, longTime: like.longTime },
      });
    }
    const typed = { ...mediumEntries(null, graded), name: "Mine" };
    const faults = (change: Partial<typeof typed>) => {
      const back = readMedium({ ...typed, ...change }, "rc-graded", "own");
      return back.ok ? [] : back.error.map(({ field }) => field);
    };
    expect(faults({ name: " " })).toEqual(["name"]);
    expect(faults({ iso: "fast" })).toEqual(["iso"]);
    expect(faults({ most: "0.5" })).toEqual(["most"]);
    expect(faults({ rule: "power", exponent: "0" })).toEqual(["exponent"]);
    expect(faults({ rule: "table", table: "soon" })).toEqual(["table"]);
    expect(faults({ rule: "table", table: "1 s → 1 s, 10 s → 9 s, 20 s → 8 s" })).toEqual(["table"]);
    const table = readMedium(
      { ...typed, rule: "table", table: "1 s → 1 s, 10 s → 20 s, 2 min → 8 min" },
      "rc-graded",
      "own",
    );
    expect(table.ok && table.value.longTime).toEqual({
      kind: "table",
      entries: [
        [1, 1],
        [10, 20],
        [120, 480],
      ],
    });
  });
});
