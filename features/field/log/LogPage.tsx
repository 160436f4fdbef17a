import { Download } from "lucide-react";
import { Suspense, useState } from "react";
import { Link, useSearchParams, useSubmit } from "react-router";
import { type CameraName, listExposures, storageFailure } from "../../../storage/index.ts";
import { Button, buttonClass } from "../../../ui/controls/Button.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { sendAction } from "../../../ui/edits/sendAction.ts";
import { fileName, saveFile } from "../../../ui/files/saveFile.ts";
import { LiveNotice } from "../../../ui/notices/LiveNotice.tsx";
import { lazyPart } from "../../../ui/page/lazyPart.tsx";
import { FieldPages } from "../FieldPages.tsx";
import { LoadList } from "./LoadList.tsx";
import { LogFilter } from "./LogFilter.tsx";
import type { LogAction, LogAnswer } from "./logAction.ts";
import { ShotList } from "./ShotList.tsx";
import type { ShotFilter } from "./shotFilter.ts";
import { CsvImport } from "./table/CsvImport.tsx";
import { type LogPart, useShotList } from "./useShots.ts";

const SaysPanel = lazyPart(() => import("./SaysPanel.tsx"));

const VIEWS = [
  { id: "shots", name: "Shots" },
  { id: "loads", name: "By load" },
  { id: "says", name: "What it says" },
] as const;

/** The log: shots newest first, loads as their cards, and what all of it says of cameras, papers and lights. */
export function LogPage({
  cameras,
  loaded,
  filter,
  view,
}: {
  readonly cameras: readonly CameraName[];
  readonly loaded: LogPart;
  readonly filter: ShotFilter;
  readonly view: string | null;
}) {
  const live = useShotList(loaded, filter);
  const { count, ids } = live.value;
  const [, setSearch] = useSearchParams();
  const submit = useSubmit();
  const [failed, setFailed] = useState<string | null>(null);
  const [importing, setImporting] = useState(false);
  const send = async (action: LogAction): Promise<LogAnswer> => {
    const sent = await sendAction<LogAnswer>(submit, "/log", action);
    const answer = sent ?? { failed: storageFailure("unavailable").message, step: null };
    setFailed(answer.failed);
    return answer;
  };
  const ask = (change: Readonly<Record<string, string | null>>): void =>
    setSearch((before) => {
      const next = new URLSearchParams(before);
      for (const [name, value] of Object.entries(change)) {
        if (value === null) next.delete(name);
        else next.set(name, value);
      }
      return next;
    });
  const saveCsv = async (): Promise<void> => {
    const { logCsv } = await import("./table/logCsv.ts");
    const shots = await listExposures(filter.camera);
    const days = [...new Set([shots.at(-1), shots[0]].map((shot) => shot?.openedAt.slice(0, 10) ?? ""))];
    const whose = filter.camera === null ? "all cameras" : (cameras.find(({ id }) => id === filter.camera)?.name ?? "");
    saveFile(fileName(`log ${whose} ${days.join(" to ")}`, ".csv"), logCsv(shots), "text/csv;charset=utf-8");
  };
  const shown = VIEWS.find(({ id }) => id === view)?.id ?? "shots";
  return (
    <main className="thumb mx-auto max-w-[1300px] px-4 pb-16 sm:px-6">
      <FieldPages />
      <div className="mb-3 flex flex-wrap items-end justify-between gap-3">
        <h1 className="font-semibold text-[1.7rem] leading-tight">
          {count} shot{count === 1 ? "" : "s"}
        </h1>
        <div className="flex flex-wrap items-end gap-2">
          <Button onClick={() => void saveCsv()} disabled={count === 0}>
            <Download size={16} aria-hidden /> CSV
          </Button>
          <Button look="quiet" aria-expanded={importing} onClick={() => setImporting(!importing)}>
            Import a CSV
          </Button>
          <Link
            to={filter.camera ? `/field?camera=${encodeURIComponent(filter.camera)}` : "/field"}
            className={buttonClass("action")}
          >
            New shot
          </Link>
        </div>
      </div>
      {importing && <CsvImport cameras={cameras} onDone={() => setImporting(false)} />}
      <Segments
        label="The log"
        value={shown}
        options={VIEWS}
        className="mb-4 min-h-[3.3rem] max-w-md"
        onChoose={(id) => ask({ view: id === "shots" ? null : id })}
      />
      <LiveNotice live={live} />
      {failed !== null && (
        <p role="alert" className="mb-3 border-action border-l-4 bg-card p-3">
          {failed}
        </p>
      )}
      {shown === "says" ? (
        <Suspense fallback={<p className="text-quiet">Reading the log.</p>}>
          <SaysPanel cameras={cameras} />
        </Suspense>
      ) : (
        <>
          <LogFilter cameras={cameras} filter={filter} onFilter={(change) => ask(change)} />
          {shown === "loads" && <LoadList camera={filter.camera} load={filter.load} />}
          {shown === "shots" && (
            <>
              {count === 0 && <p>No shots here yet. The Field logs one each time you close the hole.</p>}
              <ShotList loaded={loaded} filter={filter} count={count} ids={ids} send={send} />
            </>
          )}
        </>
      )}
    </main>
  );
}
