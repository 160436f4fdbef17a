/** A box to tick, with its words beside it. */
export function Check({
  label,
  checked,
  onCheck,
}: {
  readonly label: string;
  readonly checked: boolean;
  readonly onCheck: (checked: boolean) => void;
}) {
  return (
    <label className="flex min-h-9 items-center gap-2">
      <input
        type="checkbox"
        className="size-4 accent-[var(--sb-action)]"
        checked={checked}
        onChange={(event) => onCheck(event.target.checked)}
      />
      {label}
    </label>
  );
}
