import type { Inks } from "../../../core/basis/drawing/index.ts";
import type { SheetPlace } from "../../../core/light/rays/index.ts";
import { horizonLine, type SunRequest, sheetSky } from "../../../core/sun/index.ts";
import type { DayLine } from "./fanLines.ts";
import type { Fan } from "./useFan.ts";

/** How the sheet is looked at: as the sky stands, or as the sheet lies (upside down and mirrored, from behind). */
export type FanView = "sky" | "sheet";

/** From millimetres of the sheet to pixels of the drawing, and how many pixels a millimetre has. */
export interface FanScale {
  readonly scale: number;
  readonly x: (s: number) => number;
  readonly y: (t: number) => number;
  /** The place of the sheet under a place of the drawing. */
  readonly place: (x: number, y: number) => SheetPlace;
}

/** Room round the sheet, as a share of its size: what leaves it is seen leaving, most of all past where summer noons land. */
const ROOM = { summer: 0.52, winter: 0.06, aside: 0.08 } as const;
const MONTHS = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"] as const;

/** How a sheet lies in a drawing of so many pixels. */
export function fanScale(film: SunRequest["film"], width: number, height: number, view: FanView): FanScale {
  const high = film.height * (1 + ROOM.summer + ROOM.winter);
  const scale = Math.min(width / (film.width * (1 + 2 * ROOM.aside)), height / high);
  const turn = view === "sky" ? -1 : 1;
  const middle = height / 2 - (turn * scale * film.height * (ROOM.summer - ROOM.winter)) / 2;
  return {
    scale,
    x: (s) => width / 2 + turn * s * scale,
    y: (t) => middle - turn * t * scale,
    place: (x, y) => ({ s: (turn * (x - width / 2)) / scale, t: (turn * (middle - y)) / scale }),
  };
}

/** Draws the sheet with the sun's ways on it, its horizon, its noons and months. */
export function drawFan(
  pen: CanvasRenderingContext2D,
  size: { readonly width: number; readonly height: number },
  request: SunRequest,
  fan: Fan | null,
  lines: readonly DayLine[],
  view: FanView,
  ink: Inks,
): void {
  const { film } = request;
  const lie = fanScale(film, size.width, size.height, view);
  const { x, y } = lie;
  pen.clearRect(0, 0, size.width, size.height);
  pen.lineJoin = "round";
  const [left, right] = [
    Math.min(x(-film.width / 2), x(film.width / 2)),
    Math.max(x(-film.width / 2), x(film.width / 2)),
  ];
  const [top, bottom] = [
    Math.min(y(-film.height / 2), y(film.height / 2)),
    Math.max(y(-film.height / 2), y(film.height / 2)),
  ];
  pen.fillStyle = ink.card;
  pen.fillRect(left, top, right - left, bottom - top);
  drawLand(pen, { left, right, top, bottom }, request, lie, view, ink);
  // All of every way in grey; over it, within the sheet, what is recorded.
  pen.strokeStyle = ink.line;
  pen.lineWidth = 0.75;
  pen.beginPath();
  for (const { runs } of lines) for (const { places } of runs) trace(pen, places, x, y);
  pen.stroke();
  pen.save();
  pen.beginPath();
  pen.rect(left, top, right - left, bottom - top);
  pen.clip();
  pen.strokeStyle = ink.ray;
  pen.globalAlpha = lines.length > 60 ? 0.55 : 1;
  pen.lineWidth = 1;
  pen.beginPath();
  for (const { runs } of lines) for (const { places, isRecorded } of runs) if (isRecorded) trace(pen, places, x, y);
  pen.stroke();
  pen.restore();
  pen.strokeStyle = ink.ink;
  pen.lineWidth = 1.5;
  pen.strokeRect(left, top, right - left, bottom - top);
  if (fan !== null) drawNoons(pen, fan, request, lines, lie, ink);
}

