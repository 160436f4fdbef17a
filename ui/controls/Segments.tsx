import { RadioGroup } from "radix-ui";
import { cx } from "./cx.ts";

/** One of a few, side by side: they look like one strip of tape. */
export function Segments<Id extends string>({
  label,
  value,
  options,
  className,
  onChoose,
}: {
  readonly label: string;
  readonly value: Id;
  readonly options: readonly { readonly id: Id; readonly name: string }[];
  readonly className?: string;
  readonly onChoose: (id: Id) => void;
}) {
  return (
    <RadioGroup.Root
      aria-label={label}
      value={value}
      onValueChange={(id) => onChoose(id as Id)}
      orientation="horizontal"
      className={cx("flex border border-ink", className)}
    >
      {options.map((option) => (
        <RadioGroup.Item
          key={option.id}
          value={option.id}
          className="flex min-h-9 grow cursor-pointer items-center justify-center bg-card px-3 data-[state=checked]:bg-ink data-[state=checked]:text-card"
        >
          {option.name}
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}
