import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { encode as encodeJpeg } from "jpeg-js";
import { chance } from "../core/basis/numeric/chance.ts";
import { scanPlate } from "../core/simulate/flatbed/index.ts";
import { CLEAN, ROUND } from "../core/testing/scans.ts";
import { scanToTiff } from "../workers/codecs/write/writeScan.ts";
import { stage } from "./support/maker.ts";
import { temporaryFolder } from "./support/temporary.ts";

const { at, address } = stage(true);

/** A scan as a file on disk, for the picker. */
function scanFile(name: string, more: object = {}): string {
  const picture = scanPlate({ ...ROUND, diameter: 0.31, ...more }, CLEAN, chance(8));
  const path = join(temporaryFolder(), name);
  writeFileSync(path, scanToTiff({ ...picture, encoding: "linear" }, 4800));
  return path;
}

/** Two plates side by side under one scanner. */
function twoHoles(left: number, right: number): string {
  const [a, b] = [left, right].map((diameter) => scanPlate({ ...ROUND, diameter }, CLEAN, chance(8)));
  if (a === undefined || b === undefined) throw new Error("no plates");
  const samples = new Uint16Array(2 * a.samples.length);
  for (let y = 0; y < a.height; y++) {
    for (const [i, { samples: from }] of [a, b].entries()) {
      samples.set(from.subarray(y * a.width, (y + 1) * a.width), (2 * y + i) * a.width);
    }
  }
  const path = join(temporaryFolder(), "two.tif");
  writeFileSync(path, scanToTiff({ ...a, width: 2 * a.width, samples, encoding: "linear" }, 4800));
  return path;
}

const TWO_HOLES = "thistle-seed-packet-pair";