function trace(pen: CanvasRenderingContext2D, places: readonly number[], x: FanScale["x"], y: FanScale["y"]): void {
  for (let i = 0; i < places.length; i += 2) {
    const [px, py] = [x(places[i] as number), y(places[i + 1] as number)];
    if (i === 0) pen.moveTo(px, py);
    else pen.lineTo(px, py);
  }
}

interface Box {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** What stands before the sky, hatched within the sheet. */
function drawLand(
  pen: CanvasRenderingContext2D,
  box: Box,
  request: SunRequest,
  { x, y }: FanScale,
  view: FanView,
  ink: Inks,
): void {
  const ground = view === "sky" ? box.bottom : box.top;
  for (const piece of horizonLine(request.horizon ?? [], sheetSky(request), 1)) {
    const places = piece.flatMap(({ s, t }) => [s, t]);
    const [first, last] = [piece[0], piece.at(-1)];
    if (first === undefined || last === undefined) continue;
    pen.save();
    pen.beginPath();
    pen.rect(box.left, box.top, box.right - box.left, box.bottom - box.top);
    pen.clip();
    pen.beginPath();
    trace(pen, places, x, y);
    pen.strokeStyle = ink.kraft;
    pen.lineWidth = 1.25;
    pen.stroke();
    pen.lineTo(x(last.s), ground);
    pen.lineTo(x(first.s), ground);
    pen.closePath();
    pen.fillStyle = ink.kraftPale;
    pen.fill();
    pen.clip();
    pen.beginPath();
    for (let at = box.left - (box.bottom - box.top); at < box.right; at += 7) {
      pen.moveTo(at, box.bottom);
      pen.lineTo(at + box.bottom - box.top, box.top);
    }
    pen.strokeStyle = ink.kraft;
    pen.globalAlpha = 0.35;
    pen.lineWidth = 0.75;
    pen.stroke();
    pen.restore();
  }
}

/** The noons of the first and last day and of each month's first, with its name. */
function drawNoons(
  pen: CanvasRenderingContext2D,
  { report }: Fan,
  request: SunRequest,
  lines: readonly DayLine[],
  { x, y, scale }: FanScale,
  ink: Inks,
): void {
  const sky = sheetSky(request);
  const last = report.dates.length - 1;
  pen.font = `600 12px ${FONT}`;
  pen.textBaseline = "middle";
  let before = Number.NaN;
  for (const [day, date] of report.dates.entries()) {
    const isEnd = day === 0 || day === last;
    if (!isEnd && !date.endsWith("-01")) continue;
    const noon = report.noons[day];
    const place = noon === undefined ? null : sky.land(noon);
    if (place === null || noon === undefined) continue;
    const [px, py] = [x(place.s), y(place.t)];
    const isLit = noon.altitude > sky.horizonAt(noon.azimuth) && noon.altitude > 0 && sky.isLit(place);
    pen.fillStyle = isLit ? ink.ink : ink.action;
    pen.beginPath();
    pen.arc(px, py, isEnd ? 3.5 : 2.5, 0, 2 * Math.PI);
    pen.fill();
    // Near the solstices they stand too close for words.
    if (Math.abs(py - before) < 12 && !isEnd) continue;
    before = py;
    const [, month = "01", number = "01"] = date.split("-");
    const words = `${isEnd ? `${Number(number)} ` : ""}${MONTHS[Number(month) - 1]}`;
    const side = day === last && lines.length > 1 ? -1 : 1;
    pen.textAlign = side > 0 ? "left" : "right";
    pen.lineWidth = 3.5;
    pen.strokeStyle = ink.card;
    pen.strokeText(words, px + side * Math.max(7, 2 * scale), py);
    pen.fillText(words, px + side * Math.max(7, 2 * scale), py);
  }
}

/** The stamped type of the drawings; canvases don't read CSS properties. */
const FONT = '"Barlow Condensed", "Barlow", sans-serif';
