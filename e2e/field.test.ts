import Papa from "papaparse";
import { stage } from "./support/maker.ts";

const { arrive, at } = stage(true);

async function inTheField(size = { width: 1280, height: 800 }) {
  const maker = await arrive();
  await maker.page.setViewport(size);
  await maker.goTo("/");
  await maker.sees("main li", /Hat box/);
  await maker.goTo("/field?camera=thistle-biscuit-tin");
  // What the log has taught comes a moment after the page.
  await maker.sees("[data-big-time]", /37 s/);
  return maker;
}

describe("Field", () => {
  test("light by eye gives a time with its sum; the ISO of the sheet counts", async () => {
    const maker = await inTheField();
    // The sums say 26 s; two shots that were judged thin make it more.
    await maker.sees(
      "[data-sum]",
      /70 mm ÷ 0\.31 mm \(measured\) = f\/226[\s\S]*2\^15\) = 26 s[\s\S]*the log: ⅔ stop more/,
    );
    await maker.sees("[data-learnt]", /It wants ⅔ stop more than the sums, give or take ⅔ stop, by 2 judged shots/);
    expect(await maker.text("[data-big-time]")).toBe("37 s");
    await maker.press("Hazy sun");
    await maker.sees("[data-sum]", /2\^14\) = 52 s/);
    await maker.type("ISO", "12");
    await maker.sees("[data-sum]", /ISO 12 × 2\^14\) = 26 s/);
    await maker.type("ISO", "0");
    await maker.sees("[role=alert]", /Above 0/);
    await maker.sees("[data-sum]", /ISO 12 × 2\^14\) = 26 s/);
  });

  test("a meter reading at any f-number and ISO: t·(N/N_m)²·(S_m/S)·2^offset", async () => {
    const maker = await inTheField();
    await maker.press("Meter");
    await maker.type("Time read", "1/30");
    await maker.type("at f-number", "f/22");
    await maker.type("Meter’s ISO", "6");
    // 1/30 s × (225.8 ÷ 22)² = 3.51 s
    await maker.sees("[data-sum]", /= 3\.5 s/);
    await maker.choose("My meter’s correction", "2");
    await maker.sees("[data-sum]", /= 14 s/);
    await maker.type("at f-number", "none");
    await maker.sees("[role=alert]", /f-number above 0/);
    expect(await maker.text("[data-big-time]")).toBe("–");
  });

  test("the light is kept through pages, cameras and a reload; a time of one’s own stands beside the sum’s", async () => {
    const maker = await inTheField();
    await maker.press("Meter");
    await maker.type("Time read", "1/30");
    await maker.type("at f-number", "f/22");
    await maker.type("Meter’s ISO", "6");
    await maker.sees("[data-sum]", /= 3\.5 s/);
    await maker.type("Your own time", "8");
    await maker.sees("[data-own-stops]", /stops? more than the sum/);
    await maker.sees("[data-big-time]", /8 s/);
    for (const path of ["/log", "/stock", "/dark/bottles"]) await maker.goTo(path);
    await maker.goTo("/field?camera=thistle-biscuit-tin");
    await maker.reads("Time read", "1/30");
    await maker.sees("[data-big-time]", /8 s/);
    // Another camera has the same light, and its own time.
    await maker.goTo("/field?camera=thistle-hat-box");
    await maker.reads("at f-number", "f/22");
    await maker.sees("[data-sum]", /1\/30 s at f\/22, ISO 6/);
    await maker.sees("[data-own-stops]", /as the sum has it/);
    await maker.type("Your own time", "0");
    await maker.sees("[role=alert]", /must be above 0/);
    // What was meant is what is logged.
    await maker.type("Your own time", "40");
    await maker.press("Open the hole");
    await maker.sees("[data-counting]", /of 40 s/);
  });

  test("nine canisters on one board: several opened at one press, each with its own count; what is exposed asks", async () => {
    const maker = await inTheField();
    await maker.goTo("/field?camera=thistle-canister-one");
    await maker.sees("[data-left]", /7 of 9 left/);
    await maker.press("Open several together");
    for (const place of ["No. 7", "No. 6", "No. 5"]) await maker.press(place);
    await maker.press("Open 3 holes together");
    await maker.page.waitForFunction(() => document.querySelectorAll("[data-counting]").length === 3);
    await maker.sees("[data-left]", /4 of 9 left/);
    // While they count, another is opened.
    await maker.press("Open the hole");
    await maker.page.waitForFunction(() => document.querySelectorAll("[data-counting]").length === 4);
    await maker.press("Open several together");
    for (const place of ["No. 3", "No. 2", "No. 1"]) await maker.press(place);
    await maker.press("Open 3 holes together");
    await maker.page.waitForFunction(() => document.querySelectorAll("[data-counting]").length === 7);
    await maker.sees("[data-left]", /0 of 9 left/);
    await maker.press("Open the hole");
    await maker.sees("[role=alertdialog]", /Nothing is left in it/);
    await maker.press("Leave it shut");
    await maker.press("Close the hole of Nine canisters, No. 7");
    await maker.page.waitForFunction(() => document.querySelectorAll("[data-counting]").length === 6);
    expect(await maker.texts("[aria-label^='To be logged']")).toHaveLength(1);
  });

  test("open, count, reload while open, close, note, log; nothing is lost on the way", async () => {
    const maker = await inTheField({ width: 390, height: 844 });
    await maker.press("Open the hole");
    await maker.sees("[data-counting]", /of 37 s/);
    await new Promise((resolve) => setTimeout(resolve, 1200));
    await maker.reload();
    await maker.sees("[data-counting]", /open 0:0[1-9]/);
    await maker.press("Close the hole");
    await maker.type("Subject", "Cold frames, first frost");
    // As quick as a person could be with a reload.
    await new Promise((resolve) => setTimeout(resolve, 300));
    await maker.reload();
    await maker.reads("Subject", "Cold frames, first frost");
    await maker.type("Time given", "soon");
    await maker.press("Log this shot");
    await maker.sees("[role=alert]", /Write a time like/);
    await maker.type("Time given", "26 s");
    await maker.type("Note", "frost on the glass");
    await maker.press("Log this shot");
    await maker.sees("[role=status]", /Logged: Cold frames, first frost, 26 s/);
    await maker.press("See the log");
    await maker.sees("[data-shot]", /Cold frames, first frost[\s\S]*Full sun · Graded RC paper · ISO 6 · f\/226/);
    expect(await maker.page.evaluate(() => document.documentElement.scrollWidth <= innerWidth)).toBe(true);
  });

  test("the clock set while the hole is open: it is asked once, and nothing is counted by it until then", async () => {
    const maker = await arrive();
    await maker.withOwnClock();
    await maker.goTo("/field?camera=thistle-biscuit-tin");
    await maker.press("Open the hole");
    await maker.sees("[data-counting]", /open 0:0/);
    await maker.clockSet(1200);
    await maker.sees("[role=alertdialog]", /20 min more went by[\s\S]*it slept, or its clock was set on/);
    await maker.sees("[data-counting]", /open 0:[0-3]/);
    await maker.press("It slept: 20 min went by");
    await maker.sees("[data-counting]", /open 20:[0-3]/);
    // Set back by an hour, and reloaded: the hole is open as long as it was.
    await maker.clockSet(-3600);
    await maker.press("Count on");
    await maker.reload();
    await maker.sees("[data-counting]", /open 20:[0-5]/);
    await maker.press("Close the hole");
    await maker.sees("main", /was open for[\s\S]*20 min/);
    expect(await maker.page.$("[data-doubt]")).toBeNull();
  });

  test("one of a tray: the next number is offered, the Bench has it turned over, the log keeps it, undo takes it back", async () => {
    const maker = await at("/field?camera=thistle-canister-one");
    await maker.press("Open the hole");
    await maker.sees("[data-counting]", /of /);
    await maker.sees("[data-count]", /Nine canisters, No\. 7/i);
    await maker.press("Close the hole");
    await maker.type("Time given", "4 s");
    await maker.type("Subject", "Scarecrow from below");
    await maker.press("Log this shot");
    await maker.sees("[role=status]", /Logged: No\. 7, Scarecrow from below, 4 s/);
    await maker.press("See the log");
    await maker.sees("[data-shot]", /Scarecrow from below[\s\S]*Nine canisters, No\. 7/);
    await maker.goTo("/cameras/thistle-canister-one");
    await maker.sees('[data-reading="set"]', /6 of 9[\s\S]*Next: No. 6/);
    await maker.press("Undo");
    await maker.sees('[data-reading="set"]', /7 of 9[\s\S]*Next: No. 7/);
    await maker.goTo("/field?camera=thistle-canister-one");
    // Pressed once more, the one proposed is none in particular.
    await maker.press("No. 7");
    await maker.press("Open the hole");
    await maker.sees("[data-counting]", /of /);
    await maker.press("Close the hole");
    await maker.press("Log this shot");
    await maker.sees("[role=status]", /Logged: a shot/);
    await maker.goTo("/cameras/thistle-canister-one");
    await maker.sees('[data-reading="set"]', /7 of 9/);
  });

  test("Space opens and closes the hole; a count is given up only with a question, and can be brought back", async () => {
    const maker = await inTheField();
    await maker.keys("Space");
    await maker.sees("[data-counting]", /of 37 s/);
    await maker.press("Stop without a shot");
    await maker.sees("[role=alertdialog]", /carries both pictures/);
    await maker.press("Go on counting");
    await maker.sees("[data-counting]", /of 37 s/);
    await maker.press("Stop without a shot");
    await maker.press("Give it up");
    await maker.sees("button", /Open the hole/);
    await maker.press("Bring it back");
    await maker.sees("[data-counting]", /of 37 s/);
    await maker.keys("Space");
    await maker.sees("button", /Log this shot/);
  });

  test("a clock put forward for summer, or a journey, while the hole is open changes nothing of its time; the shot has the hour of its place", async () => {
    const maker = await inTheField();
    // Where it is half an hour off the others, and then where it was summer a moment ago.
    await maker.page.emulateTimezone("America/St_Johns");
    await maker.press("Open the hole");
    await maker.sees("[data-counting]", /open 0:0[0-3]/);
    await maker.page.emulateTimezone("Australia/Lord_Howe");
    await maker.sees("[data-counting]", /open 0:0[1-5]/);
    await maker.press("Close the hole");
    await maker.sees("button", /Log this shot/);
    expect(await maker.page.$("[data-doubt]")).toBeNull();
    await maker.press("Log this shot");
    await maker.sees("[role=status]", /Logged: a shot, [1-9]/);
    const openedAt = await maker.page.evaluate(
      () =>
        new Promise<string>((resolve) => {
          const open = indexedDB.open("still-box");
          open.onsuccess = () => {
            const all = open.result.transaction("exposures").objectStore("exposures").index("openedMs");
            all.openCursor(null, "prev").onsuccess = ({ target }) => {
              resolve((target as IDBRequest<IDBCursorWithValue>).result.value.openedAt);
              open.result.close();
            };
          };
        }),
    );
    expect(openedAt).toMatch(/\+(10:30|11:00)$/);
    expect(Math.abs(Date.now() - Date.parse(openedAt))).toBeLessThan(120_000);
  });

  test("nine canisters loaded from a pack, a bracket over three, two cameras counted at once, covered in between, reloaded", async () => {
    const maker = await at("/field?camera=thistle-canister-one");
    await maker.sees("[data-left]", /7 of 9/);
    await maker.press("All 9 are loaded");
    await maker.sees("[data-left]", /9 of 9 left/);
    await maker.press("Spread the three over the next places");
    await maker.sees('[data-place="9"]', /6 s/);
    await maker.sees('[data-place="7"]', /44 s/);
    expect(await maker.text("[data-big-time]")).toBe("6 s");
    await maker.press("Open the hole");
    await maker.sees("[data-count]", /No\. 9/i);
    await maker.choose("Camera", "thistle-cocoa-tin");
    await maker.sees('[data-load="none"]', /It is loaded/);
    await maker.press("Count me in, 3 s");
    await maker.press("Open the hole");
    await maker.sees("[data-count]", /Cocoa tin: opens in/i);
    await maker.sees("[data-counting]", /Cocoa tin: still to go/i);
    await maker.reload();
    expect(await maker.texts("[data-count]")).toHaveLength(2);
    await maker.press("Close the hole of Nine canisters");
    await maker.press("Log this shot");
    await maker.sees("[role=status]", /Logged: No\. 9/);
    await maker.press("Cover: someone is in the way");
    await maker.sees("[data-count]", /Cocoa tin: covered/i);
    await maker.press("Uncover: go on");
    await maker.press("Close the hole");
    await maker.press("Log this shot");
    await maker.choose("Camera", "thistle-canister-one");
    await maker.sees('[data-place="9"]', /exposed/);
    expect(await maker.text("[data-big-time]")).toBe("16 s");
    await maker.press("No. 9");
    await maker.sees("[role=alertdialog]", /second picture falls on the first/);
    await maker.press("Leave it");
    await maker.press("Unload");
    await maker.press("It is unloaded");
    await maker.sees('[data-load="none"]', /Not loaded/i);
    await maker.press("Undo");
    await maker.sees("[data-left]", /8 of 9 left/);
  });

  test("a class of different cameras is opened by one press, each for its own time; each is closed and logged by itself", async () => {
    const maker = await at("/field?camera=thistle-biscuit-tin");
    await maker.press("Other cameras with it");
    await maker.page.waitForSelector("[data-others] [role=checkbox]");
    const offered = await maker.texts("[data-others] label");
    const [hat, cocoa] = [/Hat box.*/, /Cocoa tin.*/].map((name) => offered.find((words) => name.test(words)) ?? "");
    const times = [hat, cocoa].map((words) => /, (\d[^,]*(?:s|min))/.exec(words ?? "")?.[1] ?? "none");
    expect(times[0]).not.toBe(times[1]);
    await maker.press(hat ?? "");
    await maker.press(cocoa ?? "");
    await maker.press("Open 3 holes together");
    await maker.sees("main", /Biscuit tin/);
    const counting = await maker.texts("[data-count]");
    expect(counting).toHaveLength(3);
    expect(counting.join(" ")).toMatch(/Biscuit tin/i);
    expect(counting.join(" ")).toMatch(/Hat box/i);
    await maker.reload();
    expect(await maker.texts("[data-count]")).toHaveLength(3);
    await maker.press("Close the hole of Cocoa tin");
    await maker.press("Log this shot");
    await maker.sees("[role=status]", /Logged/);
    expect(await maker.texts("[data-count]")).toHaveLength(2);
  });
});

