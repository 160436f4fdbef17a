import { Download } from "lucide-react";
import { useMemo, useState } from "react";
import { useOutletContext } from "react-router";
import { type Scene, sceneToSvg } from "../../core/basis/drawing/index.ts";
import { CHECK_BAR, cutParts, drawnPart, layOut, type Part } from "../../core/make/cutsheet/index.ts";
import { Button } from "../../ui/controls/Button.tsx";
import { Panel } from "../../ui/controls/Panel.tsx";
import { fileName, saveFile } from "../../ui/files/saveFile.ts";
import { readableDay } from "../../ui/format/localTime.ts";
import { useLengthWords, useUnit } from "../../ui/format/UnitContext.ts";
import { CutterPanel } from "./CutterPanel.tsx";
import { MakeActions } from "./MakeActions.tsx";
import { Materials } from "./Materials.tsx";
import type { MakeInHand } from "./makeData.ts";
import { PagesView } from "./print/PagesView.tsx";
import { PaperChoice } from "./print/PaperChoice.tsx";
import { PrintCheck } from "./print/PrintCheck.tsx";
import { usePdf } from "./print/usePdf.ts";
import { RimField } from "./RimField.tsx";
import { useCutOrderWithCode } from "./useCutOrder.ts";

/** The cut sheet: every part at true size on the printer's paper, to look at, print and save. */
export function MakePage() {
  const { camera, edit, today, printer } = useOutletContext<MakeInHand>();
  const words = useLengthWords();
  const unit = useUnit();
  const { paper, scale } = printer;
  const [shown, setShown] = useState(0);
  const { busy, savePdf } = usePdf(today);
  const date = readableDay(today);
  const { order, waits } = useCutOrderWithCode(camera);
  const parts = useMemo(() => cutParts(order), [order]);
  const pages = useMemo(
    () => layOut(parts, paper, { camera: camera.name, date }, scale),
    [parts, paper, camera.name, date, scale],
  );
  const title = `${camera.name}, cut sheet`;
  const at = Math.min(shown, pages.length - 1);
  const savePart = (part: Part): void =>
    saveFile(
      fileName(`${camera.name} ${part.id}`, ".svg"),
      sceneToSvg(partScene(part), `${camera.name}, ${part.name}`),
      "image/svg+xml",
    );
  return (
    <>
      <MakeActions>
        <div className="flex flex-wrap items-end gap-2">
          <PaperChoice />
          <Button
            look="action"
            onClick={() => void savePdf(pages, title, `${camera.name} cut sheet ${paper.id}`)}
            disabled={busy || waits}
          >
            <Download size={16} aria-hidden /> {busy ? "Drawing…" : "PDF, all pages"}
          </Button>
          <Button
            onClick={() =>
              pages[at] &&
              saveFile(
                fileName(`${camera.name} page ${at + 1}`, ".svg"),
                sceneToSvg(pages[at].scene, title),
                "image/svg+xml",
              )
            }
          >
            <Download size={16} aria-hidden /> SVG, this page
          </Button>
        </div>
      </MakeActions>
      <div className="mt-4 grid gap-6 lg:grid-cols-[minmax(0,1fr)_22rem]">
        <PagesView pages={pages} shown={at} onShow={setShown} />
        <div className="grid content-start gap-6">
          <Panel title="Print it at true size">
            <ol className="grid list-decimal gap-1.5 pl-5">
              <li>Print at 100 %, never “fit to page”.</li>
              <li>
                Measure the upper bar at the foot and the one at the left edge: {CHECK_BAR} mm
                {unit === "in" ? ` (${words(CHECK_BAR, 3)})` : ""} each. What do you read? Leave empty what is right, or
                what the printer cut off.
              </li>
              <li>Pages that overlap: lay the crosses on each other, tape, then cut.</li>
            </ol>
            <PrintCheck />
          </Panel>
          <Panel title="Parts">
            <ul className="grid gap-1">
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
                    className="min-h-6 min-w-6 text-[0.87rem] underline underline-offset-4"
                    aria-label={`SVG of ${part.name}`}
                    onClick={() => savePart(part)}
                  >
                    SVG
                  </button>
                </li>
              ))}
            </ul>
            <RimField camera={camera} closing={order.plan.container.closing} edit={edit} />
          </Panel>
          <CutterPanel camera={camera.name} parts={parts} />
          <Materials order={order} />
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
        </div>
      </div>
    </>
  );
}

const AROUND = 5;

/** A part alone, with a little white round it. */
function partScene(part: Part): Scene {
  const { bounds, marks } = drawnPart(part);
  const { x, y, width, height } = bounds;
  return {
    bounds: { x: x - AROUND, y: y - AROUND, width: width + 2 * AROUND, height: height + 2 * AROUND },
    marks,
  };
}
