import { Dialog } from "radix-ui";
import type { ReactNode } from "react";

/** A sheet laid over the page; Escape or a press outside puts it away. */
export function Overlay({
  title,
  onClose,
  children,
}: {
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
}) {
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-tape opacity-40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-[12vh] left-1/2 z-50 max-h-[76vh] w-[min(36rem,calc(100vw-2rem))] -translate-x-1/2 overflow-auto border border-ink bg-card p-5"
        >
          <Dialog.Title className="stamp mb-3 border-ink border-b pb-1">{title}</Dialog.Title>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
