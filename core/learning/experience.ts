import { cholesky, conjugateGradient } from "../basis/numeric/index.ts";
import { BIASED, type Biased, type JudgedShot, type ShotKeys, wantedStops } from "./judgedShot.ts";

/** Standard deviations of what is believed before any shot, stops. PHYSICS section 12. */
const PRIOR_SD: Readonly<Record<Biased, number>> = { camera: 1, medium: 0.5, light: 0.5 };
/** Standard deviation of one judged shot about its biases, stops. PHYSICS section 12. */
const NOISE_SD = 0.5;

/** A bias with its standard deviation, stops; positive: more light is wanted than the sum says. */
export interface Bias {
  readonly stops: number;
  readonly sd: number;
}

/** What a log says about one camera, medium and light. */
export interface LearntBias extends Bias, Readonly<Record<Biased, Bias>> {
  /** Σb. */
  readonly stops: number;
  /** Of a next shot: √(var Σb + noise²). */
  readonly sd: number;
}

/** What a log of judged shots has taught. */
export interface Experience {
  /** Shots that count: those that are not spoilt. */
  readonly used: number;
  /** What it says of a camera, medium and light; one it does not know, or that is left out, is as before any shot. */
  readonly about: (keys: ShotKeys) => LearntBias;
  /** Every camera, medium and light it knows, in the order they were first met. */
  readonly all: () => readonly (Bias & { readonly of: Biased; readonly key: string; readonly shots: number })[];
  /**
   * By how many of its own standard deviations a shot lies from what all others say of it; 0 for a spoilt one.
   */
  readonly surprise: (shot: JudgedShot) => number;
}

/** Shots of the same camera, medium and light: together they say one thing, the surer the more they are. */
interface Group {
  /** Places of its biases among the unknown. */
  readonly at: readonly number[];
  /** Σ 1/variance. */
  weight: number;
  /** Σ wanted/variance. */
  pull: number;
}

/**
 * The biases of cameras, media and lights that judged shots speak of: log₂ f⁻¹(t_best) = log₂ t_metered + b_camera +
 * b_medium + b_light + noise with zero-mean Gaussian priors, solved as regularised least squares (the exact posterior).
 *
 * @param shots of a log; spoilt ones don't count
 * @returns what was learnt
 * @source PHYSICS section 12; C. M. Bishop, Pattern Recognition and Machine Learning (2006), eq. 3.50 and 3.51, from memory
 * @example experience([{ camera: "a", medium: "m", light: "sun", meteredSeconds: 20, usedSeconds: 20, correction: 1 }]).about({ camera: "a", medium: "m", light: "sun" }).stops // 0.857…
 */
export function experience(shots: readonly JudgedShot[]): Experience {
  const gathered = gathering();
  for (const shot of shots) gathered.add(shot);
  return gathered.read();
}

/** Shots taken in one after the other, and what they say so far. */
export interface Gathering {
  readonly add: (shot: JudgedShot) => void;
  /** What all shots taken in by now say; to be asked before the next one is taken in. */
  readonly read: () => Experience;
}

/** More unknown biases than this are worked out anew each time they are asked for: all at once they would fill the memory. */
const MOST_KEPT = 2000;

/**
 * Takes shots in one by one: what {@link experience} does at once.
 *
 * @returns nothing known yet
 * @example gathering().read().used // 0
 */
export function gathering(): Gathering {
  const names: { readonly of: Biased; readonly key: string; shots: number }[] = [];
  const places = new Map<string, number>();
  const place = (of: Biased, key: string): number => {
    const name = `${of} ${key}`;
    const known = places.get(name);
    if (known !== undefined) return known;
    places.set(name, names.length);
    names.push({ of, key, shots: 0 });
    return names.length - 1;
  };
  const groups = new Map<string, Group>();
  const counted = { shots: 0 };
  const add = (shot: JudgedShot): void => {
    if (shot.spoilt) return;
    counted.shots += 1;
    const id = JSON.stringify(BIASED.map((of) => shot[of] ?? null));
    const keys = BIASED.flatMap((of) => (shot[of] === undefined ? [] : [place(of, shot[of])]));
    const group = groups.get(id) ?? { at: keys, weight: 0, pull: 0 };
    groups.set(id, group);
    const variance = ownVariance(shot);
    group.weight += 1 / variance;
    group.pull += wantedStops(shot) / variance;
    for (const at of keys) (names[at] as { shots: number }).shots += 1;
  };
  return { add, read: () => posterior([...groups.values()], names, places, counted.shots) };
}

