import { type ComponentType, lazy, useState } from "react";
import { Button } from "../controls/Button.tsx";

type AnyPart = ComponentType<never>;

/** The parts of the pages that are open, each with its way to be fetched. */
const parts = new Set<() => Promise<unknown>>();

/**
 * A part of a page that is fetched when it is needed. One that can't be fetched (after an update, say, with nothing kept)
 * says so in its place, and the page stands.
 */
export function lazyPart<Part extends AnyPart>(load: () => Promise<{ readonly default: Part }>): Part {
  parts.add(load);
  const fetched = lazy<ComponentType<object>>(() =>
    load().then(
      (module) => ({ default: module.default as unknown as ComponentType<object> }),
      () => ({ default: (props: object) => <NotFetched load={load} props={props} /> }),
    ),
  );
  return fetched as unknown as Part;
}

/** Fetches every part of the pages that are open, before something begins that must not be disturbed. */
export function fetchParts(): void {
  for (const load of parts) void load().catch(() => undefined);
}

function NotFetched({
  load,
  props,
}: {
  readonly load: () => Promise<{ readonly default: AnyPart }>;
  readonly props: object;
}) {
  const [Part, setPart] = useState<ComponentType<object> | null>(null);
  const again = (): void =>
    void load().then(
      (module) => setPart(() => module.default as unknown as ComponentType<object>),
      () => undefined,
    );
  if (Part !== null) return <Part {...props} />;
  return (
    <p role="alert" className="flex flex-wrap items-center gap-3 border-action border-l-4 bg-card p-2">
      A part of this page can’t be fetched: the connection is gone, or Still Box was updated. What runs goes on.
      <Button onClick={again}>Try again</Button>
    </p>
  );
}
