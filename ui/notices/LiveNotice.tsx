import type { Live } from "../../storage/index.ts";

/** Says that what is shown is not followed any more, and why; nothing while all is well. */
export function LiveNotice({ live }: { readonly live: Live<unknown> }) {
  if (live.status !== "failed") return null;
  return (
    <p role="alert" data-live="failed" className="mb-3 border-action border-l-4 bg-card p-3">
      This may be out of date: {live.failure.message}
    </p>
  );
}
