import { useRef, useState } from "react";
import type { PracticeResult } from "../../../core/document/index.ts";
import { SESSIONS } from "../../../core/practice/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { fileName, saveFile } from "../../../ui/files/saveFile.ts";
import { isoWithOffset } from "../../../ui/format/localTime.ts";
import { SESSION_WORDS } from "../../../wording/practiceWords.ts";
import { type BegunSession, type HandedIn, handedIn, practiceFile, resultOf } from "./practiceFile.ts";

/** What a pupil hands in, and what a teacher sees of a class. */
export function ClassPanel({ known }: { readonly known: readonly BegunSession[] }) {
  const [who, setWho] = useState("");
  const [read, setRead] = useState<HandedIn | null>(null);
  const input = useRef<HTMLInputElement>(null);
  const save = (): void => {
    const results = known.map(resultOf);
    const file = practiceFile(who, results, isoWithOffset(new Date()));
    saveFile(fileName(`practice ${who}`, ".json"), JSON.stringify(file, null, 2), "application/json");
  };
  return (
    <Panel title="For a class" className="mt-10">
      <div className="grid gap-x-8 gap-y-5 md:grid-cols-2">
        <div>
          <p className="mb-2 text-[0.95rem]">
            Hand in how far you got: a small file with the goals you reached and the sheets you used, and nothing else.
          </p>
          <div className="flex flex-wrap items-end gap-2">
            <label className="grid gap-0.5 text-[0.9rem]">
              Your name or initials
              <input
                className="w-44 border border-line bg-card px-2 py-1"
                maxLength={200}
                value={who}
                onChange={({ target: { value } }) => setWho(value)}
              />
            </label>
            <Button onClick={save} disabled={known.length === 0 || who.trim() === ""}>
              Save how far I got
            </Button>
          </div>
          {known.length === 0 && <p className="mt-1 text-[0.87rem] text-quiet">Begin a session first.</p>}
        </div>
        <div>
          <p className="mb-2 text-[0.95rem]">
            Teachers print a sheet of tasks with the link and its code, and read the files that come back.
          </p>
          <div className="flex flex-wrap gap-2">
            <Button onClick={() => window.print()}>Print a class sheet</Button>
            <Button onClick={() => input.current?.click()}>Read files</Button>
            <input
              ref={input}
              type="file"
              accept="application/json,.json"
              multiple
              hidden
              aria-label="Files of practice"
              onChange={({ target }) => void handedIn([...(target.files ?? [])]).then(setRead)}
            />
          </div>
        </div>
      </div>
      {read && <ClassTable read={read} />}
    </Panel>
  );
}

function ClassTable({ read: { files, refused } }: { readonly read: HandedIn }) {
  return (
    <div className="mt-4" data-class>
      {refused.map((words) => (
        <p key={words} role="alert" className="text-warning">
          {words}
        </p>
      ))}
      {files.length > 0 && (
        <div className="overflow-x-auto">
          <table className="w-full text-left text-[0.9rem]">
            <thead>
              <tr>
                <th className="py-1 pr-3">Who</th>
                {SESSIONS.map((session) => (
                  <th key={session} className="py-1 pr-3 align-bottom">
                    {SESSION_WORDS[session].title}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {files.map(({ who, savedAt, sessions }) => (
                <tr key={`${who} ${savedAt}`} className="border-line border-t">
                  <th className="py-1 pr-3 font-medium">{who}</th>
                  {SESSIONS.map((session) => (
                    <td key={session} className="py-1 pr-3">
                      {bestWords(sessions.filter((each) => each.session === session))}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </div>
  );
}

/** The best of what somebody did in a session, in words. */
function bestWords(results: readonly PracticeResult[]): string {
  const [best] = [...results].sort((a, b) => Number(b.done) - Number(a.done) || b.reached - a.reached);
  if (best === undefined) return "–";
  const sheets = best.allowed > 0 ? `, ${best.spent} of ${best.allowed} sheets` : "";
  return `${best.done ? "done" : `${best.reached} of ${best.of}`}${sheets} (No. ${best.seed})`;
}
