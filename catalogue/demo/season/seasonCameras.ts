import { type Camera, newCamera, settled, withField } from "../../../core/camera/container/index.ts";
import type { Trail } from "../../../core/document/index.ts";
import { optimum } from "../../../core/light/hole/index.ts";
import { mediumById } from "../../media.ts";
import { thistleRow } from "../thistleRow.ts";

/** Holes as the flatbed measured them, by camera, mm. */
const MEASURED: Readonly<Record<string, number>> = {
  "thistle-cocoa-tin": 0.26,
  "thistle-hat-box": 0.62,
  "thistle-map-tube": 0.6,
  "thistle-feed-drum": 0.38,
};

/** Cameras that were in the sun, or behind a lamp, and held. */
const TESTED = ["cocoa-tin", "canister-one", "hat-box", "seed-packet-pair", "map-tube", "bean-carton", "feed-drum"];

/** How a camera of the first handful looks after its year: measured, tested, some of its tray turned over. */
function lived(camera: Camera): Camera {
  const diameter = MEASURED[camera.id];
  const measured = diameter === undefined ? camera : withField(camera, "hole.measured", diameter);
  const name = camera.id.replace("thistle-", "");
  if (name === "leaning-box") {
    return {
      ...measured,
      lightTests: [{ at: "2026-08-09T20:00:00+01:00", way: "lamp", faults: ["lid"], note: "all along the lid" }],
    };
  }
  if (!TESTED.includes(name)) return measured;
  return {
    ...measured,
    lightTests: [...(measured.lightTests ?? []), { at: "2026-03-21T20:00:00+00:00", way: "lamp", faults: [] }],
    ...(camera.set ? { set: { ...camera.set, exposed: [9, 8, 7, 6] } } : {}),
  };
}

const ready = (camera: Camera): Camera =>
  settled(camera, mediumById(camera.chambers[0].film.medium), optimum(0.2, 0.95));

/** A bought box, and the can that hung on the fence for half a year. */
const others: readonly Camera[] = [
  {
    ...newCamera({
      id: "thistle-bought-box",
      now: "2026-09-12T10:00:00+01:00",
      name: "Bought box",
      kind: "bought-box",
      sizes: {
        "container.width": 130,
        "container.height": 105,
        "container.depth": 60,
        "container.wall": 3,
        "film.width": 127,
        "film.height": 101.6,
        "hole.diameter": 0.3,
      },
      material: "wood",
      insideBlack: true,
      format: "in-4x5",
      medium: "rc-graded",
      plateThickness: 0.05,
      trimmed: false,
    }),
    notes: "From the harvest raffle. Its hole is said to be 0.3 mm.",
  },
  {
    ...withField(
      newCamera({
        id: "thistle-fence-can",
        now: "2026-03-11T10:00:00+00:00",
        name: "Fence can",
        kind: "curled-can",
        purpose: "trail",
        sizes: {
          "container.height": 168,
          "container.diameter": 66,
          "container.wall": 0.1,
          "film.width": 177.8,
          "film.height": 127,
          "hole.diameter": 0.5,
          // As high as its cap lets it be: the summer sun lands far down.
          "hole.above": 128,
        },
        material: "aluminium metal",
        insideBlack: true,
        format: "in-5x7",
        medium: "rc-graded",
        plateThickness: 0.05,
        trimmed: false,
      }),
      "hole.measured",
      0.5,
    ),
    lightTests: [{ at: "2025-12-19T19:30:00+00:00", way: "lamp", faults: [] }],
    notes: "Half a year on the fence by plot 4, solstice to solstice.",
  },
];

/** Twelve cameras after a growing year. */
export const seasonCameras: readonly Camera[] = [...thistleRow.cameras.map(lived), ...others.map(ready)];

/** Its sheet is made up at build time: what is told here is how the can hung. */
export const fenceTrail: Trail = {
  id: "thistle-fence",
  name: "The fence by plot 4",
  cameraId: "thistle-fence-can",
  site: { latitude: 52.2, longitude: 0.1, height: 20, timeZone: "Europe/London", name: "Thistle Row" },
  aim: { azimuth: 180, elevation: 0, roll: 0 },
  horizon: [
    [80, 4],
    [130, 6],
    [180, 3],
    [235, 3],
    [280, 8],
  ],
  from: "2025-12-21",
  to: "2026-06-21",
  up: { at: "2025-12-21T11:10:00+00:00", note: "tape off at the carols" },
  down: { at: "2026-06-21T18:00:00+01:00", note: "a spider had moved in, behind the lid" },
  who: "T. R.",
  where: "fence post by plot 4, looking over the bean rows",
};
