import { writeFileSync } from "node:fs";
import { join } from "node:path";
import { strToU8, unzipSync, zipSync } from "fflate";
import { stage } from "./support/maker.ts";
import { temporaryFolder } from "./support/temporary.ts";

const FILES = "Camera file or archive to open";

function onDisk(name: string, content: string | Uint8Array): string {
  const path = join(temporaryFolder(), name);
  writeFileSync(path, content);
  return path;
}

describe("Shelf with the demonstration cameras", () => {
  const { arrive } = stage(true);

  test("shows the four of Thistle Row, each with its f-number and what it needs next; they are there once only", async () => {
    const maker = await arrive();
    await maker.goTo("/");
    await maker.sees("main li", /Hat box/);
    const tags = await maker.texts("main li");
    expect(tags).toHaveLength(10);
    expect(tags.join("\n")).toMatch(
      /Biscuit tin[\s\S]*f\/226[\s\S]*Cocoa tin[\s\S]*Nine canisters[\s\S]*Hat box[\s\S]*Develop the sheet/,
    );
    await maker.reload();
    expect(await maker.texts("main li")).toHaveLength(10);
  });

  test("a camera leaves as a file and comes back; broken and newer files are refused by path, nothing changes", async () => {
    const maker = await arrive();
    await maker.goTo("/");
    await maker.sees("main li", /Hat box/);
    await maker.goTo("/cameras/thistle-hat-box");
    await maker.press("File");
    const { name, bytes } = await maker.saved();
    expect(name).toBe("hat-box.stillbox.json");
    const camera = JSON.parse(bytes.toString("utf8"));
    await maker.goTo("/");

    camera.id = "another";
    camera.name = "Hat box, borrowed";
    camera.container.lining = "felt";
    await maker.give(FILES, onDisk("borrowed.stillbox.json", JSON.stringify(camera)));
    await maker.sees("[data-report]", /Hat box, borrowed stands on the Shelf/);
    await maker.sees("main li", /Hat box, borrowed/);

    const broken = structuredClone(camera);
    broken.id = "broken";
    broken.container.diameter = "wide";
    broken.chambers[0].film.height = -1;
    await maker.give(FILES, onDisk("broken.stillbox.json", JSON.stringify(broken)));
    await maker.sees("[data-report]", /nothing was changed/);
    await maker.sees("[data-report] li", /\/container\/diameter must be a number/);
    await maker.sees("[data-report] li", /\/chambers\/0\/film\/height must be 0.1 or more/);

    await maker.give(FILES, onDisk("newer.stillbox.json", JSON.stringify({ ...camera, id: "newer", version: 2 })));
    await maker.sees("[data-report] li", /\/version is 2, made by a newer Still Box/);
    await maker.give(FILES, onDisk("words.stillbox.json", "not a camera"));
    await maker.sees("[data-report] li", /neither a camera file/);
    await maker.reload();
    expect(await maker.texts("main li")).toHaveLength(11);

    await maker.goTo("/cameras/another");
    await maker.press("File");
    expect(JSON.parse((await maker.saved()).bytes.toString("utf8")).container.lining).toBe("felt");
  });

  test("a newer Still Box in another tab takes the data over: this page says so and stores nothing more", async () => {
    const maker = await (await arrive()).goTo("/cameras/thistle-biscuit-tin");
    const other = await maker.secondTab();
    await other.goTo("/method");
    await other.page.evaluate(
      () =>
        new Promise((resolve, reject) => {
          const opening = indexedDB.open("still-box", 9999);
          opening.onsuccess = () => resolve(opening.result.close());
          opening.onerror = () => reject(opening.error);
        }),
    );
    await maker.sees("[data-connection=outdated]", /newer Still Box[\s\S]*stores nothing more/);
    await maker.type("Depth inside", "80");
    await maker.sees("[data-save=failed]", /another tab/i);
  });
});

