import { useRef, useState } from "react";
import type { Negative } from "../../../../core/document/index.ts";
import { noteSaved } from "../../../../storage/index.ts";
import { Button } from "../../../../ui/controls/Button.tsx";
import { Choice } from "../../../../ui/controls/Choice.tsx";
import { Disclosure } from "../../../../ui/controls/Disclosure.tsx";
import { TextEntry } from "../../../../ui/controls/entries/TextEntry.tsx";
import { Panel } from "../../../../ui/controls/Panel.tsx";
import { fileName, saveFile } from "../../../../ui/files/saveFile.ts";
import { isoWithOffset, localDay } from "../../../../ui/format/localTime.ts";
import { notify } from "../../../../ui/notices/notify.ts";
import type { PictureFormat } from "../../../../workers/codecs/write/finishedFile.ts";
import { packFiles } from "../../../../workers/jobs/zip/pack.client.ts";
import type { Proof } from "../../useProof.ts";
import { factsOf } from "./factsOf.ts";
import { apart, FORMATS, nameBy, USUAL_PATTERN } from "./fileNames.ts";
import { positiveFile } from "./saveOrder.ts";

const CHOICES = Object.entries(FORMATS).map(([id, { name }]) => ({ id, name }));

/** Saves the positive in full size, or all of them in a zip. */
export function ExportPanel({ negative, proof }: { readonly negative: Negative; readonly proof: Proof }) {
  const [format, setFormat] = useState<PictureFormat>("jpeg");
  const [pattern, setPattern] = useState(USUAL_PATTERN);
  const [said, setSaid] = useState<string | null>(null);
  const stop = useRef<AbortController | null>(null);
  const one = async (): Promise<void> => {
    const mine = new AbortController();
    stop.current = mine;
    setSaid("In full size …");
    const facts = factsOf(negative, proof);
    const made = await positiveFile(negative, facts, format, {
      onProgress: (share) => setSaid(`In full size: ${Math.round(100 * share)} %`),
      signal: mine.signal,
    });
    setSaid(null);
    if (made.ok) {
      saveFile(`${nameBy(pattern, facts, 1)}${FORMATS[format].ending}`, made.value, FORMATS[format].type);
      void noteSaved([negative.id], isoWithOffset(new Date()));
    } else if (made.error !== null) notify(made.error, { urgent: true });
  };
  const all = async (): Promise<void> => {
    const mine = new AbortController();
    stop.current = mine;
    const files: { id: string; name: string; bytes: Uint8Array<ArrayBuffer> }[] = [];
    for (const [index, each] of proof.negatives.entries()) {
      setSaid(`${index + 1} of ${proof.negatives.length} …`);
      const now = each.id === negative.id ? negative : each;
      const facts = factsOf(now, proof);
      const made = await positiveFile(now, facts, format, { signal: mine.signal });
      if (mine.signal.aborted) break;
      if (made.ok) files.push({ id: each.id, name: nameBy(pattern, facts, index + 1), bytes: made.value });
      else notify(`${facts.subject}: ${made.error ?? "given up"}`, { urgent: true });
    }
    const names = apart(files.map(({ name }) => name));
    const packed = format !== "tiff16";
    const named = files.map(({ bytes }, i) => ({
      name: `${names[i]}${FORMATS[format].ending}`,
      read: async () => ({ content: new Blob([bytes]), packed }),
    }));
    const zipped =
      mine.signal.aborted || files.length === 0 ? null : await packFiles(named, isoWithOffset(new Date()), mine);
    setSaid(null);
    if (zipped?.ok) {
      saveFile(fileName(`positives ${localDay()}`, ".zip"), zipped.value, "application/zip");
      const saved = files.map(({ id }) => id);
      void noteSaved(saved, isoWithOffset(new Date()));
    } else if (zipped !== null && zipped.error.reason !== "cancelled") notify(zipped.error.message, { urgent: true });
  };
  return (
    <Panel title="Out of the darkroom">
      <div className="flex flex-wrap items-end gap-2">
        <Choice
          label="File"
          className="w-40"
          value={format}
          options={CHOICES}
          onChoose={(id) => setFormat(id as PictureFormat)}
        />
        <Button look="action" disabled={said !== null} onClick={() => void one()}>
          Save it
        </Button>
        {proof.negatives.length > 1 && (
          <Button disabled={said !== null} onClick={() => void all()}>
            Save all {proof.negatives.length}
          </Button>
        )}
        {said !== null && (
          <>
            <p role="status" data-saving>
              {said}
            </p>
            <Button look="quiet" onClick={() => stop.current?.abort()}>
              Stop
            </Button>
          </>
        )}
      </div>
      <Disclosure title="How files are named" name="names">
        <TextEntry
          label="{camera}, {subject}, {date}, {time}, {number}"
          value={pattern}
          onChange={(event) => setPattern(event.target.value)}
          hint={`Such as ${nameBy(pattern, factsOf(negative, proof), 1)}${FORMATS[format].ending}`}
        />
        <p className="text-[0.83rem] text-quiet">
          Camera, f-number, time and day go into the file (Exif and XMP); colours are sRGB. The scan stays as it was.
        </p>
      </Disclosure>
    </Panel>
  );
}
