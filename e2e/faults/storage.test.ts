import type { Maker } from "../support/maker.ts";
import { stage } from "../support/maker.ts";
import { PATIENCE } from "../support/patience.ts";
import { empty, fill, narrow, plant } from "../support/storage.ts";

const { address, arrive, at } = stage(true);
const TIN = "/cameras/thistle-biscuit-tin";

/** The places, and what stands there when they are open. */
const PLACES = [
  ["/", "main li", /biscuit tin/i],
  [TIN, "h1, [data-save]", /./],
  [`${TIN}/make`, "main", /cut/i],
  [`${TIN}/make/hole`, "main", /hole/i],
  [`${TIN}/make/build`, "main", /paint|tape/i],
  ["/field", "main", /Open the hole/],
  ["/log", "main", /bean/i],
  ["/method", "main", /Rayleigh/],
  ["/compare?one=thistle-cocoa-tin&other=thistle-map-tube", "main", /cocoa/i],
  ["/new", "main", /container|box/i],
] as const;

async function opens(maker: Maker): Promise<void> {
  for (const [path, where, words] of PLACES) {
    await maker.goTo(path);
    await maker.sees(where, words);
    expect(await maker.text("body")).not.toMatch(/Something went wrong/);
  }
}

describe("the browser’s storage is full", () => {
  const narrowAt = async (path: string): Promise<Maker> => {
    const maker = await arrive();
    await narrow(maker, address());
    return maker.goTo(path);
  };

  test("every place opens", async () => {
    const maker = await narrowAt("/");
    await maker.sees("main li", /biscuit tin/i);
    await fill(maker);
    await opens(maker);
  });

  test("an edit is said not to be stored, is there after a reload, and is stored when there is room", async () => {
    const maker = await narrowAt(TIN);
    await maker.sees("[data-save]", /Saved/);
    await fill(maker);
    await maker.type("Depth inside", "83");
    await maker.sees('[data-save="failed"]', /storage is full: this could not be saved/);
    // Closing and opening may make a little room: it is stored then, or still said not to be, tried once more or not yet.
    await maker.reload();
    await maker.sees("[data-save]", /not stored|could not be saved|Saved/);
    await maker.figure("Depth inside", { over: 82.9, under: 83.1 });
    await empty(maker);
    // It is tried again by itself.
    await maker.sees('[data-save="saved"]', /Saved/);
    await maker.reload();
    await maker.sees('[data-save="saved"]', /Saved/);
    await maker.figure("Depth inside", { over: 82.9, under: 83.1 });
  });

  test("a camera that can’t be kept for Undo is not deleted", async () => {
    const maker = await narrowAt(TIN);
    await maker.sees("[data-save]", /Saved/);
    await fill(maker);
    await maker.press("Delete this camera");
    await maker.press("Delete the camera");
    await maker.sees("body", /storage is full/);
    await empty(maker);
    await maker.goTo("/");
    await maker.sees("main", /biscuit tin/i);
  });

  test("a running exposure that can’t be kept is said; a shot that can’t be stored keeps its words", async () => {
    const maker = await narrowAt("/field?camera=thistle-biscuit-tin");
    await maker.sees("main", /Open the hole/);
    await fill(maker);
    await maker.press("Open the hole");
    await maker.sees("body", /This count would be lost by a reload/);
    await maker.press("Close the hole");
    await maker.type("Subject", "Scarecrow at noon");
    await maker.press("Log this shot");
    await maker.sees("main", /storage is full: this could not be saved/);
    expect(await (await maker.control("Subject")).evaluate((entry) => (entry as HTMLInputElement).value)).toBe(
      "Scarecrow at noon",
    );
    await empty(maker);
    await maker.press("Log this shot");
    await maker.sees("main", /Logged: Scarecrow at noon/);
  });
});

/** What a browser may do instead of storing. */
const FORBIDDEN = {
  "no IndexedDB at all": () => {
    Object.defineProperty(window, "indexedDB", { value: undefined });
  },
  SecurityError: () => {
    Object.defineProperty(window, "indexedDB", {
      configurable: true,
      get: () => {
        throw new DOMException("forbidden", "SecurityError");
      },
    });
  },
  UnknownError: () => {
    IDBFactory.prototype.open = () => {
      throw new DOMException("broken", "UnknownError");
    };
  },
  "localStorage and sessionStorage forbidden too": () => {
    for (const name of ["localStorage", "sessionStorage", "indexedDB"]) {
      Object.defineProperty(window, name, {
        configurable: true,
        get: () => {
          throw new DOMException("forbidden", "SecurityError");
        },
      });
    }
  },
} as const;

