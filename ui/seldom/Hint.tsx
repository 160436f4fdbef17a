import { Tooltip } from "radix-ui";
import type { ReactNode } from "react";

/** A word about a control, for whoever rests on it with pointer or keyboard. */
export function Hint({ words, children }: { readonly words: string; readonly children: ReactNode }) {
  return (
    <Tooltip.Provider delayDuration={400}>
      <Tooltip.Root>
        <Tooltip.Trigger asChild>
          {/* A control that is switched off hears no pointer: what is round it does. */}
          <span className="inline-flex">{children}</span>
        </Tooltip.Trigger>
        <Tooltip.Portal>
          <Tooltip.Content sideOffset={4} className="z-50 bg-tape px-2 py-1 text-[0.87rem] text-on-tape">
            {words}
          </Tooltip.Content>
        </Tooltip.Portal>
      </Tooltip.Root>
    </Tooltip.Provider>
  );
}
