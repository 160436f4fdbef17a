import { DAY_MS, TURN } from "../../basis/units/index.ts";
import type { Vector } from "../../light/rays/index.ts";

/** Where the sun is and how far the Earth has turned: passed in, from a library that is kept up. */
export interface Ephemeris {
  /** Apparent place as seen from the Earth’s centre, au, equator and equinox of date (x to the equinox, z to the pole); ms since 1970. */
  readonly sun: (at: number) => Vector;
  /** Greenwich apparent sidereal time, radians; ms since 1970. */
  readonly sidereal: (at: number) => number;
}

/** Turns of the Earth against the stars in a day, from memory. */
const STAR_TURNS = 1.002_737_909_35;

/**
 * An ephemeris worked out once a day and drawn between: cubic for the sun, straight for the Earth’s turn. Within 0.002″
 * of what it is drawn through (the Moon’s pull, 6″ a month, and the nutation of 0.2″ in 14 days bend it most).
 *
 * @param from, to ms since 1970
 * @example dailyEphemeris(ephemeris, from, to).sidereal(from) // as ephemeris.sidereal(from), up to whole turns …
 */
export function dailyEphemeris(ephemeris: Ephemeris, from: number, to: number): Ephemeris {
  const first = Math.floor(from / DAY_MS) - 1;
  const count = Math.ceil(to / DAY_MS) + 2 - first;
  const [x, y, z, turns] = [0, 1, 2, 3].map(() => new Float64Array(count)) as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  for (let i = 0; i < count; i++) {
    const at = (first + i) * DAY_MS;
    const sun = ephemeris.sun(at);
    [x[i], y[i], z[i]] = [sun.x, sun.y, sun.z];
    // What is left beside an even turn changes by less than 0.001° a day: it never goes past a whole turn.
    turns[i] = nearZero(ephemeris.sidereal(at) - (turns[0] as number) - i * (STAR_TURNS - 1) * TURN, i === 0);
  }
  const place = (at: number): { i: number; u: number } => {
    const day = at / DAY_MS - first;
    const i = Math.min(count - 3, Math.max(1, Math.floor(day)));
    return { i, u: day - i };
  };
  return {
    sun: (at) => {
      const { i, u } = place(at);
      return { x: cubic(x, i, u), y: cubic(y, i, u), z: cubic(z, i, u) };
    },
    sidereal: (at) => {
      const { i, u } = place(at);
      const rest = (k: number): number => (k === 0 ? 0 : (turns[k] as number));
      return (turns[0] as number) + rest(i) * (1 - u) + rest(i + 1) * u + (i + u) * STAR_TURNS * TURN;
    },
  };
}

function nearZero(angle: number, isFirst: boolean): number {
  return isFirst ? angle : angle - TURN * Math.round(angle / TURN);
}

/** Through four places, `u` past the second. */
function cubic(values: Float64Array, i: number, u: number): number {
  const [a, b, c, d] = [values[i - 1] as number, values[i] as number, values[i + 1] as number, values[i + 2] as number];
  const [m, n, o] = [u + 1, u - 1, u - 2];
  return (-a * u * n * o) / 6 + (b * m * n * o) / 2 - (c * m * u * o) / 2 + (d * m * u * n) / 6;
}
