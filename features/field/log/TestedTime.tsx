import { useState } from "react";
import { useForm } from "react-hook-form";
import { lightTable } from "../../../catalogue/lightTable.ts";
import { allMedia, mediumById } from "../../../catalogue/media.ts";
import { parseTime } from "../../../core/basis/units/index.ts";
import { cameraFNumber } from "../../../core/camera/container/index.ts";
import type { Exposure } from "../../../core/document/index.ts";
import { evOnSheet, timeFromLight } from "../../../core/light/exposure/index.ts";
import { type CameraName, getEdited, saveExposure } from "../../../storage/index.ts";
import { buttonClass } from "../../../ui/controls/Button.tsx";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { offered } from "../../../ui/edits/undoable.ts";
import { isoWithOffset } from "../../../ui/format/localTime.ts";
import { notify } from "../../../ui/notices/notify.ts";

const SAID = "The tested time counts from now on.";

/** A time that is known to be right, entered without a shot: it counts as one that was judged so. */
export function TestedTime({ cameras }: { readonly cameras: readonly CameraName[] }) {
  const [camera, setCamera] = useState(cameras[0]?.id ?? "");
  const [medium, setMedium] = useState<string | null>(null);
  const [light, setLight] = useState("sun");
  const { register, handleSubmit, formState, reset } = useForm<{ seconds: string }>({ defaultValues: { seconds: "" } });
  if (cameras.length === 0) return null;
  const add = async ({ seconds }: { seconds: string }): Promise<void> => {
    const time = parseTime(seconds);
    if (!time.ok) return;
    const shot = await testedShot(camera, medium, light, time.value);
    const saved = shot === null ? null : await saveExposure(shot, { label: SAID, now: isoWithOffset(new Date()) });
    if (saved === null || !saved.ok) {
      notify(`The tested time could not be saved. ${saved?.error.message ?? "This camera can’t be read."}`, {
        urgent: true,
      });
      return;
    }
    reset();
    offered(saved, SAID);
  };
  return (
    <Panel title="A time you know to be right">
      <p className="mb-2 text-[0.93rem] text-quiet">
        “4 s in sun, this can, this paper”: entered here it counts like a shot that was judged right, for every copy of
        the design.
      </p>
      <form className="grid grid-cols-2 gap-3" noValidate onSubmit={handleSubmit(add)}>
        <Choice label="With the camera" value={camera} options={cameras} onChoose={setCamera} />
        <Choice label="On" value={medium} options={allMedia()} placeholder="as designed" onChoose={setMedium} />
        <Choice label="In the light" value={light} options={lightTable} onChoose={setLight} />
        <TextEntry
          label="Right time"
          placeholder="4 s"
          error={formState.errors.seconds?.message}
          {...register("seconds", {
            validate: (text) => {
              const time = parseTime(text);
              return time.ok || time.error;
            },
          })}
        />
        <div className="col-span-2">
          <button type="submit" className={buttonClass("plain", "min-h-[3.3rem]")}>
            It is tested
          </button>
        </div>
      </form>
    </Panel>
  );
}

async function testedShot(
  cameraId: string,
  mediumId: string | null,
  light: string,
  seconds: number,
): Promise<Exposure | null> {
  const found = await getEdited("cameras", cameraId);
  const row = lightTable.find(({ id }) => id === light);
  if (!found.ok || row === undefined) return null;
  const camera = found.value;
  const medium = mediumById(mediumId ?? camera.chambers[0].film.medium);
  const fNumber = cameraFNumber(camera, medium);
  const ev = evOnSheet(row.ev, row.kelvin, medium.sensitivity);
  const at = isoWithOffset(new Date());
  return {
    id: crypto.randomUUID(),
    cameraId,
    cameraName: camera.name,
    openedAt: at,
    seconds,
    fNumber,
    medium: medium.id,
    iso: medium.iso,
    light: row.name,
    lightKey: row.id,
    ev,
    meteredSeconds: timeFromLight(ev, fNumber, medium.iso),
    longTime: medium.longTime,
    subject: "A tested time",
    tested: true,
    judged: { correction: 0, by: "tested", at },
  };
}