describe("Log", () => {
  test("by camera, edited, deleted and brought back, saved as CSV", async () => {
    const maker = await inTheField();
    await maker.goTo("/log");
    expect(await maker.texts("[data-shot]")).toHaveLength(5);
    await maker.choose("Camera", "thistle-biscuit-tin");
    await maker.sees("h1", /^2 shots$/);
    await maker.press("Delete Bean rows");
    await maker.sees("h1", /^1 shot$/);
    await maker.press("Undo");
    await maker.sees("h1", /^2 shots$/);
    await maker.press("Edit");
    await maker.type("Note", 'Good; "half" a stop more, next time');
    await maker.type("Time given", "2 min");
    await maker.press("Save the shot");
    await maker.sees("[data-shot]", /2 min/);
    await maker.press("CSV");
    const { name, bytes } = await maker.saved();
    expect(name).toMatch(/^log-biscuit-tin-2026-\d{2}-\d{2}-to-2026-\d{2}-\d{2}\.csv$/);
    const { data } = Papa.parse<Record<string, string>>(bytes.toString("utf8"), { header: true });
    expect(data).toHaveLength(2);
    expect(data[0]).toMatchObject({
      Camera: "Biscuit tin",
      Opened: "2026-05-02T11:30:00+01:00",
      "Given seconds": "120",
      Note: 'Good; "half" a stop more, next time',
    });
  });

  test("of a log of three thousand shots only those in sight are laid out, and the last one is reached by scrolling", async () => {
    const maker = await at("/log");
    await maker.page.evaluate(
      () =>
        new Promise<void>((resolve, reject) => {
          const opening = indexedDB.open("still-box");
          opening.onerror = () => reject(opening.error);
          opening.onsuccess = () => {
            const storing = opening.result.transaction("exposures", "readwrite");
            for (let i = 0; i < 3000; i++) {
              const openedMs = Date.UTC(2020, 0, 1) + i * 3_600_000;
              const openedAt = new Date(openedMs).toISOString();
              storing.objectStore("exposures").put({
                id: `many-${i}`,
                cameraId: "thistle-biscuit-tin",
                openedAt,
                openedMs,
                seconds: 5,
                subject: `Row ${i}`,
              });
            }
            storing.oncomplete = () => {
              opening.result.close();
              resolve();
            };
          };
        }),
    );
    await maker.reload();
    await maker.sees("h1", /3005 shots/);
    expect(await maker.page.$$eval("[data-shot]", (all) => all.length)).toBeLessThan(60);
    await maker.page.evaluate(() => window.scrollTo(0, document.body.scrollHeight));
    await maker.page.waitForFunction(() => {
      window.scrollTo(0, document.body.scrollHeight);
      return document.querySelector('[data-shot="many-0"]') !== null;
    });
    expect(await maker.page.$$eval("[data-shot]", (all) => all.length)).toBeLessThan(60);
  });
});
