import sharp from "sharp";
import { type Maker, stage } from "./support/maker.ts";
import { PATIENCE } from "./support/patience.ts";
import { redPixels } from "./support/redPixels.ts";

const { arrive } = stage(true);
const FILM = "film-pan-400";
const PHONE = { width: 390, height: 844 };

async function inTheDark(path: string, size = PHONE): Promise<Maker> {
  const maker = await arrive();
  await maker.page.setViewport(size);
  await maker.withOwnClock();
  return maker.goTo(path);
}

async function redOnly(maker: Maker): Promise<void> {
  expect((await redPixels(maker.page)).pixels).toBe(0);
}

/** Controls that are smaller than a wet finger needs, px. */
function small({ page }: Maker): Promise<string[]> {
  return page.$$eval(
    "button:not([role=checkbox]):not([data-radix-focus-guard]), input:not([type=file]), summary, nav a, main a.inline-flex",
    (all) =>
      all
        .map((each) => ({
          name: each.getAttribute("aria-label") ?? (each.textContent || each.id),
          high: each.getBoundingClientRect().height,
        }))
        .filter(({ high }) => high > 1 && high < 56)
        .map(({ name, high }) => `${name}: ${high}`),
  );
}

/** A finger that comes down and goes up at a place of the screen at this time, by the event’s own clock (ms since 1970). */
async function tapAt({ page }: Maker, x: number, y: number, at = Date.now()): Promise<void> {
  const session = await page.createCDPSession();
  const place = { x, y, button: "left", clickCount: 1, timestamp: at / 1000 } as const;
  for (const type of ["mousePressed", "mouseReleased"] as const)
    await session.send("Input.dispatchMouseEvent", { type, ...place });
  await session.detach();
}

