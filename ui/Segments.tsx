import { cx } from "./cx.ts";

/** One of a few, side by side: radio buttons that look like one strip of tape. */
export function Segments<Id extends string>({
  label,
  name,
  value,
  options,
  className,
  onChoose,
}: {
  readonly label: string;
  readonly name: string;
  readonly value: Id;
  readonly options: readonly { readonly id: Id; readonly name: string }[];
  readonly className?: string;
  readonly onChoose: (id: Id) => void;
}) {
  return (
    <div role="radiogroup" aria-label={label} className={cx("flex border border-ink", className)}>
      {options.map((option) => (
        <label
          key={option.id}
          className={cx(
            "flex min-h-9 grow cursor-pointer items-center justify-center px-3 has-[:focus-visible]:outline-2 has-[:focus-visible]:outline-action",
            value === option.id ? "bg-ink text-card" : "bg-card",
          )}
        >
          <input
            type="radio"
            name={name}
            className="sr-only"
            checked={value === option.id}
            onChange={() => onChoose(option.id)}
          />
          {option.name}
        </label>
      ))}
    </div>
  );
}
