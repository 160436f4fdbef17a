import { useWindowVirtualizer } from "@tanstack/react-virtual";
import { useCallback, useLayoutEffect, useRef, useState } from "react";
import { mediumById } from "../../../catalogue/media.ts";
import { formatTime } from "../../../core/basis/units/index.ts";
import type { Exposure, Load } from "../../../core/document/index.ts";
import { listLoads, shotsOfLoad, useLive } from "../../../storage/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { isoWithOffset, readableDay } from "../../../ui/format/localTime.ts";
import { VERDICTS, verdictOf } from "./shotFilter.ts";

const CARD = 260;
const NONE: readonly Load[] = [];
const NO_SHOTS: readonly Exposure[] = [];

/** The log by its loads: each the little card that goes with it, newest first, as many laid out as are in sight. */
export function LoadList({ camera, load }: { readonly camera: string | null; readonly load: string | null }) {
  const query = useCallback(() => listLoads(camera, load), [camera, load]);
  const live = useLive(NONE, query);
  const loads = live.value;
  const list = useRef<HTMLOListElement>(null);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => setTop(list.current?.offsetTop ?? 0), []);
  const rows = useWindowVirtualizer({ count: loads.length, estimateSize: () => CARD, overscan: 3, scrollMargin: top });
  return (
    <>
      {live.status === "ready" && loads.length === 0 && (
        <p>No load is noted here yet. Load a camera on the Field’s first page, or in the dark.</p>
      )}
      <ol ref={list} className="relative" style={{ height: rows.getTotalSize() }} data-loads={loads.length}>
        {rows.getVirtualItems().map(({ key, index, start }) => {
          const each = loads[index];
          return (
            <li
              key={key}
              ref={rows.measureElement}
              data-index={index}
              aria-setsize={loads.length}
              aria-posinset={index + 1}
              className="absolute top-0 left-0 w-full pb-4"
              style={{ transform: `translateY(${start - top}px)` }}
            >
              {each && <LoadOnCard load={each} />}
            </li>
          );
        })}
      </ol>
    </>
  );
}

function LoadOnCard({ load }: { readonly load: Load }) {
  const query = useCallback(() => shotsOfLoad(load.id), [load.id]);
  const shots = useLive(NO_SHOTS, query).value;
  const [first] = load.places;
  return (
    <section
      className="sheet p-3"
      aria-label={`Load of ${load.cameraName ?? "a camera"}, ${readableDay(load.at)}`}
      data-load-card={load.id}
    >
      <div className="mb-2 flex flex-wrap items-baseline justify-between gap-x-4 border-ink border-b pb-1">
        <p>
          <span className="font-semibold">{load.cameraName}</span>
          <span className="text-quiet">
            {" "}
            · loaded {readableDay(load.at)} with {mediumById(first?.medium).name}, ISO {first?.iso}
            {load.unloadedAt ? ` · unloaded ${readableDay(load.unloadedAt)}` : " · still loaded"}
          </span>
        </p>
        <Button
          look="quiet"
          onClick={() =>
            void import("./loadCardPdf.ts").then(({ saveLoadCard }) => saveLoadCard(load, isoWithOffset(new Date())))
          }
        >
          Card as PDF
        </Button>
      </div>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(9.5rem,1fr))] pt-px pl-px">
        {load.places.map(({ place, exposureId, plannedSeconds }) => {
          const shot = shots.find(({ id }) => id === exposureId);
          return (
            <li key={place} className="-mt-px -ml-px min-h-[5rem] border border-line p-1.5 leading-tight">
              <span className="stamp">{place}</span>
              {shot ? (
                <>
                  <span className="block font-medium">{shot.subject || "no subject noted"}</span>
                  <span className="block text-[0.87rem]">
                    {formatTime(shot.seconds)} · {shot.light}
                  </span>
                  <span className="block text-[0.83rem] text-quiet">
                    {VERDICTS.find(({ id }) => id === verdictOf(shot))?.name}
                  </span>
                </>
              ) : (
                <span className="block text-[0.87rem] text-quiet">
                  {exposureId ? "its shot is gone" : plannedSeconds ? `planned ${formatTime(plannedSeconds)}` : "free"}
                </span>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