describe("The hole", () => {
  const holePage = (id: string) => at(`/cameras/${id}/make/hole`);

  test("a scan from a file is measured in a real worker, taken into the design, combined with a second way", async () => {
    const maker = await holePage("thistle-cocoa-tin");
    await maker.give("Picture of a hole", scanFile("tin.tif"));
    await maker.sees('[data-figure="Diameter"]', /0\.3(09|1|11) mm ± 0\.00\d mm/);
    expect(await maker.page.$("[data-outline]")).not.toBeNull();
    await maker.press("Take this into the design");
    await maker.sees("[data-measured]", /0\.3(09|1|11) mm/);
    await maker.press("Reticle");
    await maker.type("Divisions it covers", "6.4");
    await maker.sees("[data-by-hand]", /0\.32 mm ± 0\.01 mm/);
    await maker.press("Take this measurement");
    await maker.sees("main", /2 measurements combined/);
    await maker.goTo("/cameras/thistle-cocoa-tin");
    expect(await maker.reading("hole")).toMatch(/0\.31/);
    expect(maker.complaints).toEqual([]);
  });

  test("the simulated flatbed delivers a scan that is measured at once; the truth can be looked up", async () => {
    const maker = await holePage("thistle-biscuit-tin");
    await maker.press("Plate 3, water butt");
    await maker.press("Scan");
    await maker.sees("[data-outcome]", /water-butt-2400-dpi\.tif/);
    await maker.sees('[data-figure="Burrs, dust"]', /[23], 0/);
    await maker.sees("main", /Measure these six: 1 of 6 done/);
    await maker.press("Tell me the truth of those I measured");
    await maker.sees('[data-plate="water-butt"] [data-truth]', /not off at all|0\.\d % too (?:large|small)/);
    await maker.sees('[data-plate="water-butt"] [data-truth]', /3 burrs/);
    expect(await maker.texts("[data-truth]")).toHaveLength(1);
    await maker.press("PNG");
    for (const plate of ["Plate 1, biscuit tin", "Plate 5, film canister"]) {
      await maker.press(plate);
      await maker.press("Scan");
      await maker.sees("[data-outcome=measured]", new RegExp(plate.replace(/, | /g, "-").toLowerCase()));
    }
    await maker.sees("main", /Measure these six: 3 of 6 done/);
    for (const words of await maker.texts("[data-truth]")) expect(words).toMatch(/not off at all|[01]\.\d % too/);
  });

  test("an oval hole is to be made again, also when one comes back later; dropped, it is not measured any more", async () => {
    const maker = await holePage("thistle-cocoa-tin");
    await maker.press("Plate 2, cold frame");
    await maker.press("Scan");
    await maker.sees('[data-figure="Short to long axis"]', /0\.7[789]/);
    await maker.press("Take this into the design");
    await maker.sees('[data-verdict="remake"]', /plainly oval/);
    await maker.reload();
    await maker.sees('[data-verdict="remake"]', /plainly oval/);
    await maker.press("Drop");
    await maker.sees("main", /Not measured yet/);
    await maker.reload();
    await maker.sees("main", /Not measured yet/);
  });

  test("a small round hole in a box: the sheet is moved to the distance it suits, and the Bench has it", async () => {
    const maker = await holePage("thistle-biscuit-tin");
    await maker.press("Drop");
    await maker.sees("main", /Not measured yet/);
    await maker.give("Picture of a hole", scanFile("small.tif", { diameter: 0.2 }));
    await maker.press("Take this into the design");
    await maker.sees('[data-verdict="move"]', /Held [\d.]+ mm from the hole/);
    const words = await maker.text('[data-verdict="move"]');
    const distance = Number(/Held ([\d.]+) mm/.exec(words)?.[1]);
    expect(distance).toBeGreaterThan(20);
    expect(distance).toBeLessThan(50);
    await maker.press("Move the sheet to");
    await maker.sees('[data-verdict="keep"]', /as fine as the best/);
    await maker.goTo("/cameras/thistle-biscuit-tin");
    expect(Number.parseFloat(await maker.value("Depth inside"))).toBeCloseTo(distance, 1);
  });

  test("two spots: it asks which one is meant; either is measured for itself", async () => {
    const maker = await holePage("thistle-biscuit-tin");
    await maker.give("Picture of a hole", twoHoles(0.31, 0.24));
    await maker.sees('[data-outcome="refused"]', /2 spots that could be the hole[\s\S]*Press on the one you mean/);
    const spots = await maker.texts('[data-outcome="refused"] button');
    expect(spots.filter((words) => words.startsWith("Spot at"))).toHaveLength(2);
    await maker.press("Spot at 12");
    await maker.sees('[data-figure="Diameter"]', /0\.3(09|1|11) mm/);
    const picture = await maker.control("Whole picture: press on another spot to measure it");
    const box = await picture.boundingBox();
    if (box === null) throw new Error("the picture is not shown");
    await maker.page.mouse.click(box.x + 0.75 * box.width, box.y + box.height / 2);
    await maker.sees('[data-figure="Diameter"]', /0\.2(39|4|41) mm/);
  });

  test("a file dropped on the page is measured; one that is no picture is refused by what it is", async () => {
    const maker = await holePage("thistle-cocoa-tin");
    await maker.isThere();
    await maker.page.waitForSelector('[aria-label="Picture of the hole"][data-drop="ready"]');
    const drop = (name: string, bytes: Buffer) =>
      maker.page.$eval(
        '[aria-label="Picture of the hole"]',
        (place, file, base64) => {
          const data = new DataTransfer();
          data.items.add(new File([Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0))], file));
          for (const type of ["dragover", "drop"]) {
            place.dispatchEvent(new DragEvent(type, { dataTransfer: data, bubbles: true, cancelable: true }));
          }
        },
        name,
        bytes.toString("base64"),
      );
    await drop("plate.tif", readFileSync(scanFile("plate.tif")));
    await maker.sees('[data-figure="Diameter"]', /0\.3(09|1|11) mm/);
    await drop("list.txt", Buffer.from("beans, peas, a scarecrow"));
    await maker.sees('[data-outcome="refused"]', /This file is not a PNG, TIFF or JPEG picture/);
  });

  test("two holes are measured each for itself", async () => {
    const maker = await holePage(TWO_HOLES);
    await maker.give("Picture of a hole", scanFile("left.tif", { diameter: 0.26 }));
    await maker.press("Take this into the design");
    await maker.sees("[data-measured]", /0\.26 mm/);
    await maker.press("Hole 2");
    await maker.sees("main", /Not measured yet/);
    await maker.press("Reticle");
    await maker.type("Divisions it covers", "5");
    await maker.press("Take this measurement");
    await maker.sees("[data-measured]", /0\.25 mm/);
    await maker.press("Hole 1");
    await maker.sees("[data-measured]", /0\.26 mm/);
  });

  test("a JPEG that states no resolution: in pixels first, then by a typed one, then by two presses on a ruler", async () => {
    const maker = await holePage("thistle-biscuit-tin");
    const { samples, width, height } = scanPlate({ ...ROUND, diameter: 0.31 }, { ...CLEAN, bits: 8 }, chance(8));
    const data = new Uint8Array(4 * samples.length);
    for (const [i, value] of samples.entries()) data.set([value, value, value, 255], 4 * i);
    const path = join(temporaryFolder(), "plate.jpg");
    writeFileSync(path, encodeJpeg({ width, height, data }, 95).data);
    await maker.give("Picture of a hole", path);
    await maker.sees('[data-figure="Diameter"]', /58\.\d px/);
    await maker.type("Resolution, dpi", "4800");
    await maker.sees('[data-figure="Diameter"]', /0\.31\d? mm/);
    // The page uses the browser's decoder, the server one in plain code: they agree to a thousandth.
    const there = Number(/([\d.]+) mm/.exec(await maker.text('[data-figure="Diameter"]'))?.[1]);
    const sent = await fetch(`${address()}/api/hole?dpi=4800`, {
      method: "POST",
      headers: { "content-type": "image/jpeg" },
      body: new Uint8Array(readFileSync(path)),
    });
    expect(Math.abs(((await sent.json()) as { diameter: number }).diameter - there)).toBeLessThan(0.001);
    await maker.press("Set it by a ruler in the picture");
    const canvas = await maker.control("Whole picture: press on two marks of the ruler");
    const box = await canvas.boundingBox();
    if (box === null) throw new Error("the picture is not shown");
    // A quarter and three quarters across: 120 px, said to be 1.27 mm, are 2400 dpi.
    for (const share of [0.25, 0.75]) await maker.page.mouse.click(box.x + share * box.width, box.y + box.height / 8);
    await maker.type("Between the two marks", "1.27 mm");
    await maker.sees('[data-figure="Diameter"]', /0\.6[12]\d? mm/);
  });

  test("no hole to be found: the reason, and what to do", async () => {
    const maker = await holePage("thistle-biscuit-tin");
    await maker.give("Picture of a hole", scanFile("none.tif", { diameter: 0.00001 }));
    await maker.sees('[data-outcome="refused"]', /Nothing in this picture is clearly brighter/);
  });

  test("plate and way change the steps; foil that is to be sanded is warned of; drills carry their source", async () => {
    const maker = await holePage("thistle-cocoa-tin");
    await maker.sees("main", /Push away from your face/);
    await maker.choose("Plate", "foil");
    await maker.sees("[role=status]", /it tears and cannot be sanded/);
    await maker.press("bought, in its own plate");
    await maker.sees("main ol", /size on the packet/);
  });
});
