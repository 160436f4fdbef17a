/** Corners of a sheet in its scan, px, clockwise from the sheet's own top left. */
export type Corner = readonly [x: number, y: number];
export type Corners = readonly [Corner, Corner, Corner, Corner];
