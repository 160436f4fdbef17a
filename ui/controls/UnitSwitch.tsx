import { keep } from "../edits/keep.ts";
import { useUnit } from "../format/UnitContext.ts";
import { Segments } from "./Segments.tsx";

const UNITS = [
  { id: "mm", name: "mm" },
  { id: "in", name: "in" },
] as const;

/** Millimetres or inches, for everything this maker sees; what is stored does not change. */
export function UnitSwitch() {
  return (
    <Segments
      label="Unit of length"
      value={useUnit()}
      options={UNITS}
      className="text-[0.87rem] [&>button]:min-h-7"
      onChoose={(unit) => keep("unit", unit, "The unit")}
    />
  );
}