describe("Shelf without demonstration cameras", () => {
  const { arrive } = stage(false);

  test("is empty and says how to begin", async () => {
    const maker = await arrive();
    await maker.goTo("/");
    await maker.sees("h1", /An empty shelf/);
    await maker.sees("ol", /Measure its inside/);
    await maker.press("Measure a container");
    await maker.sees("h1", /Measure the inside with a ruler/);
  });

  test("flat box in inches: what is wrong is said at its entry, the rest stays, then it becomes a camera", async () => {
    const maker = await arrive();
    await maker.goTo("/new");
    await maker.type("Name", "Seed-packet box");
    await maker.type("Width inside", "5 1/4 in");
    await maker.type("Height inside", '4 1/8"');
    await maker.type("Depth inside", "6 cm");
    await maker.type("Across", "6 in");
    await maker.sees("[role=alert]", /The back is 133.3 mm wide: the sheet can be that wide at most/);
    await maker.press("Put it on the Bench");
    expect(maker.page.url()).toMatch(/\/new$/);
    await maker.reads("Depth inside", "6 cm");
    await maker.type("Across", "-3");
    await maker.sees("[role=alert]", /above 0/);
    await maker.type("Across", "0");
    await maker.sees("[role=alert]", /above 0/);
    await maker.type("Across", "five");
    await maker.sees("[role=alert]", /not a number/);
    await maker.type("Hole above the bottom", "5 in");
    await maker.sees("[role=alert]", /outside the face: the hole can be 3.2 mm to 101.6 mm above the bottom/);
    await maker.type("Hole above the bottom", "");
    await maker.choose("Cut from", "own");
    await maker.choose("Cut from", "in-4x5");
    await maker.press("Put it on the Bench");
    await maker.sees("[data-drawing]", /60/);
    expect(await maker.reading("fNumber")).toBe("f/242");
    await maker.reload();
    await maker.reads("Depth inside", "60 mm");
    await maker.reads("Sheet, along", "127 mm");
  });

  test("what it is for and how its hole will be are asked first; then nothing that does not apply", async () => {
    const maker = await arrive();
    await maker.goTo("/new");
    await maker.press("Can, sheet curled round");
    await maker.reads("Opening in the wall", "6.35 mm");
    await maker.press("weeks or months of sun");
    await maker.press("in the wall itself");
    await maker.page.waitForFunction(() => !document.body.innerText.includes("Opening in the wall"));
    await maker.type("Name", "Half-year can");
    await maker.press("Put it on the Bench");
    await maker.sees('[data-reading="trail"]', /weeks to months/);
    await maker.sees('[data-reading="hole"]', /sun’s disc is 0.61 mm wide on this sheet/);
    await maker.settled();
    await maker.press("Cut sheet at true size");
    await maker.press("Build");
    await maker.sees('[data-step="hole"]', /Push a pin straight through the wall/);
    await maker.sees('[data-step="cap"]', /Cap for an open can/);
    await maker.press("Yes, its own lid");
    await maker.sees('[data-step="cap"]', /How far its own lid reaches/);
    expect(await maker.texts("[data-bill]")).not.toEqual([expect.stringMatching(/Plate blank/)]);
  });

  test.each([
    [
      "Can, sheet curled round",
      "in-8x10",
      /This wall takes 197.3 mm at most, with 10 mm left free/,
      "in-5x7",
      "177.8 mm",
    ],
    ["Round tin, sheet across the back", "in-8x10", /The far wall takes 235.6 mm at most/, "trim-4x7", "177.8 mm"],
    ["Film canister", "in-4x5", /This wall takes 84.2 mm at most/, "trim-1.75-square", "44.45 mm"],
  ])("%s", async (kind, tooLarge, words, fitting, along) => {
    const maker = await arrive();
    await maker.goTo("/new");
    await maker.press(kind);
    await maker.type("Name", "Tin");
    await maker.choose("Cut from", tooLarge);
    await maker.sees("[role=alert]", words);
    await maker.choose("Cut from", fitting);
    await maker.press("Put it on the Bench");
    await maker.page.waitForSelector("[data-drawing]");
    await maker.reads("Sheet, along", along);
  });

  test("a sheet higher than the can is refused with the height there is, and trimmed at a press", async () => {
    const maker = await arrive();
    await maker.goTo("/new");
    await maker.press("Can, sheet curled round");
    await maker.type("Name", "Low tin");
    await maker.type("Height inside", "110 mm");
    await maker.sees("[role=alert]", /The can is 110 mm high inside: the sheet can be that high at most/);
    await maker.press("Trim it to 177.8 mm × 110 mm");
    await maker.press("Put it on the Bench");
    await maker.sees("[data-drawing]", /110/);
  });

  test("everything leaves as one zip and comes back into an empty browser the same", async () => {
    const maker = await arrive();
    await maker.goTo("/new");
    await maker.type("Name", "Map tube");
    await maker.press("Put it on the Bench");
    await maker.page.waitForSelector("[data-drawing]");
    await maker.goTo("/field");
    await maker.press("Open the hole");
    await maker.press("Close the hole");
    await maker.type("Subject", "Potting shed");
    await maker.press("Log this shot");
    await maker.sees("[role=status]", /Logged/);
    await maker.goTo("/");
    await maker.press("Save everything");
    const { bytes } = await maker.saved();

    const other = await arrive();
    await other.goTo("/");
    const archive = JSON.parse(new TextDecoder().decode(unzipSync(bytes)["archive.json"]));
    archive.exposures[0].seconds = "long";
    await other.give(FILES, onDisk("bad.zip", zipSync({ "archive.json": strToU8(JSON.stringify(archive)) })));
    await other.sees("[data-report] li", /\/exposures\/0\/seconds must be a number/);
    expect(await other.texts("main li[style]")).toHaveLength(0);

    await other.give(FILES, onDisk("all.zip", bytes));
    await other.sees("[data-report]", /1 camera and 1 shot are here now/);
    await other.press("Save everything");
    const again = await other.saved();

    // The maker goes on with the camera; the older archive must not go over that unasked.
    await other.goTo("/");
    await other.press("Map tube");
    await other.type("Depth inside", "88");
    await other.settled();
    await other.goTo("/");
    await other.give(FILES, onDisk("old.zip", bytes));
    await other.sees("[data-report]", /other versions of 1 record that is here already. Nothing is written yet/);
    await other.press("Keep mine");
    await other.sees("[data-report]", /are here now/);
    await other.press("Map tube");
    expect(await other.value("Depth inside")).toBe("88 mm");

    const read = (zip: Uint8Array): Record<string, unknown> => {
      const { exportedAt: _, ...rest } = JSON.parse(new TextDecoder().decode(unzipSync(zip)["archive.json"]));
      return rest;
    };
    expect(read(again.bytes)).toEqual(read(bytes));
  });
});
