import { useState } from "react";
import { drawer } from "../../../catalogue/drawer.ts";
import { openArea } from "../../../core/scanner/index.ts";
import { Button } from "../../../ui/Button.tsx";
import { Pick } from "../../../ui/Pick.tsx";
import { Segments } from "../../../ui/Segments.tsx";
import { fileName, saveFile } from "../../../ui/saveFile.ts";
import { useLengthWords } from "../../../ui/UnitContext.ts";
import { simulatedScanClient } from "../../../workers/simulatedScan.client.ts";

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
  onScan,
}: {
  readonly onScan: (scan: { readonly name: string; readonly bytes: Uint8Array<ArrayBuffer> }) => void;
}) {
  const words = useLengthWords();
  const [plate, setPlate] = useState(drawer[0]?.id ?? "");
  const [dpi, setDpi] = useState("2400");
  const [bits, setBits] = useState<"8" | "16">("16");
  const [file, setFile] = useState<"tiff" | "png">("tiff");
  const [busy, setBusy] = useState(false);
  const [failed, setFailed] = useState<string | null>(null);
  const [last, setLast] = useState<{ name: string; bytes: Uint8Array<ArrayBuffer> } | null>(null);
  const [shown, setShown] = useState(false);
  const chosen = drawer.find(({ id }) => id === plate) ?? drawer[0];
  if (chosen === undefined) return null;
  const scan = async (): Promise<void> => {
    setBusy(true);
    setShown(false);
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
    onScan(delivered);
  };
  return (
    <div className="grid gap-3">
      <p className="text-[0.93rem] text-quiet">
        No scanner at hand? This one is made up: it delivers a file with honest blur and noise. Six plates lie in its
        drawer, to practise on.
      </p>
      <Pick
        label="Plate from the drawer"
        value={plate}
        options={drawer}
        onPick={(id) => {
          setPlate(id);
          setShown(false);
        }}
      />
      <p className="text-[0.87rem] text-quiet">{chosen.note}</p>
      <div className="flex flex-wrap items-end gap-3">
        <Pick label="Scan at" value={dpi} options={RESOLUTIONS} onPick={setDpi} />
        <Segments label="Bit depth" name="depth" value={bits} options={DEPTHS} onChoose={setBits} />
        <Segments label="File" name="file" value={file} options={FILES} onChoose={setFile} />
        <Button look="action" onClick={() => void scan()} disabled={busy}>
          {busy ? "Scanning…" : "Scan"}
        </Button>
      </div>
      {failed && <p role="alert">The scan failed: {failed}.</p>}
      {last && (
        <p className="flex flex-wrap gap-2">
          <Button look="quiet" onClick={() => saveFile(last.name, last.bytes, "application/octet-stream")}>
            Save the scan
          </Button>
          <Button look="quiet" onClick={() => setShown(!shown)}>
            {shown ? "Hide the truth" : "What is it really?"}
          </Button>
        </p>
      )}
      {shown && (
        <p data-truth>
          In truth {words(2 * Math.sqrt(openArea(chosen.sample) / Math.PI), 3)} across, axes{" "}
          {(chosen.sample.axisRatio * Math.cos((chosen.sample.tiltDeg * Math.PI) / 180)).toFixed(2)} to 1 at most,{" "}
          {chosen.sample.burrs.length} burrs, {chosen.sample.dust.length} specks of dust.
        </p>
      )}
    </div>
  );
}
