import fc from "fast-check";
import { focalLengthFromExif, type Quad } from "../../basis/plane/index.ts";
import { BANK_CARD, faceBesideCard } from "./index.ts";

/** A phone's picture of 12 million pixels: 3000 px of focal length are 26 mm in 35 mm terms. */
const PICTURE = { width: 4000, height: 3000 } as const;

/** A phone's pinhole camera written as matrices, apart from the homography under test: px of a point of a tilted plane, mm. */
function photograph(pan: number, tilt: number, roll: number, distance: number, focal: number) {
  const [cp, sp, ct, st, cr, sr] = [
    Math.cos(pan),
    Math.sin(pan),
    Math.cos(tilt),
    Math.sin(tilt),
    Math.cos(roll),
    Math.sin(roll),
  ];
  return (x: number, y: number) => {
    // About the vertical, then the horizontal, then the line of sight; the plane's z is 0.
    const [x1, y1, z1] = [cp * x, y, -sp * x];
    const [x2, y2, z2] = [x1, ct * y1 - st * z1, st * y1 + ct * z1];
    const [x3, y3] = [cr * x2 - sr * y2, sr * x2 + cr * y2];
    const far = distance + z2;
    return { x: 2000 + (focal * x3) / far, y: 1500 + (focal * y3) / far };
  };
}

/** The usual phone’s focal length in such a picture, px. */
const USUAL = focalLengthFromExif(26, PICTURE.width, PICTURE.height);

const rectangle = (left: number, top: number, width: number, height: number) =>
  [
    [left, top],
    [left + width, top],
    [left + width, top + height],
    [left, top + height],
  ] as const;
const quad = (corners: readonly (readonly [number, number])[], seen: (x: number, y: number) => object): Quad =>
  corners.map(([x, y]) => seen(x, y)) as unknown as Quad;

const angle = (most: number) => fc.double({ min: -most, max: most, noNaN: true });
const views = fc.record({
  pan: angle(0.5),
  tilt: angle(0.5),
  roll: angle(0.2),
  distance: fc.double({ min: 450, max: 900, noNaN: true }),
  width: fc.double({ min: 40, max: 320, noNaN: true }),
  height: fc.double({ min: 30, max: 250, noNaN: true }),
  stands: fc.boolean(),
});

test("exact at any slant, any distance, the card lying or standing: to a twentieth of a millimetre", () => {
  fc.assert(
    fc.property(views, ({ pan, tilt, roll, distance, width, height, stands }) => {
      const seen = photograph(pan, tilt, roll, distance, USUAL);
      const [cw, ch] = stands ? [BANK_CARD.height, BANK_CARD.width] : [BANK_CARD.width, BANK_CARD.height];
      const card = quad(rectangle(-160, -20, cw, ch), seen);
      // Seen so slantingly that a lying card looks taller than wide, nobody would take the picture.
      const [a, b, , d] = card;
      const lies = Math.hypot(a.x - b.x, a.y - b.y) > Math.hypot(a.x - d.x, a.y - d.y);
      fc.pre(lies !== stands);
      const face = faceBesideCard(card, quad(rectangle(-40, -60, width, height), seen), PICTURE, 1);
      expect(face.ok && Math.abs(face.value.width - width)).toBeLessThan(0.05);
      expect(face.ok && Math.abs(face.value.height - height)).toBeLessThan(0.05);
    }),
    { seed: 7810 },
  );
});

test("corners marked a pixel off: a tin is right within 2 mm, and the ± that is told covers it", () => {
  // A phone's picture of 12 million pixels at arm's length; the biscuit tin of the allotment.
  let seed = 1;
  const noise = () => {
    // Park and Miller's generator: 16807 s mod 2³¹ − 1; twelve of them make a bell, about.
    let sum = -6;
    for (let i = 0; i < 12; i++) {
      seed = (16807 * seed) % 2147483647;
      sum += seed / 2147483647;
    }
    return sum;
  };
  const offs: number[] = [];
  let near = 0;
  for (let round = 0; round < 300; round++) {
    const seen = photograph(0.2 * noise(), 0.15 * noise(), 0.05 * noise(), 600, 3000);
    const marked = (corners: readonly (readonly [number, number])[]) =>
      quad(corners, (x, y) => {
        const at = seen(x, y);
        return { x: at.x + noise(), y: at.y + noise() };
      });
    const face = faceBesideCard(
      marked(rectangle(-140, 5, BANK_CARD.width, BANK_CARD.height)),
      marked(rectangle(-40, -59, 165, 118)),
      PICTURE,
      1,
    );
    if (!face.ok) throw new Error(face.error);
    const { width, widthError } = face.value;
    offs.push((width - 165) / widthError);
    if (Math.abs(width - 165) < 2) near++;
  }
  expect(near / offs.length).toBeGreaterThan(0.97);
  const within = offs.filter((off) => Math.abs(off) < 1).length / offs.length;
  // One standard deviation holds 68 %; the card's own tolerance makes it a little wider than the pixels alone.
  expect(within).toBeGreaterThan(0.6);
  expect(within).toBeLessThan(0.9);
});

test("what can't be measured is told: crossed corners, a card of a few pixels", () => {
  const straight = (x: number, y: number) => ({ x: 1000 + x, y: 1000 + y });
  const card = quad(rectangle(0, 0, 856, 540), straight);
  const face = quad(rectangle(900, 0, 600, 400), straight);
  const crossed = [face[0], face[2], face[1], face[3]] as unknown as Quad;
  expect(faceBesideCard(card, crossed, PICTURE, 1)).toEqual({ ok: false, error: "face-crossed" });
  expect(faceBesideCard([...card].reverse() as unknown as Quad, face, PICTURE, 1)).toEqual({
    ok: false,
    error: "card-crossed",
  });
  expect(faceBesideCard(quad(rectangle(0, 0, 40, 25), straight), face, PICTURE, 1)).toEqual({
    ok: false,
    error: "card-too-small",
  });
  const told = faceBesideCard(card, face, PICTURE, 1);
  expect(told.ok && told.value.width).toBeCloseTo(60, 0);
  expect(told.ok && told.value.height).toBeCloseTo((400 * 53.98) / 540, 0);
});
