import { isRouteErrorResponse, Link, useRouteError } from "react-router";

/** What stands in a page's place when it can't be shown; the frame round it stays. */
export function RouteError() {
  const error = useRouteError();
  const lost = isRouteErrorResponse(error) && error.status === 404;
  return (
    <main className="mx-auto max-w-xl p-8" role="alert">
      <h1 className="mb-3 font-semibold text-2xl">{lost ? "There is nothing here" : "Something went wrong"}</h1>
      <p className="mb-4">
        {lost
          ? "The camera or page may have been deleted, or the address is mistyped."
          : "What you made is stored in this browser and is not touched by this."}
      </p>
      {!lost && <pre className="sheet mb-4 overflow-auto p-3 text-sm">{wordsOf(error)}</pre>}
      <Link className="underline underline-offset-4" to="/">
        Back to the Shelf
      </Link>
    </main>
  );
}

function wordsOf(error: unknown): string {
  if (isRouteErrorResponse(error)) return String(error.data ?? error.statusText);
  return error instanceof Error ? error.message : "";
}
