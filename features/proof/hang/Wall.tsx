import { useCallback, useMemo, useState } from "react";
import { printPapers } from "../../../catalogue/printPapers.ts";
import type { HangKind } from "../../../core/negative/index.ts";
import { type HangSettings, hangChoices } from "../../../storage/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Check } from "../../../ui/controls/Check.tsx";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { PlaceUndo } from "../../../ui/edits/PlaceUndo.tsx";
import { useChoices } from "../../../ui/edits/useChoices.ts";
import { fileName, saveFile } from "../../../ui/files/saveFile.ts";
import { localDay } from "../../../ui/format/localTime.ts";
import { notify } from "../../../ui/notices/notify.ts";
import type { Proof } from "../useProof.ts";
import { arranged, withMoved } from "./arranged.ts";
import { HungList } from "./HungList.tsx";
import { hungFiles } from "./hungFiles.ts";
import { hungPages } from "./hungPages.ts";
import { PagesOnWall } from "./PagesOnWall.tsx";
import { useHung } from "./useHung.ts";

const KINDS: readonly { readonly id: HangKind; readonly name: string }[] = [
  { id: "sheets", name: "One a page" },
  { id: "nine", name: "Nine in a grid" },
  { id: "series", name: "In a row" },
  { id: "contact", name: "Contact sheet" },
];
const WAYS = [
  { id: "upright", name: "Upright" },
  { id: "across", name: "Across" },
] as const;

/** What hangs, how, on which paper; the pages beside it. */
export function Wall({ proof, loaded }: { readonly proof: Proof; readonly loaded: HangSettings }) {
  const { chosen: hang, choose } = useChoices(hangChoices, loaded);
  const [said, setSaid] = useState<string | null>(null);
  const left = useMemo(() => new Set(hang.left), [hang.left]);
  const listed = useMemo(() => arranged(proof.negatives, hang.order), [proof.negatives, hang.order]);
  const hung = useMemo(() => listed.filter(({ id }) => !left.has(id)), [listed, left]);
  const [seen, setSeen] = useState<ReadonlySet<string>>(new Set());
  const onSeen = useCallback(
    (ids: readonly string[]) =>
      setSeen((before) => (ids.every((id) => before.has(id)) ? before : new Set([...before, ...ids]))),
    [],
  );
  const drawn = useHung(useMemo(() => hung.filter(({ id }) => seen.has(id)), [hung, seen]));
  const pages = useMemo(() => {
    const ratios = new Map([...drawn].map(([id, { ratio }]) => [id, ratio]));
    return hungPages(hung, hang, ratios, proof);
  }, [hung, hang, drawn, proof]);
  const loads = [...new Set(listed.flatMap(({ exposureId }) => loadOf(proof, exposureId)))];
  const save = async (as: "pdf" | "png"): Promise<void> => {
    const made = await hungFiles(pages, as, proof, setSaid);
    setSaid(null);
    if (!made.ok) notify(made.error, { urgent: true });
    const what = `${hang.kind === "contact" ? "contact sheet" : "hung"} ${localDay()}`;
    if (!made.ok) return;
    if (as === "pdf") for (const file of made.value) saveFile(fileName(what, ".pdf"), file, "application/pdf");
    else {
      for (const [index, file] of made.value.entries()) {
        saveFile(fileName(`${what} page ${index + 1}`, ".png"), file, "image/png");
      }
    }
  };
  const nothing = said !== null || hung.length === 0;
  return (
    <div className="grid gap-6 lg:grid-cols-[minmax(18rem,1fr)_minmax(0,3fr)]" data-hang={hang.kind}>
      <div className="grid content-start gap-3">
        <Segments
          label="How they hang"
          value={hang.kind}
          options={KINDS}
          onChoose={(kind) => {
            // A row wants its paper across; it can be turned back.
            choose({ kind, across: kind === "series" }, "How they hang");
          }}
          className="flex-wrap"
        />
        <div className="flex items-end gap-3">
          <Choice
            label="Paper"
            value={hang.paper}
            options={printPapers}
            onChoose={(paper) => choose({ paper }, "The paper")}
            className="grow"
          />
          <Segments
            label="How it lies"
            value={hang.across ? "across" : "upright"}
            options={WAYS}
            onChoose={(way) => choose({ across: way === "across" }, "How the paper lies")}
          />
        </div>
        <div className="-my-2 flex min-h-[3.75rem] items-center justify-between">
          <Check
            label="Captions from the log"
            checked={hang.captions}
            onCheck={(on) => choose({ captions: on }, "Captions")}
          />
          <PlaceUndo of={hangChoices.steps} className="-mr-3 flex" />
        </div>
        <div className="flex flex-wrap gap-2">
          <Button look="action" disabled={nothing} onClick={() => void save("pdf")}>
            Save as PDF
          </Button>
          <Button disabled={nothing} onClick={() => void save("png")}>
            Save as PNG
          </Button>
        </div>
        {said !== null && <p role="status">{said}</p>}
        {loads.length > 1 && (
          <div className="flex flex-wrap gap-2">
            {loads.map((load, index) => (
              <Button
                key={load}
                look="quiet"
                onClick={() => {
                  const others = listed.filter(({ exposureId }) => !loadOf(proof, exposureId).includes(load));
                  choose({ left: others.map(({ id }) => id) }, "What hangs");
                }}
              >
                Load {index + 1} only
              </Button>
            ))}
          </div>
        )}
        <HungList
          proof={proof}
          negatives={listed}
          left={left}
          onLeft={(ids) => choose({ left: ids }, "What hangs")}
          onMove={(id, by) =>
            choose(
              {
                order: withMoved(
                  listed.map((each) => each.id),
                  id,
                  by,
                ),
              },
              "The order",
            )
          }
        />
        <p className="text-[0.83rem] text-quiet">
          Sheets and contact sheets print at the size of the negatives as far as the paper takes them. Print without
          scaling.
        </p>
      </div>
      <PagesOnWall hung={pages} drawn={drawn} onSeen={onSeen} />
    </div>
  );
}

/** The load a shot was of, if any. */
function loadOf(proof: Proof, exposureId: string | null | undefined): readonly string[] {
  const shot = proof.shots.find(({ id }) => id === exposureId);
  return shot?.loadId ? [shot.loadId] : [];
}
