import { useCallback, useState } from "react";
import type { Practised, Standing } from "../../core/practice/index.ts";
import { practiceRecords, setPracticeTab, useLive } from "../../storage/index.ts";
import { Button } from "../../ui/controls/Button.tsx";
import { Goals } from "../../ui/practice/Goals.tsx";
import { practisedHere } from "../../ui/practice/hiddenHere.ts";
import { NOTHING_YET, standingWith } from "../../ui/practice/standingHere.ts";
import { taskOf } from "../../ui/practice/taskOf.ts";
import { SESSION_WORDS } from "../../wording/practiceWords.ts";

/** Over every page of a session: that it is practice, how far it came, what is asked, hints, and the way out. */
export default function PracticeStrip() {
  const practised = practisedHere();
  return practised === null ? null : <Strip practised={practised} />;
}

function Strip({ practised }: { readonly practised: Practised }) {
  const records = useLive(
    NOTHING_YET,
    useCallback(() => practiceRecords(), []),
  );
  const standing = standingWith(practised, records.value);
  const [open, setOpen] = useState(false);
  const { title } = SESSION_WORDS[practised.session];
  return (
    <aside
      aria-label="Session of practice"
      data-practising={practised.session}
      data-done={standing.done}
      className="border-action border-y-2 border-dashed bg-kraft-pale px-4 py-1.5 text-[0.93rem] sm:px-6 print:hidden"
    >
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <span className="stamp">Practice</span>
        <strong className="font-semibold">{title}</strong>
        <span>
          {standing.reached} of {standing.goals.length} reached
        </span>
        <span className="ml-auto flex gap-2">
          <Button aria-expanded={open} onClick={() => setOpen(!open)}>
            {standing.done ? "What an expert would have done" : "Task and hints"}
          </Button>
          <Button onClick={() => leave(practised)}>Back to my own</Button>
        </span>
      </div>
      {open && <Told practised={practised} standing={standing} />}
    </aside>
  );
}

function Told({ practised, standing }: { readonly practised: Practised; readonly standing: Standing }) {
  const { hints, expert } = SESSION_WORDS[practised.session];
  const [shown, setShown] = useState(0);
  return (
    <div className="grid gap-x-8 gap-y-3 py-2 md:grid-cols-2" data-told>
      <div>
        <p>{taskOf(practised)}</p>
        <Goals standing={standing} />
      </div>
      <div>
        {standing.done ? (
          <p data-expert>{expert}</p>
        ) : (
          <>
            <ol className="list-decimal pl-5">
              {hints.slice(0, shown).map((hint) => (
                <li key={hint}>{hint}</li>
              ))}
            </ol>
            {shown < hints.length && (
              <Button className="mt-1" onClick={() => setShown(shown + 1)}>
                {shown === 0 ? "Give me a hint" : "One more hint"}
              </Button>
            )}
            {standing.spent > standing.allowed && (
              <p className="mt-1">More sheets are used than the task has. Go on all the same, or begin anew.</p>
            )}
          </>
        )}
      </div>
    </div>
  );
}

/** Back to the maker's own database: the session stays as it is. */
function leave({ session, seed }: Practised): void {
  setPracticeTab(null);
  window.location.assign(`/method/practice?session=${session}&seed=${seed}`);
}
