import { PutUpPage } from "../../features/sun/putUp/PutUpPage.tsx";
import { readSun } from "../../features/sun/sunData.ts";
import { pageMeta } from "../pageMeta.ts";
import type { Route } from "./+types/sun.put-up";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta("Put up", "How to put a sun camera up for months and take it down again.");

export function clientLoader() {
  return readSun();
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p className="p-8">Laying the letter out.</p>;
}

export default function PutUp({ loaderData }: Route.ComponentProps) {
  return <PutUpPage loaded={loaderData} />;
}
