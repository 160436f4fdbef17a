import { writeFileSync } from "node:fs";
import { join } from "node:path";
import { encode as encodePng } from "fast-png";
import { stage } from "./support/maker.ts";
import { temporaryFolder } from "./support/temporary.ts";

const { at } = stage(true);

describe("Sun · Plan", () => {
  test("the demonstration's can: what is wrong, mended by a press, taken back, kept over a reload", async () => {
    const maker = await at("/sun");
    await maker.page.waitForSelector("[data-fan=fine]");
    await maker.sees("[data-verdict=noons-off]", /Noon leaves the sheet by 60 mm[\s\S]*80 days/);
    await maker.sees("[data-figures]", /noon 11:57, 14\.4° high[\s\S]*noon 13:01, 61\.2° high/);
    await maker.sees("[data-clouded]", /what the sheet records, \d{3,4} h in all/);
    await maker.page.waitForSelector("[data-trail-picture=drawn]");
    await maker.press("Aim at 180°, leaning 19° back");
    await maker.sees("[data-verdict=all-noons]", /All 183 noons are on the sheet/);
    await maker.reads("Leans back", "19°");
    await maker.press("Undo");
    await maker.sees("[data-verdict=noons-off]", /60 mm/);
    await maker.press("Redo");
    await maker.sees("[data-verdict=all-noons]", /All 183/);
    await maker.reload();
    await maker.reads("Leans back", "19°");
    // Raised by 63 mm the hole would lie under the can's cap: that is not offered. What is typed belongs to the camera.
    await maker.type("Leans back", "0");
    await maker.sees("[data-verdict=noons-off]", /60 mm/);
    expect(await maker.text("[data-verdict=noons-off]")).toMatch(/Raise the hole by \d+ mm, as far as it goes/);
    await maker.type("Hole above the bottom", "88");
    await maker.sees("[data-verdict=noons-off]", /3\d mm/);
    await maker.press("To the Bench");
    await maker.sees("main", /The hole is 24\.5 mm above the sheet’s middle/);
    await maker.type("Hole above the bottom", "110");
    await maker.sees('[data-verdict="lid-over-hole"]', /The cap comes too near the hole/);
  });

  test("the Bench draws the plan's tracks on its sheet: turned away from the sun there are none", async () => {
    const maker = await at("/sun");
    await maker.page.waitForSelector("[data-fan=fine]");
    await maker.press("To the Bench");
    await maker.choose("Made for", "trail");
    await maker.sees(
      "[data-conclusion-of-picture]",
      /As planned under Sun, .* the sun’s tracks cover about [1-9]\d? %/,
    );
    expect(await maker.text("main")).not.toMatch(/Hole open for/);
    await maker.settled();
    await maker.page.goBack();
    await maker.page.waitForSelector("[data-fan=fine]");
    await maker.type("Towards, from true north", "0");
    await maker.type("Leans back", "-40");
    await maker.sees("[data-verdict]", /It looks away from the sun/);
    await maker.press("To the Bench");
    await maker.sees(
      "[data-conclusion-of-picture]",
      /As planned under Sun, .* no track of the sun lands on this sheet/,
    );
  });

  test("the sheet is taken hold of: by keys it turns and leans, by hand too, coarse at once and fine after", async () => {
    const maker = await at("/sun");
    await maker.page.waitForSelector("[data-fan=fine]");
    await maker.focus("canvas[data-fan]");
    await maker.keys("ArrowRight", "ArrowUp", "ArrowUp");
    await maker.reads("Towards, from true north", "181°");
    await maker.reads("Leans back", "2°");
    // The hole beside it goes with the key and the hand: as the sky stands the sheet is upside down, and down is higher.
    await maker.focus("[data-hole-handle]");
    await maker.keys("ArrowDown");
    await maker.reads("Hole above the bottom", "64.5 mm");
    await maker.keys("ArrowUp");
    await maker.reads("Hole above the bottom", "63.5 mm");
    const ring = await (await maker.page.$("[data-hole-handle]"))?.boundingBox();
    if (!ring) throw new Error("no hole");
    await maker.page.mouse.move(ring.x + ring.width - 8, ring.y + ring.height / 2);
    await maker.page.mouse.down();
    await maker.page.mouse.move(ring.x + ring.width - 8, ring.y + ring.height / 2 + 40, { steps: 4 });
    await maker.page.mouse.up();
    await maker.figure("Hole above the bottom", { over: 66, under: 110 });
    const box = await (await maker.page.$("canvas[data-fan]"))?.boundingBox();
    if (!box) throw new Error("no sheet");
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await maker.page.mouse.move(x, y);
    await maker.page.mouse.down();
    await maker.page.mouse.move(x - 60, y, { steps: 4 });
    await maker.page.mouse.up();
    // The sky follows the hand: pulled to the left, more of the right comes in.
    await maker.figure("Towards, from true north", { over: 190, under: 240 });
    await maker.page.waitForSelector("[data-fan=fine]");
  });

  test("place: typed in any usual form, a town of the list, refused with what is allowed", async () => {
    const maker = await at("/sun");
    await maker.type("Latitude, longitude", "33°52′S 151°13′E");
    await maker.reads("Time zone", "Australia/Sydney");
    await maker.sees("[data-verdict=looks-away]", /looks away from the sun/i);
    await maker.type("Latitude, longitude", "95, 0");
    await maker.sees("[role=alert]", /latitude lies between 90° S and 90° N/);
    await maker.type("Nearest town", "Trond");
    await (await maker.page.waitForSelector("[data-town=Trondheim]"))?.click();
    await maker.reads("Time zone", "Europe/Oslo");
    await maker.type("Time zone", "Thistle/Row");
    await maker.sees("[role=alert]", /such as Europe\/London/);
  });

  test("the horizon typed, refused, and a roof stood there; the sun as a compass", async () => {
    const maker = await at("/sun");
    await maker.type("Points: towards and how high, degrees", "90 3, 90 4");
    await maker.sees("[role=alert]", /90° is there twice/);
    await maker.type("Points: towards and how high, degrees", "180 30, 90 3");
    await maker.reads("Points: towards and how high, degrees", "90 3, 180 30");
    await maker.sees("[data-verdict=noons-hidden]", /Noon stands behind the horizon on \d+ days/);
    await maker.press("Stand it there");
    await maker.sees("[data-thing] [role=alert]", /Degrees from 0 to 359\.9/);
    await maker.type("From, degrees", "200");
    await maker.type("To, degrees", "220");
    await maker.type("Above the hole, m", "10");
    await maker.type("Away, m", "10");
    await maker.press("Stand it there");
    await maker.reads("Points: towards and how high, degrees", "90 3, 180 30, 200 45, 220 45");
    // A phone lies flat with its top edge to the south-west, where the needle is 2° off.
    const lies = (alpha: number, beta: number): Promise<void> =>
      maker.page.evaluate(
        (lie) => {
          const held = window as { compass?: ReturnType<typeof setInterval> };
          clearInterval(held.compass);
          const tell = (): boolean => dispatchEvent(new DeviceOrientationEvent("deviceorientationabsolute", lie));
          held.compass = setInterval(tell, 100);
        },
        { alpha, beta, gamma: -2, absolute: true },
      );
    // Whether a browser asks, and what it is answered, is its own: refused, it says so; else the compass is listened to.
    const answer = (words: string): Promise<void> =>
      maker.page.evaluate((given) => {
        Object.assign(DeviceOrientationEvent, { requestPermission: async () => given });
      }, words);
    await lies(135, 1);
    await answer("denied");
    await maker.press("By a compass");
    await maker.type("Declination", "2");
    await maker.press("Read the phone’s compass");
    await maker.sees("[data-phone-compass]", /was told not to ask the compass/);
    await answer("prompt");
    await maker.press("Read the phone’s compass");
    await maker.sees("[data-phone-compass]", /The phone says 225°/);
    await maker.reads("Towards, from true north", "227°");
    await answer("granted");
    await lies(135, 80);
    await maker.press("Read the phone’s compass");
    await maker.sees("[data-phone-compass]", /Lay it flat/);
    await maker.press("By the sun");
    await maker.page.$eval('[data-fold="by-the-sun"] input[type=date]', (entry) => entry.scrollIntoView());
    await maker.press("Where does the shadow point?");
    await maker.sees("[data-shadow]", /points to \d+°|under the horizon/);
  });

  test("the horizon traced on a photograph, by two directions that are known", async () => {
    const maker = await at("/sun");
    await maker.press("Trace it on a picture");
    const folder = temporaryFolder();
    writeFileSync(join(folder, "plot.txt"), "no picture");
    await maker.give("Photograph of the horizon", join(folder, "plot.txt"));
    await maker.sees("[role=dialog] [role=alert]", /no picture that a browser can show/);
    const data = new Uint8Array(90 * 60).fill(200);
    writeFileSync(join(folder, "plot.png"), encodePng({ width: 90, height: 60, data, depth: 8, channels: 1 }));
    await maker.give("Photograph of the horizon", join(folder, "plot.png"));
    await maker.page.waitForSelector("[data-known]");
    const press = async (across: number, down: number): Promise<void> => {
      const box = await (await maker.page.waitForSelector("[data-picture-places]"))?.boundingBox();
      if (!box) throw new Error("no picture");
      await maker.page.mouse.click(box.x + across * box.width, box.y + down * box.height);
    };
    await maker.press("panorama");
    await press(0.1, 0.5);
    await press(0.9, 0.5);
    await maker.type("A towards, °", "400");
    await maker.sees("[data-known] [role=alert]", /Degrees from 0 to 359\.9/);
    await maker.type("A towards, °", "140");
    await maker.type("B towards, °", "220");
    await maker.press("skyline");
    await press(0.5, 0.38);
    await press(0.3, 0.47);
    // 0.8 of the picture are 80°: a hundredth of its height is two thirds of a degree.
    await maker.sees("[data-traced]", /180° (7\.9|8\.0|8\.1)° · 160° (1\.9|2\.0|2\.1)°/);
    await maker.press("Use this horizon");
    await maker.page.waitForFunction(
      (entry) => /\b160 [12](\.\d)?, 180 [78](\.\d)?/.test((entry as HTMLInputElement).value),
      {},
      await maker.control("Points: towards and how high, degrees"),
    );
  });

  test("another plan, and their taking out; where there is none, it is told what this is", async () => {
    const maker = await at("/sun");
    await maker.press("Plan another");
    await maker.page.waitForFunction(() => document.querySelectorAll("[data-trail]").length === 2);
    await maker.page.waitForSelector("[data-fan=fine]");
    await maker.press("Delete this plan");
    await maker.page.waitForFunction(() => document.querySelectorAll("[data-trail]").length === 1);
    await maker.press("Delete this plan");
    await maker.sees("main", /A sheet left out for weeks or half a year/);
    await maker.press("Plan the first");
    await maker.page.waitForSelector("[data-fan=fine]");
  });
});