describe("Dark · Load", () => {
  test("opens in red; eight chambers are loaded press by press, the Shelf shows the collar, the pack is counted down", async () => {
    const maker = await inTheDark("/dark?camera=thistle-feed-drum");
    expect(await maker.page.evaluate(() => document.documentElement.dataset.red)).toBe("70");
    await redOnly(maker);
    await maker.sees("[data-lamp-words]", /red lamp only/);
    await maker.sees(
      "[data-loading-steps]",
      /Chamber by chamber, in this order: T1, T2[\s\S]*into its liner[\s\S]*collar/,
    );
    await maker.press("From the pack");
    await maker.page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>("[data-option]")]
        .find((each) => each.innerText.includes("46 left"))
        ?.focus(),
    );
    await maker.keys("Enter");
    await maker.type("Initials", "T. R.");
    // Pressed twice by a wet hand, it is loaded once.
    await maker.page.evaluate(() => {
      const button = [...document.querySelectorAll("button")].find((each) => each.innerText.trim() === "T1 is loaded");
      button?.click();
      button?.click();
    });
    for (const place of ["T2", "T3", "T4", "B1", "B2", "B3"]) await maker.press(`${place} is loaded`);
    await maker.sees('[data-filled="7"]', /B4 is loaded/);
    // A reload in the middle goes on where it was.
    await maker.reload();
    await maker.sees('[data-filled="7"]', /B4 is loaded/);
    // One too many: taken back, it is free again.
    await maker.press("B4 is loaded");
    await maker.sees('[data-filled="8"]', /All 8 are loaded/);
    await maker.press("Undo");
    await maker.sees('[data-filled="7"]', /B4 is loaded/);
    await redOnly(maker);
    await maker.press("B4 is loaded");
    await maker.sees('[data-filled="8"]', /Tape round the lid/);
    await maker.goTo("/stock");
    await maker.sees("[data-packs]", /38 of 100/);
    await maker.goTo("/");
    await maker.page.waitForSelector("[data-collar]");
    // Out of the dark it stays red, until somebody says otherwise.
    await redOnly(maker);
    await maker.goTo("/dark?camera=thistle-feed-drum");
    await maker.press("Unload it");
    await redOnly(maker);
    await maker.press("It is unloaded");
    await maker.sees('[data-filled="0"]', /T1 is loaded/);
  });

  test("a numbered tray is turned back by its first sheet; a film camera warns of its own screen and goes by a black one", async () => {
    const maker = await inTheDark("/dark?camera=thistle-canister-one");
    await maker.press("No. 9 is loaded");
    await maker.sees('[data-filled="1"]', /No\. 8 is loaded/);
    await maker.goTo("/field?camera=thistle-canister-one");
    await maker.sees("[data-left]", /1 of 1 left/);
    // From cartridge to cartridge it is said as it was built: by daylight.
    await maker.goTo("/dark?camera=thistle-bean-carton");
    await maker.sees("[data-lamp-words]", /loaded and taken out by daylight/);
    expect(await maker.text("main")).not.toMatch(/full dark|Black screen/);
    await maker.goTo("/dark?camera=thistle-feed-drum");
    await maker.choose("Paper or film", FILM);
    await maker.sees("[data-lamp-words]", /Film: no light at all, and a red screen is light too/);
    await maker.press("Black screen");
    await maker.page.waitForSelector("[data-blackout]");
    const { data } = await sharp(await maker.page.screenshot())
      .removeAlpha()
      .raw()
      .toBuffer({ resolveWithObject: true });
    expect(data.every((value) => value === 0)).toBe(true);
    await tapAt(maker, 200, 400);
    // What it noted is seen when the light is back.
    await maker.page.waitForFunction(
      () => Number(document.querySelector("[data-filled]")?.getAttribute("data-filled")) === 1,
    );
  });

  test("the screen is a safelight only when it was tested in its place: five minutes counted, kept for the device", async () => {
    const maker = await inTheDark("/dark?camera=thistle-biscuit-tin");
    await maker.sees("aside", /Not tested/);
    await maker.press("Brighter");
    await maker.press("Is this screen a safelight?");
    await maker.press("Count the five minutes");
    // The whole screen shines: no page of Dark is brighter than what was tested.
    await maker.page.waitForSelector("[data-counting-light][data-bright]");
    await redOnly(maker);
    await maker.later(200);
    await maker.sees("[data-count]", /^1:4\d$/);
    await maker.later(110);
    await maker.press("No edge to be seen");
    await maker.sees("aside", /no trace on paper after five minutes/);
    await maker.press("Brighter");
    await maker.sees("aside", /Brighter than it was tested[\s\S]*Film bears no light at all/);
    // The next time it begins as bright as was found safe.
    await maker.page.evaluate(() => localStorage.removeItem("still-box-red-light"));
    await maker.page.goto("about:blank");
    await maker.goTo("/dark");
    await maker.sees("aside", /no trace on paper/);
    expect(await maker.page.evaluate(() => document.documentElement.dataset.red)).toBe("100");
  });
});

