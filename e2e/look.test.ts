import { join } from "node:path";
import sharp from "sharp";
import { thistleRow } from "../catalogue/demo/thistleRow.ts";
import { mediumById } from "../catalogue/media.ts";
import { pictureRequest } from "../core/camera/container/index.ts";
import { ROW_FOCAL as FOCAL, rowSeen, ROW_SIZE as VIEW } from "../core/testing/rowSeen.ts";
import { frameIn } from "../core/viewfinder/index.ts";
import type { Maker } from "./support/maker.ts";
import { stage } from "./support/maker.ts";
import { PATIENCE } from "./support/patience.ts";
import { temporaryFolder } from "./support/temporary.ts";

const { arrive, address } = stage(true);

const BOX = "thistle-biscuit-tin";
/** What the phone sees of Thistle Row, as a picture. */
const viewOfTheRow = () =>
  sharp(rowSeen(), { raw: { ...VIEW, channels: 1 } })
    .toColourspace("srgb")
    .png()
    .toBuffer();

/** A phone whose camera sees that; or one that is not given. */
async function withPhone(refused: string | null = null, camera = BOX): Promise<Maker> {
  const maker = await arrive();
  const picture = `data:image/png;base64,${(await viewOfTheRow()).toString("base64")}`;
  await maker.page.evaluateOnNewDocument(
    (url, { width, height }, name) => {
      const getUserMedia = async (): Promise<MediaStream> => {
        if (name !== null) throw new DOMException("", name);
        const canvas = Object.assign(document.createElement("canvas"), { width, height });
        const image = new Image();
        image.src = url;
        await image.decode();
        const context = canvas.getContext("2d");
        // A phone that is turned sees all of it slide; behind its edge it begins anew.
        const draw = (): void => {
          const { slid = 0 } = window as { slid?: number };
          for (const turn of [0, 1]) context?.drawImage(image, slid + turn * width, 0);
        };
        draw();
        setInterval(draw, 100);
        Object.assign(window, { phone: canvas });
        return canvas.captureStream(10);
      };
      Object.defineProperty(navigator, "mediaDevices", { value: { getUserMedia }, configurable: true });
    },
    picture,
    VIEW,
    refused,
  );
  return maker.goTo(`/field/look?camera=${camera}`);
}

/** The phone tells how it is held. */
async function holds(maker: Maker, alpha: number, beta: number, gamma: number): Promise<void> {
  await maker.page.evaluate(
    (told) => {
      window.dispatchEvent(new DeviceOrientationEvent("deviceorientationabsolute", { ...told, absolute: true }));
    },
    { alpha, beta, gamma },
  );
}

/** The rightmost red of the frame in one of the canvas's middle rows, as a share of its width; `null`: none. */
async function frameNow(maker: Maker): Promise<number | null> {
  return maker.page.evaluate(() => {
    const canvas = document.querySelector<HTMLCanvasElement>("[data-finder] canvas");
    const context = canvas?.getContext("2d");
    if (!canvas || !context) return null;
    const row = Math.round(canvas.height * 0.45);
    const { data } = context.getImageData(0, row, canvas.width, 1);
    const red: number[] = [];
    for (let x = 0; x < canvas.width; x++) {
      const [r, g, b] = [data[4 * x] as number, data[4 * x + 1] as number, data[4 * x + 2] as number];
      if (r > 140 && g < 80 && b < 80) red.push(x);
    }
    return red.length === 0 ? null : (red.at(-1) as number) / canvas.width;
  });
}

/** Waits until the frame's right edge stands there, ± 1.5 % of the canvas. */
async function frameStands(maker: Maker, right: number): Promise<void> {
  const started = Date.now();
  let now: Awaited<ReturnType<typeof frameNow>> = null;
  while (Date.now() - started < PATIENCE) {
    now = await frameNow(maker);
    if (now !== null && Math.abs(now - right) < 0.015) return;
    await maker.page.waitForFunction(() => true);
  }
  throw new Error(`the frame's right edge stands at ${now}, not at ${right}`);
}

