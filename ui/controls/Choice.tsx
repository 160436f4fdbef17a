import { Check, ChevronDown } from "lucide-react";
import { Select } from "radix-ui";
import { memo, useContext, useId, useState } from "react";
import { cx } from "./cx.ts";
import { NonceContext } from "./NonceContext.ts";

export interface ChoiceOption {
  readonly id: string;
  readonly name: string;
  readonly note?: string;
}

/** A longer list is laid out when it is opened; letters typed on a shut one then choose nothing. */
const MANY = 50;

/** Picks one of a list, by pointer or keyboard. Drawn again only when its value or its (stable) options change. */
export const Choice = memo(function Choice({
  label,
  value,
  options,
  onChoose,
  placeholder = "Choose",
  labelled = "above",
  className,
}: {
  readonly label: string;
  /** Whether its label stands above it, or is only heard. */
  readonly labelled?: "above" | "heard";
  readonly className?: string;
  readonly value: string | null;
  readonly options: readonly ChoiceOption[];
  readonly onChoose: (id: string) => void;
  readonly placeholder?: string;
}) {
  const id = useId();
  const nonce = useContext(NonceContext);
  const [open, setOpen] = useState(false);
  // Options are laid out behind the scenes also while the list is shut.
  const listed = open || options.length <= MANY ? options : options.filter((option) => option.id === value);
  return (
    <div className={cx("min-w-0", className)}>
      <label htmlFor={id} className={labelled === "above" ? "block text-[0.87rem] text-quiet" : "sr-only"}>
        {label}
      </label>
      <Select.Root {...(value === null ? {} : { value })} open={open} onOpenChange={setOpen} onValueChange={onChoose}>
        <Select.Trigger
          id={id}
          data-value={value ?? ""}
          className="entry flex items-center justify-between gap-2 text-left"
        >
          <span className="truncate">
            <Select.Value placeholder={placeholder} />
          </span>
          <ChevronDown size={16} aria-hidden className="shrink-0" />
        </Select.Trigger>
        <Select.Portal>
          <Select.Content
            position="popper"
            sideOffset={2}
            className="z-50 max-h-[60vh] min-w-[var(--radix-select-trigger-width)] overflow-hidden border border-ink bg-card text-ink"
          >
            <Select.Viewport nonce={nonce}>
              {listed.map((option) => (
                <Select.Item
                  key={option.id}
                  value={option.id}
                  data-option={option.id}
                  className="flex min-h-9 cursor-pointer items-center gap-2 px-2 py-1 outline-none data-[highlighted]:bg-kraft-pale"
                >
                  <span className="w-4">
                    <Select.ItemIndicator>
                      <Check size={14} aria-hidden />
                    </Select.ItemIndicator>
                  </span>
                  <Select.ItemText>{option.name}</Select.ItemText>
                  {option.note && <span className="ml-auto pl-4 text-[0.83rem] text-quiet">{option.note}</span>}
                </Select.Item>
              ))}
            </Select.Viewport>
          </Select.Content>
        </Select.Portal>
      </Select.Root>
    </div>
  );
});
