import { useWindowVirtualizer } from "@tanstack/react-virtual";
import { useLayoutEffect, useRef, useState } from "react";
import { changesBetween, type Exposure } from "../../../core/document/index.ts";
import { notify } from "../../../ui/notices/notify.ts";
import { JudgePanel } from "./JudgePanel.tsx";
import type { LogAction, LogAnswer } from "./logAction.ts";
import { ShotForm } from "./ShotForm.tsx";
import { ShotRow } from "./ShotRow.tsx";
import type { ShotFilter } from "./shotFilter.ts";
import { type LogPart, useShots } from "./useShots.ts";

/** What a row is taken to be high before it is measured, pixels. */
const ROW = 78;

/** Shots newest first, as many of them laid out as are in sight; each can be judged, edited, deleted, with undo. */
export function ShotList({
  loaded,
  filter,
  count,
  ids,
  send,
}: {
  readonly loaded: LogPart;
  readonly filter: ShotFilter;
  readonly count: number;
  readonly ids: readonly string[] | null;
  /** Tells what came of it; why it is not done is said by the page. */
  readonly send: (action: LogAction) => Promise<LogAnswer>;
}) {
  const [at, setAt] = useState<{ readonly id: string; readonly doing: "edit" | "judge" } | null>(null);
  const list = useRef<HTMLOListElement>(null);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => setTop(list.current?.offsetTop ?? 0), []);
  const rows = useWindowVirtualizer({ count, estimateSize: () => ROW, overscan: 6, scrollMargin: top });
  const items = rows.getVirtualItems();
  const shots = useShots(loaded, filter, ids, items[0]?.index ?? 0, items.at(-1)?.index ?? 0);
  // A form closes, and a notice speaks, when it is stored: what was typed is not gone with a full disk.
  const save = async (shot: Exposure, before: Exposure, said: string): Promise<void> => {
    if (await done({ type: "edit", id: shot.id, changes: changesBetween(before, shot), label: said }, said))
      setAt(null);
  };
  const remove = (shot: Exposure): void => {
    const said = `${shot.subject || "A shot"} is deleted.`;
    void done({ type: "delete", id: shot.id, label: said }, said);
  };
  const done = async (action: LogAction, said: string): Promise<boolean> => {
    const { failed, step } = await send(action);
    if (failed !== null) return false;
    const undo = { name: "Undo", run: () => step !== null && void send({ type: "take back", step }) };
    notify(said, step === null ? {} : { action: undo });
    return true;
  };
  return (
    <ol ref={list} className="relative" style={{ height: rows.getTotalSize() }} data-log={count}>
      {items.map(({ key, index, start }) => {
        const shot = shots.get(index);
        const doing = shot && at?.id === shot.id ? at.doing : null;
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
            {shot && doing === "edit" && (
              <div className="border-line border-t bg-card p-3">
                <ShotForm
                  shot={shot}
                  onSave={(changed) => void save(changed, shot, "The shot is changed.")}
                  onCancel={() => setAt(null)}
                />
              </div>
            )}
            {shot && doing !== "edit" && (
              <ShotRow
                shot={shot}
                onJudge={() => setAt(doing === "judge" ? null : { id: shot.id, doing: "judge" })}
                onEdit={() => setAt({ id: shot.id, doing: "edit" })}
                onDelete={() => remove(shot)}
              />
            )}
            {shot && doing === "judge" && (
              <JudgePanel
                shot={shot}
                onJudge={(judged) => void save(judged, shot, "Judged: the next time takes it in.")}
                onCancel={() => setAt(null)}
              />
            )}
          </li>
        );
      })}
    </ol>
  );
}
