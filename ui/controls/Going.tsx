import { Button } from "./Button.tsx";

/** How far something is that takes its time, with a way to stop it. */
export function Going({ share, onStop }: { readonly share: number; readonly onStop: () => void }) {
  return (
    <span className="mt-2 flex items-center gap-3">
      <progress className="w-64 accent-action" aria-label="How far it is" value={share} />
      <Button look="quiet" onClick={onStop}>
        Stop
      </Button>
    </span>
  );
}
