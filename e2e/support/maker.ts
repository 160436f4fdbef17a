import puppeteer, {
  type Browser,
  type BrowserContext,
  type ElementHandle,
  type KeyInput,
  type Page,
} from "puppeteer-core";
import { catchDownloads } from "./downloads.ts";
import { PATIENCE } from "./patience.ts";
import { startServer, type TestServer } from "./server.ts";
import type { SharedStage } from "./stage/environment.ts";
import { until } from "./until.ts";

/** How often a control that moves, or is drawn anew, is looked for again before a press is given up. */
const TRIES = 10;

/** What the test environment gives every file. */
declare const sharedStage: SharedStage;

/** Someone at the app: goes to places, types, presses, reads what stands there. */
export class Maker {
  private waits = 0;

  private constructor(
    readonly page: Page,
    readonly context: BrowserContext,
    private readonly address: string,
    readonly saved: () => Promise<{ name: string; bytes: Buffer }>,
    /** What the page reported as errors. */
    readonly complaints: string[],
  ) {}

  /** The same person in another tab. */
  secondTab(): Promise<Maker> {
    return Maker.inContext(this.context, this.address);
  }

  /** A person in a browser, empty or not. */
  static async inContext(context: BrowserContext, address: string): Promise<Maker> {
    const page = await context.newPage();
    page.setDefaultTimeout(PATIENCE);
    await page.setViewport({ width: 1280, height: 800 });
    await page.evaluateOnNewDocument(answeredForTheBrowser);
    await page.evaluateOnNewDocument(countChanges);
    const complaints: string[] = [];
    page.on("pageerror", (error) => complaints.push(String(error)));
    page.on("request", (request) => {
      const { protocol, host } = new URL(request.url());
      // Whatever we need ships with the app.
      if (protocol.startsWith("http") && host !== new URL(address).host) complaints.push(`asked ${host}`);
    });
    page.on("console", (message) => {
      if (message.type() === "error") complaints.push(message.text());
    });
    // What a worker is forbidden stands in its own log alone.
    page.on("workercreated", ({ client }) => {
      client.on("Log.entryAdded", ({ entry }) => {
        if (entry.level === "error") complaints.push(entry.text);
      });
      client.send("Log.enable").catch(() => {});
    });
    return new Maker(page, context, address, await catchDownloads(page), complaints);
  }

  async goTo(path: string): Promise<this> {
    await this.page.goto(this.address + path, { waitUntil: "domcontentloaded" });
    await this.there();
    return /^\/dark(\/|\?|$)/.test(path) ? this.answersDark("In the dark now") : this;
  }

  /** Says whether this is the dark, where entering Dark asks. */
  async answersDark(answer: "In the dark now" | "By daylight, to plan"): Promise<this> {
    const answered = await this.page.waitForFunction(() => sessionStorage.getItem("still-box-dark-answer"), {
      timeout: PATIENCE,
    });
    if ((await answered.jsonValue()) === "asked") await this.press(answer);
    return this;
  }

  async reload(): Promise<this> {
    // What has a note outlives a reload; the rest is let arrive.
    await this.page.waitForSelector("html:not([data-storing])", { timeout: PATIENCE });
    await this.page.reload({ waitUntil: "domcontentloaded" });
    return this.there();
  }

  /** Waits until the page can be used: its frame is alive and nothing is on its way. */
  private async there(): Promise<this> {
    await this.page.waitForSelector("html[data-ready]", { timeout: PATIENCE });
    return this;
  }

  /** Gives this tab clocks that can be moved with {@link later} and {@link clockSet}; to be called before the page it is for. */
  async withOwnClock(): Promise<this> {
    await this.page.evaluateOnNewDocument(() => {
      const [wall, steady] = [Date.now.bind(Date), performance.now.bind(performance)];
      const moved = (name: string): number => Number(sessionStorage.getItem(name) ?? 0);
      Date.now = () => wall() + moved("test-skipped") + moved("test-set");
      performance.now = () => steady() + moved("test-skipped");
    });
    return this;
  }

