import { Suspense, useCallback, useMemo, useState } from "react";
import { Link, Outlet } from "react-router";
import { mediumById } from "../../catalogue/media.ts";
import { designFaults, settled } from "../../core/camera/container/index.ts";
import { contrastOf, idealAt } from "../../core/camera/holeToMake/index.ts";
import { printerChoices } from "../../storage/index.ts";
import { EditButtons } from "../../ui/edits/EditButtons.tsx";
import { useCameraEdits } from "../../ui/edits/useCameraEdits.ts";
import { useChoices } from "../../ui/edits/useChoices.ts";
import { useUndo } from "../../ui/edits/useUndo.ts";
import { printerOf } from "../../ui/files/printer.ts";
import { lazyPart } from "../../ui/page/lazyPart.tsx";
import { PageTabs } from "../../ui/page/PageTabs.tsx";
import { usePath } from "../../ui/page/usePath.ts";
import type { MakeData, MakeInHand } from "./makeData.ts";

const Unbuildable = lazyPart(() => import("./Unbuildable.tsx"));

const PAGES = [
  { path: "make", name: "Cut sheets" },
  { path: "make/hole", name: "Hole" },
  { path: "make/build", name: "Build" },
  { path: "make/light-test", name: "Light test" },
  { path: "make/kit", name: "Group kit" },
] as const;

/** Make: the camera's name, the ways between the pages, what is wrong, and the page itself with the camera in hand. */
export function MakeLayout({ data }: { readonly data: MakeData }) {
  const { camera, saveState, edit: change, undoable } = useCameraEdits(data.camera);
  // As on the Bench: a hole that follows a rule follows what is changed here as well.
  const edit: MakeInHand["edit"] = useCallback(
    (label, how) =>
      change(label, (from) => {
        const next = how(from);
        return settled(next, mediumById(next.chambers[0].film.medium), idealAt(contrastOf(next)));
      }),
    [change],
  );
  const [fault] = designFaults(camera);
  const [actions, setActions] = useState<HTMLElement | null>(null);
  const home = `/cameras/${encodeURIComponent(camera.id)}`;
  const at = usePath();
  const page = PAGES.find(({ path }) => at.endsWith(`/${path}`)) ?? PAGES[0];
  const { today } = data;
  const { chosen, choose: choosePrinter } = useChoices(printerChoices, data.printing);
  const inHand = useMemo<MakeInHand>(
    () => ({ camera, edit, today, printer: printerOf(chosen), choosePrinter, actions }),
    [camera, edit, today, chosen, choosePrinter, actions],
  );
  const { undo, redo } = useUndo([undoable], printerChoices.steps);
  return (
    <main className="mx-auto max-w-[1500px] px-4 pt-4 pb-16 sm:px-6">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <div>
          <p className="stamp">Make · {page.name.toLowerCase()}</p>
          <h1 className="font-semibold text-[1.7rem] leading-tight">{camera.name}</h1>
        </div>
        <div className="flex flex-wrap items-end gap-2 print:hidden">
          <EditButtons undo={undo} redo={redo} />
          <div ref={setActions} className="empty:hidden" />
        </div>
      </div>
      <nav aria-label="Make" className="mt-3 flex flex-wrap gap-x-5 gap-y-1 border-line border-b print:hidden">
        <PageTabs pages={PAGES.map(({ path, name }) => ({ to: `${home}/${path}`, name }))} className="min-h-9 py-1.5" />
        <Link to={home} className="ml-auto min-h-9 py-1.5 underline underline-offset-4">
          Back to the Bench
        </Link>
      </nav>
      {fault && (
        <Suspense>
          <Unbuildable fault={fault} bench={home} />
        </Suspense>
      )}
      {typeof saveState === "object" && (
        <p role="alert" className="mt-3 border-action border-l-4 bg-card p-3">
          Not stored: {saveState.message}
        </p>
      )}
      <div data-save={typeof saveState === "object" ? "failed" : saveState}>
        <Outlet context={inHand} />
      </div>
    </main>
  );
}
