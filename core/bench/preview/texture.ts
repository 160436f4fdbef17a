/** A number in [0, 1) that looks random and depends on two whole numbers only. */
export function speckle(x: number, y: number): number {
  let n = Math.imul(x | 0, 374761393) + Math.imul(y | 0, 668265263);
  n = Math.imul(n ^ (n >>> 13), 1274126177);
  return ((n ^ (n >>> 16)) >>> 0) / 4294967296;
}

/** Side of the table of speckles: a texture comes round after so many of its units. */
const SIDE = 256;
/** Looked up, not worked out: a picture asks for tens of millions. */
const SPECKLES = Float32Array.from({ length: SIDE * SIDE }, (_, i) => speckle(i % SIDE, Math.floor(i / SIDE)));

function speckled(x: number, y: number): number {
  return SPECKLES[((y & (SIDE - 1)) << 8) | (x & (SIDE - 1))] as number;
}

/** Smooth cloudiness in [0, 1] with features about 1 unit wide. */
export function cloud(x: number, y: number): number {
  const ix = Math.floor(x);
  const iy = Math.floor(y);
  const fx = x - ix;
  const fy = y - iy;
  const u = fx * fx * (3 - 2 * fx);
  const v = fy * fy * (3 - 2 * fy);
  const top = speckled(ix, iy) * (1 - u) + speckled(ix + 1, iy) * u;
  const low = speckled(ix, iy + 1) * (1 - u) + speckled(ix + 1, iy + 1) * u;
  return top * (1 - v) + low * v;
}

/** Each finer layer of a texture is so many times finer: no whole number, or their lattices would fall together. */
const FINER = 2.17;

/**
 * A texture as leaves, earth, cloth and clouds have it: layers each twice as fine and half as strong, so that amplitude
 * falls as 1/f.
 *
 * @returns in [0, 1], about 0.5 in the middle
 * @source D. J. Field, J. Opt. Soc. Am. A 4 (1987) 2379: amplitude spectra of natural scenes fall as 1/f; from memory
 * @example natural(0.3, 0.7) // 0.487…
 */
export function natural(x: number, y: number): number {
  return (
    (4 * cloud(x, y) + 2 * cloud(x * FINER + 31, y * FINER + 17) + cloud(x * FINER ** 2 + 57, y * FINER ** 2 + 83)) / 7
  );
}

/** {@link natural} of two layers: for what covers half the picture and is soft, as sky and grass are. */
export function soft(x: number, y: number): number {
  return (2 * cloud(x, y) + cloud(x * FINER + 31, y * FINER + 17)) / 3;
}

/** From 0 to 1 between two values, without a corner at either. */
export function smooth(from: number, to: number, value: number): number {
  const share = Math.min(1, Math.max(0, (value - from) / (to - from)));
  return share * share * (3 - 2 * share);
}
