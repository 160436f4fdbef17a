import { useOutletContext } from "react-router";
import { parseLength, success } from "../../../core/basis/units/index.ts";
import { CHECK_BAR, type PrintScale, TRUE_SCALE } from "../../../core/make/cutsheet/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { QuantityField } from "../../../ui/controls/entries/QuantityField.tsx";
import { useLengthWords, useUnit } from "../../../ui/format/UnitContext.ts";
import type { MakeInHand } from "../makeData.ts";

/** Corrections within which a print can be mended; beyond them the printer fits pages to its paper. */
const MENDED = { least: 0.9, most: 1.115 } as const;
const BARS = [
  { way: "across", label: "I read on the bar at the foot" },
  { way: "up", label: "I read on the upright bar" },
] as const;

/** What a maker read on the printed bars becomes the scale of the next print, each way by itself. */
export function PrintCheck() {
  const {
    printer: { scale },
    choosePrinter,
  } = useOutletContext<MakeInHand>();
  const unit = useUnit();
  const words = useLengthWords();
  const change = (next: PrintScale): void => {
    choosePrinter({ printScale: next }, "The printer’s scale");
  };
  return (
    <div className="mt-3 grid gap-2">
      {BARS.map(({ way, label }) => (
        <QuantityField
          key={way}
          label={label}
          name={`bar-${way}`}
          value={null}
          optional
          show={(value) => String(value)}
          hint={scale[way] === 1 ? undefined : mended(scale[way], way, words(CHECK_BAR, 4))}
          read={(text) => (text.trim() === "" ? success(null) : parseLength(text, unit))}
          take={(read) => {
            if (read === null) return null;
            // The bar was printed at the scale in force.
            const next = (scale[way] * CHECK_BAR) / read;
            if (!(next >= MENDED.least && next <= MENDED.most))
              return `A bar of ${words(90, 3)} to ${words(110, 3)} can be mended; look for “100 %” in the printer’s settings.`;
            change({ ...scale, [way]: Math.round(next * 1e5) / 1e5 });
            return null;
          }}
        />
      ))}
      {(scale.across !== 1 || scale.up !== 1) && (
        <Button look="quiet" className="justify-self-start" onClick={() => change(TRUE_SCALE)}>
          Print without correction
        </Button>
      )}
    </div>
  );
}

function mended(scale: number, way: keyof PrintScale, bar: string): string {
  const share = `${(Math.abs(scale - 1) * 100).toFixed(1)} % ${scale > 1 ? "larger" : "smaller"}`;
  const direction = way === "across" ? "across the paper" : "along the paper";
  return `Prints are now drawn ${share} ${direction}: print again, the bar must read ${bar}.`;
}
