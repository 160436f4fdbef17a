import { useMemo, useState } from "react";
import { formatTime } from "../../../core/basis/units/index.ts";
import type { Negative } from "../../../core/document/index.ts";
import { type HangKind, hangLayout } from "../../../core/negative/index.ts";
import { Button } from "../../../ui/Button.tsx";
import { Check } from "../../../ui/Check.tsx";
import { isoWithOffset, readableDay } from "../../../ui/localTime.ts";
import { notify } from "../../../ui/notify.ts";
import { Segments } from "../../../ui/Segments.tsx";
import { saveFile } from "../../../ui/saveFile.ts";
import { picturePdfClient } from "../../../workers/picturePdf.client.ts";
import type { PdfItem } from "../../../workers/picturePdf.ts";
import { EmptyProof } from "../EmptyProof.tsx";
import { Thumb } from "../NegativeStrip.tsx";
import { negativeName } from "../negativeName.ts";
import { ProofPages } from "../ProofPages.tsx";
import { factsOf } from "../positive/factsOf.ts";
import { positiveFile } from "../positive/saveOrder.ts";
import type { ProofData } from "../proofData.ts";
import { type Proof, useProof } from "../useProof.ts";
import { hungPng } from "./hungPng.ts";
import { useHung } from "./useHung.ts";

const KINDS: readonly { readonly id: HangKind; readonly name: string }[] = [
  { id: "sheets", name: "One a page" },
  { id: "nine", name: "Nine in a grid" },
  { id: "series", name: "In a row" },
  { id: "contact", name: "Contact sheet" },
];
/** A4, upright or across (ISO 216), mm, and what pictures are printed with, dpi. */
const A4 = { short: 210, long: 297 } as const;
const PRINT = 300;

/** Proof, Hang: positives arranged, captioned from the log, on paper. */
export function HangPage({ loaded }: { readonly loaded: ProofData }) {
  const proof = useProof(loaded);
  return (
    <main className="mx-auto max-w-[80rem] px-4 pb-16 sm:px-6" data-proof="hang">
      <ProofPages />
      {proof.negatives.length === 0 ? <EmptyProof /> : <Wall proof={proof} />}
    </main>
  );
}