  /** Sets the device's clock by so many seconds, and not the steady one: the device slept, or somebody set it. */
  async clockSet(seconds: number): Promise<this> {
    await this.page.evaluate((ms) => {
      sessionStorage.setItem("test-set", String(Number(sessionStorage.getItem("test-set") ?? 0) + ms));
    }, 1000 * seconds);
    return this;
  }

  /** Lets so many seconds pass by the clocks of {@link withOwnClock}. */
  async later(seconds: number): Promise<this> {
    await this.page.evaluate((ms) => {
      sessionStorage.setItem("test-skipped", String(Number(sessionStorage.getItem("test-skipped") ?? 0) + ms));
    }, 1000 * seconds);
    return this;
  }

  /** Waits until everything a page fetches when it comes into sight is there. */
  async quiet(): Promise<this> {
    await this.page.waitForFunction(
      () => {
        const asked = String(performance.getEntriesByType("resource").length);
        const still = document.readyState === "complete" && document.documentElement.dataset.asked === asked;
        document.documentElement.dataset.asked = asked;
        return still;
      },
      { timeout: PATIENCE, polling: 200 },
    );
    return this;
  }

  /** Presses the button or link of this name. */
  async press(name: string): Promise<this> {
    for (let attempt = 1; ; attempt++) {
      const target = await this.control(name);
      // Parts above are laid out when they come into sight, and move what is below: press it when it stands still.
      await this.page.waitForFunction(standsStill, { timeout: PATIENCE, polling: "raf" }, target);
      // What is drawn anew, or moves, between the look and the press is looked for again.
      const pressed = await this.pressOnce(target).then(
        () => null,
        (failure: unknown) => failure,
      );
      if (pressed === null) return this;
      if (attempt === TRIES) throw pressed;
      await new Promise((resolve) => setTimeout(resolve, 50 * attempt));
    }
  }

  /** Presses what stands there; throws where the press landed beside it. */
  private async pressOnce(target: ElementHandle<Element>): Promise<void> {
    await target.evaluate((element) => {
      const heard = window as unknown as { pressHeard: boolean };
      heard.pressHeard = false;
      // Lists open as the finger comes down, and lie under it when it goes up.
      element.addEventListener("pointerdown", () => Object.assign(heard, { pressHeard: true }), {
        once: true,
        capture: true,
      });
    });
    await target.click();
    // A page that is gone by now was led away by the press.
    const heard = await this.page
      .evaluate(() => (window as unknown as { pressHeard?: boolean }).pressHeard !== false)
      .catch(() => true);
    if (!heard) throw new Error(`the press landed beside it at ${this.page.url()}`);
  }

  /** Replaces what stands in the entry of this label and leaves it. */
  async type(label: string, text: string): Promise<this> {
    const entry = await this.control(label);
    await entry.evaluate((element) => (element as HTMLInputElement).select?.());
    await entry.focus();
    await this.page.keyboard.down("Control");
    await this.page.keyboard.press("KeyA");
    await this.page.keyboard.up("Control");
    if (text === "") await this.page.keyboard.press("Delete");
    else await this.page.keyboard.type(text);
    await this.page.keyboard.press("Tab");
    return this;
  }

  /** Opens the list of this label and takes an option by its id. */
  async choose(label: string, value: string): Promise<this> {
    await this.press(label);
    const option = await this.page.waitForSelector(`[data-option="${value}"]`, { timeout: PATIENCE });
    // As the list opens it takes the focus to what is chosen, on a busy machine a little later.
    await this.page.waitForFunction(keepsFocus, { timeout: PATIENCE, polling: "raf" }, option);
    await this.page.keyboard.press("Enter");
    await this.page.waitForFunction(() => document.querySelector("[data-option]") === null, { timeout: PATIENCE });
    return this;
  }

  /** Moves the keyboard's focus to an element, also of a drawing. */
  async focus(selector: string): Promise<this> {
    await this.page.bringToFront();
    await this.page.waitForSelector(selector);
    await this.page.$eval(selector, (element) => (element as HTMLElement | SVGElement).focus());
    return this;
  }

