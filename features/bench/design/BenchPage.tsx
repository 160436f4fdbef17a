import { memo, Suspense, useCallback, useDeferredValue, useEffect, useMemo, useRef, useState } from "react";
import { Link } from "react-router";
import { tinykeys } from "tinykeys";
import { mediumById } from "../../../catalogue/media.ts";
import {
  type Camera,
  type DesignField,
  fieldRecord,
  refusal,
  settled,
  withField,
  withHoleAdded,
  withVersion,
} from "../../../core/camera/container/index.ts";
import { contrastOf, idealAt } from "../../../core/camera/holeToMake/index.ts";
import { useLive } from "../../../storage/index.ts";
import { buttonClass } from "../../../ui/controls/Button.tsx";
import { isTyping } from "../../../ui/edits/isTyping.ts";
import { useCameraEdits } from "../../../ui/edits/useCameraEdits.ts";
import { fileName, saveFile } from "../../../ui/files/saveFile.ts";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { lazyPart } from "../../../ui/page/lazyPart.tsx";
import { usePageCommand } from "../../../ui/page/pageCommand.ts";
import { useMedia } from "../../../ui/page/useMedia.ts";
import { limitWords } from "../../../wording/limits.ts";
import { Drawing } from "../drawing/Drawing.tsx";
import { Measures } from "../measures/Measures.tsx";
import { PictureOfDesign } from "../picture/PictureOfDesign.tsx";
import { Readings } from "../readings/Readings.tsx";
import { readDesign } from "../readings/reading.ts";
import { Verdicts } from "../readings/Verdicts.tsx";
import { BenchHeader } from "./BenchHeader.tsx";
import { type BenchData, readHistory, readTrail } from "./benchData.ts";
import { useBenchPart } from "./benchPart.ts";
import type { EditDesign, SetField } from "./edit.ts";
import { newVersion } from "./newVersion.ts";

/** Only phones have it. */
const SheetFromBelow = lazyPart(async () => ({
  default: (await import("../../../ui/seldom/SheetFromBelow.tsx")).SheetFromBelow,
}));
/** Its row of presses comes with the picture. */
const PictureRow = lazyPart(async () => ({ default: (await import("../picture/PictureRow.tsx")).PictureRow }));
/** What stands below the drawing comes after it. */
const BenchParts = lazyPart(() => import("./BenchParts.tsx"));

