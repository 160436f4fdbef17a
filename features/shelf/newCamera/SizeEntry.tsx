import { type DesignField, fieldRecord } from "../../../core/camera/container/index.ts";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";
import { typedIn } from "./readNewCamera.ts";
import type { NewCameraHand } from "./useNewCamera.ts";

/** One size of a new camera; what is wrong with it is said once something stands there, it was left, or all was sent. */
export function SizeEntry({
  hand: { form, typed, read, refused },
  field,
  label = fieldRecord(field).label,
}: {
  readonly hand: NewCameraHand;
  readonly field: DesignField;
  readonly label?: string;
}) {
  const { isSubmitted, touchedFields } = form.formState;
  const [place = "", name = ""] = field.split(".");
  const left = touchedFields.sizes?.[place]?.[name] === true;
  const told = isSubmitted || left || typedIn(typed, field) !== "";
  return (
    <TextEntry
      label={label}
      hint={fieldRecord(field).asked}
      error={told ? (read.errors[field] ?? refused[field]) : undefined}
      {...form.register(`sizes.${place}.${name}`)}
    />
  );
}
