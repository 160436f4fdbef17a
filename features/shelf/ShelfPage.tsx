import { Suspense, useCallback, useEffect, useMemo, useState } from "react";
import { Link } from "react-router";
import { silhouette } from "../../core/bench/shelfDrawing/index.ts";
import type { Camera } from "../../core/camera/container/index.ts";
import { askToPersist, forgetCamera, type Persistence, useLive } from "../../storage/index.ts";
import { Button, buttonClass } from "../../ui/controls/Button.tsx";
import { useConnectionTrouble } from "../../ui/device/useConnectionTrouble.ts";
import { useUndoKeys } from "../../ui/edits/useUndoKeys.ts";
import { FileDrop } from "../../ui/files/FileDrop.tsx";
import { useLengthWords } from "../../ui/format/UnitContext.ts";
import { LiveNotice } from "../../ui/notices/LiveNotice.tsx";
import { lazyPart } from "../../ui/page/lazyPart.tsx";
import { Board } from "./CameraOnShelf.tsx";
import type { FileReport } from "./fileExchange.ts";
import { readShelf, type ShelfData } from "./shelfData.ts";

/** More cameras are drawn only where they are in sight. */
const FULL_HOUSE = 60;
const ManyCameras = lazyPart(() => import("./ManyCameras.tsx"));
const Report = lazyPart(() => import("./Report.tsx"));
const DamagedCameras = lazyPart(() => import("./DamagedCameras.tsx"));
const StandsOpen = lazyPart(() => import("./StandsOpen.tsx"));
const TrailsOut = lazyPart(() => import("./TrailsOut.tsx"));

/** Height of the tallest camera on the Shelf, pixels. */
const TALLEST = 290;
/** Width of the widest camera on the Shelf, pixels. */
const WIDEST = 320;

/** All cameras at true relative size, and the ways in and out. */
export function ShelfPage({ loaded }: { readonly loaded: ShelfData }) {
  const live = useLive(loaded, readShelf);
  const { cameras, damaged, removed, out, open } = live.value;
  const [report, setReport] = useState<FileReport | null>(null);
  const take = async (files: readonly File[]): Promise<void> => {
    // Zip and its checks are fetched when they are needed.
    const { takeAll } = await import("./fileExchange.ts");
    await takeAll(files, setReport);
  };
  const back = useCallback(async () => {
    if (removed) await (await import("./bringBack.ts")).bringBack(removed);
  }, [removed]);
  useUndoKeys(removed && (() => void back()), null);
  const pixel = useMemo(() => pixelSize(cameras), [cameras]);
  return (
    <FileDrop
      as="main"
      named="Camera file or archive to open"
      accept=".json,.zip,application/json,application/zip"
      className="mx-auto min-h-[70vh] max-w-[1500px] px-4 pt-5 pb-16 sm:px-6"
      onFiles={(files) => void take(files)}
    >
      {(pick) => (
        <>
          <div className="flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
            <div>
              <p className="stamp">Shelf</p>
              <h1 className="font-semibold text-[1.7rem] leading-tight">
                {cameras.length === 0 ? "An empty shelf" : "Your cameras, as large as they are to each other"}
              </h1>
            </div>
            <div className="flex flex-wrap gap-2">
              <Link to="/new" className={buttonClass(cameras.length === 0 ? "plain" : "action")}>
                Measure a container
              </Link>
              <Button onClick={pick}>Open a file</Button>
              <Button
                onClick={() => void import("./fileExchange.ts").then(({ saveEverything }) => saveEverything(setReport))}
                disabled={report?.going !== undefined}
              >
                Save everything
              </Button>
            </div>
          </div>
          <LiveNotice live={live} />
          {report && (
            <Suspense>
              <Report report={report} onReport={setReport} />
            </Suspense>
          )}
          {removed && (
            <p role="status" className="mt-4 border-kraft border-l-4 bg-card p-3">
              {removed.name} is deleted; its shots stay in the log.{" "}
              <Button look="quiet" onClick={() => void back()}>
                Undo
              </Button>
              <Button look="quiet" onClick={() => void forgetCamera(removed)}>
                Forget it
              </Button>
            </p>
          )}
          {damaged.length > 0 && (
            <Suspense>
              <DamagedCameras ids={damaged} />
            </Suspense>
          )}
          {open > 0 && (
            <Suspense>
              <StandsOpen />
            </Suspense>
          )}
          {out > 0 && (
            <Suspense>
              <TrailsOut />
            </Suspense>
          )}
          {cameras.length === 0 ? (
            <EmptyShelf />
          ) : cameras.length > FULL_HOUSE ? (
            <Suspense>
              <ManyCameras cameras={cameras} pixel={pixel} tallest={TALLEST} shelf={live.value} />
            </Suspense>
          ) : (
            <ul className="mt-8 flex flex-wrap gap-y-10">
              <Board cameras={cameras} pixel={pixel} tallest={TALLEST} shelf={live.value} />
            </ul>
          )}
          {cameras.length > 0 && <ScaleBar pixel={pixel} />}
          {cameras.length > 0 && (
            <Button
              look="quiet"
              className="-ml-3 mt-3"
              onClick={() => void import("./beginTour.ts").then(({ beginTour }) => beginTour())}
            >
              Look round: take the tour
            </Button>
          )}
          <Keeping />
          {live.value.demo !== null && <Demonstration state={live.value.demo} />}
        </>
      )}
    </FileDrop>
  );
}

