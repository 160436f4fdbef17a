import { useCallback } from "react";
import { createPortal } from "react-dom";
import { Link, useLocation, useNavigate } from "react-router";
import type { Act } from "../../core/thread/index.ts";
import { rememberCamera } from "../../storage/index.ts";
import { buttonClass } from "../../ui/controls/Button.tsx";
import { Choice } from "../../ui/controls/Choice.tsx";
import { cx } from "../../ui/controls/cx.ts";
import { usePath } from "../../ui/page/usePath.ts";
import { ThreadLine } from "../../ui/thread/ThreadLine.tsx";
import { useThread } from "../../ui/thread/useThreads.ts";
import { isHere, pageFor, wayTo } from "../../ui/thread/wayTo.ts";
import { actWords } from "../../wording/threadWords.ts";

interface Named {
  readonly id: string;
  readonly name: string;
}

/** The camera at hand, in the frame of every page: which it is, how far it has come, and what is next as one button. */
export default function CameraAtHand({
  cameras,
  id,
  end,
}: {
  readonly cameras: readonly Named[];
  readonly id: string;
  /** Where the page ends. */
  readonly end: HTMLElement | null;
}) {
  const thread = useThread(id, cameras);
  const path = usePath();
  const { search } = useLocation();
  const navigate = useNavigate();
  const here = thread !== null && isHere(wayTo(thread.next), path, search);
  const name = cameras.find((each) => each.id === id)?.name ?? "";
  const change = useCallback(
    (next: string): void => void rememberCamera(next).then(() => navigate(pageFor(path, next))),
    [navigate, path],
  );
  return (
    <aside
      aria-label="The camera and its thread"
      data-at-hand
      className="flex min-h-10 items-center gap-3 border-line border-b bg-card px-4 sm:px-6 print:hidden"
    >
      <Choice
        label="Camera at hand"
        labelled="heard"
        value={id}
        options={cameras}
        className="w-52 shrink-0 font-semibold max-sm:w-auto max-sm:shrink max-sm:grow"
        onChoose={change}
      />
      {thread !== null && (
        <>
          <div className="flex min-w-0 grow max-sm:hidden">
            <ThreadLine thread={thread} />
          </div>
          <NextAct act={thread.next} here={here} />
          {end !== null && !here && createPortal(<WayOn act={thread.next} name={name} />, end)}
        </>
      )}
    </aside>
  );
}

/** At the end of a page: what comes next for its camera. */
function WayOn({ act, name }: { readonly act: Act; readonly name: string }) {
  return (
    <nav
      aria-label="Way on"
      data-way-on={act.name}
      className="mt-6 border-line border-t bg-card px-4 py-4 sm:px-6 print:hidden"
    >
      <span className="stamp mr-3">Next for {name}</span>
      <Link to={wayTo(act)} className={buttonClass("action", "min-h-[3.8rem] max-sm:w-full")}>
        {actWords(act)}
      </Link>
    </nav>
  );
}

/** What is next: the way there, or, where one is there, its words alone. */
function NextAct({ act, here }: { readonly act: Act; readonly here: boolean }) {
  const look =
    "flex min-h-8 shrink-0 items-center whitespace-nowrap border-l-4 py-1 pl-2 text-[0.93rem] max-sm:min-h-11";
  return here ? (
    <span data-next={act.name} aria-current="page" className={cx(look, "border-line")}>
      {actWords(act)}
    </span>
  ) : (
    <Link
      to={wayTo(act)}
      data-next={act.name}
      className={cx(look, "border-action font-semibold text-ink underline-offset-4 hover:underline")}
    >
      {actWords(act)}
    </Link>
  );
}