/** Where the sum has the frame's right edge, as a share of the canvas, for a phone turned to the right by so many degrees. */
function rightEdge(azimuth: number): number {
  const camera = thistleRow.cameras.find(({ id }) => id === BOX);
  if (camera === undefined) throw new Error("no box");
  const light = mediumById(camera.chambers[0].film.medium);
  const at = (turn: number) =>
    frameIn({
      ...pictureRequest(camera, light),
      phone: { ...VIEW, focalLength: FOCAL },
      pose: { azimuth: turn },
      points: 64,
    }).outline;
  // The whole frame is in sight straight ahead: the phone's view is drawn smaller.
  const most = Math.max(
    ...at(0).map(
      (point) =>
        Math.max(Math.abs((point?.[0] ?? 0) / VIEW.width - 0.5), Math.abs((point?.[1] ?? 0) / VIEW.height - 0.5)) * 2,
    ),
  );
  const scale = Math.min(1, 1 / (1.06 * most));
  // The right side's own point in the row that is looked at.
  const row = VIEW.height / 2 + ((0.45 - 0.5) * VIEW.height) / scale;
  const rightSide = at(azimuth).slice(64, 128);
  const nearest = rightSide.reduce((best, point) =>
    Math.abs((point?.[1] ?? 1e9) - row) < Math.abs((best?.[1] ?? 1e9) - row) ? point : best,
  );
  return 0.5 + scale * ((nearest?.[0] ?? 0) / VIEW.width - 0.5);
}

test("the frame lies where the sum has it, stays where the box looks, is dragged into words, and becomes the sheet", async () => {
  const maker = await withPhone();
  await maker.press("Look through the phone");
  await maker.page.waitForSelector('[data-finder="live"]', { timeout: PATIENCE });
  await frameStands(maker, rightEdge(0));
  // The phone told how it is held: north, upright. The box looks so; then the phone turns ten degrees to the right.
  await holds(maker, 0, 90, 0);
  await maker.press("The box looks this way");
  await maker.sees("[data-moves=none]", /stands right/);
  await holds(maker, 350, 90, 0);
  await frameStands(maker, rightEdge(10));
  await holds(maker, 0, 90, 0);
  await frameStands(maker, rightEdge(0));
  await maker.press("Something near");
  await maker.type("The near thing’s distance", "1 m");
  await maker.page.waitForSelector('[data-near="1000"]');
  await maker.focus("[data-finder]");
  await maker.page.keyboard.down("Shift");
  await maker.keys("ArrowRight", "ArrowUp");
  await maker.page.keyboard.up("Shift");
  await maker.sees(
    "[data-moves]",
    /Turn it 5° to the right\.\s*Lean it 5° back: 6\S* mm of card under its front edge\./,
  );
  await maker.press("Frame back to the middle");
  await maker.press("The picture it will make");
  await maker.page.waitForSelector("[data-made=made]", { timeout: PATIENCE });
  const share = Number(await maker.page.$eval("[data-share]", (element) => (element as HTMLElement).dataset.share));
  expect(share).toBeGreaterThan(40);
  expect(share).toBeLessThan(90);
  // Sweeping fills it up.
  for (const alpha of [25, 335]) {
    await holds(maker, alpha, 90, 0);
    await maker.press("The picture it will make");
    await maker.page.waitForFunction(
      (was) => Number(document.querySelector<HTMLElement>("[data-share]")?.dataset.share) > was,
      { timeout: PATIENCE },
      share,
    );
  }
  // Where this is, and the hour, tell where the maker's own shadow falls: it is noon at this place.
  await maker.page.evaluate(() => {
    const now = new Date();
    const coords = { latitude: 20, longitude: 15 * (12 - now.getUTCHours() - now.getUTCMinutes() / 60) };
    Object.defineProperty(navigator.geolocation, "getCurrentPosition", {
      value: (found: (place: object) => void) => found({ coords }),
      configurable: true,
    });
  });
  await maker.press("My own shadow");
  await maker.press("Show my shadow");
  await maker.page.waitForSelector('[data-shadow="shown"]', { timeout: PATIENCE });
  await maker.press("Camera off");
  await maker.page.waitForSelector('[data-finder="empty"]', { timeout: PATIENCE });
});

