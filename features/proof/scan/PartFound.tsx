import type { PartOfSheet, SheetBeyond } from "../../../core/negative/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import type { Corners } from "../corners.ts";

/** Says that only a part of the sheet may have been found, and offers the rest: the maker sees where it lies. */
export function PartFound({
  part,
  onWhole,
}: {
  readonly part: PartOfSheet;
  readonly onWhole: (corners: Corners) => void;
}) {
  return (
    <div role="status" className="grid gap-2 border-action border-l-4 pl-3" data-part-found>
      <p>
        {part.why === "proportions"
          ? `Only a part of the sheet may have been found: what stands out is ${part.found.toFixed(2)} times as long as wide, the paper ${part.paper.toFixed(2)} times.`
          : "Only a part of the sheet may have been found: one side is no straight edge of paper."}{" "}
        What is as dark as the table does not stand out from it. Where does it go on?
      </p>
      <div className="flex flex-wrap gap-2">
        {part.wholes.map((whole) => (
          <Button key={`${whole.side} ${whole.more}`} onClick={() => onWhole(cornersOf(whole))}>
            {wayOf(whole)}
          </Button>
        ))}
      </div>
    </div>
  );
}

function cornersOf({ corners }: SheetBeyond): Corners {
  return corners.map(({ x, y }) => [x, y] as const) as unknown as Corners;
}

/** “To the left, as much again”: which way in the scan, and how much more there is of it. */
function wayOf({ side, more, corners }: SheetBeyond): string {
  const [from, to] = [corners[side], corners[(side + 1) % 4] as (typeof corners)[0]];
  const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
  const all = { x: mean(corners.map(({ x }) => x)), y: mean(corners.map(({ y }) => y)) };
  const [dx, dy] = [middle.x - all.x, middle.y - all.y];
  const way =
    Math.abs(dx) > Math.abs(dy) ? (dx < 0 ? "To the left" : "To the right") : dy < 0 ? "Upwards" : "Downwards";
  return `${way}, ${moreWords(more)}`;
}

/** A share in a maker's words. */
function moreWords(more: number): string {
  if (more < 0.3) return "a quarter more";
  if (more < 0.42) return "a third more";
  if (more < 0.6) return "half as much again";
  if (more < 0.87) return "three quarters more";
  if (more < 1.25) return "as much again";
  return more < 1.75 ? "one and a half times as much again" : "twice as much again, or more";
}

function mean(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length;
}
