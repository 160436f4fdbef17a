import { useWindowVirtualizer, type VirtualItem } from "@tanstack/react-virtual";
import { type LiHTMLAttributes, type ReactNode, useLayoutEffect, useRef, useState } from "react";

/** A longer list is laid out only where it is in sight. */
const MANY = 60;

/** Attributes of one entry of a list, marks for tests among them. */
export type EntryAttributes = LiHTMLAttributes<HTMLLIElement> & Readonly<Record<`data-${string}`, string | undefined>>;

interface Listed<T> {
  readonly items: readonly T[];
  readonly keyOf: (item: T) => string;
  /** What an entry is taken to be high before it is measured, px. */
  readonly estimate: number;
  readonly entry?: (item: T) => EntryAttributes;
  readonly children: (item: T, index: number) => ReactNode;
  /** What the list is called, where nothing on the page says it. */
  readonly named?: string;
}

/** A list down the page, however long: of thousands of entries as many are laid out as are in sight. */
export function LongList<T>(list: Listed<T>) {
  return list.items.length > MANY ? <InSight {...list} /> : <Whole {...list} />;
}

function Whole<T>({ items, keyOf, entry, children, named }: Listed<T>) {
  return (
    <ul data-entries={items.length} aria-label={named}>
      {items.map((item, index) => (
        <li key={keyOf(item)} {...entry?.(item)}>
          {children(item, index)}
        </li>
      ))}
    </ul>
  );
}

function InSight<T>({ items, keyOf, estimate, entry, children, named }: Listed<T>) {
  const list = useRef<HTMLUListElement>(null);
  const [top, setTop] = useState(0);
  // What stands above it may grow and shrink.
  useLayoutEffect(() => {
    const now = list.current ? list.current.getBoundingClientRect().top + window.scrollY : 0;
    if (Math.abs(now - top) > 1) setTop(now);
  });
  const rows = useWindowVirtualizer({
    count: items.length,
    estimateSize: () => estimate,
    overscan: 4,
    scrollMargin: top,
    getItemKey: (index) => keyOf(items[index] as T),
  });
  const shown = rows.getVirtualItems();
  const above = (shown[0]?.start ?? top) - top;
  const below = rows.getTotalSize() - above - heightOf(shown);
  return (
    <ul
      ref={list}
      data-entries={items.length}
      aria-label={named}
      style={{ paddingTop: Math.max(0, above), paddingBottom: Math.max(0, below) }}
    >
      {shown.map(({ key, index }) => {
        const item = items[index] as T;
        return (
          <li
            key={key}
            ref={rows.measureElement}
            data-index={index}
            aria-setsize={items.length}
            aria-posinset={index + 1}
            {...entry?.(item)}
          >
            {children(item, index)}
          </li>
        );
      })}
    </ul>
  );
}

function heightOf(items: readonly VirtualItem[]): number {
  return (items.at(-1)?.end ?? 0) - (items[0]?.start ?? 0);
}
