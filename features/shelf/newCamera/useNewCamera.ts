import { useEffect, useRef, useState } from "react";
import { type Resolver, set, type UseFormReturn, useForm, useWatch } from "react-hook-form";
import type { LengthUnit } from "../../../core/basis/units/index.ts";
import type { Camera } from "../../../core/camera/container/index.ts";
import { type CameraKind, isCameraKind, kinds } from "../../../core/camera/kinds/index.ts";
import { changesBetween } from "../../../core/document/index.ts";
import { useUnit } from "../../../ui/format/UnitContext.ts";
import { startForm } from "./newCameraForm.ts";
import { type NewCameraEntry, type NewCameraForm, readNewCamera } from "./readNewCamera.ts";

const [FIRST] = kinds as readonly [(typeof kinds)[number]];

/** A new camera while it is typed. */
export interface NewCameraHand {
  readonly form: UseFormReturn<NewCameraForm>;
  readonly unit: LengthUnit;
  readonly typed: NewCameraForm;
  readonly read: ReturnType<typeof readNewCamera>;
  /** What the server found unusable. */
  readonly refused: Readonly<Partial<Record<NewCameraEntry, string>>>;
  /** The last one that could be built; `null`: none yet. */
  readonly lastGood: Camera | null;
  readonly chooseKind: (kind: string) => void;
}

/** Holds what is typed, kind by kind, and reads it as a camera. */
export function useNewCamera(refused: NewCameraHand["refused"]): NewCameraHand {
  const unit = useUnit();
  const resolver: Resolver<NewCameraForm> = (values) => {
    const errors = {};
    for (const [entry, message] of Object.entries(readNewCamera(values, unit, "new", "").errors)) {
      set(errors, entry === "name" || entry === "alike" ? entry : `sizes.${entry}`, { type: "unusable", message });
    }
    return { values, errors };
  };
  const form = useForm<NewCameraForm>({ defaultValues: startForm(FIRST.id, unit, ""), resolver });
  const { control, getValues, reset } = form;
  const { isDirty } = form.formState;
  const typed = useWatch({ control }) as NewCameraForm;
  const read = readNewCamera(typed, unit, "new", "");
  const [lastGood, setLastGood] = useState<Camera | null>(read.camera);
  if (read.camera !== null && changesBetween(lastGood, read.camera).length > 0) setLastGood(read.camera);

  // Each kind has a form of its own: looking at another one loses nothing that was typed. What it is called and what it
  // is for is said of whatever kind it will be.
  const forms = useRef<Partial<Record<CameraKind, NewCameraForm>>>({});
  const chooseKind = (kind: string): void => {
    if (!isCameraKind(kind)) return;
    const now = getValues();
    forms.current[now.kind] = now;
    const { name, purpose } = now;
    reset({ ...(forms.current[kind] ?? startForm(kind, unit, name)), name, purpose }, { keepIsSubmitted: true });
  };
  useEffect(() => {
    if (isDirty) return;
    const { kind, name, purpose } = getValues();
    reset({ ...startForm(kind, unit, name), purpose });
  }, [unit, isDirty, reset, getValues]);
  return { form, unit, typed, read, refused, lastGood, chooseKind };
}
