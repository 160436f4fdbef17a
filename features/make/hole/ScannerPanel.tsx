import { useState } from "react";
import { drawer } from "../../../catalogue/drawer.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { fileName, saveFile } from "../../../ui/files/saveFile.ts";
import { simulatedScanClient } from "../../../workers/jobs/simulatedScan/simulatedScan.client.ts";
import { DrawerList, type DrawerMeasured } from "./DrawerList.tsx";
import type { PictureFile } from "./useMeasuring.ts";

const RESOLUTIONS = [1200, 2400, 4800].map((dpi) => ({ id: String(dpi), name: `${dpi} dpi` }));
const DEPTHS = [
  { id: "8", name: "8 bits" },
  { id: "16", name: "16 bits" },
] as const;
const FILES = [
  { id: "tiff", name: "TIFF" },
  { id: "png", name: "PNG" },
] as const;

/** A made-up flatbed with six plates in its drawer: it delivers a file, as a real one would; also for practice. */
export function ScannerPanel({
  measured,
  onScan,
}: {
  readonly measured: DrawerMeasured;
  readonly onScan: (scan: PictureFile, plate: string) => void;
}) {
  const [plate, setPlate] = useState(drawer[0]?.id ?? "");
  const [dpi, setDpi] = useState("2400");
  const [bits, setBits] = useState<"8" | "16">("16");
  const [file, setFile] = useState<"tiff" | "png">("tiff");
  const [busy, setBusy] = useState(false);
  const [failed, setFailed] = useState<string | null>(null);
  const [last, setLast] = useState<PictureFile | null>(null);
  const [shown, setShown] = useState(false);
  const chosen = drawer.find(({ id }) => id === plate) ?? drawer[0];
  if (chosen === undefined) return null;
  const scan = async (): Promise<void> => {
    setBusy(true);
    const depth = bits === "8" ? 8 : 16;
    // A new pass of the lamp each time: other noise, another place on the glass.
    const seed = crypto.getRandomValues(new Uint32Array(1))[0] ?? 1;
    const made = await simulatedScanClient.run({ sample: chosen.sample, dpi: Number(dpi), bits: depth, file, seed });
    setBusy(false);
    if (!made.ok) {
      setFailed(made.error.message);
      return;
    }
    setFailed(null);
    const delivered = {
      name: fileName(`${chosen.name} ${dpi} dpi`, file === "tiff" ? ".tif" : ".png"),
      bytes: made.value,
    };
    setLast(delivered);
    onScan(delivered, plate);
  };
  return (
    <div className="grid gap-3">
      <p className="text-[0.93rem] text-quiet">
        No scanner at hand? This one is made up: it delivers a file with honest blur and noise. Six plates lie in its
        drawer, to practise on.
      </p>
      <DrawerList plate={plate} onPlate={setPlate} measured={measured} truth={shown} onTruth={setShown} />
      <div className="flex flex-wrap items-end gap-3">
        <Choice label="Scan at" value={dpi} options={RESOLUTIONS} onChoose={setDpi} />
        <Segments label="Bit depth" value={bits} options={DEPTHS} onChoose={setBits} />
        <Segments label="File" value={file} options={FILES} onChoose={setFile} />
        <Button look="action" onClick={() => void scan()} disabled={busy}>
          {busy ? "Scanning…" : "Scan"}
        </Button>
      </div>
      {failed && <p role="alert">The scan failed: {failed}.</p>}
      {last && (
        <Button
          look="quiet"
          className="justify-self-start"
          onClick={() => saveFile(last.name, last.bytes, "application/octet-stream")}
        >
          Save the scan
        </Button>
      )}
    </div>
  );
}
