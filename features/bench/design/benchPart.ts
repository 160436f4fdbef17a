import { useCallback } from "react";
import { useSearchParams } from "react-router";

/** What lies below the drawing, one part at a time. */
export const BENCH_PARTS = [
  { id: "hole", name: "Hole" },
  { id: "sheets", name: "Sheets" },
  { id: "could-be", name: "Could be" },
  { id: "picture", name: "Picture" },
  { id: "versions", name: "Versions" },
  { id: "turns", name: "Turns of the film" },
] as const;

/** Id of a part. */
export type BenchPart = (typeof BENCH_PARTS)[number]["id"];

/** The part that lies open, kept in the page's address: `turn` turns to another, `open` brings it into sight too. */
export function useBenchPart(): {
  readonly part: BenchPart;
  readonly turn: (part: BenchPart) => void;
  readonly open: (part: BenchPart) => void;
} {
  const [query, setQuery] = useSearchParams();
  const asked = query.get("part");
  const part = BENCH_PARTS.find(({ id }) => id === asked)?.id ?? "hole";
  const turn = useCallback(
    (next: BenchPart) => {
      setQuery(
        (before) => {
          before.set("part", next);
          return before;
        },
        { replace: true, preventScrollReset: true },
      );
    },
    [setQuery],
  );
  const open = useCallback(
    (next: BenchPart) => {
      turn(next);
      document.querySelector("[data-bench-parts]")?.scrollIntoView({ block: "start" });
    },
    [turn],
  );
  return { part, turn, open };
}
