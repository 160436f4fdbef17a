import { useEffect, useState } from "react";
import { encode } from "uqr";
import { SESSIONS } from "../../../core/practice/index.ts";
import { NOTHING_YET, standingWith } from "../../../ui/practice/standingHere.ts";
import { taskOf } from "../../../ui/practice/taskOf.ts";
import { GOAL_WORDS, SESSION_WORDS } from "../../../wording/practiceWords.ts";
import { linkTo } from "./SeedField.tsx";

/** What a class gets in its hands, on paper alone: the tasks, boxes to tick, the link and its code. */
export function ClassSheet({ seed }: { readonly seed: number }) {
  const [link, setLink] = useState<string | null>(null);
  useEffect(() => setLink(linkTo(seed)), [seed]);
  if (link === null) return null;
  return (
    <section className="hidden print:block" aria-label="Class sheet" data-class-sheet>
      <div className="flex justify-between gap-6">
        <div>
          <h2 className="font-semibold text-[1.5rem]">Practice No. {seed}</h2>
          <p className="mt-1">{link}</p>
          <p className="mt-4">Name: ______________________________</p>
        </div>
        <Code text={link} />
      </div>
      {SESSIONS.map((session) => (
        <div key={session} className="mt-5 break-inside-avoid">
          <h3 className="border-ink border-b font-semibold">{SESSION_WORDS[session].title}</h3>
          <p className="mt-1">{taskOf({ session, seed })}</p>
          <ul className="mt-1">
            {standingWith({ session, seed }, NOTHING_YET).goals.map(({ name }) => (
              <li key={name}>□ {GOAL_WORDS[name]}</li>
            ))}
          </ul>
        </div>
      ))}
    </section>
  );
}

function Code({ text }: { readonly text: string }) {
  const { data, size } = encode(text, { border: 0, ecc: "M" });
  const dots = data.flatMap((row, y) => row.flatMap((dark, x) => (dark ? [`M${x} ${y}h1v1h-1z`] : []))).join("");
  return (
    <svg viewBox={`0 0 ${size} ${size}`} width="110" height="110" aria-label={`A code for ${text}`} role="img">
      <path d={dots} fill="currentColor" />
    </svg>
  );
}
