import { plainNumber, success } from "../../../core/basis/units/index.ts";
import { type DesignField, fieldQuantity } from "../../../core/camera/container/index.ts";
import { LengthField } from "../../../ui/LengthField.tsx";
import { QuantityField } from "../../../ui/QuantityField.tsx";

/** An entry for any size of a design: a length, an angle or a count, each in its own writing. */
export function DesignEntry({
  field,
  label,
  value,
  onTake,
  name = field,
  ...rest
}: {
  readonly field: DesignField;
  readonly label: string;
  readonly value: number | null;
  readonly name?: string;
  readonly digits?: number;
  readonly optional?: boolean;
  readonly hint?: string;
  readonly onTake: (value: number | null) => string | null;
  readonly onSettled?: () => void;
}) {
  const quantity = fieldQuantity(field);
  if (quantity === "length") return <LengthField label={label} name={name} value={value} onTake={onTake} {...rest} />;
  const sign = quantity === "angle" ? "°" : "";
  return (
    <QuantityField
      label={label}
      name={name}
      value={value}
      show={(number) => `${Math.round(number * 10) / 10}${sign}`}
      read={(text) => (rest.optional && text.trim() === "" ? success(null) : plainNumber(text, sign))}
      take={onTake}
      hint={rest.hint}
      onSettled={rest.onSettled}
    />
  );
}