/** One screen pixel in mm, so that the tallest camera and a row of them fit. */
function pixelSize(cameras: readonly Camera[]): number {
  const sizes = cameras.map((camera) => silhouette(camera, 1).bounds);
  const tallest = Math.max(60, ...sizes.map(({ height }) => height));
  const widest = Math.max(60, ...sizes.map(({ width }) => width));
  return Math.max(tallest / TALLEST, widest / WIDEST);
}

const KEEPING: Readonly<Record<Persistence, string>> = {
  kept: "All this is stored in this browser, which has promised to keep it.",
  "may-be-cleared":
    "All this is stored in this browser, which may clear it when space runs short: save everything now and then.",
  unknown: "All this is stored in this browser only: save everything now and then.",
};

/** Where the data live, and whether the browser has promised to keep them. */
function Keeping() {
  const [persistence, setPersistence] = useState<Persistence>("unknown");
  const trouble = useConnectionTrouble();
  useEffect(() => void askToPersist().then(setPersistence), []);
  // What stands in the way is said at the top of the page.
  return trouble === null && <p className="mt-3 text-[0.87rem] text-quiet">{KEEPING[persistence]}</p>;
}

/** The demonstration, put away or brought back in one press. */
function Demonstration({ state }: { readonly state: "here" | "gone" }) {
  const [busy, setBusy] = useState(false);
  const press = async (): Promise<void> => {
    setBusy(true);
    const { clearDemonstration, demonstrationBack } = await import("./demonstration.ts");
    await (state === "here" ? clearDemonstration() : demonstrationBack());
    setBusy(false);
  };
  return (
    <p className="mt-3 flex flex-wrap items-center gap-x-3 text-[0.87rem] text-quiet" data-demo={state}>
      {state === "here"
        ? "The members of Thistle Row lend you their year to look round in."
        : "Thistle Row’s year is put away."}
      <Button look="quiet" disabled={busy} onClick={() => void press()}>
        {state === "here" ? "Start with an empty shelf" : "Bring the demonstration back"}
      </Button>
    </p>
  );
}

/** 100 mm at the Shelf's scale. */
function ScaleBar({ pixel }: { readonly pixel: number }) {
  const width = 100 / pixel;
  const words = useLengthWords();
  return (
    <p className="mt-10 flex items-center gap-3 text-[0.87rem] text-quiet">
      <svg width={width + 2} height="10" aria-hidden="true">
        <path d={`M1 1V9M1 5H${width + 1}M${width + 1} 1V9`} stroke="var(--sb-quiet)" fill="none" />
      </svg>
      {words(100)} on this shelf
    </p>
  );
}

function EmptyShelf() {
  return (
    <div className="mt-10">
      <svg viewBox="0 0 720 150" className="w-full max-w-3xl" aria-hidden="true">
        <path d="M0 120H720M0 132H720" stroke="var(--sb-kraft)" strokeWidth="1.5" fill="none" />
        <path
          d="M80 120V50h90v70M250 120V30h60v90M400 120V88h34v32M520 120V64h120v56"
          stroke="var(--sb-line)"
          strokeWidth="1.5"
          strokeDasharray="5 4"
          fill="none"
        />
        <g fill="var(--sb-line)">
          <circle cx="125" cy="85" r="3" />
          <circle cx="280" cy="75" r="3" />
          <circle cx="417" cy="104" r="3" />
          <circle cx="580" cy="92" r="3" />
        </g>
      </svg>
      <ol className="mt-6 grid max-w-3xl gap-2">
        <li>
          <span className="stamp mr-3">1</span>Find a box, a can or a film canister that keeps light out, and a ruler.
        </li>
        <li>
          <span className="stamp mr-3">2</span>Measure its inside: width, height, depth, or diameter and height.
        </li>
        <li>
          <span className="stamp mr-3">3</span>Type what you measured. You get the hole, the picture it takes, a sheet
          to cut by and a time.
        </li>
      </ol>
      <p className="mt-6 flex flex-wrap items-center gap-3">
        <Link to="/new" className={buttonClass("action", "min-h-[3.3rem] text-[1.1rem]")}>
          I have one: measure it
        </Link>
        <Link to="/method/questions" className={buttonClass("quiet")}>
          How can a box take a picture?
        </Link>
      </p>
    </div>
  );
}
