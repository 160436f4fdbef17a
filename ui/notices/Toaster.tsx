import { Toast } from "radix-ui";
import { useRef, useSyncExternalStore } from "react";
import { currentNotices, dismiss, onNotices } from "./notify.ts";
import { useNoticePlace } from "./useNoticePlace.ts";

/**
 * Shows what is told in passing, where it covers nothing that can be pressed. It stands once in the frame, and is fetched
 * when there is something to tell.
 */
export function Toaster() {
  const notices = useSyncExternalStore(onNotices, currentNotices, currentNotices);
  const box = useRef<HTMLOListElement>(null);
  const place = useNoticePlace(box, notices.length > 0);
  return (
    <Toast.Provider label="Message">
      {notices.map(({ id, text, urgent, action }) => (
        <Toast.Root
          key={id}
          // What can be done about something wants time to be read and thought over.
          duration={action ? 30_000 : 9_000}
          type={urgent ? "foreground" : "background"}
          onOpenChange={(open) => !open && dismiss(id)}
          className="flex items-center gap-4 border-l-4 border-l-action bg-tape px-4 py-3 text-on-tape"
        >
          <Toast.Description className="grow">{text}</Toast.Description>
          {action && (
            <Toast.Action
              altText={action.name}
              onClick={action.run}
              className="min-h-9 whitespace-nowrap px-2 font-semibold underline underline-offset-4"
            >
              {action.name}
            </Toast.Action>
          )}
          <Toast.Close className="min-h-9 px-2 underline underline-offset-4">Close</Toast.Close>
        </Toast.Root>
      ))}
      <Toast.Viewport
        ref={box}
        data-notices
        style={place ?? { right: "1rem", bottom: "1rem" }}
        className="fixed z-50 flex w-[min(26rem,calc(100vw-2rem))] flex-col gap-2"
      />
    </Toast.Provider>
  );
}
