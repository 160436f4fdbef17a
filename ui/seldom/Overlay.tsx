import { Dialog } from "radix-ui";
import type { ReactNode } from "react";
import { cx } from "../controls/cx.ts";

/** A sheet laid over the page; Escape or a press outside puts it away. */
export function Overlay({
  title,
  wide = false,
  onClose,
  children,
}: {
  readonly title: string;
  /** As much of the page as there is: for a picture to work on. */
  readonly wide?: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
}) {
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-tape opacity-40" />
        <Dialog.Content
          aria-describedby={undefined}
          className={cx(
            "fixed left-1/2 z-50 -translate-x-1/2 overflow-auto border border-ink bg-card p-5",
            wide
              ? "top-[3vh] max-h-[94vh] w-[min(76rem,calc(100vw-2rem))]"
              : "top-[12vh] max-h-[76vh] w-[min(36rem,calc(100vw-2rem))]",
          )}
        >
          <Dialog.Title className="stamp mb-3 border-ink border-b pb-1">{title}</Dialog.Title>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