describe("Sun · Put up", () => {
  test("steps ticked, tape off and on, the Shelf says it; the letter has its names; reminders are a calendar file", async () => {
    const maker = await at("/sun/put-up");
    await maker.press("Ask for leave, and tell the neighbours");
    await maker.sees('[data-step="firm"]', /Keep both feet on the ground/);
    await maker.sees('[data-step="aim"]', /Never look at the sun/);
    await maker.type("Who puts it up", "T. Row");
    await maker.sees("[data-letter]", /from 21 Dec 2026 to 21 Jun 2027[\s\S]*at the oak post[\s\S]*T\. Row/);
    await maker.sees("[data-label]", /T\. Row/);
    await maker.press("Reminders for a calendar");
    const { name, bytes } = await maker.saved();
    expect(name).toBe("by-the-cold-frames.ics");
    expect(bytes.toString()).toMatch(/^BEGIN:VCALENDAR[\s\S]*DTSTART;TZID=Europe\/London:20261221T100000/);
    await maker.press("The tape is off now");
    await maker.sees("[data-up]", /Off since/);
    await maker.reload();
    await maker.sees("[data-up]", /Off since/);
    expect(await maker.page.$$eval("[role=checkbox][data-state=checked]", (all) => all.length)).toBe(1);
    await maker.goTo("/");
    await maker.sees(
      "[data-trails-out]",
      /By the cold frames stands out since[\s\S]*comes down in \d+ days, on 21 Jun 2027/,
    );
    await maker.goTo("/sun/put-up");
    await maker.press("The tape is on again");
    await maker.sees("[data-down]", /Dry it, scan it once/);
    await maker.goTo("/");
    await maker.sees("main li", /Biscuit tin/);
    expect(await maker.page.$("[data-trails-out]")).toBeNull();
  });
});