describe("Dark · Trays", () => {
  async function threeSheets(): Promise<Maker> {
    const maker = await inTheDark("/dark");
    await maker.press("Trays");
    await maker.press("No. 9, Water butt");
    await maker.press("Hat box, Potting shed");
    await maker.press("One more");
    await maker.sees("[data-starts]", /3 sheets/);
    await maker.press("To the trays");
    await maker.page.waitForSelector("[data-run-screen]");
    return maker;
  }

  test("three sheets overlap: each start proposed, real times kept, true after a reload, written to their shots", async () => {
    const maker = await threeSheets();
    await redOnly(maker);
    await maker.press("No. 9, Water butt goes in now");
    await maker.sees("[data-focus]", /No\. 9, Water butt[\s\S]*Developer[\s\S]*Rock it\. Then: stop/);
    await redOnly(maker);
    expect(await small(maker)).toEqual([]);
    // Too early it asks; its turn comes when the developer is free and a hand too.
    await maker.press("Hat box, Potting shed: in");
    await maker.sees("[role=alertdialog]", /would have to wait/);
    await redOnly(maker);
    await maker.press("Wait");
    await maker.later(70);
    await maker.page.waitForFunction(() => Number(document.querySelector("[data-count]")?.textContent) <= 5);
    const struck = Date.now();
    await tapAt(maker, 200, 300, struck);
    await maker.sees("[data-focus]", /Stop/);
    // A drop of water, the rim under the palm, a wiping hand: nothing moves.
    await tapAt(maker, 200, 300, struck + 300);
    await tapAt(maker, 6, 300);
    await maker.page.mouse.move(120, 300);
    await maker.page.mouse.down();
    await maker.page.mouse.move(220, 320, { steps: 3 });
    await maker.page.mouse.up();
    await maker.sees("[data-focus]", /Stop/);
    await maker.later(6);
    await maker.press("Hat box, Potting shed goes in now");
    await maker.page.waitForFunction(() => document.querySelector("[data-going='2']") !== null);
    await maker.press("Quiet");
    await maker.sees("[role=status]", /the bath goes on working/);
    await maker.later(30);
    // The stop is over its time, and it says so; a reload changes nothing of that.
    await maker.sees("[data-focus]", /No\. 9[\s\S]*\+\d+[\s\S]*Over its time: into the fixer/);
    await maker.reload();
    await maker.sees("[data-focus]", /No\. 9[\s\S]*\+\d+[\s\S]*Over its time: into the fixer/);
    await redOnly(maker);
    await tapAt(maker, 200, 300);
    await maker.sees("[data-other]", /No\. 9, Water butt fixer/);
    await maker.later(50);
    // The developer is not free before the second is out of it.
    await maker.sees("[data-focus]", /Hat box[\s\S]*into the stop/);
    await maker.sees("[data-next-in]", /Sheet 1: in/);
    await maker.page.evaluate(() => document.querySelector<HTMLElement>("[data-move]")?.click());
    await maker.sees("[data-focus]", /Hat box[\s\S]*Stop/);
    await maker.later(6);
    await maker.sees("[data-next-in]", /Sheet 1 goes in now/);
    await maker.press("Sheet 1 goes in now");
    await maker.page.waitForFunction(() => document.querySelector("[data-going='3']") !== null);
    for (let i = 0; i < 12; i++) {
      if ((await maker.page.$("[data-focus]")) === null) break;
      await maker.later(320);
      await maker.page.waitForFunction(() => /\+/.test(document.querySelector("[data-count]")?.textContent ?? "+"));
      const before = await maker.text("[data-run-screen]");
      await maker.page.evaluate(() => document.querySelector<HTMLElement>("[data-move]")?.click());
      await maker.page.waitForFunction(
        (was) => (document.querySelector<HTMLElement>("[data-run-screen]")?.innerText ?? "") !== was,
        { timeout: PATIENCE },
        before,
      );
    }
    await maker.page.waitForSelector("[data-plan]", { timeout: PATIENCE });
    await maker.goTo("/log");
    await maker.sees("[data-developed]", /Developed .*, RC paper in trays, (69|7\d) s in the developer at 20 °C/);
    await maker.goTo("/dark/bottles");
    // Three sheets went through each of the bottles.
    await maker.sees('[data-bottle="thistle-bottle-developer"]', /sheets of 5×7 in/);
  });

  test("left only by holding, and come back to; the back gesture leads nowhere; what waits can be forgotten", async () => {
    const maker = await threeSheets();
    await maker.press("No. 9, Water butt goes in now");
    await maker.page.waitForSelector("[data-focus]");
    await maker.page.evaluate(() => history.back());
    await maker.page.waitForSelector("[data-focus]");
    const hold = await maker.control("Hold to leave");
    const box = await hold.boundingBox();
    if (!box) throw new Error("nothing to hold");
    await tapAt(maker, box.x + 40, box.y + 20);
    expect(await maker.page.$("[data-run-screen]")).not.toBeNull();
    await maker.page.mouse.move(box.x + 40, box.y + 20);
    await maker.page.mouse.down();
    await maker.page.waitForFunction(() => document.querySelector("[data-run-screen]") === null, { timeout: PATIENCE });
    await maker.page.mouse.up();
    await maker.press("Back to the trays");
    await maker.page.waitForSelector("[data-focus]");
    await maker.press("Take out");
    await maker.press("It is out");
    await maker.page.waitForFunction(() => document.querySelector("[data-going='0']") !== null);
    await maker.press("Forget");
    await maker.press("Forget them");
    await maker.page.waitForSelector("[data-plan]");
  });

  test("what is chosen for the trays is kept, and taken back one by one, also after a reload", async () => {
    const maker = await inTheDark("/dark/trays");
    const before = await maker.value("Developer, °C");
    await maker.type("Developer, °C", "25");
    await maker.press("The clock, hands free");
    await maker.page.waitForSelector('[data-place-undo] [aria-label="Take back: Who moves a sheet on"]');
    await maker.reload();
    await maker.reads("Developer, °C", "25");
    await maker.press("Take back: Who moves a sheet on");
    await maker.press("Take back: The temperature");
    await maker.reads("Developer, °C", before);
  });

  test("film goes in at a black screen: every pixel 0, a tap moves it on, light comes back after the fixer", async () => {
    const maker = await inTheDark("/dark/trays");
    await maker.choose("Recipe", "film-data-sheet");
    await maker.sees("[data-lamp=none]", /this red screen is too much for it too/);
    await maker.press("One more");
    await maker.press("To the trays");
    await maker.sees("[data-run-screen]", /still in its camera or box/);
    await maker.press("Black screen now");
    await maker.page.waitForSelector("[data-blackout][aria-label*='goes in']");
    await tapAt(maker, 200, 400);
    await maker.page.waitForSelector("[data-blackout][aria-label*='Developer']");
    await maker.page.evaluate(() => new Promise((resolve) => setTimeout(resolve, 750)));
    const black = async (): Promise<void> => {
      const picture = await sharp(await maker.page.screenshot())
        .removeAlpha()
        .raw()
        .toBuffer();
      expect(picture.every((value) => value === 0)).toBe(true);
    };
    for (const next of ["Stop", "Fixer"]) {
      await black();
      await maker.later(400);
      await tapAt(maker, 200, 400);
      await maker.page.waitForSelector(`[data-blackout][aria-label*='${next}']`, { timeout: PATIENCE });
      await maker.page.evaluate(() => new Promise((resolve) => setTimeout(resolve, 750)));
    }
    await maker.later(280);
    await black();
    // All of the fixer's time is over: light is back by itself, and is said.
    await maker.later(30);
    await maker.sees("[data-lamp=white]", /white light may be on/i);
    await maker.press("Into the wash");
    await maker.sees("[data-focus]", /Wash/);
  });

  test("warmth changes the time and is doubted far out; a recipe of one’s own is copied, changed and refused with words", async () => {
    const maker = await inTheDark("/dark/trays");
    await maker.type("Developer, °C", "24");
    // 75 s × 2.2^−0.4 = 54.7 s
    await maker.sees('[data-step="dev"]', /^55 s$/);
    await maker.type("Developer, °C", "27");
    await maker.sees("[role=alert]", /Above 24 °C/);
    await maker.type("Developer, °C", "90");
    await maker.sees("[role=alert]", /From 5 to 40 °C/);
    await maker.type("Developer, °C", "20");
    await maker.press("Where this comes from, and your own recipes");
    await maker.press("Copy it as mine");
    await maker.type("Name of the recipe", "Shed, winter");
    await maker.type("Time of bath 1", "soon");
    await maker.press("Keep the recipe");
    await maker.sees("[role=alert]", /Write a time like/);
    await maker.type("Time of bath 1", "95 s");
    await maker.press("Keep the recipe");
    await maker.press("Recipe");
    await maker.sees("[data-option]", /Shed, winter/);
    await maker.keys("Escape");
  });
});

