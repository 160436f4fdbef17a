import { Check as Tick } from "lucide-react";
import { Checkbox } from "radix-ui";
import { useId } from "react";

/** A box to tick, with its words beside it. */
export function Check({
  label,
  checked,
  className = "min-h-9",
  disabled = false,
  onCheck,
}: {
  readonly label: string;
  readonly checked: boolean;
  readonly className?: string;
  readonly disabled?: boolean;
  readonly onCheck: (checked: boolean) => void;
}) {
  const id = useId();
  return (
    <div className={`flex items-center gap-2 ${className}`}>
      <Checkbox.Root
        id={id}
        checked={checked}
        disabled={disabled}
        onCheckedChange={(next) => onCheck(next === true)}
        className="flex size-[1.15rem] shrink-0 items-center justify-center border border-ink bg-card text-card data-[state=checked]:border-action data-[state=checked]:bg-action"
      >
        <Checkbox.Indicator>
          <Tick size={14} strokeWidth={3} aria-hidden />
        </Checkbox.Indicator>
      </Checkbox.Root>
      <label htmlFor={id} className="flex cursor-pointer items-center self-stretch">
        {label}
      </label>
    </div>
  );
}
