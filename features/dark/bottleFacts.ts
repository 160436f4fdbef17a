import { DAY_MS } from "../../core/basis/units/index.ts";
import { type BottleFacts, bottleState, USUAL_BOTTLES } from "../../core/darkroom/bottle/index.ts";
import { type Bottle, borneBy } from "../../core/document/index.ts";

/** A 5×7 in sheet, cm²: what bottles are counted in, and a sheet that nobody noted is taken for. */
export const SHEET_CM2: number = (127 * 177.8) / 100;

/** What a bottle bears: as it says, else what is usual for its class. */
export function bottleFacts(bottle: Bottle): BottleFacts {
  const { chemical, volumeMl, capacityCm2, keepsDays } = bottle;
  const usual = USUAL_BOTTLES[chemical];
  return {
    volumeMl,
    capacityCm2: capacityCm2 ?? usual.capacityCm2,
    keepsDays: keepsDays ?? usual.keepsDays,
    usedCm2: borneBy(bottle),
  };
}

/** Whether a bottle is good, nearly used up, or spent. */
export function stateOf(bottle: Bottle, nowMs: number): ReturnType<typeof bottleState> {
  return bottleState(bottleFacts(bottle), 0, bottleAge(bottle, nowMs));
}

/** Days since a bottle was mixed. */
export function bottleAge({ mixedAt }: Bottle, nowMs: number): number {
  return (nowMs - Date.parse(mixedAt)) / DAY_MS;
}

/** The day until which a bottle keeps, ISO 8601. */
export function keepsUntil(bottle: Bottle): string {
  return new Date(Date.parse(bottle.mixedAt) + bottleFacts(bottle).keepsDays * DAY_MS).toISOString();
}

/** Bottles that still hold something, the one mixed last first. */
export function fullBottles(bottles: readonly Bottle[]): readonly Bottle[] {
  return bottles
    .filter(({ emptiedAt }) => (emptiedAt ?? null) === null)
    .sort((a, b) => Date.parse(b.mixedAt) - Date.parse(a.mixedAt));
}
