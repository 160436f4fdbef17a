import { Controller } from "react-hook-form";
import { formats } from "../../../catalogue/formats.ts";
import { allMedia } from "../../../catalogue/media.ts";
import { mountOf } from "../../../core/camera/mounts/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { withFormat } from "./newCameraForm.ts";
import { typedIn } from "./readNewCamera.ts";
import { SizeEntry } from "./SizeEntry.tsx";
import type { NewCameraHand } from "./useNewCamera.ts";

/** The choice that stands for no format. */
const OWN_SIZE = "own";
const FORMATS = [...formats, { id: OWN_SIZE, name: "own size" }];

/** The sheet that goes in, trimmed where it doesn't. */
export function SheetPanel({ hand }: { readonly hand: NewCameraHand }) {
  const { form, unit, typed, read } = hand;
  const { control, getValues, setValue } = form;
  const misfit = read.errors["film.width"] !== undefined || read.errors["film.height"] !== undefined;
  const fitting = withFormat(typed, typed.format, unit, "fitting");
  const [width, height] = [typedIn(fitting, "film.width"), typedIn(fitting, "film.height")];
  const canTrim = misfit && (width !== typedIn(typed, "film.width") || height !== typedIn(typed, "film.height"));
  const chooseFormat = (id: string): void => {
    const next = withFormat(getValues(), id === OWN_SIZE ? "" : id, unit, "nominal");
    setValue("format", next.format, { shouldDirty: true });
    setValue("sizes", next.sizes);
  };
  return (
    <Panel title="Sheet">
      <div className="grid grid-cols-2 gap-x-4 gap-y-3">
        <Choice
          label="Cut from"
          value={typed.format === "" ? OWN_SIZE : typed.format}
          options={FORMATS}
          onChoose={chooseFormat}
        />
        <Controller
          control={control}
          name="medium"
          render={({ field }) => (
            <Choice label="Paper or film" value={field.value} options={allMedia()} onChoose={field.onChange} />
          )}
        />
        <SizeEntry hand={hand} field="film.width" label={mountOf(typed.kind).bent ? "Along the curve" : "Across"} />
        <SizeEntry hand={hand} field="film.height" label="Up" />
      </div>
      {canTrim && (
        <Button className="mt-2" onClick={() => setValue("sizes", fitting.sizes, { shouldDirty: true })}>
          Trim it to {width} × {height}
        </Button>
      )}
    </Panel>
  );
}
