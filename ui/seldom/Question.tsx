import { AlertDialog } from "radix-ui";
import type { ReactNode } from "react";
import { buttonClass } from "../controls/Button.tsx";

/** What a question says, and what is answered. */
export interface Asked {
  readonly title: string;
  readonly words: string;
  readonly yes: string;
  readonly no: string;
  /** Something else that can be done first. */
  readonly more?: ReactNode;
  readonly onYes: () => void;
}

/** A question before something that takes away, for as long as this is drawn: it has to be answered, and nothing happens until it is. */
export function Question({
  title,
  words,
  yes,
  no,
  more,
  onYes,
  onNo,
  mustAnswer = false,
}: Asked & {
  readonly onNo?: () => void;
  /** Whether Escape is no answer. */
  readonly mustAnswer?: boolean;
}) {
  return (
    <AlertDialog.Root open>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-40 bg-tape opacity-40" />
        <AlertDialog.Content
          onEscapeKeyDown={() => mustAnswer || onNo?.()}
          className="fixed top-[12vh] left-1/2 z-50 max-h-[84vh] w-[min(36rem,calc(100vw-2rem))] -translate-x-1/2 overflow-auto border border-ink bg-card p-5"
        >
          <AlertDialog.Title className="stamp mb-3 border-ink border-b pb-1">{title}</AlertDialog.Title>
          <AlertDialog.Description className="mb-4">{words}</AlertDialog.Description>
          <div className="flex flex-wrap gap-2">
            <AlertDialog.Action className={buttonClass("action")} onClick={onYes}>
              {yes}
            </AlertDialog.Action>
            {more}
            <AlertDialog.Cancel className={buttonClass("quiet")} onClick={onNo}>
              {no}
            </AlertDialog.Cancel>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
