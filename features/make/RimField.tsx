import type { Camera, Closing } from "../../core/camera/container/index.ts";
import { LengthField } from "../../ui/controls/entries/LengthField.tsx";
import { useLengthWords } from "../../ui/format/UnitContext.ts";
import type { MakeInHand } from "./makeData.ts";

/** The one measure that each needs, what it may be, mm, and what an empty entry stands for. */
const ASKED = {
  "own lid": {
    name: "lidReach",
    label: "How far its own lid reaches down outside",
    undo: "measure the lid",
    range: [0, 1000],
    hint: (usual: string) => `Measured with the lid on; empty: about ${usual}.`,
  },
  "made cap": {
    name: "rim",
    label: "Rim of the open end, outside, for the cap",
    undo: "measure the rim",
    range: [15, 1000],
    hint: () => "Measured across; empty: inner diameter and walls.",
  },
} as const;

/** Asks for the one measure of what shuts the container: the rim that a made cap goes over, or how far its own lid reaches. */
export function RimField({
  camera,
  closing,
  edit,
}: {
  readonly camera: Camera;
  readonly closing: Closing | null;
  readonly edit: MakeInHand["edit"];
}) {
  const words = useLengthWords();
  if (closing === null) return null;
  const { name, label, undo, range, hint } = ASKED[closing.by];
  const [least, most] = range;
  return (
    <div className="mt-2">
      <LengthField
        label={label}
        name={name}
        value={camera.making?.[name] ?? null}
        optional
        hint={hint(words(closing.reach, 0))}
        onTake={(mm) => {
          if (mm !== null && (mm < least || mm > most)) return `From ${words(least)} to ${words(most)}.`;
          edit(undo, (from) => ({ ...from, making: { ...from.making, [name]: mm } }));
          return null;
        }}
      />
    </div>
  );
}
