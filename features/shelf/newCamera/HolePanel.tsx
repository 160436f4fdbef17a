import { Controller } from "react-hook-form";
import { plates } from "../../../catalogue/plates.ts";
import { kindRecord } from "../../../core/camera/kinds/index.ts";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { entriesOf, hasOpening } from "./readNewCamera.ts";
import { SizeEntry } from "./SizeEntry.tsx";
import type { NewCameraHand } from "./useNewCamera.ts";

/** What is asked of a hole that is made so; what another answer would ask is not shown. */
export function HolePanel({ hand }: { readonly hand: NewCameraHand }) {
  const { kind, mount } = hand.typed;
  const words = useLengthWords();
  const { asked } = kindRecord(kind);
  const fields = entriesOf(kind, mount).filter((field) => field.startsWith("hole.") && !asked.includes(field));
  if (fields.length === 0) return null;
  const options = plates.map(({ name, thickness }) => ({
    id: String(thickness),
    name: `${name}, ${words(thickness, 3)}`,
  }));
  return (
    <Panel title="Hole">
      <div className="grid grid-cols-2 gap-x-4 gap-y-3">
        {fields.map((field) => (
          <SizeEntry key={field} hand={hand} field={field} />
        ))}
        {hasOpening(kind, mount) && (
          <Controller
            control={hand.form.control}
            name="plate"
            render={({ field }) => (
              <Choice label="Plate" value={field.value} options={options} onChoose={field.onChange} />
            )}
          />
        )}
      </div>
    </Panel>
  );
}
