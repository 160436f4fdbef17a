/** A rectangle to be placed; mm. */
interface Size {
  readonly width: number;
  readonly height: number;
}

/** Where a rectangle went. */
export interface Nested {
  /** Its number in the list. */
  readonly index: number;
  readonly page: number;
  readonly x: number;
  readonly y: number;
  readonly turned: boolean;
}

interface Room extends Size {
  readonly x: number;
  readonly y: number;
}

/** Whether a rectangle goes on a page, turned or not. */
export function goesOn({ width, height }: Size, page: Size): boolean {
  return (width <= page.width && height <= page.height) || (height <= page.width && width <= page.height);
}

/**
 * Places rectangles on as few pages as can be managed, with a gap between them, turned where that helps: on each page
 * the largest free rectangles are kept, and each part goes where it leaves the least on its shorter side; large ones
 * first, by area and by longer side, and the better of the two orders is taken.
 *
 * @param sizes each must fit on a page, turned or not
 * @param page room on a page
 * @param gap between two parts
 * @source J. Jylänki, A thousand ways to pack the bin (2010): MAXRECTS-BSSF
 */
export function nest(sizes: readonly Size[], page: Size, gap: number): readonly Nested[] {
  const area = ({ width, height }: Size): number => width * height;
  const longer = ({ width, height }: Size): number => Math.max(width, height);
  const orders = [area, longer, ({ width, height }: Size) => width + height].map((measure) =>
    sizes
      .map((size, index) => ({ size, index }))
      .sort((a, b) => measure(b.size) - measure(a.size) || a.index - b.index),
  );
  const tried = orders.map((order) => placedInOrder(order, page, gap));
  const pages = (placed: readonly Nested[]): number => placed.reduce((most, { page: at }) => Math.max(most, at + 1), 0);
  return tried.reduce((best, each) => (pages(each) < pages(best) ? each : best));
}

function placedInOrder(
  order: readonly { readonly size: Size; readonly index: number }[],
  page: Size,
  gap: number,
): readonly Nested[] {
  // The gap is part of each rectangle, and of the page's far edges.
  const rooms: Room[][] = [];
  const placed: Nested[] = [];
  for (const { size, index } of order) {
    const grown = { width: size.width + gap, height: size.height + gap };
    let found: (Nested & { readonly left: number }) | null = null;
    for (const [at, free] of rooms.entries()) {
      found = bestPlace(grown, free, index, at);
      if (found !== null) break;
    }
    if (found === null) {
      rooms.push([{ x: 0, y: 0, width: page.width + gap, height: page.height + gap }]);
      found = bestPlace(grown, rooms.at(-1) as Room[], index, rooms.length - 1);
    }
    if (found === null) continue;
    const { left: _left, ...nested } = found;
    placed.push(nested);
    const taken = found.turned ? { width: grown.height, height: grown.width } : grown;
    rooms[found.page] = split(rooms[found.page] as Room[], { x: found.x, y: found.y, ...taken });
  }
  return placed;
}

function bestPlace(
  { width, height }: Size,
  free: readonly Room[],
  index: number,
  page: number,
): (Nested & { readonly left: number }) | null {
  let best: (Nested & { readonly left: number }) | null = null;
  for (const room of free) {
    for (const turned of [false, true]) {
      const [w, h] = turned ? [height, width] : [width, height];
      const left = Math.min(room.width - w, room.height - h);
      if (left < -1e-9 || (best !== null && left >= best.left)) continue;
      best = { index, page, x: room.x, y: room.y, turned, left };
    }
  }
  return best;
}

/** The free rectangles that are left when one is taken: the largest ones, those inside others dropped. */
function split(free: readonly Room[], taken: Room): Room[] {
  const right = taken.x + taken.width;
  const bottom = taken.y + taken.height;
  const pieces = free.flatMap((room): Room[] => {
    const [roomRight, roomBottom] = [room.x + room.width, room.y + room.height];
    if (taken.x >= roomRight || right <= room.x || taken.y >= roomBottom || bottom <= room.y) return [room];
    return [
      { ...room, width: taken.x - room.x },
      { ...room, x: right, width: roomRight - right },
      { ...room, height: taken.y - room.y },
      { ...room, y: bottom, height: roomBottom - bottom },
    ].filter(({ width, height }) => width > 1e-9 && height > 1e-9);
  });
  return pieces.filter(
    (piece, i) => !pieces.some((other, j) => i !== j && inside(piece, other) && (!inside(other, piece) || j < i)),
  );
}

function inside(inner: Room, outer: Room): boolean {
  return (
    inner.x >= outer.x - 1e-9 &&
    inner.y >= outer.y - 1e-9 &&
    inner.x + inner.width <= outer.x + outer.width + 1e-9 &&
    inner.y + inner.height <= outer.y + outer.height + 1e-9
  );
}
