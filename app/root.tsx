import { type ReactNode, useContext } from "react";
import { Links, Meta, Outlet, Scripts, ScrollRestoration } from "react-router";
import { cameraNames, readSettings, useLive } from "../storage/index.ts";
import { NonceContext } from "../ui/controls/NonceContext.ts";
import { RED_AT_ONCE } from "../ui/dark/redLight.ts";
import { UnitContext } from "../ui/format/UnitContext.ts";
import type { Route } from "./+types/root";
import "./app.css";
import { RouteError } from "./frame/RouteError.tsx";
import { Ruler } from "./frame/Ruler.tsx";
import { Shell } from "./frame/Shell.tsx";
import { OfflineContext } from "./offline/OfflineContext.ts";
import { ready } from "./ready.ts";
import { tokensCss } from "./tokensCss.ts";
import { useReady } from "./useReady.ts";

export const meta: Route.MetaFunction = () => [
  { title: "Still Box" },
  { name: "description", content: "Design, build and use pinhole cameras made from boxes, cans and film canisters." },
];

/** The browser has them in the document already: they need not come a second time as code. */
const TOKENS = import.meta.env.SSR ? tokensCss() : document.getElementById("tokens")?.textContent;
const AT_ONCE = import.meta.env.SSR ? RED_AT_ONCE : "";

export function Layout({ children }: { readonly children: ReactNode }) {
  const nonce = useContext(NonceContext);
  const offline = useContext(OfflineContext);
  return (
    <html lang="en" data-offline={offline ? "" : undefined} suppressHydrationWarning>
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <link rel="icon" href="/icon.svg" type="image/svg+xml" />
        <link rel="manifest" href="/manifest.webmanifest" />
        <style id="tokens" nonce={nonce} suppressHydrationWarning>
          {TOKENS}
        </style>
        <script nonce={nonce} suppressHydrationWarning>
          {AT_ONCE}
        </script>
        <Meta />
        <Links />
      </head>
      <body>
        {children}
        <ScrollRestoration nonce={nonce} />
        <Scripts nonce={nonce} />
      </body>
    </html>
  );
}

/** What every page needs: the maker's unit, the cameras' names, the one last worked on. */
async function readFrame() {
  const [settings, cameras] = await Promise.all([readSettings(), cameraNames()]);
  const { unit, fieldCamera: current, tour } = settings;
  return { unit, cameras, current, tour: tour.on ? tour.stop : null };
}

export async function clientLoader() {
  await ready();
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
  const frame = useLive(loaderData, readFrame).value;
  return (
    <UnitContext.Provider value={frame.unit}>
      <Shell {...frame}>
        <Outlet />
      </Shell>
    </UnitContext.Provider>
  );
}

/** Only where the frame itself fails: every page has its own, inside the frame. */
export function ErrorBoundary() {
  useReady();
  return (
    <>
      <Ruler current={null} />
      <RouteError />
    </>
  );
}
