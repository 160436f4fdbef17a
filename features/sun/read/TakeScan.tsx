import { useState } from "react";
import type { MadeUpDisturbance } from "../../../core/simulate/trail/index.ts";
import type { SunRequest } from "../../../core/sun/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { FileDrop } from "../../../ui/files/FileDrop.tsx";
import { SCAN_FILES_AND_HEIC } from "../../../ui/files/scanFiles.ts";
import { notify } from "../../../ui/notices/notify.ts";
import { trailClient } from "../../../workers/jobs/trailReading/trailReading.client.ts";
import { ScansOfProof } from "./ScansOfProof.tsx";

/** The made-up flatbed's resolution. */
const DPI = 300;
const DISTURBANCES: readonly { readonly id: MadeUpDisturbance; readonly name: string }[] = [
  { id: "none", name: "left in peace" },
  { id: "moved", name: "knocked" },
  { id: "shut", name: "shut for weeks" },
];

/** A finished sheet taken in: its scan as a file, or one made up for practice. */
export function TakeScan({
  plan,
  camera,
  onPicture,
  onFile,
}: {
  readonly plan: SunRequest;
  /** Id of the camera that hung there. */
  readonly camera: string;
  /** A scan that is stored already, by its SHA-256. */
  readonly onPicture: (sum: string, name: string) => void;
  readonly onFile: (file: File) => Promise<void>;
}) {
  const [making, setMaking] = useState(false);
  const [disturbance, setDisturbance] = useState<MadeUpDisturbance>("none");
  const makeUp = async (): Promise<void> => {
    setMaking(true);
    const seed = Math.floor(1 + 1e6 * Math.random());
    const done = await trailClient.run({ kind: "simulate", request: plan, dpi: DPI, seed, disturbance });
    if (done.ok && done.value.ok && done.value.value.kind === "simulate")
      await onFile(new File([done.value.value.file], "made-up sheet.png", { type: "image/png" }));
    else notify(done.ok ? "The sheet could not be made up." : done.error.message, { urgent: true });
    setMaking(false);
  };
  return (
    <FileDrop
      as="fieldset"
      label="The scan of the finished sheet"
      named="Scan of the finished sheet"
      accept={SCAN_FILES_AND_HEIC}
      className="sheet grid max-w-[46rem] justify-items-start gap-3 p-5"
      onFiles={([file]) => file && void onFile(file)}
    >
      {(pick) => (
        <>
          <p>
            Dry the sheet in dim light, scan it once, in colour, 400 to 600 dpi, no preview pass; then back into the
            dark with it. Never develop it, never fix it.
          </p>
          <Button look="action" onClick={pick}>
            Take the scan in
          </Button>
          <ScansOfProof camera={camera} onPicture={onPicture} />
          <h2 className="mt-2 font-semibold">For practice</h2>
          <p className="text-[0.93rem] text-quiet">
            A made-up sheet: its can stood a few degrees otherwise than planned, under a made-up sky.
          </p>
          <Segments label="On the way it was" value={disturbance} options={DISTURBANCES} onChoose={setDisturbance} />
          <Button disabled={making} onClick={() => void makeUp()}>
            {making ? "The months go by" : "Make a finished sheet up"}
          </Button>
        </>
      )}
    </FileDrop>
  );
}
