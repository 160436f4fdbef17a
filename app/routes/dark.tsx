import { LoadPage } from "../../features/dark/load/LoadPage.tsx";
import { readLoad } from "../../features/dark/load/loadData.ts";
import { intoTheDark } from "../intoTheDark.ts";
import { pageMeta } from "../pageMeta.ts";
import type { Route } from "./+types/dark";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta("Dark", "Load a pinhole camera by feel in the dark, step by step.");

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  await intoTheDark();
  return readLoad(new URL(request.url).searchParams.get("camera"));
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p className="p-8">Lights out.</p>;
}

export default function Dark({ loaderData }: Route.ComponentProps) {
  return <LoadPage data={loaderData} />;
}
