import {
  type SeasonData,
  seasonSaved,
  seasonScans,
  seasonTrail,
  thistleSeason,
} from "../../catalogue/demo/season/index.ts";
import type { Camera } from "../../core/camera/container/index.ts";
import { type Exposure, type Negative, parseNegative, type Trail } from "../../core/document/index.ts";
import { FLATBED_WHITE } from "../../core/simulate/flatbed/index.ts";
import { asListed } from "../../features/proof/asListed.ts";
import { asJudged, judgedByScan, saysNothing } from "../../features/proof/judge/byScan.ts";
import { scannedNegative } from "../../features/proof/scan/scannedNegative.ts";
import { settingsFor } from "../../features/proof/settingsFor.ts";
import { sha256 } from "../../storage/negatives/sha256.ts";
import { sunRequest } from "../../ui/records/sunRequest.ts";
import { type ProofOrder, type ProofReport, proofJob } from "../../workers/jobs/proof/proofJob.ts";
import { madeUpTrailFile } from "../../workers/jobs/trailReading/madeUpTrailFile.ts";
import { asJpeg, scanSheet } from "./scanSheet.ts";
import { thumbUrl } from "./thumb.ts";

/** A picture of the season: its file beside the records. */
export interface SeasonPicture {
  readonly sha256: string;
  /** As its maker called it. */
  readonly name: string;
  readonly type: string;
  /** Name of the file that is served. */
  readonly file: string;
}

/** The growing year with what its sheets say. */
export interface MadeSeason extends SeasonData {
  readonly negatives: readonly Negative[];
  readonly pictures: readonly SeasonPicture[];
}

/** Fine enough for a day's step of its tracks, dots an inch. */
const TRAIL_DPI = 170;
const TRAIL_SEED = 20;

/**
 * Makes what only scans can say: every sheet of the season is exposed, developed, laid on the made-up flatbed and judged as
 * the app does it, from seeds: the same files each time.
 *
 * @param write keeps a file under its name
 */
export async function makeSeason(
  write: (name: string, bytes: Uint8Array<ArrayBuffer>) => Promise<void>,
): Promise<MadeSeason> {
  const pictures: SeasonPicture[] = [];
  const keep = async (bytes: Uint8Array<ArrayBuffer>, name: string): Promise<string> => {
    const sum = await sha256(bytes);
    const file = `${sum.slice(0, 16)}.jpg`;
    await write(file, bytes);
    pictures.push({ sha256: sum, name, type: "image/jpeg", file });
    return sum;
  };
  const proof = proofAsker();
  const negatives: Negative[] = [];
  const judged = new Map<string, Exposure>();
  for (const scan of seasonScans) {
    const shot = found(thistleSeason.exposures, scan.shotId);
    const camera = found(thistleSeason.cameras, shot.cameraId);
    const bytes = await scanSheet(camera, shot, thistleSeason.loads, scan);
    const made = await negativeOf(bytes, camera, shot, await keep(bytes, `${shot.subject}.jpg`), proof);
    negatives.push(made.negative);
    judged.set(shot.id, made.shot);
  }
  const trails: Trail[] = [];
  for (const trail of thistleSeason.trails) {
    trails.push(trail.id === seasonTrail ? await readTrail(trail, keep) : trail);
  }
  const exposures = thistleSeason.exposures.map((shot) => judged.get(shot.id) ?? shot);
  return { ...thistleSeason, exposures, trails, negatives, pictures };
}

/** A scan taken in and judged, as Proof does it. */
async function negativeOf(
  bytes: Uint8Array<ArrayBuffer>,
  camera: Camera,
  shot: Exposure,
  picture: string,
  ask: ReturnType<typeof proofAsker>,
): Promise<{ readonly negative: Negative; readonly shot: Exposure }> {
  const medium = shot.medium ?? camera.chambers[0].film.medium ?? null;
  const settings = { ...settingsFor(camera, shot, medium), white: FLATBED_WHITE };
  const evening = shot.developed?.at ?? shot.openedAt;
  const opened = await ask({ kind: "open", key: picture, bytes, settings });
  if (opened.kind !== "open") throw new Error(opened.kind);
  const bare = scannedNegative({
    id: shot.id.replace("shot", "negative"),
    picture,
    name: `${shot.subject}.jpg`,
    at: evening,
    shot,
    cameraId: camera.id,
    medium,
    settings,
    opened: opened.report,
    before: null,
  });
  const drawn = await ask({
    kind: "draw",
    key: picture,
    bytes: null,
    settings: asListed(bare.settings),
    spots: [],
    lines: null,
  });
  if (drawn.kind !== "draw") throw new Error(drawn.kind);
  const thumb = thumbUrl(drawn.report, bare.finish?.mirrored === true);
  const negative = { ...bare, thumb, ...(seasonSaved.includes(shot.id) ? { savedAt: evening } : {}) };
  const parsed = parseNegative(negative);
  if (!parsed.ok) throw new Error(`${shot.id}: ${parsed.error[0]?.path} ${parsed.error[0]?.message}`);
  const answered = await ask({ kind: "judge", key: picture, bytes: null, settings: asJudged(bare.settings) });
  if (answered.kind !== "judge") throw new Error(answered.kind);
  const { answer, faults } = answered.report;
  const cause = saysNothing(faults, shot);
  return {
    negative,
    shot:
      cause === null
        ? { ...shot, judged: judgedByScan(answer, null, evening) }
        : { ...shot, judged: null, spoilt: cause },
  };
}

/** Asks the job that the app asks in its worker. */
function proofAsker(): (order: ProofOrder) => Promise<ProofReport> {
  const job = proofJob();
  return async (order) => {
    const { output } = await job(order, { report: () => {}, cancelled: () => false });
    if (!output.ok) throw new Error(`${output.error.path} ${output.error.message}`);
    return output.value;
  };
}

/** The half year's sheet, made up under a made-up sky, and read by how its can really stood. */
async function readTrail(
  trail: Trail,
  keep: (bytes: Uint8Array<ArrayBuffer>, name: string) => Promise<string>,
): Promise<Trail> {
  const camera = found(thistleSeason.cameras, trail.cameraId ?? "");
  const { file, can } = madeUpTrailFile(sunRequest(trail, camera), TRAIL_DPI, TRAIL_SEED, "none");
  const name = `${trail.name}.jpg`;
  const picture = await keep(await asJpeg(file, TRAIL_DPI), name);
  return { ...trail, fittedAim: can.aim, reading: { picture, name, points: [] } };
}

function found<T extends { readonly id: string }>(records: readonly T[], id: string): T {
  const record = records.find((each) => each.id === id);
  if (record === undefined) throw new Error(`nothing is called ${id}`);
  return record;
}
