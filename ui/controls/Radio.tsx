import { RadioGroup } from "radix-ui";
import { type ReactNode, useId } from "react";
import { cx } from "./cx.ts";

/** Ways to choose one from, each a round mark with its words; what holds them decides where they stand. */
export function Radios({
  label,
  value,
  className,
  onChoose,
  children,
}: {
  readonly label: string;
  /** Empty: none is chosen yet. */
  readonly value: string;
  readonly className?: string;
  readonly onChoose: (id: string) => void;
  readonly children: ReactNode;
}) {
  return (
    <RadioGroup.Root aria-label={label} value={value} onValueChange={onChoose} className={className ?? ""}>
      {children}
    </RadioGroup.Root>
  );
}

/** One of {@link Radios}. */
export function Radio({
  id: value,
  className,
  children,
}: {
  readonly id: string;
  readonly className?: string;
  readonly children: ReactNode;
}) {
  const id = useId();
  return (
    <div className={cx("flex items-center gap-2", className)}>
      <RadioGroup.Item
        id={id}
        value={value}
        className="flex size-[1.1rem] shrink-0 items-center justify-center rounded-full border border-ink bg-card data-[state=checked]:border-action"
      >
        <RadioGroup.Indicator className="size-2.5 rounded-full bg-action" />
      </RadioGroup.Item>
      <label htmlFor={id} className="grow cursor-pointer">
        {children}
      </label>
    </div>
  );
}
