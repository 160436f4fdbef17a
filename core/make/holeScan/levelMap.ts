/** A level that may differ from place to place: one number for every 64 columns of a row. */
export interface LevelMap {
  readonly row: (y: number) => Float64Array;
}

/** One level for the whole picture. */
export function evenLevel(width: number, level: number): LevelMap {
  const row = new Float64Array((width >> 6) + 1).fill(level);
  return { row: () => row };
}
