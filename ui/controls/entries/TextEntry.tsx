import { type ComponentProps, useId } from "react";
import { cx } from "../cx.ts";

/** A labelled entry of a form, with its message or a hint underneath. */
export function TextEntry({
  label,
  hint,
  error,
  ...input
}: {
  readonly label: string;
  readonly hint?: string | undefined;
  readonly error?: string | undefined;
} & ComponentProps<"input">) {
  const id = useId();
  const note = error ?? hint;
  return (
    <div>
      <label htmlFor={id} className="block text-[0.87rem] text-quiet">
        {label}
      </label>
      <input
        {...input}
        id={id}
        className="entry"
        autoComplete="off"
        aria-invalid={error !== undefined}
        aria-describedby={note ? `${id}-note` : undefined}
      />
      {note && (
        <p
          id={`${id}-note`}
          role={error ? "alert" : undefined}
          className={cx("mt-0.5 text-[0.83rem]", error ? "text-action" : "text-quiet")}
        >
          {note}
        </p>
      )}
    </div>
  );
}
