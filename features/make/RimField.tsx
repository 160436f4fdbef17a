import type { Camera, Closing } from "../../core/camera/container/index.ts";
import { LengthField } from "../../ui/LengthField.tsx";
import { useLengthWords } from "../../ui/UnitContext.ts";
import type { MakeInHand } from "./makeData.ts";

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
  if (closing.by === "own lid") {
    return (
      <div className="mt-2">
        <LengthField
          label="How far its own lid reaches down outside"
          name="lidReach"
          value={camera.making?.lidReach ?? null}
          optional
          hint={`Measured with the lid on; empty: about ${words(closing.reach, 0)}.`}
          onTake={(lidReach) => {
            if (lidReach !== null && (lidReach < 0 || lidReach > 1000))
              return `A lid reaches 0 to ${words(1000)} down.`;
            edit("measure the lid", (from) => ({ ...from, making: { ...from.making, lidReach } }));
            return null;
          }}
        />
      </div>
    );
  }
  return (
    <div className="mt-2">
      <LengthField
        label="Rim of the open end, outside, for the cap"
        name="rim"
        value={camera.making?.rim ?? null}
        optional
        hint="Measured across; empty: inner diameter and walls."
        onTake={(rim) => {
          if (rim !== null && (rim < 15 || rim > 1000)) return `A rim is ${words(15)} to ${words(1000)} across.`;
          edit("measure the rim", (from) => ({ ...from, making: { ...from.making, rim } }));
          return null;
        }}
      />
    </div>
  );
}
