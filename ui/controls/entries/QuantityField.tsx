import { type ReactNode, useId } from "react";
import { cx } from "../cx.ts";
import { type QuantityRules, useQuantity } from "./useQuantity.ts";

/** A labelled number entry with its message underneath. Enter or leaving the field settles it, Escape gives it up. */
export function QuantityField({
  label,
  name,
  hint,
  optional = false,
  compact = false,
  after,
  onSettled,
  ...rules
}: QuantityRules & {
  readonly label: string;
  readonly name: string;
  readonly hint?: string | undefined;
  readonly optional?: boolean;
  readonly compact?: boolean;
  readonly after?: ReactNode;
  /** Told when an entry has been taken or given up. */
  readonly onSettled?: (() => void) | undefined;
}) {
  const id = useId();
  const quantity = useQuantity(rules);
  const note = quantity.error ?? hint;
  return (
    <div className={cx("min-w-0", compact && "text-[0.93rem]")}>
      <label htmlFor={id} className="block text-[0.87rem] text-quiet">
        {label}
        {optional && <span> (may stay empty)</span>}
      </label>
      <div className="flex items-center gap-2">
        <input
          id={id}
          name={name}
          className="entry"
          inputMode="text"
          autoComplete="off"
          value={quantity.text}
          aria-invalid={quantity.error !== null}
          aria-describedby={note ? `${id}-note` : undefined}
          onChange={(event) => quantity.type(event.target.value)}
          onBlur={() => {
            if (quantity.leave()) onSettled?.();
          }}
          onKeyDown={(event) => {
            if (event.key === "Enter" && quantity.leave()) onSettled?.();
            if (event.key === "Escape") {
              quantity.revert();
              onSettled?.();
            }
          }}
        />
        {after}
      </div>
      {note && (
        <p
          id={`${id}-note`}
          role={quantity.error ? "alert" : undefined}
          className={cx("mt-0.5 text-[0.83rem]", quantity.error ? "text-action" : "text-quiet")}
        >
          {note}
        </p>
      )}
    </div>
  );
}
