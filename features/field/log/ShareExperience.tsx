import { useState } from "react";
import { changesBetween } from "../../../core/document/index.ts";
import { type CameraName, editRecord, getEdited } from "../../../storage/index.ts";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { isoWithOffset } from "../../../ui/format/localTime.ts";
import { notify } from "../../../ui/notices/notify.ts";

const OWN = "none";

/** A camera made exactly like another one shares its experience, where its maker says so. */
export function ShareExperience({
  cameras,
  alike,
}: {
  readonly cameras: readonly CameraName[];
  readonly alike: ReadonlyMap<string, string>;
}) {
  const [asked, setAsked] = useState<string | null>(null);
  const camera = asked ?? cameras[0]?.id ?? null;
  if (camera === null || cameras.length < 2) return null;
  // One that shares already leads on to another one: only those with an experience of their own can be shared.
  const others = cameras.filter(({ id }) => id !== camera && !alike.has(id));
  const shared = [...alike.values()].includes(camera);
  return (
    <Panel title="Made exactly alike">
      <p className="mb-2 text-[0.93rem] text-quiet">
        Two cameras built alike want the same time. Let them share what their shots have taught.
      </p>
      <div className="grid grid-cols-2 gap-3">
        <Choice label="The camera" value={camera} options={cameras} onChoose={setAsked} />
        <Choice
          label="is made like"
          value={alike.get(camera) ?? OWN}
          options={[{ id: OWN, name: "none: its own experience" }, ...(shared ? [] : others)]}
          onChoose={(id) => void share(camera, id === OWN ? null : id)}
        />
      </div>
      {shared && <p className="mt-1 text-[0.87rem] text-quiet">Other cameras share its shots already.</p>}
    </Panel>
  );
}

async function share(id: string, sharesWith: string | null): Promise<void> {
  const found = await getEdited("cameras", id);
  if (!found.ok) return;
  const camera = found.value;
  const changes = changesBetween(camera, { ...camera, calibration: { ...camera.calibration, sharesWith } });
  const done = await editRecord(
    "cameras",
    id,
    { label: "whose experience it shares", changes },
    isoWithOffset(new Date()),
  );
  if (!done.ok) notify(`This could not be saved. ${done.error.message}`, { urgent: true });
}
