import { toSrgb } from "../../basis/pictureValues/index.ts";
import { MM_PER_INCH } from "../../basis/units/index.ts";
import { PRINTED_MOST, printedColour } from "../../light/exposure/index.ts";
import type { GreyPicture } from "../../make/holeScan/index.ts";
import {
  type CanStand,
  type Disturbance,
  type SunAim,
  type SunFan,
  type SunRequest,
  type SunTools,
  sunFan,
  trailPicture,
} from "../../sun/index.ts";
import { madeUpSky } from "../field/index.ts";
import { scanSheet } from "../flatbed/index.ts";

/** Red, green and blue of each pixel in sRGB, rows from the top. */
export interface ColourPicture {
  readonly width: number;
  readonly height: number;
  readonly channels: 3;
  readonly samples: Uint8Array<ArrayBuffer>;
  readonly most: 255;
  readonly encoding: "srgb";
}

/** What befalls a made-up can. */
export type MadeUpDisturbance = "none" | Disturbance["kind"];

/** How a made-up can really stood, what befell it, and its weather. */
export interface MadeUpCan {
  readonly aim: SunAim;
  readonly disturbance: Disturbance | null;
  /** For each day, moment by moment, 1 where the sun shone; nothing on days on which it was shut. */
  readonly skies: readonly Uint8Array<ArrayBuffer>[];
}

/** A printed-out sheet on the glass. From memory, but for the lid's border (mm). */
const GLASS = { white: 0.82, lid: 0.97, border: 5, grain: 0.006, turnDeg: 1.2 } as const;
/** How far a can is put up otherwise than planned, and how far a knock turns it at least and at most: degrees. */
const ASTRAY = 4;
const KNOCK = [4, 10] as const;
/** Shares of its days in which it is knocked, or shut; and days it stays shut. */
const WHEN = [0.3, 0.7] as const;
const SHUT_DAYS = [18, 32] as const;
/** The most that is scanned each way, px. */
const MOST_COLUMNS = 5600;

/**
 * The finished sheet of a can that was put up a little otherwise than planned, under a made-up sky, scanned in colour by the
 * made-up flatbed.
 *
 * @param dpi of the scan; less where its sheet would be too large
 * @param tools what the sun is reckoned with
 * @param random numbers from 0 to 1, 1 left out: they choose all of it
 * @returns the scan in colour with its own dots per inch, and what nobody who reads it knows
 */
export function madeUpTrail(
  plan: SunRequest,
  dpi: number,
  disturbance: MadeUpDisturbance,
  tools: SunTools,
  random: () => number,
): { readonly picture: ColourPicture; readonly dpi: number; readonly can: MadeUpCan } {
  const between = ([from, to]: readonly [number, number]): number => from + (to - from) * random();
  const tenth = (value: number): number => Math.round(10 * value) / 10;
  const off = (most: number): number => tenth(most * (2 * random() - 1));
  const { aim, film } = plan;
  const pose = {
    azimuth: aim.azimuth + off(ASTRAY),
    elevation: (aim.elevation ?? 0) + off(ASTRAY / 2),
    roll: (aim.roll ?? 0) + off(ASTRAY / 2),
  };
  const whole = sunFan({ ...plan, aim: pose }, tools);
  const sky = madeUpSky(random, whole.step / 60_000);
  const count = whole.days.length;
  const skies = whole.days.map(({ moments }) => sky(moments.length));
  const cut = Math.floor(count * between(WHEN));
  const open = disturbance === "shut" ? Math.min(count - 1, cut + Math.round(between(SHUT_DAYS))) : cut;
  const side = random() < 0.5 ? -1 : 1;
  const later =
    disturbance === "moved"
      ? {
          azimuth: tenth(pose.azimuth + side * between(KNOCK)),
          elevation: pose.elevation + off(ASTRAY),
          roll: pose.roll + off(ASTRAY),
        }
      : pose;
  const part = (as: SunAim, from: number, to: number): CanStand => {
    const request = { ...plan, aim: as };
    const fan = as === pose ? whole : sunFan(request, tools);
    return { request, fan: daysOf(fan, from, to), skies: skies.slice(from, to) };
  };
  const stands = [part(pose, 0, disturbance === "none" ? count : cut), part(later, open, count)] as const;
  const columns = Math.min(MOST_COLUMNS, Math.round((film.width / MM_PER_INCH) * dpi));
  const { width, height, density } = trailPicture(disturbance === "none" ? [stands[0]] : [...stands], columns);
  const upright = new Float32Array(density.length);
  // With the emulsion up, what is drawn from behind is mirrored.
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      upright[y * width + x] = PRINTED_MOST * (density[y * width + width - 1 - x] as number);
  const scanned = (width / film.width) * MM_PER_INCH;
  const { picture } = scanSheet(
    { width: film.width, height: film.height, columns: width, rows: height, density: upright },
    {
      ...GLASS,
      dpi: scanned,
      bits: 16,
      encoding: "linear",
      quarters: 0,
      turnDeg: GLASS.turnDeg * (2 * random() - 1),
      hair: false,
    },
    random,
  );
  const date = (day: number): string => whole.days[day]?.date ?? plan.to;
  const befell: Disturbance | null =
    disturbance === "moved"
      ? { kind: "moved", date: date(cut), aim: later }
      : disturbance === "shut"
        ? { kind: "shut", from: date(cut), to: date(open - 1) }
        : null;
  const shut = (day: number): boolean => disturbance === "shut" && day >= cut && day < open;
  return {
    picture: inColour(picture),
    dpi: scanned,
    can: {
      aim: pose,
      disturbance: befell,
      skies: skies.map((own, day) => (shut(day) ? new Uint8Array(0) : own)),
    },
  };
}

function daysOf(fan: SunFan, from: number, to: number): SunFan {
  return { ...fan, days: fan.days.slice(from, to) };
}

/** A scan's light in the colours of printed-out paper, as a scanner writes it: sRGB, eight bits. */
function inColour({ width, height, samples, most }: GreyPicture): ColourPicture {
  const colours = new Uint8Array(3 * (most + 1));
  const { white, lid } = GLASS;
  for (let value = 0; value <= most; value++) {
    const light = Math.max(value / most, 1e-4);
    const paper = printedColour(Math.min(1, Math.max(0, -Math.log10(light / white)) / PRINTED_MOST));
    // Between the paper and the lid beside it a pixel sees some of both.
    const beside = Math.min(1, Math.max(0, (light - white) / (lid - white)));
    for (const [channel, own] of paper.entries())
      colours[3 * value + channel] = Math.round(255 * toSrgb(own + beside * (lid - own)));
  }
  const out = new Uint8Array(3 * width * height);
  for (const [i, value] of samples.entries())
    for (let channel = 0; channel < 3; channel++) out[3 * i + channel] = colours[3 * value + channel] as number;
  return { width, height, channels: 3, samples: out, most: 255, encoding: "srgb" };
}