test("Bottles: 1+9 both ways, a bottle noted, its sheets counted; a spent one is said before it spoils a sheet", async () => {
  const maker = await inTheDark("/dark/bottles");
  await maker.sees("[data-mixed]", /50 ml stock \+ 450 ml water/);
  await maker.press("So much stock I have");
  await maker.type("Stock I have, ml", "40");
  await maker.sees("[data-mixed]", /40 ml stock \+ 360 ml water/);
  await maker.type("Dilution", "one to nine");
  await maker.sees("[role=alert]", /Write it like 1\+9/);
  await maker.type("Dilution", "1+7");
  await maker.sees("[data-mixed]", /40 ml stock \+ 280 ml water/);
  await maker.press("Mixed: note it");
  await maker.sees("[data-bottles='4']", /Developer 1\+7[\s\S]*320 ml/);
  await maker.sees('[data-bottle="thistle-bottle-fixer"]', /half as long again, mix fresh soon/);
  await maker.type("Cleared in, now", "70 s");
  await maker.sees('[data-clip="spent"]', /it is spent/);
  await redOnly(maker);
  await maker.press("Label, what it bears, empty it");
  await maker.press("Label as PDF");
  expect((await maker.saved()).bytes.subarray(0, 5).toString()).toBe("%PDF-");
  await maker.goTo("/dark/trays");
  for (let i = 0; i < 10; i++) await maker.press("One more");
  await maker.sees('[data-tired="fixer"]', /would not be fixed through/).catch(async () => {
    // The fixer that ships bears a few more: its own count says so.
    for (let i = 0; i < 20; i++) await maker.press("One more");
    await maker.sees('[data-tired="fixer"]', /would not be fixed through/);
  });
});