describe("a browser that stores nothing", () => {
  test.each(Object.keys(FORBIDDEN) as (keyof typeof FORBIDDEN)[])(
    "%s: all works until the page is closed",
    async (name) => {
      const maker = await arrive();
      await maker.page.evaluateOnNewDocument(FORBIDDEN[name]);
      await maker.goTo("/new");
      await maker.sees("[data-connection=memory]", /Nothing is kept in this browser/);
      await maker.goTo("/");
      await maker.sees("main", /biscuit tin/i);
      expect(await maker.text("main")).not.toMatch(/All this is stored/);
      // Within the page, since a reload begins anew.
      await maker.page.click('main a[href*="thistle-biscuit-tin"]');
      await maker.type("Depth inside", "83");
      await maker.sees("[data-save=saved]", /On this page only/);
      await maker.press("Undo");
      await maker.page.click('nav a[href="/method"]');
      await maker.sees("main", /Rayleigh/);
      await maker.page.click('nav a[href^="/field"]');
      await maker.sees("main", /Open the hole/);
      // The router itself tries to remember where the page was scrolled to.
      const others = maker.complaints.filter((each) => !each.includes("SecurityError"));
      maker.complaints.splice(0, Number.POSITIVE_INFINITY, ...others);
    },
  );
});

describe("what earlier pages left", () => {
  test("notes that can’t be read are put away and told; everything opens", async () => {
    const maker = await at("/");
    await maker.sees("main li", /biscuit tin/i);
    await plant(maker, "notes", { id: "torn", cameraId: "thistle-biscuit-tin", changes: [null] });
    await plant(maker, "notes", { id: "path", cameraId: "x", label: "x", at: "x", changes: [{ path: "no list" }] });
    await maker.page.evaluate(() => localStorage.setItem("still-box-note:bent", "[nu"));
    await maker.reload();
    await maker.sees("body", /3 notes of edits left by an earlier page can’t be read/);
    await maker.sees("main li", /biscuit tin/i);
    await maker.reload();
    await maker.sees("main li", /biscuit tin/i);
    expect(await maker.text("body")).not.toMatch(/can’t be read/);
  });

  test("an older note does not overwrite what was stored since; it can be taken all the same", async () => {
    const maker = await at(TIN);
    await maker.type("Depth inside", "95");
    await maker.sees("[data-save=saved]", /Saved/);
    await plant(maker, "notes", {
      id: "dead",
      cameraId: "thistle-biscuit-tin",
      label: "depth",
      at: "2026-05-01T10:00:00+01:00",
      changes: [{ path: ["container", "depth"], before: 70, after: 73 }],
    });
    await maker.reload();
    const depth = async () =>
      (await maker.control("Depth inside")).evaluate((entry) => (entry as HTMLInputElement).value);
    await maker.sees("body", /“depth” was not saved before another tab changed it/);
    expect(await depth()).toMatch(/^95/);
    await maker.press("Take it");
    await maker.sees("body", /73/);
    await maker.page.waitForFunction(() =>
      [...document.querySelectorAll("input")].some((entry) => entry.value.startsWith("73")),
    );
  });

  test("a damaged camera is shown with its file, and takes no place down", async () => {
    const maker = await at("/");
    await maker.sees("main li", /biscuit tin/i);
    await plant(maker, "cameras", { id: "half a \ud800 letter", name: 7, chambers: [] });
    await plant(maker, "cameras", { id: "..", name: "dots" });
    await opens(maker);
    await maker.goTo("/");
    await maker.sees("[data-damaged]", /2 stored cameras can’t be read/);
    await maker.press("..");
    const { name, bytes } = await maker.saved();
    expect([name, JSON.parse(bytes.toString())]).toEqual(["damaged--.json", { id: "..", name: "dots" }]);
  });

  test("a database of a newer version is looked at, and nothing is written into it", async () => {
    const maker = await at("/");
    await maker.sees("main li", /biscuit tin/i);
    await maker.page.goto(`${address()}/icon.svg`);
    await maker.page.evaluate(
      () =>
        new Promise<void>((resolve, reject) => {
          const open = indexedDB.open("still-box", 990);
          open.onupgradeneeded = () => open.result.createObjectStore("hence", { keyPath: "id" });
          open.onsuccess = () => resolve(open.result.close());
          open.onerror = () => reject(open.error);
        }),
    );
    await maker.goTo(TIN);
    await maker.sees("[data-connection=newer]", /A newer Still Box made the data/);
    await maker.type("Depth inside", "83");
    await maker.sees("[data-save=failed]", /nothing is stored/);
    await maker.goTo("/");
    await maker.sees("main li", /biscuit tin/i);
  });
});

