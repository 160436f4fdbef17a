import { LAMPLIGHT } from "../core/light/hole/index.ts";

/** A light one can tell by eye, and its exposure value at ISO 100. */
export interface LightRow {
  readonly id: string;
  readonly name: string;
  readonly sign: string;
  readonly ev: number;
  /** Colour temperature of a light that is redder than the day's, K. */
  readonly kelvin?: number;
  readonly source: string;
}

const ANSI = "ANSI PH2.7-1986, from memory";

/** What to look for, from brightest to darkest. */
export const lightTable: readonly LightRow[] = [
  { id: "snow", name: "Sand or snow in sun", sign: "you squint", ev: 16, source: ANSI },
  { id: "sun", name: "Full sun", sign: "hard, dark shadows", ev: 15, source: ANSI },
  { id: "hazy", name: "Hazy sun", sign: "soft shadows", ev: 14, source: ANSI },
  { id: "bright-overcast", name: "Bright overcast", sign: "no shadows, bright sky", ev: 13, source: ANSI },
  { id: "low-sun", name: "Low sun", sign: "long shadows, warm light", ev: 13, source: "common practice" },
  { id: "overcast", name: "Heavy overcast, open shade", sign: "grey sky", ev: 12, source: ANSI },
  {
    id: "sunset",
    name: "Around sunset",
    sign: "12 at first, 9 at the end",
    ev: 10.5,
    source: `${ANSI}; middle of 12 to 9`,
  },
  { id: "porch", name: "Glazed porch, greenhouse", sign: "bright, glass all round", ev: 10, source: "common practice" },
  { id: "window", name: "Bright room, by a window", sign: "reading is easy", ev: 8, source: ANSI },
  { id: "home-day", name: "Room by day", sign: "reading is comfortable", ev: 6.5, source: `${ANSI}; middle of 6 to 7` },
  {
    id: "home-lamps",
    name: "Room by lamps",
    sign: "evening light",
    ev: 5,
    kelvin: LAMPLIGHT,
    source: `${ANSI}; colour of CIE illuminant A`,
  },
];
