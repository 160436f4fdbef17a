import { StripsPage } from "../../features/dark/strips/StripsPage.tsx";
import { readStrips } from "../../features/dark/strips/stripsData.ts";
import { intoTheDark } from "../intoTheDark.ts";
import { pageMeta } from "../pageMeta.ts";
import type { Route } from "./+types/dark.strips";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta("Strips", "Test strips: times counted aloud, the paper’s curve read from them.");

export async function clientLoader() {
  await intoTheDark();
  return readStrips();
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p className="p-8">Cutting strips.</p>;
}

export default function Strips({ loaderData }: Route.ComponentProps) {
  return <StripsPage loaded={loaderData} />;
}
