/** A discrete Fourier transform of a fixed length; complex numbers lie as real and imaginary part in turn. */
export interface Transform {
  readonly forward: (out: Float64Array, data: Float64Array) => void;
  readonly inverse: (out: Float64Array, data: Float64Array) => void;
}

/** Side of a tile, px. */
export const TILE = 512;
/** Columns that are transformed together: their numbers lie side by side. */
const AT_ONCE = 8;

/** The transform of a tile, in place; frequencies across above `finest` (0 to TILE/2) are left as they come, to be filtered away. */
export interface TileTransform {
  readonly forward: (data: Float64Array, finest: number) => void;
  readonly inverse: (data: Float64Array, finest: number) => void;
}

/**
 * The transform of a square from that of a line. What a filter throws away needs no transform along its columns.
 *
 * @param line a transform of the length {@link TILE}
 * @example tileTransform(transformOf(TILE)).forward(data, TILE / 2) // all frequencies …
 */
export function tileTransform(line: Transform): TileTransform {
  const to = new Float64Array(2 * TILE);
  const columns = Array.from({ length: AT_ONCE }, () => new Float64Array(2 * TILE));
  const along = (transform: Transform["forward"], data: Float64Array): void => {
    for (let y = 0; y < TILE; y++) {
      const row = data.subarray(2 * y * TILE, 2 * (y + 1) * TILE);
      transform(to, row);
      row.set(to);
    }
  };
  const down = (transform: Transform["forward"], data: Float64Array, finest: number): void => {
    for (let x = 0; x < TILE; x += AT_ONCE) {
      if (x > finest && TILE - x - AT_ONCE + 1 > finest) continue;
      for (let y = 0; y < TILE; y++) {
        for (let k = 0, at = 2 * (y * TILE + x); k < AT_ONCE; k++, at += 2) {
          const column = columns[k] as Float64Array;
          column[2 * y] = data[at] as number;
          column[2 * y + 1] = data[at + 1] as number;
        }
      }
      for (const column of columns) {
        transform(to, column);
        column.set(to);
      }
      for (let y = 0; y < TILE; y++) {
        for (let k = 0, at = 2 * (y * TILE + x); k < AT_ONCE; k++, at += 2) {
          const column = columns[k] as Float64Array;
          data[at] = column[2 * y] as number;
          data[at + 1] = column[2 * y + 1] as number;
        }
      }
    }
  };
  return {
    forward: (data, finest) => {
      along(line.forward, data);
      down(line.forward, data, finest);
    },
    inverse: (data, finest) => {
      down(line.inverse, data, finest);
      along(line.inverse, data);
    },
  };
}
