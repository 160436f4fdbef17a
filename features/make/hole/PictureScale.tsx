import { MM_PER_INCH, plainNumber } from "../../../core/basis/units/index.ts";
import { DPI_RANGE, type HoleOutline, type PixelPoint } from "../../../core/make/holeScan/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { LengthField } from "../../../ui/controls/entries/LengthField.tsx";
import { QuantityField } from "../../../ui/controls/entries/QuantityField.tsx";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import type { Measuring } from "./useMeasuring.ts";

/** What the numbers of a picture may stand for. */
const ENCODINGS = [
  { id: "file", name: "what the file says" },
  { id: "linear", name: "light itself (a scanner’s raw numbers)" },
  { id: "srgb", name: "a picture for screens (sRGB)" },
] as const;

/** Marks nearer to each other in the picture than this make a poor scale, px. */
const NEAR_MARKS = 20;

/** How large a pixel is and what its number stands for: as the file says, as typed, or by a ruler in the picture. */
export function PictureScale({
  dpi,
  encoding,
  outline,
  ruler,
  onRuler,
  again,
}: {
  readonly dpi: number | null;
  readonly encoding: "linear" | "srgb" | null;
  /** The hole as it was measured, if it was. */
  readonly outline: Pick<HoleOutline, "diameter" | "otherwise"> | null;
  /** Marks of a ruler that were pressed on so far; `null` while none is being set. */
  readonly ruler: readonly PixelPoint[] | null;
  readonly onRuler: (ruler: readonly PixelPoint[] | null) => void;
  readonly again: Measuring["again"];
}) {
  const length = useLengthWords();
  const size = (px: number): string => (dpi === null ? `${px.toFixed(1)} pixels` : length((px * MM_PER_INCH) / dpi));
  return (
    <div className="grid content-start gap-2">
      <QuantityField
        label="Resolution, dpi"
        name="dpi"
        value={dpi}
        show={(value) => String(Math.round(value * 10) / 10)}
        hint={
          dpi === null
            ? "The file states none: type it, or set it by a ruler in the picture."
            : "As the file says, or as you typed."
        }
        read={(text) => plainNumber(text, "dpi")}
        take={(value) => {
          if (value === null || !(value >= DPI_RANGE.least && value <= DPI_RANGE.most))
            return "A resolution is 10 to 1,000,000 dots per inch.";
          again({ dpi: value });
          return null;
        }}
      />
      <Choice
        label="Its numbers stand for"
        value={encoding ?? "file"}
        options={ENCODINGS}
        onChoose={(id) => again({ encoding: id === "linear" || id === "srgb" ? id : null })}
      />
      {outline !== null && outline.otherwise !== null && (
        <p className="border-kraft border-l-4 pl-2 text-[0.93rem]" data-both-readings>
          The file doesn’t say what its numbers stand for. As light itself, as scanners write it, the hole is{" "}
          {size(outline.diameter)} across; as numbers for a screen, as phones and most programs write them,{" "}
          {size(outline.otherwise)}. Choose above which it is; until then the ± covers both.
        </p>
      )}
      {ruler === null ? (
        <Button look="quiet" className="justify-self-start" onClick={() => onRuler([])}>
          Set it by a ruler in the picture
        </Button>
      ) : (
        <div>
          <p className="text-[0.93rem]">
            {ruler.length < 2 ? `Press on two marks of the ruler (${ruler.length} of 2).` : "How far apart are they?"}
          </p>
          {ruler.length === 2 && (
            <LengthField
              label="Between the two marks"
              name="between"
              value={null}
              optional
              onTake={(mm) => {
                if (mm === null) return null;
                const [a, b] = ruler as readonly [PixelPoint, PixelPoint];
                const pixels = Math.hypot(b.x - a.x, b.y - a.y);
                if (pixels < NEAR_MARKS)
                  return "The marks are too close to each other in the picture: take two further apart.";
                again({ dpi: (pixels * MM_PER_INCH) / mm });
                onRuler(null);
                return null;
              }}
            />
          )}
          <Button look="quiet" onClick={() => onRuler(null)}>
            Leave it
          </Button>
        </div>
      )}
    </div>
  );
}
