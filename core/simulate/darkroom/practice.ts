import type { BathName } from "../../darkroom/recipe/index.ts";
import { temperatureFactor } from "../../darkroom/temperature/index.ts";
import { type DensityRange, densityCurve, midExposure } from "../../light/exposure/index.ts";
import { INDUCTION, inDeveloper, inWater, type Place } from "./emulsion.ts";

/** Where a practice sheet lies: in a bath, or drained in the hand. */
export type PracticeBath = Extract<BathName, "developer" | "water" | "stop" | "fixer" | "wash"> | "hand";

/** What the practice room is like. */
export interface PracticeSetup {
  readonly density: DensityRange;
  readonly iso: number;
  readonly celsius: number;
  readonly q10: number;
  /** How tired the developer is: 0 fresh, to 1. */
  readonly used: number;
}

/** Something done at a moment: the sheet moved, or the white lamp switched. */
export type PracticeEvent = { readonly at: number } & ({ readonly bath: PracticeBath } | { readonly lamp: boolean });

/** A practice sheet at a moment. */
export interface PracticeSheet {
  /** Density of each level of exposure, see {@link levelOf}. */
  readonly densities: Float32Array;
  /** The same developed for ever. */
  readonly ends: Float32Array;
  readonly bath: PracticeBath;
  readonly lamp: boolean;
  /** Silver salt not yet fixed: 1 to 0. */
  readonly unfixed: number;
  /** White light it got while it was sensitive, lx·s. */
  readonly fog: number;
  /** Seconds in each bath so far. */
  readonly seconds: Readonly<Record<PracticeBath, number>>;
}

/** Levels of exposure that are reckoned, and how far they reach to either side of mid-grey, stops. */
export const LEVELS = 1024;
const REACH = 10;
/** White light of a room, lx. From memory: a lit room is some 100 lx. */
const ROOM_LIGHT = 100;
/** In a fixer half of the silver salt is gone in so many seconds: clear in half a minute or so. Common practice (TRADE section 6). */
const FIXING = 8;
/** What light alone brings up in a sheet that is not fixed, and in which time half of it, s. From memory; a stand-in. */
const [PRINTED_OUT, PRINTING] = [0.5, 120];
/** White light is added in pieces of at most this length, s. */
const PIECE = 0.25;

/**
 * The level of an exposure.
 *
 * @param exposure H, lx·s, ≥ 0
 * @returns whole number 0 to {@link LEVELS} − 1
 * @example levelOf(midExposure(6), 6) // 512
 */
export function levelOf(exposure: number, iso: number): number {
  const stops = Math.log2(exposure / midExposure(iso));
  const level = Math.round(((stops + REACH) / (2 * REACH)) * LEVELS);
  return Math.min(LEVELS - 1, Math.max(0, Number.isFinite(level) ? level : 0));
}

/** The exposure in the middle of a level, lx·s. */
function exposureAt(level: number, iso: number): number {
  return level === 0 ? 0 : midExposure(iso) * 2 ** ((level / LEVELS) * 2 * REACH - REACH);
}

/**
 * A sheet that is developed by hand, at a moment: what is done to it is told by events. Developer brings it up after its
 * induction, still water lets it go on with what the emulsion holds, stop and fixer end it; white light before it is fixed
 * fogs it, in the developer at once, afterwards slowly.
 *
 * @param events in order of time; before the first it lies in the hand, under red light
 * @param at the moment, s
 * @returns densities by level of exposure, and how it stands
 * @source PHYSICS section 13, practice model (a stand-in for a real emulsion)
 * @example practiceSheet(setup, [{ at: 0, bath: "developer" }], 8).densities[1023] // fog alone: nothing shows before 8 s
 */
export function practiceSheet(setup: PracticeSetup, events: readonly PracticeEvent[], at: number): PracticeSheet {
  const state = new Sheet(setup);
  let now = 0;
  for (const event of events) {
    if (event.at > at) break;
    state.pass(event.at - now);
    now = event.at;
    if ("bath" in event) state.bath = event.bath;
    else state.lamp = event.lamp;
  }
  state.pass(at - now);
  return state.seen();
}

/** A sheet while it is reckoned. */
class Sheet {
  bath: PracticeBath = "hand";
  lamp = false;
  private readonly places: Place[];
  private readonly curve: (exposure: number) => number;
  private readonly seconds = { developer: 0, water: 0, stop: 0, fixer: 0, wash: 0, hand: 0 };
  /** Developer time that has passed, s of a fresh one at 20 °C. */
  private soaked = 0;
  private unfixed = 1;
  private fog = 0;
  private printed = 0;
  /** Whether the emulsion holds developer that works: not after stop, fixer or running water. */
  private working = false;

  constructor(private readonly setup: PracticeSetup) {
    this.curve = densityCurve(setup.density, setup.iso);
    this.places = Array.from({ length: LEVELS }, () => ({ density: setup.density.least, strength: 1 }));
  }

  pass(seconds: number): void {
    if (!(seconds > 0)) return;
    this.seconds[this.bath] += seconds;
    // Light changes what there is to develop: in pieces.
    const pieces = this.lamp && this.unfixed > 0 ? Math.min(400, Math.ceil(seconds / PIECE)) : 1;
    for (let piece = 0; piece < pieces; piece++) this.piece(seconds / pieces);
  }

  private piece(seconds: number): void {
    if (this.lamp) {
      // The faster a salt is fixed the less is left to fog.
      this.fog += ROOM_LIGHT * seconds * this.unfixed;
      this.printed += (PRINTED_OUT * this.unfixed - this.printed) * (1 - 2 ** (-seconds / PRINTING));
    }
    if (this.bath === "developer") this.working = true;
    if (this.bath === "stop" || this.bath === "fixer" || this.bath === "wash") this.working = false;
    if (this.bath === "fixer") this.unfixed *= 2 ** (-seconds / FIXING);
    if (this.working) this.develop(seconds, this.bath === "developer" ? inDeveloper : inWater);
  }

  private develop(seconds: number, how: (place: Place, end: number, time: number) => Place): void {
    const { celsius, q10, used, iso } = this.setup;
    const time = (seconds * Math.max(0, 1 - used)) / temperatureFactor(celsius, q10);
    const before = this.soaked;
    this.soaked += time;
    const working = this.soaked - Math.max(INDUCTION, before);
    for (let level = 0; level < LEVELS; level++) {
      const place = this.places[level] as Place;
      // What is fixed away can't be developed any more.
      const end = this.curve(exposureAt(level, iso) + this.fog);
      const reach = place.density + (end - place.density) * this.unfixed;
      this.places[level] = working > 0 ? how(place, reach, working) : how(place, reach, 0);
    }
  }

  seen(): PracticeSheet {
    const { iso } = this.setup;
    return {
      densities: Float32Array.from(this.places, ({ density }) => density + this.printed),
      ends: Float32Array.from(this.places, (_, level) => this.curve(exposureAt(level, iso))),
      bath: this.bath,
      lamp: this.lamp,
      unfixed: this.unfixed,
      fog: this.fog,
      seconds: this.seconds,
    };
  }
}
