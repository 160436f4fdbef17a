import { useState } from "react";
import { plainNumber } from "../../core/basis/units/index.ts";
import { QuantityField } from "../../ui/controls/entries/QuantityField.tsx";

/** A quantity of an example: what it is called, its unit, and where it starts. */
export interface ExampleField {
  readonly label: string;
  readonly unit: string;
  readonly value: number;
}

/** A formula with numbers that can be changed; what comes out stands beside it. */
export function LiveExample({
  fields,
  result,
}: {
  readonly fields: readonly ExampleField[];
  /** What to say of the values, in the order of the fields. */
  readonly result: (...values: readonly number[]) => string;
}) {
  const [values, setValues] = useState(() => fields.map(({ value }) => value));
  return (
    <div
      className="mt-2 grid items-end gap-x-4 gap-y-2 border-kraft border-l-4 bg-card p-3 sm:grid-cols-[repeat(auto-fit,minmax(7rem,1fr))]"
      data-example
    >
      {fields.map(({ label, unit }, index) => (
        <QuantityField
          key={label}
          label={unit === "" ? label : `${label}, ${unit}`}
          name={label}
          value={values[index] ?? 0}
          show={(value) => String(Math.round(value * 1e6) / 1e6)}
          read={plainNumber}
          take={(value) => {
            if (value === null || !(value > 0)) return "A number above 0.";
            setValues((before) => before.map((old, at) => (at === index ? value : old)));
            return null;
          }}
        />
      ))}
      <p className="font-semibold sm:col-span-2" aria-live="polite">
        {result(...values)}
      </p>
    </div>
  );
}
