import { Toast } from "radix-ui";
import { createContext, type ReactNode, useCallback, useContext, useMemo, useState } from "react";

interface Notice {
  readonly id: number;
  readonly text: string;
  readonly urgent: boolean;
  readonly undo: (() => void) | null;
}

type Notify = (text: string, more?: { readonly urgent?: boolean; readonly undo?: () => void }) => void;

const NotifyContext = createContext<Notify>(() => undefined);

/** Tells the maker something in passing; with `undo`, a button takes it back. */
export function useNotify(): Notify {
  return useContext(NotifyContext);
}

export function Toaster({ children }: { readonly children: ReactNode }) {
  const [notices, setNotices] = useState<readonly Notice[]>([]);
  const notify = useCallback<Notify>((text, { urgent = false, undo } = {}) => {
    setNotices((before) => [
      ...before.slice(-2),
      { id: (before.at(-1)?.id ?? 0) + 1, text, urgent, undo: undo ?? null },
    ]);
  }, []);
  const close = useCallback((id: number) => setNotices((before) => before.filter((notice) => notice.id !== id)), []);
  const provider = useMemo(() => notify, [notify]);
  return (
    <NotifyContext.Provider value={provider}>
      <Toast.Provider duration={9000} label="Message">
        {children}
        {notices.map(({ id, text, urgent, undo }) => (
          <Toast.Root
            key={id}
            type={urgent ? "foreground" : "background"}
            onOpenChange={(open) => !open && close(id)}
            className="flex items-center gap-4 border-l-4 border-l-action bg-tape px-4 py-3 text-on-tape"
          >
            <Toast.Description className="grow">{text}</Toast.Description>
            {undo && (
              <Toast.Action
                altText="Undo"
                onClick={undo}
                className="min-h-9 px-2 font-semibold underline underline-offset-4"
              >
                Undo
              </Toast.Action>
            )}
            <Toast.Close className="min-h-9 px-2 underline underline-offset-4">Close</Toast.Close>
          </Toast.Root>
        ))}
        <Toast.Viewport className="fixed right-4 bottom-4 z-50 flex w-[min(26rem,calc(100vw-2rem))] flex-col gap-2" />
      </Toast.Provider>
    </NotifyContext.Provider>
  );
}