test("the phone's angle is found from a sheet of paper, and kept", async () => {
  const maker = await withPhone();
  await maker.press("Look through the phone");
  await maker.page.waitForSelector('[data-finder="live"]', { timeout: PATIENCE });
  await maker.press("The phone’s angle, ± 10 %");
  await maker.type("Its distance", "420 mm");
  await maker.press("They stand on its edges");
  await maker.sees('[data-fold="angle"] summary', /± 1 %/);
  await maker.reload();
  await maker.sees('[data-fold="angle"] summary', /± 1 %/);
  // By a turn of twelve degrees, which the sensors tell and the pictures show.
  await maker.press("Look through the phone");
  await maker.page.waitForSelector('[data-finder="live"]', { timeout: PATIENCE });
  await holds(maker, 0, 90, 0);
  await maker.press("The phone’s angle, ± 1 %");
  await maker.press("Begin the turn");
  await maker.page.waitForSelector("[data-by-turn=begun]", { timeout: PATIENCE });
  const slid = -FOCAL * Math.tan((12 * Math.PI) / 180);
  const shown = (): string => document.querySelector<HTMLCanvasElement>("[data-finder] canvas")?.toDataURL() ?? "";
  const before = await maker.page.evaluate(shown);
  await maker.page.evaluate((px) => Object.assign(window, { slid: px }), slid);
  // The view follows a moment later; only then do the sensors tell of the turn.
  await maker.page.waitForFunction(
    (was) => document.querySelector<HTMLCanvasElement>("[data-finder] canvas")?.toDataURL() !== was,
    { timeout: PATIENCE, polling: 100 },
    before,
  );
  await holds(maker, 348, 90, 0);
  await maker.press("It is turned");
  await maker.sees('[data-fold="angle"] summary', /± 5 %/);
});

test("refused: said, and a photograph serves instead; in the red light there is no live view", async () => {
  const maker = await withPhone("NotAllowedError");
  await maker.press("Look through the phone");
  await maker.sees("[data-refused]", /told not to give the camera/);
  const path = join(temporaryFolder(), "row.jpg");
  const taken = { ExposureTime: "1/125", FNumber: "16/10", ISOSpeedRatings: "100", FocalLengthIn35mmFilm: "26" };
  await sharp(await viewOfTheRow())
    .jpeg({ quality: 95 })
    .withExif({ IFD0: { Model: "Plot phone" }, IFD2: taken })
    .toFile(path);
  await maker.give("Photograph to look through", path);
  await maker.page.waitForSelector('[data-finder="still"]', { timeout: PATIENCE });
  await frameStands(maker, rightEdge(0));
  await maker.press("The picture it will make");
  await maker.page.waitForSelector("[data-made=made]", { timeout: PATIENCE });
  await maker.press("Keep this view with the next shot");
  await maker.page.waitForSelector('[data-kept-view="true"]', { timeout: PATIENCE });
  await maker.press("Daylight: press for the red light");
  await maker.sees("[data-look-red]", /white light/);
  await maker.press("Daylight");

  // What was kept goes along with the next shot, and lies beside its sheet; the photograph's light goes along, too.
  await maker.goTo(`/field/look?camera=${BOX}`);
  await maker.give("Photograph to look through", path);
  const told = await maker.text("[data-photograph-time]");
  await maker.press("On to the time");
  await maker.sees('[data-photograph="read"]', /Plot phone: 1\/125 s at f\/1\.6, ISO 100/);
  const [time = "none"] = told.split(" by the light");
  await maker.sees('section[aria-label="Time"]', new RegExp(time));
  await maker.sees("[data-view-along]", /goes with this shot/);
  await maker.press("Open the hole");
  await maker.press("Close the hole");
  await maker.press("Log this shot");
  await maker.sees("[role=status]", /Logged/);
  expect(await maker.page.$("[data-view-along]")).toBeNull();
  await maker.goTo("/proof");
  await maker.press("Scan it");
  await maker.page.waitForSelector("[data-corner]", { timeout: PATIENCE });
  await maker.press("Positive");
  await maker.page.waitForSelector("[data-seen-beside] [data-light]", { timeout: PATIENCE });
  const blank = await maker.page.$eval("[data-seen-beside] [data-light]", (element) => {
    const { width, height } = element as HTMLCanvasElement;
    const data = (element as HTMLCanvasElement).getContext("2d")?.getImageData(0, 0, width, height).data ?? [];
    let clear = 0;
    for (let i = 3; i < data.length; i += 4) if (data[i] === 0) clear++;
    return clear / (width * height);
  });
  // The box sees wider than the phone.
  expect(blank).toBeGreaterThan(0.1);
  expect(blank).toBeLessThan(0.6);
});