describe("Sun · Read", () => {
  test("a made-up sheet: points on tracks and horizon, the fit, when a place was, the diary and its table", async () => {
    const maker = await at("/sun/read");
    await maker.press("Make a finished sheet up");
    await maker.page.waitForSelector("[data-tracks=drawn]");
    await maker.sees("[data-points]", /0 on tracks, 0 on the horizon\. Set 4 or more/);
    /** Presses the sheet at some parts of a drawn line's length. */
    const pressAlong = async (line: number, ...parts: number[]): Promise<void> => {
      for (const part of parts) {
        await maker.page.waitForSelector("[data-tracks=drawn]");
        const at = await maker.page.$eval(
          "svg[data-tracks]",
          (svg, which, share) => {
            const path = svg.querySelectorAll("path")[which] as SVGPathElement;
            const { x, y } = path.getPointAtLength(share * path.getTotalLength());
            const to = new DOMPoint(x, y).matrixTransform((svg as SVGSVGElement).getScreenCTM() as DOMMatrix);
            return { x: to.x, y: to.y };
          },
          line,
          part,
        );
        await maker.page.mouse.click(at.x, at.y);
      }
    };
    // On the lines as computed: the fit then finds the plan itself. (That it finds the truth is tested beside the core.)
    await pressAlong(1, 0.03, 0.09, 0.16);
    await maker.sees("[data-points]", /3 on tracks, 0 on the horizon/);
    await maker.press("horizon");
    await pressAlong(2, 0.45, 0.5);
    await maker.sees("[data-points]", /3 on tracks, 2 on the horizon/);
    await maker.press("Take out the point on the horizon");
    await maker.sees("[data-points]", /3 on tracks, 1 on the horizon/);
    await maker.press("Undo");
    await maker.sees("[data-points]", /3 on tracks, 2 on the horizon/);
    await maker.press("Fit the tracks");
    await maker.sees("[data-stood]", /Looked at\s+1(79|80)\.\d° ± \d+\.\d[\s\S]*Points off by\s+0\.\d\d mm/);
    // By hand too: keys move the tracks by a tenth of a degree, and undo brings the fit back.
    await maker.press("move the tracks");
    await maker.page.$eval("svg[data-tracks]", (svg) => (svg as SVGSVGElement).focus());
    const fitted = await maker.value("Leans back");
    await maker.keys("ArrowUp");
    await maker.reads("Leans back", `${(Number.parseFloat(fitted.replace("−", "-")) + 0.1).toFixed(1)}°`);
    await maker.press("Undo");
    await maker.reads("Leans back", fitted);
    await maker.press("when was that?");
    await pressAlong(0, 0.4);
    await maker.sees("[data-when]", /\d{1,2} \w{3} 202[67], \d\d:\d\d/);
    await maker.press("Read the weather");
    await maker.sees("[data-diary=now]", /Tracks on \d+ of 183 days, \d+ hours of sun/);
    await maker.press("Lay it out");
    await maker.sees("[data-sky]", /90°[\s\S]*180°[\s\S]*270°/);
    await maker.press("Save as CSV");
    const { name, bytes } = await maker.saved();
    expect(name).toBe("made-up-sheet-png.csv");
    expect(bytes.toString()).toMatch(
      /^day,time \(Europe\/London\),sun,of full sun,step over track width\r\n2026-12-21,2026-12-21T\d\d:\d\d:\d\d\+00:00,/,
    );
    await maker.reload();
    await maker.sees("[data-points]", /3 on tracks, 2 on the horizon/);
    await maker.sees("[data-stood]", /Looked at\s+1(79|80)/);
    // It lay on the glass once: Proof takes the same scan, and another plan of this camera reads it.
    await maker.goTo("/proof");
    await maker.press("Sun sheet of");
    await maker.page.waitForFunction(() => document.querySelector("[data-from-sun]") === null);
    await maker.goTo("/sun");
    await maker.press("Plan another");
    await maker.page.waitForFunction(() => new URLSearchParams(window.location.search).has("trail"));
    await maker.goTo(`/sun/read${new URL(maker.page.url()).search}`);
    await maker.press("Read made-up sheet.png");
    await maker.page.waitForSelector("[data-tracks=drawn]");
  });

  test("a can knocked on the way: its day is found, the tracks before and after it are looked at by turns, and it is taken back", async () => {
    const maker = await at("/sun");
    await maker.page.evaluate(() => Object.assign(Math, { random: () => 0.25 }));
    await maker.press("Read");
    await maker.press("knocked");
    await maker.press("Make a finished sheet up");
    await maker.page.waitForSelector("[data-tracks=drawn]");
    await maker.sees("[data-disturbance=unknown]", /the horizon is there twice/);
    await maker.press("move the tracks");
    await maker.page.$eval("svg[data-tracks]", (svg) => (svg as SVGSVGElement).focus());
    await maker.keys("ArrowUp");
    await maker.press("Look for a knock or a shut can");
    await maker.sees("[data-disturbance=moved]", /From about \d+ \w+ 2027 on it looked elsewhere: towards \d+°/);
    const before = await maker.value("Towards, from true north");
    await maker.press("after");
    await maker.page.waitForFunction(
      (entry, was) => (entry as HTMLInputElement).value !== was,
      {},
      await maker.control("Towards, from true north"),
      before,
    );
    await maker.press("It was not so");
    await maker.sees("[data-disturbance=unknown]", /the horizon is there twice/);
    await maker.reads("Towards, from true north", before);
  });
});
