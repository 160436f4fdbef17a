import { Popover } from "radix-ui";
import type { RefObject } from "react";
import { Link } from "react-router";
import { type TermId, termOf } from "../../wording/glossary.ts";
import { TermDrawing } from "./TermDrawing.tsx";

/** What a word means, beside it, with a drawing. */
export default function TermCard({
  id,
  word,
  onClose,
}: {
  readonly id: TermId;
  readonly word: RefObject<HTMLElement | null>;
  readonly onClose: () => void;
}) {
  const { name, words } = termOf(id);
  return (
    <Popover.Root open onOpenChange={(open) => !open && onClose()}>
      <Popover.Anchor virtualRef={word as RefObject<HTMLElement>} />
      <Popover.Portal>
        <Popover.Content
          sideOffset={6}
          collisionPadding={12}
          aria-label={name}
          className="z-50 w-[min(19rem,calc(100vw-1.5rem))] border border-ink bg-card p-4 text-ink shadow-none"
          data-term-card={id}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            word.current?.focus();
          }}
        >
          <p className="stamp mb-2">{name}</p>
          <TermDrawing id={id} />
          <p className="mt-2 text-[0.95rem] leading-snug">{words}</p>
          <Link to={`/method/words#${id}`} className="mt-2 inline-block text-[0.87rem] underline underline-offset-4">
            All words
          </Link>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
