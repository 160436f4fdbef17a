import { useId } from "react";
import { cx } from "./cx.ts";

/** Picks one of a list with the system's own control: quick on a phone, and sent along with its form. */
export function Pick({
  label,
  name,
  value,
  options,
  className,
  onPick,
}: {
  readonly label: string;
  readonly name?: string;
  readonly value: string;
  readonly options: readonly { readonly id: string; readonly name: string }[];
  readonly className?: string;
  readonly onPick: (id: string) => void;
}) {
  const id = useId();
  return (
    <div className={cx("min-w-0", className)}>
      <label htmlFor={id} className="block text-[0.87rem] text-quiet">
        {label}
      </label>
      <select id={id} name={name} className="entry" value={value} onChange={(event) => onPick(event.target.value)}>
        {options.map((option) => (
          <option key={option.id} value={option.id}>
            {option.name}
          </option>
        ))}
      </select>
    </div>
  );
}
