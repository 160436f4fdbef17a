import { type ReactNode, Suspense, useRef, useState } from "react";
import type { TermId } from "../../wording/glossary.ts";
import { lazyPart } from "../page/lazyPart.tsx";

const TermCard = lazyPart(() => import("./TermCard.tsx"));

/** A word of the craft that answers in place: a press opens its card. */
export function Term({ id, children }: { readonly id: TermId; readonly children: ReactNode }) {
  const [open, setOpen] = useState(false);
  const word = useRef<HTMLButtonElement>(null);
  return (
    <>
      <button
        ref={word}
        type="button"
        aria-haspopup="dialog"
        aria-expanded={open}
        data-term={id}
        // As large as a target has to be (WCAG 2.2, 2.5.8).
        className="inline-flex min-h-[24px] min-w-[24px] cursor-help items-center underline decoration-dotted decoration-kraft underline-offset-4 print:no-underline"
        onClick={() => setOpen(true)}
      >
        {children}
      </button>
      {open && (
        <Suspense>
          <TermCard id={id} word={word} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
