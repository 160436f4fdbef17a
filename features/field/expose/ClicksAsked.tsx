import { useRevalidator } from "react-router";
import { type Camera, withField } from "../../../core/camera/container/index.ts";
import { changesBetween } from "../../../core/document/index.ts";
import { editRecord } from "../../../storage/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { CountField } from "../../../ui/controls/entries/CountField.tsx";
import { isoWithOffset } from "../../../ui/format/localTime.ts";
import { notify } from "../../../ui/notices/notify.ts";
import type { Opening } from "./useOpening.ts";

/** Asks once how many clicks of its wheel make a turn, so that frames can be counted by them. */
export function ClicksAsked({
  camera,
  opening: {
    heard: { clickless },
    choose,
  },
}: {
  readonly camera: Camera;
  readonly opening: Pick<Opening, "heard" | "choose">;
}) {
  const { revalidate } = useRevalidator();
  const { roll } = camera.chambers[0];
  if (roll?.clicks !== 1 || clickless.includes(camera.id)) return null;
  const tell = async (clicks: number): Promise<void> => {
    const changes = changesBetween(camera, withField(camera, "roll.clicks", clicks));
    const stored = await editRecord("cameras", camera.id, { label: "clicks", changes }, isoWithOffset(new Date()));
    if (!stored.ok) notify(`The clicks are not kept. ${stored.error.message}`, { urgent: true });
    else await revalidate();
  };
  return (
    <div className="mb-2 grid gap-2 border-line border-l-4 pl-3" data-clicks-asked>
      <p>If the wheel clicks: turn it once round, and count. Frames are then told in clicks too.</p>
      <div className="flex flex-wrap items-end gap-3">
        <CountField
          label="Clicks in a turn"
          name="clicks"
          value={1}
          least={1}
          most={100}
          onTake={(n) => void tell(n)}
        />
        <Button
          className="min-h-[3.3rem]"
          onClick={() => {
            choose({ clickless: [...clickless, camera.id] }, "That it does not click");
          }}
        >
          It does not click
        </Button>
      </div>
    </div>
  );
}
