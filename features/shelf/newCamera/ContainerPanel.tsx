import { Suspense, useState } from "react";
import { Controller } from "react-hook-form";
import { materials } from "../../../catalogue/materials.ts";
import { formatLength } from "../../../core/basis/units/index.ts";
import { kindRecord } from "../../../core/camera/kinds/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Check } from "../../../ui/controls/Check.tsx";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { UnitSwitch } from "../../../ui/controls/UnitSwitch.tsx";
import { lazyPart } from "../../../ui/page/lazyPart.tsx";
import { withFormat } from "./newCameraForm.ts";
import { withTyped } from "./readNewCamera.ts";
import { SizeEntry } from "./SizeEntry.tsx";
import type { NewCameraHand } from "./useNewCamera.ts";

const BesideCard = lazyPart(async () => ({ default: (await import("./BesideCard.tsx")).BesideCard }));

/** The container as it was found: its name, its inner sizes, what it is of. */
export function ContainerPanel({ hand }: { readonly hand: NewCameraHand }) {
  const { form, typed, read } = hand;
  const { control, register } = form;
  const { asked, name, set: usualSet } = kindRecord(typed.kind);
  return (
    <Panel title="Container" aside={<UnitSwitch />}>
      <SeenBesideCard hand={hand} />
      <div className="grid grid-cols-2 gap-x-4 gap-y-3">
        <div className="col-span-2">
          <TextEntry
            label="Name"
            hint={`Such as: tea caddy, shed side. Empty: ${name}`}
            error={read.errors.name}
            {...register("name")}
          />
        </div>
        {asked.map((field) => (
          <SizeEntry key={field} hand={hand} field={field} />
        ))}
        <SizeEntry hand={hand} field="container.wall" label="Wall, how thick" />
        {usualSet !== undefined && (
          <TextEntry
            label="How many alike"
            hint="Numbered, one shot each"
            error={read.errors.alike}
            {...register("alike")}
          />
        )}
        <Controller
          control={control}
          name="material"
          render={({ field }) => (
            <Choice label="Made of" value={field.value} options={materials} onChoose={field.onChange} />
          )}
        />
        <Controller
          control={control}
          name="insideBlack"
          render={({ field }) => (
            <Check
              label="Painted flat black inside"
              className="self-end pb-2"
              checked={field.value}
              onCheck={field.onChange}
            />
          )}
        />
      </div>
    </Panel>
  );
}

/** For those without a ruler: sizes by a photograph beside a bank card. */
function SeenBesideCard({ hand: { form, typed, read, unit } }: { readonly hand: NewCameraHand }) {
  const [seeing, setSeeing] = useState(false);
  const { asked } = kindRecord(typed.kind);
  const round = asked.includes("container.diameter");
  const take = (sizes: Readonly<Record<string, number>>): void => {
    const before = form.getValues();
    const texts = Object.entries(sizes).map(([field, mm]) => [field, formatLength(mm, unit, 1)]);
    const seen = withTyped(before, Object.fromEntries(texts));
    form.setValue("sizes", withFormat(seen, before.format, unit, "fitting").sizes, { shouldDirty: true });
  };
  return (
    <>
      {(round || asked.includes("container.width")) && (
        <Button className="mb-3" onClick={() => setSeeing(true)}>
          No ruler? Photograph it beside a bank card
        </Button>
      )}
      {seeing && (
        <Suspense>
          <BesideCard
            round={round}
            wall={read.camera?.container.wall ?? 0}
            onClose={() => setSeeing(false)}
            onSizes={take}
          />
        </Suspense>
      )}
    </>
  );
}
