import "fake-indexeddb/auto";
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { strFromU8, strToU8, unzipSync } from "fflate";
import { thistleRow } from "../../catalogue/demo/thistleRow.ts";
import { type Camera, fieldValue, withField, withVersion } from "../../core/camera/container/index.ts";
import { changesBetween } from "../../core/document/index.ts";
import { addCamera, listCameras } from "../cameras/cameras.ts";
import { type ExposureRow, openDb, type StillBoxDb } from "../engine/db.ts";
import { editRecord, getEdited, removeEdited } from "../engine/editRecord.ts";
import { historyState } from "../engine/history.ts";
import { cameraRef } from "../engine/steps.ts";
import { listExposures } from "../exposures/exposures.ts";
import { readPicture, savePicture } from "../negatives/pictures.ts";
import { sha256 } from "../negatives/sha256.ts";
import { readSettings } from "../settings/settings.ts";
import { filesOf, readArchive } from "../testing.ts";
import { archiveConflicts, exportArchive, importArchive } from "./archiveFile.ts";
import { addDemo } from "./demo.ts";

const NOW = "2026-05-01T10:00:00+01:00";
const [TIN] = thistleRow.cameras as readonly [Camera, ...Camera[]];
let db: StillBoxDb;
let count = 0;

beforeEach(async () => {
  db = openDb(`archive-${++count}`);
  await addDemo(thistleRow, db);
});
afterEach(() => db.delete());

/** All of a database as the files of an archive. */
const exported = async (at: string, from: StillBoxDb) => filesOf(await exportArchive(at, from));
/** The files of a zip that a released version saved. */
const released = (name: string) => unzipSync(readFileSync(join(__dirname, "../fixtures", name))) as ArchiveFiles;
type ArchiveFiles = Awaited<ReturnType<typeof filesOf>>;

async function depthStored(): Promise<unknown> {
  const found = await getEdited("cameras", TIN.id, db);
  return found.ok ? fieldValue(found.value, "container.depth") : found.error.message;
}

describe("archive", () => {
  test("everything, pictures included, comes back byte for byte in an empty database", async () => {
    const bytes = new Uint8Array([1, 2, 3, 250]);
    await db.pictures.put({ sha256: await sha256(bytes), name: "scan.png", type: "image/png", bytes });
    await db.sites.put({ id: "shed roof", height: 2 } as { id: string });
    const files = await exported(NOW, db);
    const empty = openDb(`${db.name}-empty`);
    const read = await readArchive(files);
    expect(read.ok && (await importArchive(read.value, "keep", empty)).ok).toBe(true);
    expect(await exported(NOW, empty)).toEqual(files);
    expect(await readPicture((await empty.pictures.toCollection().primaryKeys())[0] ?? "", empty)).toEqual(bytes);
    await empty.delete();
  });

  test("records that are here with other contents are counted, and kept or replaced as asked; the same ones keep their undo", async () => {
    const read = await readArchive(await exported(NOW, db));
    if (!read.ok) throw new Error("unreadable");
    expect(await archiveConflicts(read.value, db)).toBe(0);
    await editRecord(
      "cameras",
      TIN.id,
      { label: "depth", changes: changesBetween(TIN, withField(TIN, "container.depth", 80)) },
      NOW,
      db,
    );
    await removeEdited("exposures", "thistle-shot-1", "deleted", NOW, db);
    expect(await archiveConflicts(read.value, db)).toBe(1);

    await importArchive(read.value, "keep", db);
    expect(await depthStored()).toBe(80);
    expect((await historyState([cameraRef(TIN.id)], db)).undo).toBe("depth");
    expect((await listExposures(null, db)).length).toBe(5);

    await importArchive(read.value, "replace", db);
    expect(await depthStored()).toBe(70);
    expect((await historyState([cameraRef(TIN.id)], db)).undo).toBeNull();
  });

  test("a picture that does not match its sum, a missing one, another file: refused, with the place", async () => {
    const archive = {
      format: "still-box/archive",
      version: 1,
      pictures: [{ file: "pictures/a", sha256: "0".repeat(64) }],
    };
    const fault = async (files: ArchiveFiles) => {
      const read = await readArchive(files);
      return read.ok ? null : `${read.error[0]?.path} ${read.error[0]?.message}`;
    };
    const text = (words: string) => new Uint8Array(strToU8(words));
    const json = text(JSON.stringify(archive));
    expect(await fault({ "archive.json": json, "pictures/a": new Uint8Array([1]) })).toMatch(
      /\/pictures\/0\/file .*SHA-256 differs/,
    );
    expect(await fault({ "archive.json": json })).toMatch(/\/pictures\/0\/file .*missing/);
    expect(await fault({ "archive.json": text("{") })).toMatch(/\/archive.json is not valid JSON/);
    expect(await fault({ other: json })).toMatch(/\/archive.json is missing/);
  });

  test("an archive that version 1 saved in November 2026 comes in whole, picture by the byte", async () => {
    const empty = openDb("november");
    const read = await readArchive(released("archive-v1-thistle.zip"));
    if (!read.ok) throw new Error(JSON.stringify(read.error));
    expect((await importArchive(read.value, "keep", empty)).ok).toBe(true);
    expect((await listCameras(empty)).cameras.map(({ id }) => id)).toEqual(thistleRow.cameras.map(({ id }) => id));
    expect((await listCameras(empty)).damaged).toEqual([]);
    expect((await listExposures(null, empty)).map(({ subject }) => subject)).toContain("Bean rows");
    expect(await readSettings(empty)).toMatchObject({ unit: "in", meterOffset: 1.5 });
    const [picture] = await empty.pictures.toArray();
    expect(picture?.name).toBe("bean rows.png");
    expect(await readPicture(picture?.sha256 ?? "", empty)).toEqual(Uint8Array.of(137, 80, 78, 71, 1, 2, 3));
    expect(await empty.table("media").toArray()).toEqual([{ id: "own-paper", name: "Paper from the shed drawer" }]);
    await empty.delete();
  });

  test("the archive of version 1 as released is still read", async () => {
    const read = await readArchive(released("archive-v1.zip"));
    expect(read.ok && read.value.archive.cameras?.map(({ name }) => name)).toEqual([
      "Biscuit tin",
      "Canister No. 1",
      "Cocoa tin",
      "Hat box",
    ]);
  });
});