  /** Presses keys on the control of this name, once it keeps the focus: a part drawn anew is looked for again. */
  async keysOn(name: string, ...keys: KeyInput[]): Promise<this> {
    await until(async () => (await this.control(name)).evaluate(keepsFocus));
    return this.keys(...keys);
  }

  async keys(...keys: KeyInput[]): Promise<this> {
    for (const key of keys) await this.page.keyboard.press(key);
    return this;
  }

  /** Opens the palette and types what is looked for. */
  async opensPalette(words: string): Promise<this> {
    await this.page.keyboard.down("Control");
    await this.keys("KeyK");
    await this.page.keyboard.up("Control");
    await this.page.waitForSelector("[cmdk-input]:focus", { timeout: PATIENCE });
    await this.page.keyboard.type(words);
    return this;
  }

  /** The control of this name: its label, aria-label or own words; in full, else their beginning. */
  async control(name: string): Promise<ElementHandle<Element>> {
    // A tab in the background draws no frames, and waiting counts frames.
    await this.page.bringToFront();
    const found = await this.page.waitForFunction(findControl, { timeout: PATIENCE }, name).catch(() => null);
    const element = found?.asElement() as ElementHandle<Element> | null | undefined;
    if (!element) throw new Error(`nothing is called “${name}” at ${this.page.url()}`);
    return element;
  }

  /** The text of the first element that matches, once it is there. */
  async text(selector: string): Promise<string> {
    const found = await this.page.waitForSelector(selector, { timeout: PATIENCE });
    return (await found?.evaluate((element) => (element as HTMLElement).innerText)) ?? "";
  }

  async texts(selector: string): Promise<string[]> {
    return this.page.$$eval(selector, (elements) => elements.map((element) => (element as HTMLElement).innerText));
  }

  async value(label: string): Promise<string> {
    const entry = await this.control(label);
    return entry.evaluate((element) => (element as HTMLElement).dataset.value ?? (element as HTMLInputElement).value);
  }

  /** Waits until the entry of this label reads so: entries are drawn a little after what they follow. */
  async reads(label: string, text: string): Promise<this> {
    const entry = await this.control(label);
    const right = this.page.waitForFunction(
      (element, want) => {
        const { dataset, value } = element as HTMLInputElement;
        return (dataset.value ?? value) === want;
      },
      { timeout: PATIENCE },
      entry,
      text,
    );
    await right.catch(async () => {
      throw new Error(`“${label}” reads “${await this.value(label)}”, not “${text}”, at ${this.page.url()}`);
    });
    return this;
  }

  /** A reading of the Bench: its figure. */
  reading(id: string): Promise<string> {
    return this.text(`[data-reading="${id}"] dd`);
  }

  /** Waits until the entry of this name holds this text. */
  async holds(name: string, text: string): Promise<this> {
    await this.page.bringToFront();
    const query = `[name="${name}"], [aria-label="${name}"]`;
    const right = this.page.waitForFunction(
      (query, want) => document.querySelector<HTMLInputElement>(query)?.value === want,
      { timeout: PATIENCE },
      query,
      text,
    );
    await right.catch(async () => {
      const value = await this.page.evaluate((query) => document.querySelector<HTMLInputElement>(query)?.value, query);
      throw new Error(`“${name}” holds “${value}”, not “${text}”, at ${this.page.url()}`);
    });
    return this;
  }

  /** Waits until the entry of this label holds a figure within these limits: a drawn handle is followed frame by frame. */
  async figure(label: string, { over = -1e9, under = 1e9 }: { over?: number; under?: number }): Promise<this> {
    const entry = await this.control(label);
    await this.page.waitForFunction(
      (element, low, high) => {
        const figure = Number.parseFloat((element as HTMLInputElement).value);
        return figure > low && figure < high;
      },
      { timeout: PATIENCE },
      entry,
      over,
      under,
    );
    return this;
  }