test("Strips: planned, counted with its changes, read; the flash dose stands in Load, the print’s time in the contact print", async () => {
  const maker = await inTheDark("/dark/strips");
  await maker.press("In stops");
  await maker.page.waitForFunction(
    () => document.querySelector("[data-strip]")?.getAttribute("data-strip") === "1.00 1.41 2.00 2.83 4.00 5.66",
  );
  await maker.press("Count the strip");
  await maker.page.waitForSelector("[data-counting-light]");
  await redOnly(maker);
  await maker.later(3.2);
  await maker.sees("[role=status]", /Strip 6 open|Uncover strip 5/);
  await maker.later(2);
  await maker.sees("[role=status]", /Uncover strip [1-5]/);
  await maker.later(10);
  await maker.sees("[aria-label='Read it']", /Develop it now, then: which strip looks best/);
  // What was counted is there after a reload, with its own times: the plan is another one by then.
  await maker.reload();
  await maker.sees("[aria-label='Read it']", /Develop it now, then: which strip looks best/);
  await maker.type("Set-up: lamp, its height, glass", "desk lamp, 1 m");
  await maker.press("Strip 3, 2 s");
  await maker.sees("[data-last-strip]", /2 s of light.*desk lamp, 1 m/);
  await maker.press("Contact print");
  await maker.sees("main", /The strip of .* says 2 s/);
  await maker.press("Count 2 s of light");
  await maker.page.waitForSelector("[data-counting-light]");
  await maker.later(6);
  await maker.type("How it came out", "a little flat");
  await maker.press("Note this print");
  await maker.sees("[data-prints='1']", /2 s, desk lamp, 1 m\. a little flat/);
  await maker.press("For a pre-flash");
  await maker.press("Strip 5, 5 s");
  await maker.sees("[data-last-strip]", /3\.2 s flash/);
  await maker.goTo("/dark?camera=thistle-biscuit-tin");
  await maker.press("Flash it: 3.2 s");
  await maker.page.waitForSelector("[data-counting-light]");
  await maker.later(7);
  await maker.page.waitForFunction(() => document.querySelector("[role=checkbox][data-state=checked]") !== null);
});

