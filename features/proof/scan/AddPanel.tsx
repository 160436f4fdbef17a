import { useEffect, useMemo, useRef, useState } from "react";
import type { Exposure } from "../../../core/document/index.ts";
import { FLATBED_WHITE } from "../../../core/simulate/flatbed/index.ts";
import { listRecords } from "../../../storage/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { FileDrop } from "../../../ui/files/FileDrop.tsx";
import { SCAN_FILES } from "../../../ui/files/scanFiles.ts";
import { hiddenHere } from "../../../ui/practice/hiddenHere.ts";
import { MOST_PIXELS } from "../../../workers/codecs/read/limits.ts";
import { scanNegativeClient } from "../../../workers/jobs/scanNegative/scanNegative.client.ts";
import type { ProofData } from "../proofData.ts";
import { addScans, type ScanOfWhat } from "./addScans.ts";
import { flatbedOrder } from "./flatbedOrder.ts";
import { matchScans } from "./matching.ts";
import { SunSheets } from "./SunSheets.tsx";

/** Takes scans in: files, a photograph, or the made-up flatbed. */
export function AddPanel({
  data,
  asked,
  onAdded,
}: {
  readonly data: ProofData;
  /** The shot whose sheet is to be scanned next, where one is asked for. */
  readonly asked: Exposure | null;
  readonly onAdded: (id: string) => void;
}) {
  const [busy, setBusy] = useState<string | null>(null);
  const [refused, setRefused] = useState<readonly string[]>([]);
  const camera = useRef<HTMLInputElement>(null);
  const stop = useRef<AbortController | null>(null);
  const add = async (files: readonly File[], of: ScanOfWhat | null = null): Promise<void> => {
    if (files.length === 0) return;
    setBusy(files.length === 1 ? "Looking for the sheet …" : `Looking for the sheets: 0 of ${files.length} …`);
    const mine = new AbortController();
    stop.current = mine;
    try {
      const added = await addScans(
        files,
        data,
        (done, all) => setBusy(`Looking for the sheets: ${done} of ${all} …`),
        of,
        mine.signal,
        asked,
      );
      setRefused(added.refused);
      const [first] = added.ids;
      if (first !== undefined) onAdded(first);
    } catch (error) {
      setRefused([`Nothing was taken in: ${error instanceof Error ? error.message : error}`]);
    } finally {
      setBusy(null);
    }
  };
  const latest = useRef(add);
  latest.current = add;
  useEffect(() => {
    const paste = (event: ClipboardEvent): void => {
      const files = [...(event.clipboardData?.files ?? [])];
      if (files.length > 0) void latest.current(files);
    };
    window.addEventListener("paste", paste);
    return () => window.removeEventListener("paste", paste);
  }, []);
  return (
    <FileDrop
      as="fieldset"
      label="Add scans"
      named="Scans: PNG, JPEG, TIFF or PDF"
      accept={SCAN_FILES}
      multiple
      className="mb-4 grid gap-2 border border-ink border-dashed p-3"
      onFiles={(files) => void add(files)}
    >
      {(pick) => (
        <>
          <div className="flex flex-wrap items-end gap-2">
            <Button look="action" onClick={pick} disabled={busy !== null}>
              Choose scans
            </Button>
            <Button onClick={() => camera.current?.click()} disabled={busy !== null}>
              Photograph one
            </Button>
            <input
              ref={camera}
              type="file"
              accept="image/*"
              capture="environment"
              className="sr-only"
              aria-label="A photograph of a negative"
              tabIndex={-1}
              onChange={(event) => {
                void add([...(event.target.files ?? [])]);
                event.target.value = "";
              }}
            />
            <Flatbed
              data={data}
              asked={asked}
              busy={busy !== null}
              onBusy={setBusy}
              onScan={(file, of) => void add([file], of)}
            />
            <SunSheets
              data={data}
              busy={busy !== null}
              onScan={(file, camera) => void add([file], { shot: null, camera, white: null })}
            />
            <p className="min-w-0 grow basis-64 text-[0.87rem] text-quiet">
              Drop them here or paste them: PNG, JPEG, TIFF or a scanner’s PDF, 8 or 16 bits, up to {MOST_PIXELS / 1e6}{" "}
              million pixels. The file stays as it is.
            </p>
          </div>
          {busy !== null && (
            <p className="flex items-center gap-3">
              <span role="status" data-adding>
                {busy}
              </span>
              <Button look="quiet" onClick={() => stop.current?.abort()}>
                Stop
              </Button>
            </p>
          )}
          {refused.map((words) => (
            <p key={words} role="alert" className="text-action">
              {words}
            </p>
          ))}
        </>
      )}
    </FileDrop>
  );
}

/** The made-up flatbed: a sheet as it would come out of the wash, on the glass. */
function Flatbed({
  data,
  asked,
  busy,
  onBusy,
  onScan,
}: {
  readonly data: ProofData;
  readonly asked: Exposure | null;
  readonly busy: boolean;
  readonly onBusy: (words: string | null) => void;
  readonly onScan: (file: File, of: ScanOfWhat) => void;
}) {
  const [chosen, setChosen] = useState<string | null>(null);
  const sheets = useMemo(() => sheetsOf(data), [data]);
  const next = asked ?? matchScans(1, data.shots, [], data.negatives)[0];
  const sheet = sheets.find(({ id }) => id === chosen) ?? sheets.find(({ id }) => id === next?.id) ?? sheets[0];
  if (sheet === undefined) return null;
  const scan = async (): Promise<void> => {
    onBusy("Exposing, developing and scanning the sheet …");
    const loads = await listRecords("loads");
    const made = await scanNegativeClient.run(flatbedOrder(sheet.of, loads, sheet.id, hiddenHere()), {
      onProgress: (share) => onBusy(`Scanning the sheet: ${Math.round(100 * share)} % …`),
    });
    onBusy(null);
    if (made.ok) onScan(new File([made.value], "flatbed.png", { type: "image/png" }), sheet.of);
    else onBusy(made.error.message);
  };
  return (
    <div className="flex items-end gap-2">
      <Choice
        label="Sheet on the made-up flatbed"
        className="w-56"
        value={sheet.id}
        options={sheets}
        onChoose={setChosen}
      />
      <Button onClick={() => void scan()} disabled={busy} title="A computed sheet stands in for a real one">
        Scan it
      </Button>
    </div>
  );
}

/** Sheets the flatbed can lay on its glass: of the shots in the log, and of each camera as if it had been in the sun. */
function sheetsOf({ shots, cameras }: ProofData) {
  const shot = shots.flatMap((each) => {
    const camera = cameras.find(({ id }) => id === each.cameraId);
    if (camera === undefined || each.tested === true) return [];
    return [
      { id: each.id, name: each.subject || camera.name, note: "", of: { shot: each, camera, white: FLATBED_WHITE } },
    ];
  });
  const sunny = cameras.map((camera) => ({
    id: `sun ${camera.id}`,
    name: camera.name,
    note: "in the sun",
    of: { shot: null, camera, white: FLATBED_WHITE },
  }));
  return [...shot, ...sunny];
}
