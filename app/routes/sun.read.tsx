import { ReadPage } from "../../features/sun/read/ReadPage.tsx";
import { readSun } from "../../features/sun/sunData.ts";
import { pageMeta } from "../pageMeta.ts";
import type { Route } from "./+types/sun.read";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta("Read", "Read a finished sun trail: how the camera stood, and a diary of the weather.");

export function clientLoader() {
  return readSun();
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p className="p-8">Laying the sheet out.</p>;
}

export default function Read({ loaderData }: Route.ComponentProps) {
  return <ReadPage loaded={loaderData} />;
}
