import { formatLength, parseLength, success } from "../../../core/basis/units/index.ts";
import { useUnit } from "../../format/UnitContext.ts";
import { QuantityField } from "./QuantityField.tsx";

/** A length entry in the maker's unit that reads any unit. Empty is `null` where that is allowed. */
export function LengthField({
  label,
  name,
  value,
  digits = 2,
  hint,
  optional = false,
  onTake,
  onSettled,
}: {
  readonly label: string;
  readonly name: string;
  readonly value: number | null;
  readonly digits?: number;
  readonly hint?: string | undefined;
  readonly optional?: boolean;
  /** Takes millimetres; returns a sentence to refuse them. */
  readonly onTake: (mm: number | null) => string | null;
  readonly onSettled?: () => void;
}) {
  const unit = useUnit();
  return (
    <QuantityField
      label={label}
      name={name}
      hint={hint}
      optional={optional}
      value={value}
      show={(mm) => formatLength(mm, unit, digits)}
      read={(text) => (optional && text.trim() === "" ? success(null) : parseLength(text, unit))}
      take={onTake}
      onSettled={onSettled}
    />
  );
}