test("Practice: the sheet comes up, fogs under a lamp that is too early, and is told; well done is told too", async () => {
  const maker = await inTheDark("/dark/practice", { width: 768, height: 1024 });
  const tone = () =>
    maker.page.$eval("[data-practice-sheet]", (each) => {
      const canvas = each as HTMLCanvasElement;
      const data = canvas.getContext("2d")?.getImageData(0, 0, canvas.width, canvas.height).data ?? [];
      let sum = 0;
      for (let i = 0; i < data.length; i += 4) sum += data[i] as number;
      return sum / (data.length / 4);
    });
  await maker.page.waitForFunction(
    () => Number(document.querySelector<HTMLElement>("[data-practice-sheet]")?.dataset.frames ?? 0) > 0,
    { timeout: PATIENCE },
  );
  const blank = await tone();
  await maker.press("Developer");
  await maker.later(60);
  await maker.sees("[data-practice-clock]", /^1:/);
  await maker.page.waitForFunction(
    (was) => {
      const canvas = document.querySelector<HTMLCanvasElement>("[data-practice-sheet]");
      const data = canvas?.getContext("2d")?.getImageData(0, 0, canvas.width, canvas.height).data ?? [];
      let sum = 0;
      for (let i = 0; i < data.length; i += 4) sum += data[i] as number;
      return sum / (data.length / 4) < was - 20;
    },
    { timeout: PATIENCE },
    blank,
  );
  await redOnly(maker);
  await maker.press("Stop");
  await maker.later(20);
  await maker.press("Fixer");
  await maker.later(120);
  await maker.press("White lamp on");
  await redOnly(maker);
  await maker.press("Wash");
  await maker.later(300);
  await maker.press("What have I made?");
  await maker.sees("[data-verdict]", /Well done/);
  await maker.press("A fresh sheet");
  await maker.press("Developer");
  await maker.later(20);
  await maker.press("White lamp");
  await maker.later(5);
  await maker.press("What have I made?");
  await maker.sees("[data-verdict]", /White light came before the fixer/);
});

test("nothing of Dark is smaller than 56 px, nor green or blue, on phone and tablet", async () => {
  const maker = await inTheDark("/dark?camera=thistle-feed-drum");
  for (const size of [PHONE, { width: 768, height: 1024 }]) {
    await maker.page.setViewport(size);
    for (const path of [
      "/dark?camera=thistle-feed-drum",
      "/dark/trays",
      "/dark/strips",
      "/dark/bottles",
      "/dark/practice",
    ]) {
      await maker.goTo(path);
      await maker.quiet();
      expect({ path, small: await small(maker) }).toEqual({ path, small: [] });
      expect({ path, ...(await redPixels(maker.page)) }).toMatchObject({ path, pixels: 0 });
    }
  }
});