test("eighty cameras: those in sight are drawn, the last one is found by scrolling", async () => {
  const maker = await at("/");
  await maker.sees("main li", /biscuit tin/i);
  const [first] = await maker.page.evaluate(
    () =>
      new Promise<{ name: string }[]>((resolve) => {
        const open = indexedDB.open("still-box");
        open.onsuccess = () => {
          const all = open.result.transaction("cameras").objectStore("cameras").getAll();
          all.onsuccess = () => resolve(all.result);
        };
      }),
  );
  for (let i = 0; i < 80; i++) {
    const createdAt = new Date(Date.UTC(2026, 6, 1) + i * 60_000).toISOString();
    await plant(maker, "cameras", { ...first, id: `many-${i}`, name: `Tin number ${i}`, createdAt });
  }
  await maker.reload();
  await maker.sees("[role=list]", /Tin number 0/);
  expect(await maker.page.$$eval("main li", (all) => all.length)).toBeLessThan(40);
  await maker.page.waitForFunction(
    () => {
      window.scrollTo(0, document.body.scrollHeight);
      return document.querySelector("main")?.textContent?.includes("Tin number 79");
    },
    { polling: 100, timeout: PATIENCE },
  );
  expect(await maker.page.$$eval("main li", (all) => all.length)).toBeLessThan(40);
});

describe("two tabs", () => {
  test("steps ticked in both, a version kept in one: all are there; what undo would do follows live", async () => {
    const one = await at(`${TIN}/make/build`);
    const two = await one.secondTab();
    await two.goTo(`${TIN}/make/build`);
    const ticks = (maker: Maker) => maker.page.$$eval("[role=checkbox]", (boxes) => boxes.map(({ id }) => id));
    const boxes = (await ticks(one)).filter((id) => id !== "");
    expect(boxes.length).toBeGreaterThan(6);
    const ticked = (maker: Maker) => maker.page.$$eval("[role=checkbox][aria-checked=true]", (all) => all.length);
    const before = await ticked(one);
    const fresh = await one.page.$$eval("[role=checkbox][aria-checked=false]", (all) => all.map(({ id }) => id));
    const press = (maker: Maker, id: string) =>
      maker.page.evaluate((name) => document.getElementById(name)?.click(), id);
    // Both at once, one after the other in turn, none waiting for the other.
    await Promise.all(fresh.slice(0, 6).map((id, i) => press(i % 2 === 0 ? one : two, id)));
    for (const maker of [one, two]) {
      await maker.page.waitForFunction(
        (many) => document.querySelectorAll("[role=checkbox][aria-checked=true]").length === many,
        { polling: 100, timeout: PATIENCE },
        before + Math.min(6, fresh.length),
      );
    }
    await one.reload();
    await one.sees("main", /./);
    expect(await ticked(one)).toBe(before + Math.min(6, fresh.length));
  });

  test("on one plan of the sun: each keeps what it set, Undo takes back its own alone; on one page in the order of the hand", async () => {
    const one = await at("/sun");
    const two = await one.secondTab();
    await two.goTo("/sun");
    await one.type("Towards, from true north", "200");
    await two.reads("Towards, from true north", "200°");
    await two.type("Leans back", "12");
    await one.reads("Leans back", "12°");
    await two.press("Undo");
    await one.reads("Leans back", "0°");
    await one.reads("Towards, from true north", "200°");
    // The plan, then its camera: the camera goes back first.
    const height = await one.value("Hole above the bottom");
    await one.type("Hole above the bottom", String(Number.parseFloat(height) + 2));
    await one.reads("Hole above the bottom", `${Number.parseFloat(height) + 2} mm`);
    await one.press("Undo");
    await one.reads("Hole above the bottom", height);
    await one.reads("Towards, from true north", "200°");
    await one.press("Undo");
    await one.reads("Towards, from true north", "180°");
    await one.reload();
    await one.reads("Towards, from true north", "180°");
  });

  test("an edit that another tab takes back leaves both saved, and undo goes back to the beginning", async () => {
    const one = await at(TIN);
    const two = await one.secondTab();
    await two.goTo(TIN);
    await one.type("Depth inside", "81");
    await one.settled();
    await two.holds("container.depth", "81 mm");
    await two.type("Depth inside", "82");
    await two.settled();
    await one.holds("container.depth", "82 mm");
    await one.press("Undo");
    await two.holds("container.depth", "81 mm");
    await two.press("Undo");
    await one.holds("container.depth", "70 mm");
    // There and back within a quarter of a second.
    await one.focus('[data-handle="far-wall"]');
    await one.keys("ArrowRight", "ArrowLeft");
    await Promise.all([one.settled(), two.settled()]);
    await one.holds("container.depth", "70 mm");
  });
});
