import { BottlesPage } from "../../features/dark/bottles/BottlesPage.tsx";
import { readBottles } from "../../features/dark/bottles/bottlesData.ts";
import { intoTheDark } from "../intoTheDark.ts";
import { pageMeta } from "../pageMeta.ts";
import type { Route } from "./+types/dark.bottles";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta(
  "Bottles",
  "Bottles of developer, stop and fixer: mixed when, how much paper went through, how much is left.",
);

export async function clientLoader() {
  await intoTheDark();
  return readBottles();
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p className="p-8">Reading the labels.</p>;
}

export default function Bottles({ loaderData }: Route.ComponentProps) {
  return <BottlesPage loaded={loaderData} />;
}
