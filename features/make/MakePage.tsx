import { Download } from "lucide-react";
import { useMemo, useState } from "react";
import { Link } from "react-router";
import { formats } from "../../catalogue/formats.ts";
import { mediumById } from "../../catalogue/media.ts";
import {
  type Camera,
  DEFAULT_CONTRAST,
  designFaults,
  measuredDiameter,
  targetDiameter,
} from "../../core/container/index.ts";
import { cutParts, layOut, PAPERS, type Paper, type Part } from "../../core/cutsheet/index.ts";
import { type Scene, sceneToSvg } from "../../core/drawing/index.ts";
import { optimum } from "../../core/hole/index.ts";
import { Button, buttonClass } from "../../ui/Button.tsx";
import { cx } from "../../ui/cx.ts";
import { inkProperties } from "../../ui/inkProperties.ts";
import { isoWithOffset, readableTime } from "../../ui/localTime.ts";
import { Panel } from "../../ui/Panel.tsx";
import { Segments } from "../../ui/Segments.tsx";
import { SvgScene } from "../../ui/SvgScene.tsx";
import { fileName, saveFile } from "../../ui/saveFile.ts";
import { useNotify } from "../../ui/Toaster.tsx";
import { useLengthWords } from "../../ui/UnitContext.ts";
import { cutsheetPdfClient } from "../../workers/cutsheetPdf.client.ts";

/** Paper is white with the light theme's inks, whatever the screen's theme. */
const PAPER = { ...inkProperties("light"), "--sb-card": "#ffffff" };