  /** Waits until the text of a selector matches. */
  async sees(selector: string, words: RegExp): Promise<this> {
    await this.page.bringToFront();
    const seen = this.page.waitForFunction(
      (query, source, flags, wait) => {
        // Laying out the text of a page in every frame of a wait would take the time of what is waited for.
        if ((window as unknown as Changes).changed?.(wait) === false) return false;
        const words = new RegExp(source, flags);
        // innerText is what is seen; the text of a drawing is only in textContent.
        return [...document.querySelectorAll<HTMLElement>(query)].some(
          (element) => words.test(element.textContent ?? "") || words.test(element.innerText ?? ""),
        );
      },
      { timeout: PATIENCE },
      selector,
      words.source,
      words.flags,
      ++this.waits,
    );
    await seen.catch(async () => {
      const there = (await this.texts(selector)).join(" | ").slice(0, 600);
      const main = (await this.texts("main")).join(" | ").slice(0, 900);
      throw new Error(
        `${selector} does not say ${words} at ${this.page.url()}; it says: ${there}\nThe page says: ${main}\nComplaints: ${this.complaints.join(" | ")}`,
      );
    });
    return this;
  }

  async settled(): Promise<this> {
    await this.page.waitForSelector('[data-save="saved"]', { timeout: PATIENCE });
    return this;
  }

  /** Gives a sign that somebody is there: places for files wait for one. */
  async isThere(): Promise<this> {
    await this.page.keyboard.press("Shift");
    return this;
  }

  /** Hands files to the hidden file entry of this label. */
  async give(label: string, ...paths: string[]): Promise<this> {
    await this.isThere();
    const entry = (await this.page.waitForSelector(
      `input[type=file][aria-label="${label}"]`,
    )) as ElementHandle<HTMLInputElement>;
    await entry.uploadFile(...paths);
    return this;
  }
}

/** Runs in the page: whether an element is in the middle of it, switched on, uncovered, and where it was a frame ago. */
function standsStill(element: Element): boolean {
  element.scrollIntoView({ block: "center" });
  const { left, top, width, height } = element.getBoundingClientRect();
  const place = [left, top, width, height].join(" ");
  const { dataset } = element as HTMLElement;
  // Parts that come into sight are brought up to date in the next frames, and may move what is among them.
  const frames = dataset.place === place ? Number(dataset.frames ?? 0) + 1 : 0;
  Object.assign(dataset, { place, frames });
  const still = frames >= 5;
  const front = document.elementFromPoint(left + width / 2, top + height / 2);
  // A label’s hidden control has no size of its own.
  return (
    still &&
    (element as HTMLButtonElement).disabled !== true &&
    (width <= 1 || front === null || element.contains(front) || front.contains(element))
  );
}

/** Runs in the page: whether an element has had the focus for some frames; gives it to it where it has not. */
function keepsFocus(element: Element | null): boolean {
  const { dataset } = element as HTMLElement;
  const isHere = document.activeElement === element;
  if (!isHere) (element as HTMLElement).focus();
  dataset.held = String(isHere ? Number(dataset.held ?? 0) + 1 : 0);
  return Number(dataset.held) >= 4;
}

/** Runs in the page. */
function findControl(name: string): Element | null {
  // A part that is folded away has a mark before its words.
  const words = (text: string | null | undefined): string =>
    (text ?? "")
      .replace(/\s+/g, " ")
      .trim()
      .replace(/^\+ (?=\S)/, "");
  // What is seen has to be laid out; where the name is not even in the text there is no need to.
  const bare = (text: string): string => text.replace(/\s+/g, "").toLowerCase();
  const seen = (element: HTMLElement): string | null =>
    bare(element.textContent ?? "").includes(bare(name)) ? words(element.innerText) : null;
  const named: [string | null, Element][] = [];
  for (const label of document.querySelectorAll("label")) {
    if (label.control) named.push([seen(label), label.control]);
  }
  for (const element of document.querySelectorAll<HTMLElement>(
    "[aria-label], button, a, summary, [role=button], [role=option]",
  )) {
    const label = element.getAttribute("aria-label");
    named.push([label === null ? seen(element) : words(label), element]);
  }
  const exact = named.find(([text]) => text === name) ?? named.find(([text]) => text?.startsWith(name));
  return exact?.[1] ?? null;
}

