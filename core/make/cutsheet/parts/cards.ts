import { fitted, line, type Mark, outline, type Point, rectangle } from "../../../basis/drawing/index.ts";
import { CARD } from "../../plan/index.ts";
import type { CutOrder } from "../order.ts";
import { note, type Part } from "./part.ts";
import { sightParts } from "./sights.ts";

/** Side of the QR code on the label, its quiet rim of four cells included, mm. ISO/IEC 18004: four cells. */
const CODE = 30;
/** Lights named on the exposure card. */
const MOST_TIMES = 8;

/** Labels, the exposure card, a plain warning, the log card of a load; for a trail the card of its weeks instead. */
export function cardParts(order: CutOrder): readonly Part[] {
  const labels = [...order.numbers.map((number) => labelPart(order, number)), ...roundLabels(order)];
  return order.plan.purpose === "trail"
    ? [...labels, trailCard(order), warningPart()]
    : [...labels, exposureCard(order), meterCard(order), warningPart(), logCard(order), ...sightParts(order)];
}

/** How much smaller a round label is than the end it goes on, mm; common practice. */
const ROUND_AIR = 3;

/** Numbers for lid and bottom of cameras that are made alike and stand in a tray. */
function roundLabels({ plan, numbers }: CutOrder): readonly Part[] {
  const { round } = plan.container;
  if (round === null || plan.alike < 2) return [];
  const across = round.diameter - ROUND_AIR;
  return numbers.map((number) => ({
    id: `label-round-${number}`,
    name: `Round labels, number ${number}: lid and bottom`,
    width: 2 * across + ROUND_AIR,
    height: across,
    of: "paper",
    marks: [0, across + ROUND_AIR].flatMap((left): Part["marks"] => {
      const centre = { x: left + across / 2, y: across / 2 };
      return [
        { kind: "circle", layer: "cut", centre, radius: across / 2 },
        note(String(number), { x: centre.x, y: centre.y + 3 }, { layer: "stamp", size: 9, anchor: "middle" }),
      ];
    }),
  }));
}

/** A label that goes on what is smaller than a visiting card, mm. */
const SMALL = { width: 42, height: 30 } as const;

function labelPart(order: CutOrder, number: number): Part {
  const { plan, fNumber, medium, code, numbers } = order;
  const many = numbers.length > 1;
  const part = { id: `label-${number}`, name: many ? `Label, number ${number}` : "Label" };
  if (!plan.outside.bearsCard) return { ...part, ...SMALL, of: "paper", marks: smallLabel(order, number) };
  const trail = plan.purpose === "trail";
  return {
    ...part,
    ...CARD,
    of: "paper",
    marks: [
      rectangle("cut", { x: 0, y: 0, ...CARD }),
      note(fitted(plan.name, 5.5, CARD.width - 10, "stamp"), { x: 5, y: 8 }, { layer: "stamp", size: 5.5 }),
      ...(many ? [note(`No. ${number}`, { x: 5, y: 18 }, { layer: "stamp", size: 9 })] : []),
      ...(trail
        ? [note("sun trail: leave it shut", { x: 5, y: 28 }, { size: 4.5 }), note("do not develop", { x: 5, y: 36 })]
        : [note(fNumber, { x: 5, y: 28 }, { size: 6 }), note(medium, { x: 5, y: 36 })]),
      note("keep shut: light spoils the picture", { x: 5, y: 43 }, { size: 2.8 }),
      note("name ______________________", { x: 5, y: 50 }, { size: 2.8 }),
      ...(code === null ? [] : codeMarks(code, CARD.width - CODE - 3, CARD.height - CODE - 3)),
    ],
  };
}

/** For a canister: number, name and f-number, no more. */
function smallLabel({ plan, fNumber, numbers }: CutOrder, number: number): Part["marks"] {
  return [
    rectangle("cut", { x: 0, y: 0, ...SMALL }),
    note(
      numbers.length > 1 ? `No. ${number}` : fitted(plan.name, 6, SMALL.width - 6, "stamp"),
      { x: 3, y: 8 },
      { layer: "stamp", size: 6 },
    ),
    note(plan.purpose === "trail" ? "sun trail" : fNumber, { x: 3, y: 16 }, { size: 4.5 }),
    note("name ______________", { x: 3, y: 25 }, { size: 2.6 }),
  ];
}

