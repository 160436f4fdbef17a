import { useMemo, useState } from "react";
import { useRevalidator, useSearchParams } from "react-router";
import {
  MOST_SEED,
  type Practised,
  SESSIONS,
  type SessionName,
  type Standing,
  seedFrom,
} from "../../../core/practice/index.ts";
import { type begunPractices, forgetPractice } from "../../../storage/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Goals } from "../../../ui/practice/Goals.tsx";
import { practisedHere } from "../../../ui/practice/hiddenHere.ts";
import { standingWith } from "../../../ui/practice/standingHere.ts";
import { taskOf } from "../../../ui/practice/taskOf.ts";
import { SESSION_WORDS } from "../../../wording/practiceWords.ts";
import { MethodPages } from "../MethodPages.tsx";
import { ClassPanel } from "./ClassPanel.tsx";
import { ClassSheet } from "./ClassSheet.tsx";
import { beginSession, goOnWith } from "./enterSession.ts";
import type { BegunSession } from "./practiceFile.ts";
import { SeedField } from "./SeedField.tsx";

type Begun = Awaited<ReturnType<typeof begunPractices>>;

/** Method, Practice: sessions of ten minutes in the pages of real work, in a database of their own. */
export function SessionsPage({ begun }: { readonly begun: Begun }) {
  const [search] = useSearchParams();
  const asked = SESSIONS.find((name) => name === search.get("session")) ?? null;
  const [seed, setSeed] = useState(() => seedIn(search.get("seed"), begun));
  const known = useMemo(() => standings(begun), [begun]);
  return (
    <main className="mx-auto max-w-[1100px] px-4 pt-2 pb-16 sm:px-6" data-sessions>
      <div className="print:hidden">
        <MethodPages />
        <p className="mb-4 max-w-[46rem] text-quiet">
          Ten minutes each, in the same pages as real work: the meter, the paper and the flatbed are made up, the times
          are real. What you do here lies in a drawer of its own. Your cameras, your log and your paper are not touched.
        </p>
        <SeedField seed={seed} onSeed={setSeed} />
        <ol className="grid gap-x-8 gap-y-6 md:grid-cols-2">
          {SESSIONS.map((session) => (
            <SessionCard
              key={session}
              practised={{ session, seed }}
              asked={session === asked}
              standing={
                known.find(({ practised }) => practised.session === session && practised.seed === seed)?.standing
              }
            />
          ))}
        </ol>
        <ClassPanel known={known} />
      </div>
      <ClassSheet seed={seed} />
    </main>
  );
}

function SessionCard({
  practised,
  standing,
  asked,
}: {
  readonly practised: Practised;
  /** How far it came; missing: it was never begun. */
  readonly standing: Standing | undefined;
  readonly asked: boolean;
}) {
  const { session } = practised;
  const { title } = SESSION_WORDS[session];
  const [busy, setBusy] = useState(false);
  const { revalidate } = useRevalidator();
  const begin = async (): Promise<void> => {
    setBusy(true);
    if (!(await beginSession(practised))) setBusy(false);
  };
  return (
    <li data-session={session} className={asked ? "border-action border-l-4 pl-3" : ""}>
      <h2 className="border-ink border-b pb-0.5 font-semibold">{title}</h2>
      <p className="mt-1.5 text-[0.95rem] leading-snug">{taskOf(practised)}</p>
      {standing && <Goals standing={standing} />}
      <div className="mt-2 flex flex-wrap gap-2">
        {standing && <Button onClick={() => goOnWith(practised)}>Go on</Button>}
        <Button look={asked ? "action" : "plain"} disabled={busy} onClick={() => void begin()}>
          {standing ? "Begin anew" : "Begin"}
        </Button>
        {standing && (
          <Button look="quiet" onClick={() => void forgetPractice(practised).then(() => revalidate())}>
            Throw it away
          </Button>
        )}
      </div>
    </li>
  );
}

/** Sessions that are ours still, each with how far it came. */
function standings(begun: Begun): readonly BegunSession[] {
  return begun.flatMap(({ tab, records }) => {
    const session: SessionName | undefined = SESSIONS.find((name) => name === tab.session);
    if (session === undefined) return [];
    const practised = { session, seed: tab.seed };
    return [{ practised, standing: standingWith(practised, records) }];
  });
}

/** The number in an address, that of this tab's session, one that was begun before, or one by chance. */
function seedIn(text: string | null, begun: Begun): number {
  return seedFrom(text) ?? practisedHere()?.seed ?? begun[0]?.tab.seed ?? Math.floor(Math.random() * (MOST_SEED + 1));
}