/** The Bench: the drawing one can take hold of, its readings, verdicts, hole rules and sheets. */
export function BenchPage({ stored, beside }: { readonly stored: Camera; readonly beside: BenchData }) {
  const design = useCameraEdits(stored);
  const history = useLive(
    beside.history,
    useCallback(() => readHistory(stored.id), [stored.id]),
  ).value;
  const trail = useLive(
    beside.trail,
    useCallback(() => readTrail(stored.id), [stored.id]),
  ).value;
  const words = useLengthWords();
  const { camera, send } = design;
  const contrast = contrastOf(camera);
  const ideal = useMemo(() => idealAt(contrast), [contrast]);
  const [chosenHole, setHole] = useState(0);
  const hole = Math.min(chosenHole, camera.chambers[0].holes.length - 1);
  const reading = useMemo(() => readDesign(camera, ideal, words, hole), [camera, ideal, words, hole]);

  // Drawing, readings and verdicts change with the hand; the tables below follow in the next idle moment.
  const later = useDeferredValue(useMemo(() => ({ camera, reading }), [camera, reading]));

  // Functions for the page's whole life, so that what only calls them need not be drawn again at every edit.
  const latest = useRef({ camera, contrast, ideal, hole, edit: design.edit });
  latest.current = { camera, contrast, ideal, hole, edit: design.edit };
  const settle = useCallback((next: Camera): Camera => {
    const aim = contrastOf(next);
    const known = aim === latest.current.contrast ? latest.current.ideal : idealAt(aim);
    return settled(next, mediumById(next.chambers[0].film.medium), known);
  }, []);
  const attempt = useCallback(
    (label: string, field: DesignField | null, change: (camera: Camera) => Camera): string | null => {
      const limit = refusal(settle(change(latest.current.camera)), field);
      if (limit !== null) return limitWords(limit, words);
      latest.current.edit(label, (now) => settle(change(now)));
      return null;
    },
    [settle, words],
  );
  const [refused, setRefused] = useState<string | null>(null);
  const edit: EditDesign = useCallback((label, change) => setRefused(attempt(label, null, change)), [attempt]);
  const setField: SetField = useCallback(
    (field, value, at = latest.current.hole) =>
      attempt(fieldRecord(field).undo, field, (now) => withField(now, field, value, at)),
    [attempt],
  );

  const { part, turn, open } = useBenchPart();
  const exportThis = useCallback(() => exportCamera(latest.current.camera), []);

  usePageCommand({
    undo: () => send({ type: "undo" }),
    redo: () => send({ type: "redo" }),
    duplicate: () => send({ type: "duplicate" }),
    "export-camera": exportThis,
    "keep-version": () => edit("version", (now) => withVersion(now, newVersion(now))),
    "add-hole": () => edit("one more hole", withHoleAdded),
    "show-preview": () => open("picture"),
    "show-finder": () => open("could-be"),
    "show-curve": () => open("hole"),
  });
  useEffect(() => {
    const step = (type: "undo" | "redo") => (event: KeyboardEvent) => {
      // In an entry the browser takes back the typing.
      if (isTyping(event)) return;
      event.preventDefault();
      send({ type });
    };
    return tinykeys(window, { "$mod+KeyZ": step("undo"), "$mod+Shift+KeyZ": step("redo") });
  }, [send]);

  const isPhone = useMedia(PHONE);
  const measures = <Measures camera={later.camera} hole={hole} setField={setField} onHole={setHole} onEdit={edit} />;
  return (
    <main className="mx-auto max-w-[1900px] px-4 pt-3 pb-16 sm:px-6">
      <BenchHeader camera={camera} design={design} history={history} onEdit={edit} onExport={exportThis} />
      <PictureOfDesign camera={later.camera} reading={later.reading} trail={trail} large={part === "picture"}>
        <div className="mt-2 grid gap-x-5 gap-y-6 lg:grid-cols-[13.5rem_minmax(0,1fr)_18.5rem] lg:grid-rows-[auto_1fr]">
          {isPhone ? (
            <Suspense>
              <SheetFromBelow label="Measures" onOpen={showDrawing}>
                {measures}
              </SheetFromBelow>
            </Suspense>
          ) : (
            <div className={MEASURES}>{measures}</div>
          )}
          <div className="min-w-0 max-lg:order-1">
            <Drawing
              camera={camera}
              medium={reading.medium}
              hole={hole}
              setField={setField}
              onHole={setHole}
              onHold={design.hold}
            />
            {refused && (
              <p role="alert" className="mt-3 border-action border-l-4 bg-card p-3">
                {refused}{" "}
                <button type="button" className="ml-2 underline underline-offset-4" onClick={() => setRefused(null)}>
                  Close
                </button>
              </p>
            )}
            <Suspense fallback={<div className="min-h-12" />}>
              <PictureRow onLarge={() => open("picture")} />
            </Suspense>
            <Verdicts verdicts={reading.verdicts} meant={reading.meant} onEdit={edit} />
          </div>
          <div className="max-lg:order-2 [contain:content]">
            <Readings camera={camera} reading={reading} hole={hole} />
            <NextPlaces id={camera.id} />
          </div>
          <div className="min-w-0 max-lg:order-4 lg:col-span-2 lg:col-start-2 print:hidden">
            <Suspense fallback={<div className="min-h-[60vh]" />}>
              <BenchParts
                now={later}
                part={part}
                onPart={turn}
                hole={hole}
                ideal={ideal}
                setField={setField}
                onEdit={edit}
              />
            </Suspense>
          </div>
        </div>
      </PictureOfDesign>
    </main>
  );
}

/** The measures stay in sight beside all of the page; a name and its entry share a line. */
const MEASURES =
  "max-sm:hidden max-lg:order-3 lg:sticky lg:top-2 lg:row-span-2 lg:max-h-[calc(100vh-1rem)] lg:self-start lg:overflow-y-auto lg:pr-1 print:hidden";

/** Where a page is no wider, figures are typed in a sheet from below, so that the drawing stays in sight. */
const PHONE = "(max-width: 639px)";

function showDrawing(): void {
  document.querySelector("[data-drawing]")?.scrollIntoView({ block: "start" });
}

const NextPlaces = memo(function NextPlaces({ id }: { readonly id: string }) {
  return (
    <p className="mt-4 flex flex-wrap gap-2 print:hidden">
      <Link to="make" className={buttonClass("action")}>
        Cut sheet at true size
      </Link>
      <Link to={`/field?camera=${encodeURIComponent(id)}`} className={buttonClass()}>
        Take it to the Field
      </Link>
    </p>
  );
});

function exportCamera(camera: Camera): void {
  saveFile(fileName(camera.name, ".stillbox.json"), `${JSON.stringify(camera, null, 2)}\n`, "application/json");
}