/** The posterior of groups of shots over the biases that are named. */
function posterior(
  groups: readonly Group[],
  names: readonly { readonly of: Biased; readonly key: string; readonly shots: number }[],
  places: ReadonlyMap<string, number>,
  used: number,
): Experience {
  const sd = Float64Array.from(names, ({ of }) => PRIOR_SD[of]);
  const solve = solver(groups, sd);
  const pull = new Float64Array(sd.length);
  for (const group of groups) for (const at of group.at) add(pull, at, group.pull * (sd[at] as number));
  const mean = solve(pull).map((value, i) => value * (sd[i] as number));
  const kept = new Map<number, Float64Array>();
  const columnOf = (at: number): Float64Array => {
    const known = kept.get(at) ?? solve(unit(sd, at));
    if (sd.length <= MOST_KEPT) kept.set(at, known);
    return known;
  };

  const about = (keys: ShotKeys): LearntBias => {
    const at = BIASED.map((of) => (keys[of] === undefined ? undefined : places.get(`${of} ${keys[of]}`)));
    const columns = at.map((each) => (each === undefined ? null : columnOf(each)));
    const single = BIASED.map((of, i): Bias => {
      const each = at[i];
      if (each === undefined) return { stops: 0, sd: PRIOR_SD[of] };
      return {
        stops: mean[each] as number,
        sd: PRIOR_SD[of] * Math.sqrt((columns[i] as Float64Array)[each] as number),
      };
    });
    const [camera, medium, light] = single as [Bias, Bias, Bias];
    const variance = sum(
      at.map((each, i) => {
        if (each === undefined) return (single[i] as Bias).sd ** 2;
        const column = columns[i] as Float64Array;
        const known = at.filter((other) => other !== undefined);
        return sum(known.map((other) => (column[other] as number) * (sd[other] as number) * (sd[each] as number)));
      }),
    );
    return {
      stops: camera.stops + medium.stops + light.stops,
      sd: Math.sqrt(variance + NOISE_SD ** 2),
      camera,
      medium,
      light,
    };
  };

  return {
    used,
    about,
    all: () => names.map((name) => ({ ...name, ...about({ [name.of]: name.key })[name.of] })),
    surprise: (shot) => {
      if (shot.spoilt) return 0;
      // What the others say follows from what all say: the shot's own part h is taken out of its difference.
      const said = about(shot);
      const noise = ownVariance(shot);
      const left = BIASED.reduce((total, of) => total + (shot[of] === undefined ? PRIOR_SD[of] ** 2 : 0), 0);
      const own = (said.sd ** 2 - NOISE_SD ** 2 - left) / noise;
      return (wantedStops(shot) - said.stops) / Math.sqrt(noise * (1 - own));
    },
  };
}

/**
 * Variance of one shot about the biases that it shares with others: the noise, which a doubtful judgement makes larger, and
 * the biases it shares with none.
 */
function ownVariance(shot: ShotKeys & Pick<JudgedShot, "sd">): number {
  const unshared = BIASED.filter((of) => shot[of] === undefined);
  return Math.max(NOISE_SD, shot.sd ?? 0) ** 2 + sum(unshared.map((of) => PRIOR_SD[of] ** 2));
}

/** Solves (1 + Σ w·a·aᵀ)·u = r for biases in units of their priors, a group's a having the prior of each of its biases. */
function solver(groups: readonly Group[], sd: Float64Array): (right: Float64Array) => Float64Array {
  if (sd.length <= MOST_WRITTEN) return cholesky(written(groups, sd), sd.length);
  const diagonal = new Float64Array(sd.length).fill(1);
  for (const { at, weight } of groups) for (const each of at) add(diagonal, each, weight * (sd[each] as number) ** 2);
  const times = (vector: Float64Array, out: Float64Array): void => {
    out.set(vector);
    for (const { at, weight } of groups) {
      let along = 0;
      for (const each of at) along += (sd[each] as number) * (vector[each] as number);
      for (const each of at) add(out, each, weight * along * (sd[each] as number));
    }
  };
  return (right) => conjugateGradient(times, diagonal, right);
}

/** So many biases are solved for as a whole matrix: a log of one maker; more (from outside) without writing it down. */
const MOST_WRITTEN = 600;

/** The matrix of {@link solver}, rows one after the other. */
function written(groups: readonly Group[], sd: Float64Array): Float64Array {
  const size = sd.length;
  const matrix = new Float64Array(size * size);
  for (let i = 0; i < size; i++) matrix[i * size + i] = 1;
  for (const { at, weight } of groups) {
    for (const row of at) {
      for (const column of at) add(matrix, row * size + column, weight * (sd[row] as number) * (sd[column] as number));
    }
  }
  return matrix;
}

function add(vector: Float64Array, at: number, value: number): void {
  vector[at] = (vector[at] as number) + value;
}

/** 1 at one place, 0 at all others. */
function unit({ length }: Float64Array, at: number): Float64Array {
  const vector = new Float64Array(length);
  vector[at] = 1;
  return vector;
}

function sum(values: readonly number[]): number {
  return values.reduce((total, value) => total + value, 0);
}