/** The cut sheet: every part at true size on the printer's paper, to look at, print and save. */
export function MakePage({ camera, today }: { readonly camera: Camera; readonly today: string }) {
  const words = useLengthWords();
  const notify = useNotify();
  const [paperId, setPaperId] = useState<Paper["id"]>("a4");
  const [shown, setShown] = useState(0);
  const [busy, setBusy] = useState(false);
  const paper = PAPERS.find(({ id }) => id === paperId) ?? PAPERS[0];
  const date = readableTime(isoWithOffset(new Date(today))).replace(/,.*$/, "");
  const faults = designFaults(camera, words);
  const parts = useMemo(() => partsOf(camera, words), [camera, words]);
  const pages = useMemo(
    () => (paper ? layOut(parts, paper, { camera: camera.name, date }) : []),
    [parts, paper, camera.name, date],
  );
  const page = pages[Math.min(shown, pages.length - 1)];
  const title = `${camera.name}, cut sheet`;
  const savePdf = async (): Promise<void> => {
    setBusy(true);
    const made = await cutsheetPdfClient.run({ pages, title, createdAt: today });
    setBusy(false);
    if (made.ok) saveFile(fileName(`${camera.name} cut sheet ${paperId}`, ".pdf"), made.value, "application/pdf");
    else notify(`The PDF could not be made: ${made.error.message}.`, { urgent: true });
  };
  return (
    <main className="mx-auto max-w-[1500px] px-4 pt-4 pb-16 sm:px-6">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <div>
          <p className="stamp">Make · cut sheet</p>
          <h1 className="font-semibold text-[1.7rem] leading-tight">{camera.name}</h1>
        </div>
        <div className="flex flex-wrap items-end gap-2">
          <Segments label="Printer’s paper" name="paper" value={paperId} options={PAPERS} onChoose={setPaperId} />
          <Button look="action" onClick={() => void savePdf()} disabled={busy}>
            <Download size={16} aria-hidden /> {busy ? "Drawing…" : "PDF, all pages"}
          </Button>
          {page && (
            <Button
              onClick={() =>
                saveFile(
                  fileName(`${camera.name} page ${shown + 1}`, ".svg"),
                  sceneToSvg(page.scene, title),
                  "image/svg+xml",
                )
              }
            >
              <Download size={16} aria-hidden /> SVG, this page
            </Button>
          )}
        </div>
      </div>
      {faults.length > 0 && (
        <p role="alert" className="mt-3 border-action border-l-4 bg-card p-3">
          This camera can’t be built yet: {faults[0]?.message}{" "}
          <Link to=".." relative="path" className="underline underline-offset-4">
            Mend it on the Bench
          </Link>
        </p>
      )}
      <div className="mt-4 grid gap-6 lg:grid-cols-[minmax(0,1fr)_22rem]">
        <div className="min-w-0">
          {page && (
            <figure>
              <div
                className="mx-auto border border-line bg-card"
                style={{
                  ...PAPER,
                  aspectRatio: `${page.scene.bounds.width} / ${page.scene.bounds.height}`,
                  maxHeight: "calc(100vh - 13rem)",
                }}
                data-page
              >
                <SvgScene scene={page.scene} pixel={null} title={page.caption} />
              </div>
              <figcaption className="mt-1 text-center text-[0.87rem] text-quiet">{page.caption}</figcaption>
            </figure>
          )}
          <nav aria-label="Pages" className="mt-2 flex flex-wrap justify-center gap-1">
            {pages.map(({ caption }, index) => (
              <button
                key={caption}
                type="button"
                aria-current={index === shown}
                className={cx(
                  "min-h-9 min-w-9 border px-2",
                  index === shown ? "border-ink bg-kraft-pale" : "border-line bg-card",
                )}
                onClick={() => setShown(index)}
                title={caption}
              >
                {index + 1}
              </button>
            ))}
          </nav>
        </div>
        <div className="grid content-start gap-6">
          <Panel title="Print it at true size">
            <ol className="grid list-decimal gap-1.5 pl-5">
              <li>Print at 100 %, never “fit to page”.</li>
              <li>Lay a ruler on the bars at the foot: 100 mm and 4 in must be right.</li>
              <li>Pages that overlap: lay the crosses on each other, tape, then cut.</li>
            </ol>
          </Panel>
          <Panel title="Parts">
            <ul className="grid gap-1.5">
              {parts.map((part) => (
                <li key={part.id} className="flex items-baseline justify-between gap-3">
                  <span>
                    {part.name}{" "}
                    <span className="text-[0.87rem] text-quiet">
                      {words(part.width)} × {words(part.height)}
                    </span>
                  </span>
                  <button
                    type="button"
                    className="text-[0.87rem] underline underline-offset-4"
                    onClick={() =>
                      saveFile(
                        fileName(`${camera.name} ${part.id}`, ".svg"),
                        sceneToSvg(partScene(part), `${camera.name}, ${part.name}`),
                        "image/svg+xml",
                      )
                    }
                  >
                    SVG
                  </button>
                </li>
              ))}
            </ul>
          </Panel>
          <Panel title="Before you cut">
            <ul className="grid gap-1.5 text-[0.93rem]">
              <li>
                Cut rims and blades are sharp: fold or file every rim, cut away from your hand. With children, an adult
                cuts.
              </li>
              <li>Push a pin or needle away from your face; a can may throw it back.</li>
              <li>Paint in fresh air and follow the tin’s safety sheet.</li>
              <li>Never look at the sun through any hole.</li>
            </ul>
          </Panel>
          <Link to=".." relative="path" className={buttonClass("quiet", "justify-self-start")}>
            Back to the Bench
          </Link>
        </div>
      </div>
    </main>
  );
}

function partsOf(camera: Camera, words: (mm: number) => string): readonly Part[] {
  const { film, aim } = camera.chambers[0];
  const measured = measuredDiameter(camera);
  const ideal = optimum(aim?.contrast ?? DEFAULT_CONTRAST, 0.95);
  return cutParts({
    camera,
    diameter: measured ?? targetDiameter(camera, mediumById(film.medium), ideal),
    format: formats.find(({ id }) => id === film.format) ?? null,
    words,
  });
}

const AROUND = 5;

/** A part alone, with a little white round it. */
function partScene(part: Part): Scene {
  return {
    bounds: { x: -AROUND, y: -AROUND, width: part.width + 2 * AROUND, height: part.height + 2 * AROUND },
    marks: part.marks,
  };
}
