import { failure, plainNumber, type Result, success } from "../../../core/basis/units/index.ts";
import { QuantityField } from "./QuantityField.tsx";

/** An entry for a whole number; what is out of its range stays as typed, with what is allowed. */
export function CountField({
  label,
  name,
  value,
  least,
  most,
  onTake,
}: {
  readonly label: string;
  readonly name: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly onTake: (value: number) => void;
}) {
  const allowed = `A whole number from ${least} to ${most}.`;
  return (
    <QuantityField
      label={label}
      name={name}
      value={value}
      show={String}
      read={(text): Result<number> => {
        const number = plainNumber(text);
        if (!number.ok) return failure(allowed);
        return Number.isInteger(number.value) && number.value >= least && number.value <= most
          ? success(number.value)
          : failure(allowed);
      }}
      take={(count) => {
        if (count !== null) onTake(count);
        return null;
      }}
    />
  );
}
