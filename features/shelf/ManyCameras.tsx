import { useWindowVirtualizer } from "@tanstack/react-virtual";
import { useEffect, useLayoutEffect, useMemo, useRef, useState } from "react";
import type { Camera } from "../../core/camera/container/index.ts";
import { Board, widthOnShelf } from "./CameraOnShelf.tsx";
import type { OnShelf } from "./shelfData.ts";

/** What a board with its tags is taken to be high before it is measured, px; and the gap under it. */
const BOARD = 520;
const GAP = 40;

/** A full house: board under board, as many of them drawn as are in sight. */
export default function ManyCameras({
  cameras,
  pixel,
  tallest,
  shelf,
}: {
  readonly cameras: readonly Camera[];
  /** One screen pixel, mm. */
  readonly pixel: number;
  readonly tallest: number;
  readonly shelf: OnShelf;
}) {
  const list = useRef<HTMLDivElement>(null);
  const [{ top, width }, setPlace] = useState({ top: 0, width: 0 });
  const look = (): void => {
    const element = list.current;
    if (element !== null) setPlace({ top: element.offsetTop, width: element.clientWidth });
  };
  useLayoutEffect(look, []);
  useEffect(() => {
    window.addEventListener("resize", look);
    return () => window.removeEventListener("resize", look);
  });
  const boards = useMemo(
    () => onBoards(cameras, (camera) => widthOnShelf(camera, pixel), width),
    [cameras, pixel, width],
  );
  const rows = useWindowVirtualizer({
    count: boards.length,
    estimateSize: () => BOARD + GAP,
    overscan: 1,
    scrollMargin: top,
  });
  return (
    // biome-ignore lint/a11y/useSemanticElements: boards stand between the list and its entries.
    <div role="list" ref={list} className="relative mt-8" style={{ height: rows.getTotalSize() }}>
      {rows.getVirtualItems().map(({ key, index, start }) => (
        <div
          key={key}
          ref={rows.measureElement}
          data-index={index}
          role="presentation"
          className="absolute top-0 left-0 flex w-full pb-10"
          style={{ transform: `translateY(${start - top}px)` }}
        >
          <Board cameras={boards[index] ?? []} pixel={pixel} tallest={tallest} shelf={shelf} />
        </div>
      ))}
    </div>
  );
}

/** Things in their order on boards of one width, as many on each as have room. */
export function onBoards<Thing>(
  things: readonly Thing[],
  widthOf: (thing: Thing) => number,
  width: number,
): readonly (readonly Thing[])[] {
  const boards: Thing[][] = [];
  let left = 0;
  for (const thing of things) {
    const wide = widthOf(thing);
    const board = boards.at(-1);
    if (board !== undefined && wide <= left) board.push(thing);
    else boards.push([thing]);
    left = (board !== undefined && wide <= left ? left : width) - wide;
  }
  return boards;
}
