import type { LineMark, Point } from "./scene.ts";

/** Values on a regular grid over a rectangle, row by row. */
export interface Grid {
  readonly columns: number;
  readonly rows: number;
  readonly values: Float64Array;
  /** Position of a grid point in the drawing. */
  readonly at: (column: number, row: number) => Point;
}

/**
 * Level lines of a grid by marching squares, straight within each cell.
 *
 * @param grid finite values, or a large number where there is none
 * @param level value of the line
 * @returns pieces of the line, one for each cell it crosses
 * @source W. E. Lorensen, H. E. Cline, Marching cubes, SIGGRAPH 1987, in two dimensions
 * @example contour({ columns: 2, rows: 2, values: [0, 1, 0, 1] }, 0.5) // one upright line through the middle
 */
export function contour(grid: Grid, level: number): readonly LineMark[] {
  const pieces: LineMark[] = [];
  const { columns, rows, values } = grid;
  for (let row = 0; row + 1 < rows; row++) {
    for (let column = 0; column + 1 < columns; column++) {
      const first = row * columns + column;
      const above = (index: number): boolean => (values[index] as number) > level;
      const here = above(first);
      // Most cells are not crossed: pass them by before anything is made for them.
      if (here === above(first + 1) && here === above(first + columns) && here === above(first + columns + 1)) continue;
      const crossings = cellCrossings(grid, column, row, level);
      for (let i = 0; i + 1 < crossings.length; i += 2) {
        pieces.push({ kind: "line", layer: "contour", points: [crossings[i] as Point, crossings[i + 1] as Point] });
      }
    }
  }
  return pieces;
}

function cellCrossings(grid: Grid, column: number, row: number, level: number): readonly Point[] {
  const value = ([c, r]: Corner): number => (grid.values[r * grid.columns + c] as number) - level;
  return cellEdges(column, row).flatMap(([a, b]): Point[] => {
    const [from, to] = [value(a), value(b)];
    if (from > 0 === to > 0) return [];
    const share = from / (from - to);
    const [start, end] = [grid.at(...a), grid.at(...b)];
    return [{ x: start.x + share * (end.x - start.x), y: start.y + share * (end.y - start.y) }];
  });
}

type Corner = readonly [column: number, row: number];

function cellEdges(column: number, row: number): readonly (readonly [Corner, Corner])[] {
  const corners: readonly Corner[] = [
    [column, row],
    [column + 1, row],
    [column + 1, row + 1],
    [column, row + 1],
  ];
  return corners.map((corner, i) => [corner, corners[(i + 1) % 4] as Corner] as const);
}
