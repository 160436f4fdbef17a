/** How pictures are hung: one a page, three by three, in a row, or as many as a page takes. */
export type HangKind = "sheets" | "nine" | "series" | "contact";

/** Where a picture hangs: page, and mm from its upper left corner; its caption stands below. */
export interface HangPlace {
  readonly index: number;
  readonly page: number;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** White round a page, between pictures, and for a caption, mm. */
const SPACE = { round: 12, between: 6, caption: 8 } as const;

/**
 * Where pictures hang on pages. Sheets and contact sheets are at their true size as far as a page takes them; a grid of nine
 * and a row are made as large as they fit.
 *
 * @param sizes of the pictures, mm
 * @param page mm
 * @returns a place for each picture, in their order; none overlaps another or leaves its page
 * @example hangLayout("sheets", [{ width: 127, height: 101.6 }], { width: 210, height: 297 })[0].width // 127
 */
export function hangLayout(
  kind: HangKind,
  sizes: readonly { readonly width: number; readonly height: number }[],
  page: { readonly width: number; readonly height: number },
): readonly HangPlace[] {
  const room = { width: page.width - 2 * SPACE.round, height: page.height - 2 * SPACE.round };
  switch (kind) {
    case "sheets":
      return sizes.map((size, index) => {
        const scale = Math.min(1, room.width / size.width, (room.height - SPACE.caption) / size.height);
        const [width, height] = [size.width * scale, size.height * scale];
        return {
          index,
          page: index,
          x: (page.width - width) / 2,
          y: SPACE.round + (room.height - SPACE.caption - height) / 2,
          width,
          height,
        };
      });
    case "nine":
      return gridded(sizes, room, 3, 3);
    case "series":
      return gridded(sizes, room, Math.max(1, Math.min(sizes.length, MOST_IN_A_ROW)), 1);
    case "contact":
      return wrapped(sizes, room);
    default:
      return kind satisfies never;
  }
}

/** A row of more would be too small to look at. */
const MOST_IN_A_ROW = 6;

function gridded(
  sizes: readonly { readonly width: number; readonly height: number }[],
  room: { readonly width: number; readonly height: number },
  columns: number,
  rows: number,
): readonly HangPlace[] {
  const cell = {
    width: (room.width - (columns - 1) * SPACE.between) / columns,
    height: (room.height - (rows - 1) * SPACE.between) / rows,
  };
  return sizes.map((size, index) => {
    const [page, on] = [Math.floor(index / (columns * rows)), index % (columns * rows)];
    const [column, row] = [on % columns, Math.floor(on / columns)];
    const scale = Math.min(cell.width / size.width, (cell.height - SPACE.caption) / size.height);
    const [width, height] = [size.width * scale, size.height * scale];
    return {
      index,
      page,
      x: SPACE.round + column * (cell.width + SPACE.between) + (cell.width - width) / 2,
      y: SPACE.round + row * (cell.height + SPACE.between) + (cell.height - SPACE.caption - height) / 2,
      width,
      height,
    };
  });
}

/** At true size, row by row, as many as fit. */
function wrapped(
  sizes: readonly { readonly width: number; readonly height: number }[],
  room: { readonly width: number; readonly height: number },
): readonly HangPlace[] {
  let [page, x, y, high] = [0, 0, 0, 0];
  return sizes.map((size, index) => {
    const scale = Math.min(1, room.width / size.width, (room.height - SPACE.caption) / size.height);
    const [width, height] = [size.width * scale, size.height * scale];
    if (x > 0 && x + width > room.width + 1e-9) [x, y, high] = [0, y + high + SPACE.caption + SPACE.between, 0];
    if (y > 0 && y + height + SPACE.caption > room.height + 1e-9) [page, x, y, high] = [page + 1, 0, 0, 0];
    const place = { index, page, x: SPACE.round + x, y: SPACE.round + y, width, height };
    x += width + SPACE.between;
    high = Math.max(high, height);
    return place;
  });
}