function Wall({ proof }: { readonly proof: Proof }) {
  const [kind, setKind] = useState<HangKind>("contact");
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [said, setSaid] = useState<string | null>(null);
  const [captions, setCaptions] = useState(true);
  const hung = useMemo(() => proof.negatives.filter(({ id }) => !left.has(id)).toReversed(), [proof.negatives, left]);
  const pictures = useHung(hung);
  const page = kind === "series" ? { width: A4.long, height: A4.short } : { width: A4.short, height: A4.long };
  const sizes = hung.map((negative) => sizeOf(negative, pictures.get(negative.id)?.ratio ?? null));
  const places = hangLayout(kind, sizes, page);
  const pages = Math.max(0, ...places.map((place) => place.page + 1));
  const loads = [...new Set(hung.flatMap(({ exposureId }) => loadOf(proof, exposureId)))];
  const pdf = async (): Promise<void> => {
    const items: PdfItem[][] = Array.from({ length: pages }, () => []);
    for (const place of places) {
      const negative = hung[place.index] as Negative;
      setSaid(`Picture ${place.index + 1} of ${places.length} …`);
      const width = Math.max(16, Math.round((place.width / 25.4) * PRINT));
      const made = await positiveFile(negative, factsOf(negative, proof), "jpeg", { width });
      if (!made.ok) {
        setSaid(null);
        notify(made.error ?? "given up", { urgent: true });
        return;
      }
      const { x, y, height } = place;
      items[place.page]?.push(
        { kind: "picture", x, y, width: place.width, height, file: made.value },
        ...(captions
          ? [{ kind: "words" as const, x, y: y + height + 4, size: 2.8, words: captionOf(negative, proof) }]
          : []),
      );
    }
    const made = await picturePdfClient.run({
      pages: items.map((on) => ({ ...page, items: on })),
      title: "Hung",
      createdAt: isoWithOffset(new Date()),
    });
    setSaid(null);
    if (made.ok) saveFile("hung.pdf", made.value, "application/pdf");
    else notify(made.error.message, { urgent: true });
  };
  const png = async (): Promise<void> => {
    setSaid("Drawing the pages …");
    const lines = hung.map((negative) => (captions ? captionOf(negative, proof) : ""));
    const files = await hungPng(places, pictures, hung, lines, page, pages);
    setSaid(null);
    for (const [index, file] of files.entries()) saveFile(`hung-${index + 1}.png`, file, "image/png");
  };
  return (
    <div className="grid gap-6 lg:grid-cols-[minmax(14rem,1fr)_minmax(0,3fr)]" data-hang={kind}>
      <div className="grid content-start gap-3">
        <Segments label="How they hang" value={kind} options={KINDS} onChoose={setKind} className="flex-wrap" />
        <Check label="Captions from the log" checked={captions} onCheck={setCaptions} />
        <div className="flex flex-wrap gap-2">
          <Button look="action" disabled={said !== null || hung.length === 0} onClick={() => void pdf()}>
            Save as PDF
          </Button>
          <Button disabled={said !== null || hung.length === 0} onClick={() => void png()}>
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
                onClick={() =>
                  setLeft(
                    new Set(
                      proof.negatives.flatMap(({ id, exposureId }) =>
                        loadOf(proof, exposureId).includes(load) ? [] : [id],
                      ),
                    ),
                  )
                }
              >
                Load {index + 1} only
              </Button>
            ))}
          </div>
        )}
        <ul className="grid gap-1" aria-label="What hangs">
          {proof.negatives.map((negative) => (
            <li key={negative.id} className="flex items-center gap-2">
              <Thumb negative={negative} className="size-9 shrink-0" />
              <Check
                label={negativeName(negative, proof)}
                checked={!left.has(negative.id)}
                onCheck={(on) => {
                  const next = new Set(left);
                  if (on) next.delete(negative.id);
                  else next.add(negative.id);
                  setLeft(next);
                }}
              />
            </li>
          ))}
        </ul>
        <p className="text-[0.83rem] text-quiet">
          Sheets and contact sheets print at the size of the negatives as far as A4 takes them. Print without scaling.
        </p>
      </div>
      <ol className="grid grid-cols-[repeat(auto-fill,minmax(16rem,1fr))] gap-4">
        {Array.from({ length: pages }, (_, number) => (
          // Pages have no identity but their number.
          // biome-ignore lint/suspicious/noArrayIndexKey: see above
          <li key={number} className="border border-ink bg-card">
            <svg viewBox={`0 0 ${page.width} ${page.height}`} className="block w-full" data-page={number + 1}>
              <title>{`Page ${number + 1}`}</title>
              {places.map((place) => {
                const negative = hung[place.index];
                if (place.page !== number || negative === undefined) return null;
                const picture = pictures.get(negative.id);
                return (
                  <g key={negative.id}>
                    {picture === undefined ? (
                      <rect x={place.x} y={place.y} width={place.width} height={place.height} fill="#ddd" />
                    ) : (
                      <image
                        href={picture.url}
                        x={place.x}
                        y={place.y}
                        width={place.width}
                        height={place.height}
                        preserveAspectRatio="none"
                      />
                    )}
                    {captions && (
                      <text x={place.x} y={place.y + place.height + 4} fontSize={2.8} fill="#222">
                        {captionOf(negative, proof)}
                      </text>
                    )}
                  </g>
                );
              })}
            </svg>
          </li>
        ))}
      </ol>
    </div>
  );
}

/** The load a shot was of, if any. */
function loadOf(proof: Proof, exposureId: string | null | undefined): readonly string[] {
  const shot = proof.shots.find(({ id }) => id === exposureId);
  return shot?.loadId ? [shot.loadId] : [];
}

/** Size on paper, mm: the sheet's own area in the shape of its positive. */
function sizeOf(
  { settings: { sheet } }: Negative,
  ratio: number | null,
): { readonly width: number; readonly height: number } {
  if (ratio === null) return sheet;
  const height = Math.sqrt((sheet.width * sheet.height) / ratio);
  return Math.abs(ratio - sheet.width / sheet.height) < 0.01 ? sheet : { width: height * ratio, height };
}

function captionOf(negative: Negative, proof: Proof): string {
  const { camera, subject, seconds, fNumber, openedAt } = factsOf(negative, proof);
  return [
    subject,
    subject === camera ? null : camera,
    fNumber === null ? null : `f/${Math.round(fNumber)}`,
    seconds === null ? null : formatTime(seconds),
    openedAt === null ? null : readableDay(openedAt),
  ]
    .filter((part) => part !== null)
    .join(" · ");
}
