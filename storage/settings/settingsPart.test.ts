import "fake-indexeddb/auto";
import type { StillBoxDb } from "../engine/db.ts";
import { demoDb } from "../testing.ts";
import { readDarkSettings, writeDarkSetting } from "./darkSettings.ts";
import { readHangSettings, writeHangSetting } from "./hangSettings.ts";

let db: StillBoxDb;
beforeEach(async () => {
  db = await demoDb();
});
afterEach(() => db.delete());

const put = (key: string, value: unknown) => db.settings.put({ key, value });

describe("settings of one place", () => {
  test("are what was set, beside what usually is; others’ stay apart", async () => {
    expect(await readHangSettings(db)).toMatchObject({ kind: "contact", paper: "a4", across: false, order: [] });
    await writeHangSetting("kind", "series", db);
    await writeHangSetting("order", ["b", "a"], db);
    await writeDarkSetting("speech", true, db);
    expect(await readHangSettings(db)).toMatchObject({ kind: "series", order: ["b", "a"], captions: true });
    expect(await readDarkSettings(db)).toMatchObject({ speech: true, darkTap: "tap" });
  });

  test("two that are written at once are both kept", async () => {
    await Promise.all([
      writeHangSetting("paper", "a3", db),
      writeHangSetting("across", true, db),
      writeHangSetting("captions", false, db),
    ]);
    expect(await readHangSettings(db)).toMatchObject({ paper: "a3", across: true, captions: false });
  });

  test("what can’t be read is as it usually is, and stays where it lies; what is unknown stays too", async () => {
    await put("hang", { kind: "pile", paper: "letter", frame: "oak" });
    expect(await readHangSettings(db)).toMatchObject({ kind: "contact", paper: "letter" });
    await writeHangSetting("captions", false, db);
    expect((await db.settings.get("hang"))?.value).toEqual({
      kind: "pile",
      paper: "letter",
      frame: "oak",
      captions: false,
    });
    await put("dark", "dim");
    expect(await readDarkSettings(db)).toMatchObject({ speech: false, recipe: null });
  });

  test("one that is not allowed is not written", async () => {
    await expect(writeHangSetting("kind", "pile" as "series", db)).rejects.toThrow(/kind/);
    await expect(writeDarkSetting("q10", 0, db)).rejects.toThrow(/q10/);
    expect(await db.settings.get("hang")).toBeUndefined();
  });
});