describe("archives and damaged records", () => {
  test("a damaged record counts as another version: it is not overwritten without a question", async () => {
    const read = await readArchive(await exported(NOW, db));
    if (!read.ok) throw new Error("unreadable");
    await db.cameras.put({ ...TIN, version: 7 } as unknown as Camera);
    await db.exposures.update("thistle-shot-1", { seconds: "long" } as unknown as Partial<ExposureRow>);
    expect(await archiveConflicts(read.value, db)).toBe(2);
    await importArchive(read.value, "keep", db);
    expect(await db.cameras.get(TIN.id)).toMatchObject({ version: 7 });
    await importArchive(read.value, "replace", db);
    expect((await getEdited("cameras", TIN.id, db)).ok).toBe(true);
  });

  test("given up on the way, or failing at the last, an archive leaves nothing: neither records nor pictures", async () => {
    const bytes = [Uint8Array.of(1), Uint8Array.of(2)];
    for (const [i, each] of bytes.entries()) await savePicture(new File([each], `${i}.png`, { type: "image/png" }), db);
    const read = await readArchive(await exported(NOW, db));
    if (!read.ok) throw new Error("unreadable");
    const empty = openDb("archive-stopped");
    const stop = new AbortController();
    const how = { report: () => stop.abort(), signal: stop.signal };
    expect(await importArchive(read.value, "keep", empty, how)).toEqual({ ok: true, value: false });
    expect([await empty.pictures.count(), await empty.cameras.count()]).toEqual([0, 0]);
    const full = jest
      .spyOn(empty.settings, "bulkPut")
      .mockRejectedValue(new DOMException("full", "QuotaExceededError"));
    expect(await importArchive(read.value, "keep", empty)).toMatchObject({ ok: false, error: { reason: "full" } });
    full.mockRestore();
    expect([await empty.pictures.count(), await empty.cameras.count()]).toEqual([0, 0]);
    const shares: number[] = [];
    await importArchive(read.value, "keep", empty, { report: (share) => shares.push(share) });
    expect([await empty.pictures.count(), shares]).toEqual([2, [1 / 3, 2 / 3]]);
    await empty.delete();
  });

  test("settings of an archive are checked like all else", async () => {
    const files = await exported(NOW, db);
    const json = JSON.parse(strFromU8(files["archive.json"] as Uint8Array));
    json.settings.unit = "furlong";
    const bad = await readArchive({ ...files, "archive.json": new Uint8Array(strToU8(JSON.stringify(json))) });
    expect(!bad.ok && bad.error).toEqual([{ path: "/settings/unit", message: 'must be "mm" or "in"' }]);
  });
});

describe("what the further shapes bring along", () => {
  test("every demonstration camera, set, roll and drum included, comes back from a zip the same, with its versions", async () => {
    const [first] = thistleRow.cameras;
    if (first === undefined) throw new Error("no demonstration");
    const kept = withVersion(first, { id: "v1", name: "Before the saw", at: "2026-05-01T10:00:00+01:00" });
    await addCamera(kept, db);
    const before = (await listCameras(db)).cameras;
    const read = await readArchive(await exported("2026-05-02T10:00:00+01:00", db));
    const byId = (cameras: readonly Camera[] = []) => [...cameras].sort((a, b) => a.id.localeCompare(b.id));
    expect(byId(read.ok ? read.value.archive.cameras : [])).toEqual(byId(before));
    expect(before.find(({ id }) => id === first.id)?.versions?.[0]?.chambers).toEqual(first.chambers);
    expect(before.find(({ set }) => set)?.set).toEqual({ count: 9, exposed: [9, 8] });
    expect(before.find(({ container }) => container.shape === "drum")?.chambers).toHaveLength(8);
  });
});