/** What one must know of a sheet that stays out for weeks, to stick on or to take along. */
function trailCard({ plan }: CutOrder): Part {
  const rows = [
    "up on ______________   down on ______________",
    "place _____________________________________",
    "looks towards ______________  (compass)",
    "asked of __________________________________",
    "Never develop it, never fix it.",
    "Scan it at once: colour, 400 to 600 dpi, no preview.",
    "Then back into the dark.",
  ];
  return {
    id: "trail-card",
    name: "Card of a sun trail",
    ...CARD,
    of: "paper",
    marks: [
      rectangle("cut", { x: 0, y: 0, ...CARD }),
      note(`${fitted(plan.name, 4.2, 50, "stamp")} · sun trail`, { x: 4, y: 6 }, { layer: "stamp", size: 4.2 }),
      ...rows.map((row, i) => note(row, { x: 4, y: 14 + i * 6 }, { size: 2.9 })),
    ],
  };
}

/** Dark cells of a QR code, run by run. */
function codeMarks(code: readonly (readonly boolean[])[], left: number, top: number): readonly Mark[] {
  const cell = CODE / (code.length + 8);
  return code.flatMap((row, j) => {
    const marks: Mark[] = [];
    for (let i = 0; i < row.length; i++) {
      if (!row[i]) continue;
      let end = i;
      while (row[end + 1]) end++;
      const [x0, x1, y] = [left + (i + 4) * cell, left + (end + 5) * cell, top + (j + 4) * cell];
      marks.push(
        outline("solid", [
          { x: x0, y },
          { x: x1, y },
          { x: x1, y: y + cell },
          { x: x0, y: y + cell },
        ]),
      );
      i = end;
    }
    return marks;
  });
}

/** That the times are not the sums alone. */
export function taughtWords({ taughtBy }: CutOrder): string {
  return taughtBy === 0 ? "" : `, as ${taughtBy === 1 ? "1 judged shot" : `${taughtBy} judged shots`} taught`;
}

function exposureCard(order: CutOrder): Part {
  const { plan, fNumber, medium, times } = order;
  const rows = times.slice(0, MOST_TIMES);
  return {
    id: "exposure-card",
    name: plan.outside.bearsCard ? "Exposure card, to stick on" : "Exposure card, to take along",
    ...CARD,
    of: "paper",
    marks: [
      rectangle("cut", { x: 0, y: 0, ...CARD }),
      note(`${fitted(plan.name, 4.2, 56, "stamp")} · ${fNumber}`, { x: 4, y: 6 }, { layer: "stamp", size: 4.2 }),
      note(fitted(`on ${medium}${taughtWords(order)}`, 2.6, CARD.width - 8, "label"), { x: 4, y: 11 }, { size: 2.6 }),
      ...rows.flatMap(({ light, time }, i): Part["marks"] => {
        const y = 17 + i * 4.6;
        return [
          note(fitted(light, 3, 50, "label"), { x: 4, y }, { size: 3 }),
          note(time, { x: CARD.width - 4, y }, { size: 3.2, anchor: "end" }),
          line("guide", { x: 4, y: y + 2.5 }, { x: CARD.width - 4, y: y + 2.5 }),
        ];
      }),
    ],
  };
}

/** The meter's times in two columns, for the bag. */
function meterCard(order: CutOrder): Part {
  const { plan, medium, metered } = order;
  const { fNumber, iso, factor, rows } = metered;
  const deep = Math.ceil(rows.length / 2);
  const half = CARD.width / 2;
  return {
    id: "meter-card",
    name: "Meter card, for the bag",
    ...CARD,
    of: "paper",
    marks: [
      rectangle("cut", { x: 0, y: 0, ...CARD }),
      note(
        `${fitted(plan.name, 3.6, 40, "stamp")} · meter at ${fNumber}`,
        { x: 4, y: 6 },
        { layer: "stamp", size: 3.6 },
      ),
      note(
        fitted(
          `${iso}, its time ${factor}; longer where ${medium} asks for it${taughtWords(order)}`,
          2.4,
          CARD.width - 8,
          "label",
        ),
        {
          x: 4,
          y: 11,
        },
        { size: 2.4 },
      ),
      ...rows.flatMap(({ meter, time }, i): Part["marks"] => {
        const [left, y] = [i < deep ? 4 : half + 2, 17 + (i % deep) * 5];
        const right = left + half - 6;
        return [
          note(meter, { x: left, y }, { size: 2.8 }),
          note(fitted(time, 2.8, half - 20, "label"), { x: right, y }, { size: 2.8, anchor: "end" }),
          line("guide", { x: left, y: y + 2.5 }, { x: right, y: y + 2.5 }),
        ];
      }),
    ],
  };
}

