import { type Camera, cameraFNumber, withField } from "../../core/camera/container/index.ts";
import type { Exposure, Load, Trail } from "../../core/document/index.ts";
import { FULL_SUN_EV, sheetTime } from "../../core/light/exposure/index.ts";
import { GIVEN, hiddenIn, type Practised, type SessionName, type SessionStart } from "../../core/practice/index.ts";
import { fenceTrail, seasonCameras } from "../demo/season/seasonCameras.ts";
import { lightTable } from "../lightTable.ts";
import { mediumById } from "../media.ts";

/** Which cameras a session is about, and the sheets in its pack. */
const WITH: Readonly<Record<SessionName, { readonly cameras: readonly string[]; readonly sheets: number }>> = {
  meter: { cameras: ["thistle-biscuit-tin"], sheets: 2 },
  "black-sky": { cameras: ["thistle-biscuit-tin"], sheets: 2 },
  paper: { cameras: ["thistle-hat-box"], sheets: 3 },
  leak: { cameras: ["thistle-cocoa-tin"], sheets: 1 },
  canisters: { cameras: ["thistle-canister-one"], sheets: 9 },
  ghost: { cameras: ["thistle-biscuit-tin", "thistle-canister-one", "thistle-hat-box"], sheets: 2 },
  "half-year": { cameras: ["thistle-fence-can"], sheets: 1 },
};

const HOUR = 3_600_000;

/**
 * What lies on the table when a session begins: a camera, a pack, and in some a sheet that somebody else has exposed.
 *
 * @param nowMs ms since 1970
 */
export function practiceStart(practised: Practised, nowMs: number): SessionStart {
  const { cameras: ids, sheets } = WITH[practised.session];
  const cameras = ids.map((id) => cameraFor(id, practised.session));
  const camera = cameras[0] as Camera;
  const medium = mediumById(camera.chambers[0].film.medium);
  const first = givenShot(camera, practised, nowMs);
  return {
    cameras,
    packs: [{ id: `${GIVEN}pack`, medium: medium.id, size: "cut to the camera", bought: 25, left: sheets, iso: null }],
    loads: first === null ? [] : [loadOf(camera, first, nowMs)],
    exposures: first === null ? [] : [first],
    trails: practised.session === "half-year" ? [fencePlan(camera, practised, nowMs)] : [],
  };
}

/** The demonstration's camera as the session finds it: proved tight and unused, but for the one that leaks. */
function cameraFor(id: string, session: SessionName): Camera {
  const found = seasonCameras.find((each) => each.id === id);
  if (found === undefined) throw new Error(`${id}: no such camera`);
  // The half year’s hole was put where most would put it: at half the height.
  const { set, lightTests: _, ...camera } = session === "half-year" ? withField(found, "hole.above", HALF_UP) : found;
  return {
    ...camera,
    // Not the demonstration's own: that comes and goes by its ids.
    id: id.replace("thistle-", GIVEN),
    ...(set ? { set: { ...set, exposed: [] } } : {}),
    ...(session === "leak" ? {} : { lightTests: [{ at: "2026-03-21T20:00:00+00:00", way: "lamp", faults: [] }] }),
  } as Camera;
}

/** Half the height of the can on the fence, mm. */
const HALF_UP = 84;

/** The half year that somebody planned: from the next winter solstice, straight ahead, over an open field. */
function fencePlan(camera: Camera, practised: Practised, nowMs: number): Trail {
  const now = new Date(nowMs).toISOString();
  const year = Number(now.slice(0, 4)) + (now.slice(5, 10) > "12-21" ? 1 : 0);
  const { up: _, down: __, horizon: ___, ...fence } = fenceTrail;
  return {
    ...fence,
    id: `${GIVEN}trail`,
    cameraId: camera.id,
    site: { ...fence.site, latitude: hiddenIn(practised).latitude },
    from: `${year}-12-21`,
    to: `${year + 1}-06-21`,
    updatedAt: now,
  };
}

/** The sheet that somebody else exposed and developed, where the session has one. */
function givenShot(camera: Camera, practised: Practised, nowMs: number): Exposure | null {
  if (practised.session !== "black-sky" && practised.session !== "leak") return null;
  const medium = mediumById(camera.chambers[0].film.medium);
  const fNumber = cameraFNumber(camera, medium);
  const suggestedSeconds = sheetTime(FULL_SUN_EV, fNumber, medium);
  const light = lightTable.find(({ id }) => id === "sun");
  const { firstOver } = hiddenIn(practised);
  return {
    id: `${GIVEN}shot`,
    cameraId: camera.id,
    cameraName: camera.name,
    loadId: `${GIVEN}load`,
    place: "1",
    openedAt: new Date(nowMs - 3 * HOUR).toISOString(),
    seconds: Math.max(1, Math.round(suggestedSeconds * 2 ** firstOver)),
    suggestedSeconds,
    fNumber,
    medium: medium.id,
    iso: medium.iso,
    light: light?.name ?? "",
    lightKey: "sun",
    ev: FULL_SUN_EV,
    subject: practised.session === "leak" ? "Water butt, with a streak" : "Cold frames, sky all black",
    note: "",
    developed: {
      developmentId: `${GIVEN}development`,
      at: new Date(nowMs - 2 * HOUR).toISOString(),
      seconds: 75,
      celsius: 20,
    },
  };
}

function loadOf(camera: Camera, shot: Exposure, nowMs: number): Load {
  return {
    id: `${GIVEN}load`,
    cameraId: camera.id,
    cameraName: camera.name,
    at: new Date(nowMs - 4 * HOUR).toISOString(),
    packId: `${GIVEN}pack`,
    places: [{ place: "1", medium: shot.medium ?? "", iso: shot.iso ?? 1, exposureId: shot.id }],
    unloadedAt: new Date(nowMs - 2.5 * HOUR).toISOString(),
  };
}
