import { Download, Trash2 } from "lucide-react";
import { type FormEvent, useCallback, useState } from "react";
import { Link, useFetcher, useSearchParams } from "react-router";
import { mediumById } from "../../catalogue/media.ts";
import { formatFNumber, formatTime, parseTime } from "../../core/basis/units/index.ts";
import type { Exposure } from "../../core/document/index.ts";
import { listExposures } from "../../storage/index.ts";
import { Button, buttonClass } from "../../ui/Button.tsx";
import { Choice } from "../../ui/Choice.tsx";
import { readableTime } from "../../ui/localTime.ts";
import { saveFile } from "../../ui/saveFile.ts";
import { useNotify } from "../../ui/Toaster.tsx";
import { useLive } from "../../ui/useLive.ts";
import type { LogAction, LogAnswer } from "./logAction.ts";
import { logCsv } from "./logCsv.ts";

/** The choice that stands for no camera in particular. */
const ALL = "all";

/** Rows shown at first; more come at a press, so that ten thousand shots open as fast as ten. */
const FIRST_ROWS = 100;

/** The log: shots by camera, newest first; edit, delete with undo, save as CSV. */
export function LogPage({
  cameras,
  exposures: loaded,
  chosen,
}: {
  readonly cameras: readonly { readonly id: string; readonly name: string }[];
  readonly exposures: readonly Exposure[];
  readonly chosen: string | null;
}) {
  const query = useCallback(() => listExposures(chosen), [chosen]);
  const exposures = useLive(loaded, query);
  const [, setSearch] = useSearchParams();
  const [rows, setRows] = useState(FIRST_ROWS);
  const [editing, setEditing] = useState<string | null>(null);
  const fetcher = useFetcher<LogAnswer>();
  const notify = useNotify();
  const send = (action: LogAction): void =>
    void fetcher.submit(JSON.stringify(action), { method: "post", encType: "application/json" });
  const remove = (shot: Exposure): void => {
    send({ type: "delete", id: shot.id });
    notify(`${shot.subject || "A shot"} is deleted.`, { undo: () => send({ type: "save", exposure: shot }) });
  };
  return (
    <main className="mx-auto max-w-[1300px] px-4 pt-4 pb-16 sm:px-6">
      <div className="mb-4 flex flex-wrap items-end justify-between gap-3">
        <div>
          <p className="stamp">Log</p>
          <h1 className="font-semibold text-[1.7rem] leading-tight">
            {exposures.length} shot{exposures.length === 1 ? "" : "s"}
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
          <Button
            onClick={() => saveFile("still-box-log.csv", logCsv(exposures), "text/csv;charset=utf-8")}
            disabled={exposures.length === 0}
          >
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
      {fetcher.data?.failed && (
        <p role="alert" className="mb-3 border-action border-l-4 bg-card p-3">
          {fetcher.data.failed}
        </p>
      )}
      {exposures.length === 0 && <p>No shots here yet. The Field logs one each time you close the hole.</p>}
      <ol>
        {exposures.slice(0, rows).map((shot) =>
          editing === shot.id ? (
            <li key={shot.id} className="border-line border-t bg-card p-3">
              <ShotForm
                shot={shot}
                onSave={(exposure) => {
                  send({ type: "save", exposure });
                  setEditing(null);
                }}
                onCancel={() => setEditing(null)}
              />
            </li>
          ) : (
            <ShotRow key={shot.id} shot={shot} onEdit={() => setEditing(shot.id)} onDelete={() => remove(shot)} />
          ),
        )}
      </ol>
      {exposures.length > rows && (
        <Button className="mt-4" onClick={() => setRows((now) => now + 500)}>
          Show more of {exposures.length}
        </Button>
      )}
    </main>
  );
}

function ShotRow({
  shot,
  onEdit,
  onDelete,
}: {
  readonly shot: Exposure;
  readonly onEdit: () => void;
  readonly onDelete: () => void;
}) {
  const change = shot.suggestedSeconds ? Math.log2(shot.seconds / shot.suggestedSeconds) : 0;
  return (
    <li
      data-shot={shot.id}
      className="grid grid-cols-[minmax(0,1fr)_auto] items-start gap-x-5 gap-y-1 border-line border-t py-2.5 sm:grid-cols-[10.5rem_minmax(0,1fr)_9rem_auto]"
    >
      <span className="text-[0.93rem] text-quiet">{readableTime(shot.openedAt)}</span>
      <span className="max-sm:order-3 max-sm:col-span-2">
        <span className="font-semibold">{shot.subject || "No subject noted"}</span>{" "}
        <span className="text-quiet">
          · {shot.cameraName}
          {shot.number ? `, No. ${shot.number}` : ""}
        </span>
        <span className="block text-[0.93rem] text-quiet">
          {[
            shot.light,
            mediumById(shot.medium).name,
            shot.iso && `ISO ${shot.iso}`,
            shot.fNumber && formatFNumber(shot.fNumber),
          ]
            .filter(Boolean)
            .join(" · ")}
        </span>
        {shot.note && <span className="block">{shot.note}</span>}
      </span>
      <span className="text-right">
        <span className="block font-semibold text-[1.16rem]">{formatTime(shot.seconds)}</span>
        {Math.abs(change) > 0.2 && shot.suggestedSeconds && (
          <span className="block text-[0.83rem] text-quiet">suggested {formatTime(shot.suggestedSeconds)}</span>
        )}
      </span>
      <span className="flex gap-1 max-sm:order-4 max-sm:col-span-2">
        <Button look="quiet" onClick={onEdit}>
          Edit
        </Button>
        <Button look="quiet" aria-label={`Delete ${shot.subject || "this shot"}`} onClick={onDelete}>
          <Trash2 size={15} aria-hidden />
        </Button>
      </span>
    </li>
  );
}

function ShotForm({
  shot,
  onSave,
  onCancel,
}: {
  readonly shot: Exposure;
  readonly onSave: (shot: Exposure) => void;
  readonly onCancel: () => void;
}) {
  const [error, setError] = useState<string | null>(null);
  const save = (event: FormEvent<HTMLFormElement>): void => {
    event.preventDefault();
    const sent = new FormData(event.currentTarget);
    const text = (name: string): string => String(sent.get(name) ?? "").trim();
    const seconds = parseTime(text("seconds"));
    if (!seconds.ok) {
      setError(seconds.error);
      return;
    }
    onSave({ ...shot, seconds: seconds.value, subject: text("subject"), light: text("light"), note: text("note") });
  };
  return (
    <form className="grid gap-3 sm:grid-cols-[1fr_1fr_9rem]" onSubmit={save} noValidate>
      <label className="text-[0.87rem] text-quiet">
        Subject
        <input name="subject" className="entry text-ink" defaultValue={shot.subject} />
      </label>
      <label className="text-[0.87rem] text-quiet">
        Light
        <input name="light" className="entry text-ink" defaultValue={shot.light} />
      </label>
      <label className="text-[0.87rem] text-quiet">
        Time given
        <input
          name="seconds"
          className="entry text-ink"
          defaultValue={formatTime(shot.seconds)}
          aria-invalid={error !== null}
        />
        {error && (
          <span role="alert" className="text-action">
            {error}
          </span>
        )}
      </label>
      <label className="text-[0.87rem] text-quiet sm:col-span-3">
        Note
        <input name="note" className="entry text-ink" defaultValue={shot.note} />
      </label>
      <div className="flex gap-2 sm:col-span-3">
        <button type="submit" className={buttonClass("action")}>
          Save the shot
        </button>
        <Button look="quiet" onClick={onCancel}>
          Leave it
        </Button>
      </div>
    </form>
  );
}
