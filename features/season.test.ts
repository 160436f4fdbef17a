import { seasonSaved, seasonScans, seasonTrail, thistleSeason } from "../catalogue/demo/season/index.ts";
import { lightTable } from "../catalogue/lightTable.ts";
import { mediumById } from "../catalogue/media.ts";
import { cameraFNumber, designFaults, loadPlaces } from "../core/camera/container/index.ts";
import { kinds } from "../core/camera/kinds/index.ts";
import { parseCamera, parseExposure, parseRecord } from "../core/document/index.ts";

const { cameras, exposures, loads, packs, bottles, trails, developments, processing } = thistleSeason;
const ids = (records: readonly { readonly id: string }[]): ReadonlySet<string> => new Set(records.map(({ id }) => id));

test("the season is a whole year: twelve cameras of most kinds, forty shots, each record sound and called once", () => {
  expect(cameras).toHaveLength(12);
  expect(new Set(cameras.map(({ container }) => container.kind)).size).toBeGreaterThan(kinds.length * 0.7);
  expect(exposures.length).toBeGreaterThanOrEqual(40);
  expect(seasonScans.length).toBeGreaterThanOrEqual(23);
  for (const camera of cameras) {
    expect(parseCamera(camera).ok).toBe(true);
    expect([camera.name, designFaults(camera)]).toEqual([camera.name, []]);
  }
  for (const shot of exposures) expect([shot.id, parseExposure(shot).ok]).toEqual([shot.id, true]);
  for (const [name, records] of Object.entries({ loads, packs, bottles, trails, developments, processing })) {
    for (const record of records)
      expect([record.id, parseRecord(name as "loads", record).ok]).toEqual([record.id, true]);
  }
  for (const records of [cameras, exposures, loads, packs, bottles, trails, developments, processing]) {
    expect(ids(records).size).toBe(records.length);
    for (const { id } of records) expect(id).toMatch(/^thistle-/);
  }
});

test("its records speak of each other: every shot's camera, load, place and development are there, and the other way round", () => {
  for (const shot of exposures) {
    const camera = cameras.find(({ id }) => id === shot.cameraId);
    expect(shot.cameraName).toBe(camera?.name);
    if (shot.loadId) {
      const load = loads.find(({ id }) => id === shot.loadId);
      expect(load?.cameraId).toBe(shot.cameraId);
      expect(load?.places.find(({ place }) => place === shot.place)?.exposureId).toBe(shot.id);
      expect(Date.parse(shot.openedAt)).toBeGreaterThan(Date.parse(load?.at ?? ""));
    }
    if (shot.developed) {
      expect(developments.find(({ id }) => id === shot.developed?.developmentId)?.exposureIds).toEqual([shot.id]);
      expect(Date.parse(shot.developed.at)).toBeGreaterThan(Date.parse(shot.openedAt));
    }
  }
  for (const load of loads) {
    const camera = cameras.find(({ id }) => id === load.cameraId);
    expect(load.places.map(({ place }) => place)).toEqual(camera && loadPlaces(camera).map(({ id }) => id));
    if (load.packId) expect(ids(packs)).toContain(load.packId);
  }
  for (const { exposureIds } of developments) for (const id of exposureIds) expect(ids(exposures)).toContain(id);
  for (const { exposureId } of processing) if (exposureId) expect(ids(exposures)).toContain(exposureId);
  const scanned = seasonScans.map(({ shotId }) => shotId);
  for (const id of seasonSaved) expect(scanned).toContain(id);
  expect(trails.find(({ id }) => id === seasonTrail)?.down).toBeTruthy();
});

test("nothing is scanned that was not developed, and what is in a camera now is not developed", () => {
  for (const { shotId } of seasonScans)
    expect([shotId, exposures.find(({ id }) => id === shotId)?.developed != null]).toEqual([shotId, true]);
  const present = loads.filter(({ unloadedAt }) => unloadedAt === null);
  expect(present.map(({ cameraName }) => cameraName).sort()).toEqual(["Bean carton", "Biscuit tin", "Nine canisters"]);
  for (const { places } of present)
    for (const { exposureId } of places)
      expect(exposures.find(({ id }) => id === exposureId)?.developed ?? null).toBeNull();
  // The tray's turned-over canisters and the load's used places are one fact.
  const tray = cameras.find(({ set }) => set);
  const used = present.find(({ cameraId }) => cameraId === tray?.id)?.places.filter(({ exposureId }) => exposureId);
  expect(used?.map(({ place }) => Number(place))).toEqual(tray?.set?.exposed);
});

test("times are those of the app's own sum, in the light that is named", () => {
  // 100 N² / (ISO · 2^EV), ANSI PH2.7-1986 and PHYSICS section 3.
  for (const shot of exposures.filter(({ id, medium }) => !/shot-\d$/.test(id) && !medium?.startsWith("film"))) {
    const camera = cameras.find(({ id }) => id === shot.cameraId);
    const light = lightTable.find(({ id }) => id === shot.lightKey);
    if (camera === undefined || light === undefined) throw new Error(shot.id);
    expect(shot.light).toBe(light.name);
    const n = cameraFNumber(camera, mediumById(shot.medium));
    const told = (n * n * 100) / ((shot.iso ?? 0) * 2 ** light.ev);
    expect((shot.suggestedSeconds ?? 0) / told).toBeCloseTo(1, 6);
    expect(Math.abs(Math.log2(shot.seconds / told))).toBeLessThan(0.75);
  }
});
