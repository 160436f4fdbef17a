import { useEffect, useRef } from "react";
import type { LabelMark } from "../../../core/basis/drawing/index.ts";
import type { BenchLayout } from "../../../core/bench/benchDrawing/index.ts";
import { type DesignField, fieldRecord } from "../../../core/camera/container/index.ts";
import { LengthField } from "../../../ui/controls/entries/LengthField.tsx";

/** An entry over a dimension's figure. Enter or leaving closes it; a refused entry stays with its message. */
export function FigureEntry({
  label,
  field,
  layout,
  value,
  onTake,
  onClose,
}: {
  readonly label: LabelMark;
  readonly field: DesignField;
  readonly layout: BenchLayout;
  readonly value: number;
  readonly onTake: (mm: number) => string | null;
  readonly onClose: () => void;
}) {
  const box = useRef<HTMLDivElement>(null);
  const origin = useRef(label.at);
  useEffect(() => {
    const input = box.current?.querySelector("input");
    input?.focus();
    input?.select();
  }, []);
  return (
    <div
      ref={box}
      className="absolute z-10 w-44 border border-ink bg-card px-2 py-1"
      style={{
        left: `clamp(0px, calc(${(100 * (origin.current.x - layout.bounds.x)) / layout.bounds.width}% - 5.5rem), calc(100% - 11rem))`,
        top: Math.max(0, (origin.current.y - layout.bounds.y) / layout.pixel - 40),
      }}
    >
      <LengthField
        label={fieldRecord(field).label}
        name={`figure-${field}`}
        value={value}
        onTake={(mm) => (mm === null ? null : onTake(mm))}
        onSettled={onClose}
      />
    </div>
  );
}
