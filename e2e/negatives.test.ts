import sharp from "sharp";
import { judgeScan } from "../core/negative/index.ts";
import { asked } from "./support/answers.ts";
import { stage } from "./support/maker.ts";
import { AT_MIDDLE, MEDIUM, negativePng, SHEET } from "./support/negative.ts";

const { address } = stage(false);

const SETTINGS = { medium: MEDIUM, sheet: SHEET };

function send(route: "proof" | "judge", settings: unknown, scan: Uint8Array<ArrayBuffer> | null): Promise<Response> {
  const form = new FormData();
  if (scan !== null) form.set("scan", new Blob([scan], { type: "image/png" }), "scan.png");
  form.set("settings", typeof settings === "string" ? settings : JSON.stringify(settings));
  return asked(`${address()}/api/${route}`, { method: "POST", body: form });
}

describe("POST /api/proof", () => {
  test("a PNG of the upright positive with alpha, read back by sharp: sRGB, size as asked, 8 and 16 bits, in colour", async () => {
    const scan = await negativePng();
    const answer = await send("proof", { ...SETTINGS, output: { width: 254 } }, scan.png);
    expect([answer.status, answer.headers.get("content-type")]).toEqual([200, "image/png"]);
    const read = sharp(Buffer.from(await answer.arrayBuffer()));
    expect(await read.metadata()).toMatchObject({
      width: 254,
      height: 203,
      hasAlpha: true,
      space: "b-w",
      depth: "uchar",
    });
    const { data } = await read.toColourspace("srgb").raw().toBuffer({ resolveWithObject: true });
    expect(Math.min(...data.filter((_, i) => i % 4 === 3))).toBe(255);
    const deep = await send("proof", { ...SETTINGS, output: { width: 60, bits: 16 }, colour: true }, scan.png);
    expect(await sharp(Buffer.from(await deep.arrayBuffer())).metadata()).toMatchObject({ width: 60, depth: "ushort" });
  });

  test("exposures as numbers: the middle of the sheet has the exposure it was made with", async () => {
    const scan = await negativePng();
    const answer = await send(
      "proof",
      { ...SETTINGS, white: scan.white, output: { kind: "exposure", width: 127 } },
      scan.png,
    );
    const { width, height, scale, log10H } = await answer.json();
    expect([width, height, scale]).toEqual([127, 102, 1]);
    const bytes = Buffer.from(log10H, "base64");
    expect(bytes.length).toBe(4 * width * height);
    expect(bytes.readFloatLE(4 * (51 * width + 63))).toBeCloseTo(AT_MIDDLE, 1);
  });

  test("faults have their paths: settings 422, no JSON 400, no scan, no picture, a method, a body that is no form", async () => {
    const { png } = await negativePng();
    const bad = await send("proof", { medium: { ...MEDIUM, most: 0.6 }, sheet: { ...SHEET, width: "127" } }, png);
    expect([bad.status, (await bad.json()).errors.map((fault: { path: string }) => fault.path)]).toEqual([
      422,
      ["/sheet/width"],
    ]);
    for (const [settings, path] of [
      [{ ...SETTINGS, medium: { ...MEDIUM, most: 0.6 } }, "/medium/most"],
      [{ ...SETTINGS, sharpen: true }, "/camera"],
      [{ ...SETTINGS, projection: "round" }, "/camera"],
      [
        {
          ...SETTINGS,
          sheet: {
            ...SHEET,
            corners: [
              [0, 0],
              [9, 9],
              [9, 0],
              [0, 9],
            ],
          },
        },
        "/sheet/corners",
      ],
      [
        {
          ...SETTINGS,
          sheet: {
            ...SHEET,
            corners: [
              [0, 0],
              [0, 90],
              [90, 90],
              [90, 0],
            ],
          },
        },
        "/sheet/corners",
      ],
      [
        {
          ...SETTINGS,
          sheet: {
            ...SHEET,
            corners: [
              [-90, -90],
              [-50, -90],
              [-50, -50],
              [-90, -50],
            ],
          },
        },
        "/sheet/corners",
      ],
    ] as const) {
      const answer = await send("proof", settings, png);
      expect([answer.status, (await answer.json()).errors[0].path]).toEqual([422, path]);
    }
    const none = await send("proof", SETTINGS, null);
    expect([none.status, (await none.json()).errors[0].path]).toEqual([422, "/scan"]);
    const text = await send("judge", SETTINGS, new TextEncoder().encode("no picture"));
    expect([text.status, (await text.json()).errors[0].path]).toEqual([422, "/scan"]);
    expect((await send("proof", "{", png)).status).toBe(400);
    expect((await asked(`${address()}/api/judge`, { method: "POST", body: "{}" })).status).toBe(400);
    const get = await asked(`${address()}/api/proof`);
    expect([get.status, get.headers.get("allow")]).toEqual([405, "POST"]);
  });
});

describe("POST /api/judge", () => {
  test("answers with the core function’s own numbers; JPEG and TIFF say nearly the same as PNG", async () => {
    const { png, scan } = await negativePng();
    const answer = await send("judge", SETTINGS, png);
    const judged = judgeScan(scan, SETTINGS);
    if (!judged.ok) throw new Error(judged.error);
    const own = await answer.json();
    expect(own).toEqual(JSON.parse(JSON.stringify(judged.value)));
    for (const file of [await sharp(png).jpeg({ quality: 97 }).toBuffer(), await sharp(png).tiff().toBuffer()]) {
      const other = await (await send("judge", SETTINGS, new Uint8Array(file))).json();
      expect(other.p50).toBeCloseTo(own.p50, 1);
      expect(other.corners.flat().every((at: number, i: number) => Math.abs(at - own.corners.flat()[i]) < 1)).toBe(
        true,
      );
    }
  });

  test("other questions are answered while pictures are worked on", async () => {
    const { png } = await negativePng();
    const busy = Promise.all(
      Array.from({ length: 3 }, () => send("proof", { ...SETTINGS, output: { width: 3000 } }, png)),
    );
    const solved = await asked(`${address()}/api/solve`, {
      method: "POST",
      body: JSON.stringify({ hole: { diameter: 0.3 }, film: { distance: 60, width: 127, height: 101.6 } }),
    });
    expect(solved.status).toBe(200);
    for (const answer of await busy) expect(answer.status).toBe(200);
  });
});