/** For a camera left outdoors: a taped-up can in public looks alarming. */
function warningPart(): Part {
  return {
    id: "warning",
    name: "Outdoor label",
    width: 105,
    height: 40,
    of: "paper",
    marks: [
      rectangle("cut", { x: 0, y: 0, width: 105, height: 40 }),
      note("THIS IS A CAMERA. IT IS HARMLESS.", { x: 4, y: 7 }, { layer: "stamp", size: 5 }),
      note("A box with a hole and a sheet of photographic paper, nothing else.", { x: 4, y: 14 }, { size: 2.9 }),
      note("Please leave it where it is. Placed here with permission.", { x: 4, y: 19 }, { size: 2.9 }),
      note("from _____________ to _____________", { x: 4, y: 27 }),
      note("asked of, and telephone ____________________________", { x: 4, y: 35 }),
    ],
  };
}

/** One field a place: the load's chambers, the set's cameras, the roll's frames, or eight shots. */
function logCard({ plan }: CutOrder): Part {
  const { alike, loading } = plan;
  const counted = Array.from({ length: alike > 1 ? alike : USUAL_FIELDS }, (_, i) => String(i + 1));
  const named = (alike > 1 || loading.places.length === 1 ? counted : loading.places).slice(0, MOST_FIELDS);
  const fields = named.map((place): LogField => ({ place, subject: "", time: "", light: "", by: "" }));
  return filledLogCard(plan.name, "", "", fields);
}

const MOST_FIELDS = 24;
/** A camera with one place is loaded again and again. */
const USUAL_FIELDS = 8;

/** What a field of a log card says; empty: to be written by hand. */
export interface LogField {
  readonly place: string;
  readonly subject: string;
  readonly time: string;
  readonly light: string;
  readonly by: string;
}

/**
 * The card of a load, to be written by hand or filled from the log: a field for every place.
 *
 * @param loaded when, in words; empty: a line to write on
 * @param medium with what, in words
 * @returns a part at true size, mm
 * @source a card-sized grid per load of eight: common practice
 * @example filledLogCard("Drum", "1 May", "graded RC paper", []).id // "log-card"
 */
export function filledLogCard(camera: string, loaded: string, medium: string, fields: readonly LogField[]): Part {
  const columns = Math.min(Math.max(fields.length, 1), 4);
  const [wide, high] = [44, 30];
  const width = columns * wide;
  const height = Math.ceil(fields.length / columns) * high + 9;
  const head = `${camera} · loaded ${loaded || "___________"} with ${medium || "______________"}`;
  return {
    id: "log-card",
    name: "Log card of a load",
    width,
    height,
    of: "paper",
    marks: [
      rectangle("cut", { x: 0, y: 0, width, height }),
      note(head, { x: 3, y: 5 }, { size: 3 }),
      ...fields.flatMap(({ place, subject, time, light, by }, i): readonly Mark[] => {
        const [x, y] = [(i % columns) * wide, 9 + Math.floor(i / columns) * high];
        return [
          rectangle("guide", { x, y, width: wide, height: high }),
          note(place, { x: x + 2, y: y + 4 }, { layer: "stamp", size: 4 }),
          ...written("subject", subject, { x: x + 2, y: y + 9.5 }, wide - 4),
          ...written("time", time, { x: x + 2, y: y + 16.5 }, wide / 2 - 4),
          ...written("light", light, { x: x + wide / 2, y: y + 16.5 }, wide / 2 - 2),
          ...written("by", by, { x: x + 2, y: y + 23.5 }, wide - 4),
        ];
      }),
    ],
  };
}

/** A small caption, and under it what is written there. */
function written(caption: string, words: string, at: Point, most: number): readonly Mark[] {
  const below = { x: at.x, y: at.y + 3.6 };
  return [
    note(caption, at, { size: 2.4 }),
    ...(words === "" ? [] : [note(fitted(words, 3, most, "label"), below, { size: 3 })]),
  ];
}
