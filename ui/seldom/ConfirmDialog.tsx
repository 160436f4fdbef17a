import { Slot } from "radix-ui";
import { type ReactNode, Suspense, useState } from "react";
import { LazyQuestion } from "./lazyQuestion.ts";
import type { Asked } from "./Question.tsx";

/** A control that asks before it takes something away; the question is fetched when it is asked. */
export function ConfirmDialog({ children, onYes, ...asked }: Asked & { readonly children: ReactNode }) {
  const [open, setOpen] = useState(false);
  const close = (): void => setOpen(false);
  return (
    <>
      <Slot.Root aria-haspopup="dialog" aria-expanded={open} onClick={() => setOpen(true)}>
        {children}
      </Slot.Root>
      {open && (
        <Suspense>
          <LazyQuestion
            {...asked}
            onYes={() => {
              close();
              onYes();
            }}
            onNo={close}
          />
        </Suspense>
      )}
    </>
  );
}
