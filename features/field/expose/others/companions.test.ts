import { thistleRow } from "../../../../catalogue/demo/thistleRow.ts";
import { isTrail } from "../../../../core/camera/container/index.ts";
import type { Count, Load } from "../../../../core/document/index.ts";
import { experience } from "../../../../core/learning/index.ts";
import { inMm } from "../../../../core/testing/cameras.ts";
import { type Companion, companionOf, countFor, type InThisLight, timeIn } from "./companions.ts";

const cameras = thistleRow.cameras.filter((camera) => !isTrail(camera));
const cameraOf = (id: string) => cameras.find((camera) => camera.id === id) ?? (cameras[0] as (typeof cameras)[0]);
const [TIN, HAT, CANISTERS] = ["thistle-biscuit-tin", "thistle-hat-box", "thistle-canister-one"].map(cameraOf) as [
  (typeof cameras)[0],
  (typeof cameras)[0],
  (typeof cameras)[0],
];

const SUN: InThisLight = {
  source: { by: "table", row: "sun" },
  meters: [],
  log: { experience: experience([]), lessons: [], alike: new Map(), read: true },
  words: inMm,
};

const load = (cameraId: string, places: Load["places"]): Load => ({
  id: `load of ${cameraId}`,
  cameraId,
  at: "2026-06-01T09:00:00Z",
  places,
});
const sheet = { place: "1", medium: "rc-graded", iso: 6, exposureId: null };
const count = (cameraId: string, more: Partial<Count> = {}): Count =>
  ({ id: "c", cameraId, place: "1", openedMs: 1, closedMs: null, pauses: [], ...more }) as Count;

function companion(...args: Parameters<typeof companionOf>): Companion {
  const as = companionOf(...args);
  if (typeof as === "string") throw new Error(as);
  return as;
}

test("each has the time that its own page gives it in this light", () => {
  let along = 0;
  for (const camera of cameras) {
    const as = companionOf({ camera, load: null }, [], SUN);
    if (typeof as === "string") continue;
    along++;
    const own = timeIn(SUN, { camera, medium: as.medium, iso: as.iso, flashed: false });
    expect(own.ok && own.value.counted[1]).toBe(as.seconds);
  }
  expect(along).toBeGreaterThan(6);
  const [tin, hat] = [TIN, HAT].map((camera) => companion({ camera, load: null }, [], SUN));
  expect(tin?.seconds).not.toBe(hat?.seconds);
});

test("the load says with which paper, which place, and how long where that was planned", () => {
  const film = { place: "1", medium: "film-pan-400", iso: 400, exposureId: null };
  const as = companion({ camera: TIN, load: load(TIN.id, [film]) }, [], SUN);
  expect([as.medium.id, as.iso, as.place]).toEqual(["film-pan-400", 400, "1"]);
  const planned = companion({ camera: TIN, load: load(TIN.id, [{ ...sheet, plannedSeconds: 77 }]) }, [], SUN);
  expect(planned.seconds).toBe(77);
  const flashed = companion({ camera: TIN, load: load(TIN.id, [{ ...sheet, flashed: true }]) }, [], SUN);
  expect(flashed.suggestion.sum.join(" ")).toMatch(/pre-flashed/);
  expect(planned.suggestion.sum.join(" ")).not.toMatch(/pre-flashed/);
});

test("an open hole, an empty load: not along; a tray's next canister is", () => {
  const loaded = { camera: TIN, load: load(TIN.id, [sheet]) };
  expect(companionOf(loaded, [count(TIN.id)], SUN)).toBe("open");
  expect(typeof companionOf(loaded, [count(HAT.id)], SUN)).toBe("object");
  expect(companionOf({ camera: TIN, load: load(TIN.id, [{ ...sheet, exposureId: "x" }]) }, [], SUN)).toBe(
    "nothing left",
  );
  // Closed and not logged yet: its sheet is used.
  expect(companionOf(loaded, [count(TIN.id, { closedMs: 2 })], SUN)).toBe("nothing left");
  const first = companion({ camera: CANISTERS, load: null }, [], SUN).place;
  const open = [count(CANISTERS.id, { place: first })];
  expect(companion({ camera: CANISTERS, load: null }, open, SUN).place).not.toBe(first);
});

test("what is counted bears its own camera, load, paper, light and time", () => {
  const as = companion({ camera: HAT, load: load(HAT.id, [sheet]) }, [], SUN);
  expect(countFor(as, "id", { subject: "Scarecrow", note: "" })).toMatchObject({
    id: "id",
    cameraId: HAT.id,
    cameraName: HAT.name,
    loadId: `load of ${HAT.id}`,
    place: "1",
    targetSeconds: as.seconds,
    meteredSeconds: as.suggestion.formula.meteredSeconds,
    medium: "rc-graded",
    iso: 6,
    words: { subject: "Scarecrow", note: "" },
  });
});