test("whoever comes here from another page gets a page of its own, that may ask for the camera", async () => {
  const maker = await arrive();
  await maker.goTo("/field");
  const loadedAt = () => new URL(performance.getEntriesByType("navigation")[0]?.name ?? location.href).pathname;
  await maker.press("Look");
  await maker.page.waitForSelector("[data-finder]", { timeout: PATIENCE });
  expect(await maker.page.evaluate(loadedAt)).toBe("/field/look");
  await maker.press("Expose");
  await maker.sees("main", /Open the hole/);
  expect(await maker.page.evaluate(loadedAt)).toBe("/field/look");
  await maker.goTo("/log");
  await maker.opensPalette("phone as a finder");
  await maker.sees("[role=dialog]", /Look: the phone as a finder/);
  await maker.keys("Enter");
  await maker.page.waitForFunction(
    () =>
      document.querySelector("[data-finder]") !== null &&
      new URL(performance.getEntriesByType("navigation")[0]?.name ?? "http://x").pathname === "/field/look",
    { timeout: PATIENCE },
  );
});

test("the camera is allowed to this page alone, and is told so with the page", async () => {
  const policy = async (path: string) => (await fetch(address() + path)).headers.get("Permissions-Policy");
  for (const path of ["/field/look", "/field/look/"])
    expect(await policy(path)).toMatch(/camera=\(self\), microphone=\(\)/);
  for (const path of ["/field", "/", "/field/looks", "/dark"]) expect(await policy(path)).toMatch(/camera=\(\)/);
});

test("a screen that is turned turns the view with it: the picture stands upright, the frame is drawn over it anew", async () => {
  const maker = await withPhone();
  await maker.press("Look through the phone");
  const shape = () =>
    maker.page.evaluate(() => {
      const canvas = document.querySelector<HTMLCanvasElement>("[data-finder] canvas");
      return canvas === null ? 0 : canvas.clientWidth / canvas.clientHeight;
    });
  await frameStands(maker, rightEdge(0));
  expect(await shape()).toBeCloseTo(VIEW.width / VIEW.height, 1);
  await maker.page.evaluate(({ width, height }) => {
    const { phone } = window as unknown as { phone: HTMLCanvasElement };
    Object.assign(phone, { width: height, height: width });
  }, VIEW);
  await maker.page.waitForFunction(
    () => {
      const canvas = document.querySelector<HTMLCanvasElement>("[data-finder] canvas");
      return canvas !== null && canvas.clientHeight > canvas.clientWidth;
    },
    { timeout: PATIENCE },
  );
  expect(await shape()).toBeCloseTo(VIEW.height / VIEW.width, 1);
  const started = Date.now();
  while ((await frameNow(maker)) === null && Date.now() - started < PATIENCE)
    await maker.page.waitForFunction(() => true);
  expect(await frameNow(maker)).not.toBeNull();
});

test("where a can will hang, the skyline is traced by the phone and put into its plan", async () => {
  const maker = await withPhone();
  await maker.goTo("/cameras/thistle-cocoa-tin");
  await maker.choose("Made for", "trail");
  await maker.goTo("/field/look?camera=thistle-cocoa-tin");
  await maker.press("Look through the phone");
  await maker.page.waitForSelector('[data-finder="live"]', { timeout: PATIENCE });
  // East and 10° up, then south-east and 20° up: between them stood roofs of 9°.
  for (const [azimuth, altitude] of [
    [90, 10],
    [135, 20],
  ] as const) {
    await holds(maker, 360 - azimuth, 90 + altitude, 0);
    await maker.press("Mark the skyline at the ring");
  }
  await maker.press("Put these 2 marks into the plan");
  await maker.sees("[role=status]", /skyline is in the plan/);
  await maker.sees('[data-traced="0"]', /Mark the skyline/);
  await maker.goTo("/sun?trail=thistle-cold-frames");
  expect(await maker.value("Points: towards and how high, degrees")).toMatch(/^60 2, 90 10, 135 20, 235 3/);
});

test("a device without sensors is followed by its pictures: the frame stays where the box looks, what doesn't fit is said", async () => {
  const maker = await withPhone();
  await maker.press("Look through the phone");
  await maker.sees("[data-sensors=none]", /follows it by what its pictures show/);
  await maker.press("The box looks this way");
  await frameStands(maker, rightEdge(0));
  // The phone turns six degrees to the right.
  const slide = (to: number) => maker.page.evaluate((px) => Object.assign(window, { slid: px }), to);
  await slide(-FOCAL * Math.tan((6 * Math.PI) / 180));
  await frameStands(maker, rightEdge(6));
  await slide(0);
  await frameStands(maker, rightEdge(0));
  await slide(-0.5 * VIEW.width);
  await maker.sees("[data-lost]", /doesn’t fit/);
  await slide(0);
  await maker.page.waitForFunction(() => document.querySelector("[data-lost]") === null, { timeout: PATIENCE });
  await frameStands(maker, rightEdge(0));
});
