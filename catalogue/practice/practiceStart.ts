import { type Camera, cameraFNumber } from "../../core/camera/container/index.ts";
import type { Exposure, Load, Pack } from "../../core/document/index.ts";
import { FULL_SUN_EV, sheetTime } from "../../core/light/exposure/index.ts";
import { GIVEN, hiddenIn, type Practised, type SessionName } from "../../core/practice/index.ts";
import { seasonCameras } from "../demo/season/seasonCameras.ts";
import { lightTable } from "../lightTable.ts";
import { mediumById } from "../media.ts";

/** Which camera a session is about, and the sheets in its pack. */
const WITH: Readonly<Record<SessionName, { readonly camera: string; readonly sheets: number }>> = {
  meter: { camera: "thistle-biscuit-tin", sheets: 2 },
  "black-sky": { camera: "thistle-biscuit-tin", sheets: 2 },
  paper: { camera: "thistle-hat-box", sheets: 3 },
  leak: { camera: "thistle-cocoa-tin", sheets: 1 },
  canisters: { camera: "thistle-canister-one", sheets: 9 },
};

const HOUR = 3_600_000;

/**
 * What lies on the table when a session begins: a camera, a pack, and in some a sheet that somebody else has exposed.
 *
 * @param nowMs ms since 1970
 */
export function practiceStart(
  practised: Practised,
  nowMs: number,
): {
  readonly cameras: readonly Camera[];
  readonly packs: readonly Pack[];
  readonly loads: readonly Load[];
  readonly exposures: readonly Exposure[];
} {
  const { camera: id, sheets } = WITH[practised.session];
  const camera = cameraFor(id, practised.session);
  const medium = mediumById(camera.chambers[0].film.medium);
  const first = givenShot(camera, practised, nowMs);
  return {
    cameras: [camera],
    packs: [{ id: `${GIVEN}pack`, medium: medium.id, size: "cut to the camera", bought: 25, left: sheets, iso: null }],
    loads: first === null ? [] : [loadOf(camera, first, nowMs)],
    exposures: first === null ? [] : [first],
  };
}

/** The demonstration's camera as the session finds it: proved tight and unused, but for the one that leaks. */
function cameraFor(id: string, session: SessionName): Camera {
  const found = seasonCameras.find((each) => each.id === id);
  if (found === undefined) throw new Error(`${id}: no such camera`);
  const { set, lightTests: _, ...camera } = found;
  return {
    ...camera,
    // Not the demonstration's own: that comes and goes by its ids.
    id: id.replace("thistle-", GIVEN),
    ...(set ? { set: { ...set, exposed: [] } } : {}),
    ...(session === "leak" ? {} : { lightTests: [{ at: "2026-03-21T20:00:00+00:00", way: "lamp", faults: [] }] }),
  } as Camera;
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
