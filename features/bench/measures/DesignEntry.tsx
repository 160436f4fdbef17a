import { plainNumber, success } from "../../../core/basis/units/index.ts";
import { type DesignField, fieldRecord } from "../../../core/camera/container/index.ts";
import { LengthField } from "../../../ui/controls/entries/LengthField.tsx";
import { QuantityField } from "../../../ui/controls/entries/QuantityField.tsx";

/** An entry for any size of a design: a length, an angle or a count, each in its own writing. */
export function DesignEntry({
  field,
  value,
  onTake,
  name = field,
  onSettled,
}: {
  readonly field: DesignField;
  readonly value: number | null;
  readonly name?: string;
  readonly onTake: (value: number | null) => string | null;
  readonly onSettled?: () => void;
}) {
  const { label, quantity, digits, optional = false, hint } = fieldRecord(field);
  if (quantity === "length") {
    return (
      <LengthField
        label={label}
        name={name}
        value={value}
        onTake={onTake}
        optional={optional}
        {...(digits === undefined ? {} : { digits })}
        {...(hint === undefined ? {} : { hint })}
        {...(onSettled === undefined ? {} : { onSettled })}
      />
    );
  }
  const sign = quantity === "angle" ? "°" : "";
  return (
    <QuantityField
      label={label}
      name={name}
      value={value}
      show={(number) => `${Math.round(number * 10) / 10}${sign}`}
      read={(text) => (optional && text.trim() === "" ? success(null) : plainNumber(text, sign))}
      take={onTake}
      hint={hint}
      onSettled={onSettled}
    />
  );
}
