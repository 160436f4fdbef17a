import { Dialog } from "radix-ui";
import { type ReactNode, useState } from "react";
import { buttonClass } from "../controls/Button.tsx";

/**
 * On a phone: what is typed, in a sheet that comes from below and leaves what it changes in sight and at hand. A button at the
 * screen's foot opens and closes it.
 */
export function SheetFromBelow({
  label,
  onOpen,
  children,
}: {
  readonly label: string;
  /** Called as it opens: the place to bring what it changes into sight. */
  readonly onOpen: () => void;
  readonly children: ReactNode;
}) {
  const [isOpen, setOpen] = useState(false);
  const turn = (open: boolean): void => {
    setOpen(open);
    if (open) onOpen();
  };
  return (
    <Dialog.Root open={isOpen} onOpenChange={turn} modal={false}>
      <Dialog.Trigger className={buttonClass("action", "fixed right-4 bottom-4 z-30 min-h-12 shadow-md")}>
        {label}
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Content
          aria-describedby={undefined}
          onInteractOutside={(event) => event.preventDefault()}
          className="fixed inset-x-0 bottom-0 z-40 flex max-h-[52dvh] flex-col border-ink border-t-2 bg-board shadow-[0_-4px_16px_rgb(0_0_0/0.18)]"
        >
          <Dialog.Title className="sr-only">{label}</Dialog.Title>
          <div className="overflow-y-auto overscroll-contain px-4 pt-3 pb-16">{children}</div>
          <Dialog.Close className={buttonClass("action", "absolute right-4 bottom-4 min-h-12 shadow-md")}>
            Done
          </Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
