import { PlanPage } from "../../features/sun/plan/PlanPage.tsx";
import { readSun } from "../../features/sun/sunData.ts";
import { pageMeta } from "../pageMeta.ts";
import type { Route } from "./+types/sun";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta("Sun", "Plan a pinhole exposure of weeks or months: the sun’s tracks on the sheet.");

export function clientLoader() {
  return readSun();
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p className="p-8">Looking for the sun.</p>;
}

export default function Plan({ loaderData }: Route.ComponentProps) {
  return <PlanPage loaded={loaderData} />;
}
