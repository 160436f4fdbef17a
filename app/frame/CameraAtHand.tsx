import { useState } from "react";
import { Link, useLocation, useNavigate } from "react-router";
import { actWords } from "../../catalogue/words/threadWords.ts";
import { rememberCamera } from "../../storage/index.ts";
import { ThreadLine } from "../../ui/thread/ThreadLine.tsx";
import { useThread } from "../../ui/thread/useThreads.ts";
import { pageFor, wayTo } from "../../ui/thread/wayTo.ts";

interface Named {
  readonly id: string;
  readonly name: string;
}

/** The camera at hand, in the frame of every page: which it is, how far it has come, and what is next as one button. */
export default function CameraAtHand({ cameras, id }: { readonly cameras: readonly Named[]; readonly id: string }) {
  const thread = useThread(id);
  const path = useLocation().pathname;
  const navigate = useNavigate();
  const [busy, setBusy] = useState(false);
  const change = async (next: string): Promise<void> => {
    setBusy(true);
    await rememberCamera(next);
    await navigate(pageFor(path, next));
    setBusy(false);
  };
  return (
    <aside
      aria-label="Camera at hand"
      className="flex min-h-10 items-center gap-3 border-line border-b bg-card px-4 sm:px-6 print:hidden"
    >
      <select
        aria-label="Camera at hand"
        value={id}
        disabled={busy}
        className="min-h-8 min-w-0 max-w-52 shrink-0 truncate border-0 bg-card font-semibold text-[0.93rem] text-ink max-sm:max-w-none max-sm:shrink max-sm:grow"
        onChange={(event) => void change(event.target.value)}
      >
        {cameras.map((camera) => (
          <option key={camera.id} value={camera.id}>
            {camera.name}
          </option>
        ))}
      </select>
      {thread !== null && (
        <>
          <div className="flex min-w-0 grow max-sm:hidden">
            <ThreadLine thread={thread} />
          </div>
          <Link
            to={wayTo(thread.next)}
            data-next={thread.next.name}
            aria-current={wayTo(thread.next).split("?")[0] === path ? "page" : undefined}
            className="shrink-0 whitespace-nowrap border-action border-l-4 py-1 pl-2 font-semibold text-[0.93rem] text-ink underline-offset-4 hover:underline aria-[current]:border-line aria-[current]:font-normal"
          >
            {actWords(thread.next)}
          </Link>
        </>
      )}
    </aside>
  );
}
