/** A number in [0, 1) that looks random and depends on two whole numbers only. */
export function speckle(x: number, y: number): number {
  let n = Math.imul(x | 0, 374761393) + Math.imul(y | 0, 668265263);
  n = Math.imul(n ^ (n >>> 13), 1274126177);
  return ((n ^ (n >>> 16)) >>> 0) / 4294967296;
}

/** Smooth cloudiness in [0, 1) with features about 1 unit wide. */
export function cloud(x: number, y: number): number {
  const [ix, iy] = [Math.floor(x), Math.floor(y)];
  const [fx, fy] = [x - ix, y - iy];
  const [u, v] = [fx * fx * (3 - 2 * fx), fy * fy * (3 - 2 * fy)];
  const top = speckle(ix, iy) * (1 - u) + speckle(ix + 1, iy) * u;
  const low = speckle(ix, iy + 1) * (1 - u) + speckle(ix + 1, iy + 1) * u;
  return top * (1 - v) + low * v;
}
