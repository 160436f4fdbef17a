import type { Development, Processing } from "../../../core/document/index.ts";
import { type DemoData, thistleRow } from "../thistleRow.ts";
import { fenceTrail, seasonCameras } from "./seasonCameras.ts";
import { SEASON_PACKS, SEASON_PRINTS, seasonDevelopments, seasonLoads } from "./seasonDarkroom.ts";
import { SEASON_SHOTS, type SeasonScene, seasonExposures, seasonId } from "./seasonShots.ts";

/** A whole growing year, but for what only a scan can say: that the build makes. */
export interface SeasonData extends DemoData {
  readonly developments: readonly Development[];
  readonly processing: readonly Processing[];
}

const exposures = [...thistleRow.exposures, ...seasonExposures(seasonCameras)];

/** The growing year of Thistle Row as if lived: twelve cameras, and what became of their sheets. */
export const thistleSeason: SeasonData = {
  cameras: seasonCameras,
  exposures,
  loads: [...thistleRow.loads, ...seasonLoads(seasonCameras)],
  packs: [...thistleRow.packs, ...SEASON_PACKS],
  bottles: thistleRow.bottles,
  trails: [...thistleRow.trails, fenceTrail],
  developments: seasonDevelopments(exposures, seasonCameras),
  processing: SEASON_PRINTS,
};

/** A sheet that the made-up flatbed scans. */
export interface SeasonScan {
  /** Id of its shot in the log. */
  readonly shotId: string;
  readonly scene: SeasonScene;
  readonly walking: boolean;
  /** Doses of even light beside the picture's own. */
  readonly flashes: number;
}

/** Every sheet of the season that was scanned, in the order of the log. */
export const seasonScans: readonly SeasonScan[] = SEASON_SHOTS.flatMap(({ id, scan }) =>
  scan === undefined
    ? []
    : [{ shotId: seasonId(id), scene: scan.scene, walking: scan.walking ?? false, flashes: scan.flashes ?? 0 }],
);

/** Shots whose positive was saved as a file. */
export const seasonSaved: readonly string[] = ["beans", "coat", "doors", "july-9", "depth", "squash"].map(seasonId);

/** The months-long exposure whose sheet is made up and read. */
export const seasonTrail: string = fenceTrail.id;
