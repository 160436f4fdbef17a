import type { ReactNode } from "react";
import { isRouteErrorResponse, Links, Meta, Outlet, Scripts, ScrollRestoration, useRouteError } from "react-router";
import { once } from "../core/basis/numeric/index.ts";
import { listCameras, readSettings, recoverUnsaved } from "../storage/index.ts";
import { isoWithOffset } from "../ui/localTime.ts";
import { UnitContext } from "../ui/UnitContext.ts";
import { useLive } from "../ui/useLive.ts";
import type { Route } from "./+types/root";
import "./app.css";
import { Ruler } from "./Ruler.tsx";
import { Shell } from "./Shell.tsx";
import { tokensCss } from "./tokensCss.ts";

export const meta: Route.MetaFunction = () => [
  { title: "Still Box" },
  { name: "description", content: "Design, build and use pinhole cameras made from boxes, cans and film canisters." },
];

export function Layout({ children }: { readonly children: ReactNode }) {
  return (
    <html lang="en">
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <link rel="icon" href="/icon.svg" type="image/svg+xml" />
        <style>{tokensCss}</style>
        <Meta />
        <Links />
      </head>
      <body>
        {children}
        <ScrollRestoration />
        <Scripts />
      </body>
    </html>
  );
}

/** A tab that was killed in the middle of an edit left a note of it: store that first. */
const recovered = once(() => recoverUnsaved(isoWithOffset(new Date())));

/** What every page needs: the maker's unit, the cameras' names, the one last worked on. */
async function readFrame() {
  const [settings, { cameras }] = await Promise.all([readSettings(), listCameras()]);
  return {
    unit: settings.unit,
    cameras: cameras.map(({ id, name }) => ({ id, name })),
    current: settings.fieldCamera,
  };
}

export async function clientLoader() {
  await recovered();
  return readFrame();
}
clientLoader.hydrate = true as const;

/** The frame follows the database by itself. */
export function shouldRevalidate(): boolean {
  return false;
}

export function HydrateFallback() {
  return (
    <>
      <Ruler current={null} />
      <p className="p-8 font-semibold text-[1.7rem] leading-tight">
        One moment: what you made is being taken out of its box.
      </p>
    </>
  );
}

export default function Root({ loaderData }: Route.ComponentProps) {
  const frame = useLive(loaderData, readFrame);
  return (
    <UnitContext.Provider value={frame.unit}>
      <Shell {...frame}>
        <Outlet />
      </Shell>
    </UnitContext.Provider>
  );
}

export function ErrorBoundary() {
  const error = useRouteError();
  const lost = isRouteErrorResponse(error) && error.status === 404;
  return (
    <>
      <Ruler current={null} />
      <main className="mx-auto max-w-xl p-8">
        <h1 className="mb-3 font-semibold text-2xl">{lost ? "There is nothing here" : "Something went wrong"}</h1>
        <p className="mb-4">
          {lost
            ? "The camera or page may have been deleted, or the address is mistyped."
            : "What you made is stored in this browser and is not touched by this."}
        </p>
        {!lost && (
          <pre className="sheet mb-4 overflow-auto p-3 text-sm">{error instanceof Error ? error.message : ""}</pre>
        )}
        <a className="underline underline-offset-4" href="/">
          Back to the Shelf
        </a>
      </main>
    </>
  );
}
