import { useWindowVirtualizer } from "@tanstack/react-virtual";
import { Download } from "lucide-react";
import { useLayoutEffect, useRef, useState } from "react";
import { Link, useFetcher, useSearchParams } from "react-router";
import type { Exposure } from "../../../core/document/index.ts";
import { listExposures } from "../../../storage/index.ts";
import { Button, buttonClass } from "../../../ui/Button.tsx";
import { Choice } from "../../../ui/Choice.tsx";
import { LiveNotice } from "../../../ui/LiveNotice.tsx";
import { notify } from "../../../ui/notify.ts";
import { saveFile } from "../../../ui/saveFile.ts";
import { FieldPages } from "../FieldPages.tsx";
import type { LogAction, LogAnswer } from "./logAction.ts";
import { ShotForm } from "./ShotForm.tsx";
import { ShotRow } from "./ShotRow.tsx";
import { type LogPart, useShotCount, useShots } from "./useShots.ts";

/** The choice that stands for no camera in particular. */
const ALL = "all";
/** What a row is taken to be high before it is measured, pixels. */
const ROW = 78;

/** The log: shots by camera, newest first, as many of them laid out as are in sight; edit, delete with undo, save as CSV. */
export function LogPage({
  cameras,
  loaded,
  chosen,
}: {
  readonly cameras: readonly { readonly id: string; readonly name: string }[];
  readonly loaded: LogPart;
  readonly chosen: string | null;
}) {
  const live = useShotCount(loaded, chosen);
  const count = live.value;
  const [, setSearch] = useSearchParams();
  const [editing, setEditing] = useState<string | null>(null);
  const fetcher = useFetcher<LogAnswer>();
  const send = (action: LogAction): void =>
    void fetcher.submit(JSON.stringify(action), { method: "post", encType: "application/json" });
  const remove = (shot: Exposure): void => {
    send({ type: "delete", id: shot.id });
    notify(`${shot.subject || "A shot"} is deleted.`, {
      action: { name: "Undo", run: () => send({ type: "save", exposure: shot }) },
    });
  };
  const list = useRef<HTMLOListElement>(null);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => setTop(list.current?.offsetTop ?? 0), []);
  const rows = useWindowVirtualizer({
    count,
    estimateSize: () => ROW,
    overscan: 6,
    scrollMargin: top,
  });
  const items = rows.getVirtualItems();
  const shots = useShots(loaded, chosen, items[0]?.index ?? 0, items.at(-1)?.index ?? 0);
  const saveCsv = async (): Promise<void> => {
    const { logCsv } = await import("./logCsv.ts");
    saveFile("still-box-log.csv", logCsv(await listExposures(chosen)), "text/csv;charset=utf-8");
  };
  return (
    <main className="mx-auto max-w-[1300px] px-4 pb-16 sm:px-6">
      <FieldPages />
      <div className="mb-4 flex flex-wrap items-end justify-between gap-3">
        <div>
          <p className="stamp">Log</p>
          <h1 className="font-semibold text-[1.7rem] leading-tight">
            {count} shot{count === 1 ? "" : "s"}
          </h1>
        </div>
        <div className="flex items-end gap-2">
          <Choice
            label="Camera"
            className="w-44"
            value={chosen ?? ALL}
            options={[{ id: ALL, name: "all cameras" }, ...cameras]}
            onChoose={(id) => setSearch(id === ALL ? {} : { camera: id })}
          />
          <Button onClick={() => void saveCsv()} disabled={count === 0}>
            <Download size={16} aria-hidden /> CSV
          </Button>
          <Link
            to={chosen ? `/field?camera=${encodeURIComponent(chosen)}` : "/field"}
            className={buttonClass("action")}
          >
            New shot
          </Link>
        </div>
      </div>
      <LiveNotice live={live} />
      {fetcher.data?.failed && (
        <p role="alert" className="mb-3 border-action border-l-4 bg-card p-3">
          {fetcher.data.failed}
        </p>
      )}
      {count === 0 && <p>No shots here yet. The Field logs one each time you close the hole.</p>}
      <ol ref={list} className="relative" style={{ height: rows.getTotalSize() }} data-log={count}>
        {items.map(({ key, index, start }) => {
          const shot = shots.get(index);
          return (
            <li
              key={key}
              ref={rows.measureElement}
              data-index={index}
              aria-setsize={count}
              aria-posinset={index + 1}
              className="absolute top-0 left-0 w-full"
              style={{ transform: `translateY(${start - top}px)` }}
            >
              {shot === undefined && <div className="border-line border-t" style={{ height: ROW }} />}
              {shot === null && (
                <p className="border-line border-t py-2.5 text-action">
                  This shot can’t be read by this version; it is left untouched.
                </p>
              )}
              {shot && editing === shot.id && (
                <div className="border-line border-t bg-card p-3">
                  <ShotForm
                    shot={shot}
                    onSave={(exposure) => {
                      send({ type: "save", exposure });
                      setEditing(null);
                    }}
                    onCancel={() => setEditing(null)}
                  />
                </div>
              )}
              {shot && editing !== shot.id && (
                <ShotRow shot={shot} onEdit={() => setEditing(shot.id)} onDelete={() => remove(shot)} />
              )}
            </li>
          );
        })}
      </ol>
    </main>
  );
}