/** Closes a browser’s pages and takes out all they stored; what it has learnt of the app’s code stays. */
async function emptied(context: BrowserContext, address: string): Promise<void> {
  const blank = await context.newPage();
  for (const page of await context.pages()) if (page !== blank) await page.close();
  const session = await blank.createCDPSession();
  await session.send("Storage.clearDataForOrigin", { origin: address, storageTypes: "all" });
  await blank.close();
}

/** Put into every page for tests. */
interface Changes {
  /** Whether the page has changed since this wait last asked, or half a second has passed. */
  changed?(wait: number): boolean;
}

/** Runs in the page before anything else: counts what changes in the document. */
function countChanges(): void {
  let changes = 0;
  new MutationObserver(() => changes++).observe(document, {
    subtree: true,
    childList: true,
    characterData: true,
    attributes: true,
  });
  const asked = new Map<number, { readonly changes: number; readonly at: number }>();
  Object.assign(window, {
    changed(wait: number): boolean {
      const last = asked.get(wait);
      const now = performance.now();
      // A text may also come into sight by its style alone; a page's own clock may stand.
      if (last !== undefined && last.changes === changes && Math.abs(now - last.at) < 500) return false;
      asked.set(wait, { changes, at: now });
      return true;
    },
  });
}

/**
 * What a browser of today or tomorrow decides by its own habit (whether it asks, whom it trusts, what it has) is decided
 * here. Runs in the page before anything else.
 */
function answeredForTheBrowser(): void {
  const answers: readonly (readonly [object | undefined, object])[] = [
    [globalThis.DeviceOrientationEvent, { requestPermission: async () => "granted" }],
    [navigator.storage, { persisted: async () => true, persist: async () => true }],
    [navigator.geolocation, { getCurrentPosition: (_: unknown, refused: (why: object) => void) => refused({}) }],
    [navigator.wakeLock, { request: async () => ({ release: async () => {} }) }],
    [navigator, { vibrate: () => true }],
    [globalThis.speechSynthesis, { speak: () => {}, cancel: () => {} }],
  ];
  for (const [owner, habits] of answers) {
    for (const [name, value] of Object.entries(habits)) {
      if (owner) Object.defineProperty(owner, name, { value, configurable: true, writable: true });
    }
  }
}

/**
 * Server and browser for the tests of one file. The browser is its worker's, shared with the files before; so is the server
 * with a handful of demonstration cameras. One without them, or with the whole season, is the file's own.
 */
export function stage(demo: boolean | "season"): {
  readonly arrive: () => Promise<Maker>;
  /** A person with an empty browser who goes straight to this place. */
  readonly at: (path: string) => Promise<Maker>;
  readonly address: () => string;
  readonly server: () => TestServer;
} {
  let own: TestServer | null = null;
  let browser: Browser;
  let home: BrowserContext;
  const made: Maker[] = [];
  const address = (): string => own?.address ?? sharedStage.demo;
  beforeAll(async () => {
    const { endpoint, homeId } = await sharedStage.browser();
    browser = await puppeteer.connect({ browserWSEndpoint: endpoint });
    home = browser.browserContexts().find(({ id }) => id === homeId) ?? (await browser.createBrowserContext());
    if (demo !== true) own = await startServer(demo);
  });
  afterEach(async () => {
    const complaints = made.flatMap((maker) => maker.complaints);
    await Promise.all(made.splice(0).map((maker) => (maker.context === home ? null : maker.context.close())));
    await emptied(home, address());
    expect(complaints).toEqual([]);
  });
  afterAll(async () => {
    await browser?.disconnect();
    await own?.stop();
  });
  const arrive = async (): Promise<Maker> => {
    // The first of a test shares the browser’s cached code with those before; a second one is somewhere else altogether.
    const context = made.length === 0 ? home : await browser.createBrowserContext();
    const maker = await Maker.inContext(context, address());
    made.push(maker);
    return maker;
  };
  return {
    address,
    server: () => {
      if (own === null) throw new Error("the demonstration's server is shared by all files");
      return own;
    },
    arrive,
    at: async (path) => (await arrive()).goTo(path),
  };
}
