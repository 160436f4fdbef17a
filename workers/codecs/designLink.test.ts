import { encode } from "uqr";
import { thistleRow } from "../../catalogue/demo/thistleRow.ts";
import { chance } from "../../core/basis/numeric/chance.ts";
import { KINDS, testCamera } from "../../core/testing/cameras.ts";
import { designText, labelOfLink, labelPath, readDesign } from "./designLink.ts";

const NOW = "2026-11-30T10:00:00+00:00";

function back(text: string) {
  const read = readDesign(text, "found", NOW);
  if (!read.ok) throw new Error(read.error);
  return read.value;
}

const cameras = [...KINDS.map((kind) => testCamera(kind)), ...thistleRow.cameras];

test.each(cameras.map((camera) => [camera.name, camera] as const))(
  "%s: what is built comes back, to six digits",
  (_name, camera) => {
    const read = back(designText(camera));
    const six = (value: unknown): unknown =>
      JSON.parse(
        JSON.stringify(value ?? null, (_, each) => (typeof each === "number" ? Number(each.toPrecision(6)) : each)),
      );
    expect(six([read.name, read.container, read.chambers])).toEqual(
      six([camera.name, camera.container, camera.chambers]),
    );
    expect(read.set?.count).toBe(camera.set?.count);
    expect([read.id, read.notes, read.createdAt]).toEqual(["found", "", NOW]);
  },
);

test("what the maker noted, measured and shot stays with the maker", () => {
  const [tin] = thistleRow.cameras as readonly [(typeof cameras)[number]];
  const telling = { ...tin, notes: "under the third board", set: { count: 9, exposed: [1, 2] } };
  const read = back(designText(telling));
  expect(JSON.stringify(read)).not.toMatch(/third board/);
  expect([read.set?.exposed, read.measurements]).toEqual([[], []]);
});

test("a code of each is small enough to be read from a label: no more than 77 cells a side (ISO/IEC 18004, version 15)", () => {
  const sizes = cameras.map(
    (camera) =>
      encode(`http://192.168.178.100:3000/label/${camera.id}#${designText(camera)}`, { border: 0, ecc: "M" }).size,
  );
  expect(Math.max(...sizes)).toBeLessThanOrEqual(77);
});

test("a sheet as long as its wall still fits when its lengths are rounded", () => {
  const camera = testCamera("curled-can", { diameter: 66.6666666, height: 168 });
  const [chamber] = camera.chambers;
  const film = { ...chamber.film, width: 2 * Math.PI * (chamber.film.radius ?? 0) };
  expect(back(designText({ ...camera, chambers: [{ ...chamber, film }] })).chambers[0].film.width).toBeCloseTo(
    film.width,
    3,
  );
});

test("a label printed today is read for ever", () => {
  expect(back(PRINTED)).toMatchObject({
    name: "Cocoa tin",
    container: { shape: "cylinder", diameter: 68, height: 130 },
  });
});
const PRINTED = "11ViMg0e1c35yfuJQzlBmxqZGwNyCGfEGwLSJEfNmesZAYSSXwSNGF1j8Yo9_GuRPkGVYEgJGQYmZRylOCbUA";

test("of 400 damaged links each is a camera that can be built, or refused in a sentence", () => {
  const whole = designText(testCamera("flat-box"));
  const random = chance(7);
  let refused = 0;
  for (let i = 0; i < 400; i++) {
    const at = Math.floor(whole.length * random());
    const letter = "ABCabc019-_"[Math.floor(11 * random())];
    const text = random() < 0.3 ? whole.slice(0, at) : `${whole.slice(0, at)}${letter}${whole.slice(at + 1)}`;
    const read = readDesign(text, "found", NOW);
    if (!read.ok) {
      refused++;
      expect(read.error).toMatch(/^(The link is cut short|This label was printed by a newer)/);
    }
  }
  // Where the letter put in is the one that stood there, nothing is damaged.
  expect(refused).toBeGreaterThan(370);
  expect(readDesign("", "found", NOW).ok).toBe(false);
  expect(readDesign(`1${"A".repeat(5000)}`, "found", NOW).ok).toBe(false);
  expect(readDesign(`2${whole.slice(1)}`, "found", NOW)).toEqual({ ok: false, error: expect.stringMatching(/newer/) });
});

test("a label’s link is known wherever it was printed; other addresses are none", () => {
  const path = labelPath({ ...testCamera("flat-box"), id: "bean row" });
  expect(path).toMatch(/^\/label\/bean%20row#1[\w-]+$/);
  for (const before of ["", "http://localhost:4600", "https://box.example", "  http://192.168.1.7:3000"])
    expect(labelOfLink(`${before}${path} `)).toBe(path);
  for (const other of [
    "",
    "https://box.example/cameras/tin",
    "https://box.example/label/tin",
    "javascript:/label/a#1b",
    `${path} and more`,
  ])
    expect(labelOfLink(other)).toBeNull();
});
