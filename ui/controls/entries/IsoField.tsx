import { plainNumber } from "../../../core/basis/units/index.ts";
import { QuantityField } from "./QuantityField.tsx";

/** The speed of a paper or film. */
export function IsoField({
  label = "ISO",
  name,
  value,
  onTake,
}: {
  readonly label?: string;
  readonly name: string;
  readonly value: number;
  readonly onTake: (iso: number) => void;
}) {
  return (
    <QuantityField
      label={label}
      name={name}
      value={value}
      show={String}
      read={plainNumber}
      take={(iso) => {
        if (iso === null || !(iso > 0)) return "Above 0, such as 6.";
        onTake(iso);
        return null;
      }}
    />
  );
}