describe("The lamp", () => {
  const red = (maker: Maker) => maker.page.evaluate(() => document.documentElement.dataset.red ?? null);

  test("entering Dark is red and asks once; by daylight one plans, and what could fog asks again and turns red", async () => {
    const maker = await arrive();
    await maker.page.setViewport(PHONE);
    await maker.goTo("/");
    await maker.page.waitForSelector("[data-daylight]");
    await maker.press("DARK");
    await maker.sees("[role=alertdialog]", /Is it dark where you are/);
    await redOnly(maker);
    // Escape is no answer.
    await maker.keys("Escape");
    await maker.press("By daylight, to plan");
    await maker.sees("[data-by-daylight]", /no sheet is out of its box/);
    expect(await red(maker)).toBeNull();
    await maker.press("Trays");
    await maker.press("One more");
    expect(await red(maker)).toBeNull();
    await maker.press("To the trays");
    await maker.sees("[role=alertdialog]", /dark before the first sheet comes out of its box/);
    await maker.press("Not yet");
    expect(await red(maker)).toBeNull();
    await maker.press("To the trays");
    await maker.press("It is dark: go on");
    await maker.page.waitForSelector("[data-run-screen]");
    await redOnly(maker);
    await maker.sees("[data-run-screen] [data-lamp=red]", /red lamp only/i);
    // Anywhere in the app daylight is asked for now, with the sheet that forbids it.
    await maker.goTo("/method");
    expect(await red(maker)).toBe("70");
    await maker.press("Daylight");
    await maker.sees("[role=alertdialog]", /Sheet 1 is not fixed: light fogs it/);
    await maker.press("Stay red");
    expect(await red(maker)).toBe("70");
    await maker.reload();
    expect(await red(maker)).toBe("70");
  });

  test("two sheets: in the fixer the first does not let light in while the second waits; then one press brings daylight", async () => {
    const maker = await inTheDark("/dark/trays");
    await maker.press("One more");
    await maker.press("One more");
    await maker.press("To the trays");
    await maker.press("Sheet 1 goes in now");
    for (const [seconds, next] of [
      [70, /Stop/],
      [15, /Fixer/],
    ] as const) {
      await maker.later(seconds);
      await maker.page.evaluate(() => document.querySelector<HTMLElement>("[data-move]")?.click());
      await maker.sees("[data-focus]", next);
    }
    // Far too soon it asks.
    await maker.page.evaluate(() => document.querySelector<HTMLElement>("[data-move]")?.click());
    await maker.sees("[role=alertdialog]", /wants 30 s at the least/);
    await maker.press("It stays in");
    await maker.later(100);
    await maker.sees("[data-run-screen] [data-lamp=red]", /red lamp only/i);
    await maker.press("Sheet 2 goes in now");
    await maker.page.waitForFunction(() => document.querySelector("[data-going='2']") !== null);
    // The first is through to the wash; the second is pulled along.
    for (let moves = 0; moves < 5; moves++) {
      await maker.later(130);
      const before = await maker.text("[data-run-screen]");
      await maker.page.evaluate(() => document.querySelector<HTMLElement>("[data-move]")?.click());
      await maker.page.waitForFunction(
        (was) => document.querySelector<HTMLElement>("[data-run-screen]")?.innerText !== was,
        { timeout: PATIENCE },
        before,
      );
      if ((await maker.page.$("[data-run-screen] [data-lamp=white]")) !== null) break;
    }
    await maker.sees("[data-run-screen] [data-lamp=white]", /white light may be on/i);
    await maker.press("Daylight");
    await maker.page.waitForFunction(() => document.documentElement.dataset.red === undefined);
  });

  test("a canister is a tank: its words are of lid, pouring and rolling until the fixer is over", async () => {
    const maker = await inTheDark("/dark/trays");
    await maker.choose("Recipe", "canister-tank");
    await maker.press("One more");
    await maker.press("To the trays");
    await maker.sees("[data-run-screen]", /Sheet into the canister, emulsion inwards; developer in, lid on/);
    await maker.press("Sheet 1 goes in now");
    await maker.sees("[data-focus]", /in the canister[\s\S]*Roll it, lid on/i);
    await maker.sees("[data-move]", /Pour out; rinse in, lid on/);
    await maker.later(130);
    await maker.press("Pour out; rinse in");
    await maker.sees("[data-move]", /Pour out; fixer in, lid on/);
    await maker.later(35);
    await maker.press("Pour out; fixer in");
    await maker.sees("[data-move]", /Lid off, pour out; into the wash/);
    await maker.later(290);
    await maker.sees("[data-lamp=red]", /red lamp only/i);
    await maker.later(15);
    await maker.sees("[data-lamp=white]", /white light may be on/i);
    expect(await maker.text("[data-run-screen]")).not.toMatch(/tray/i);
  });

  test("out of the dark by a link into the light: daylight is one press away, also on a phone", async () => {
    const maker = await inTheDark("/dark?camera=thistle-biscuit-tin");
    await maker.press("It is loaded");
    await maker.press("Out into the light");
    await maker.sees("h1, main", /./);
    expect(await red(maker)).toBe("70");
    await maker.press("Daylight");
    await maker.page.waitForFunction(() => document.documentElement.dataset.red === undefined);
    await maker.press("Daylight: press for the red light");
    expect(await red(maker)).toBe("70");
  });
});
