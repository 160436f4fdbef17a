import { ComparePage } from "../../features/bench/design/ComparePage.tsx";
import { cameraNames, cameraOrFirst } from "../../storage/index.ts";
import { pageMeta } from "../pageMeta.ts";
import { ready } from "../ready.ts";
import type { Route } from "./+types/compare";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta("Compare", "Two pinhole cameras side by side: hole, f-number, view, time, detail.");

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  await ready();
  const cameras = await cameraNames();
  const asked = new URL(request.url).searchParams;
  const one = await cameraOrFirst(asked.get("one"), cameras);
  const others = cameras.filter(({ id }) => id !== one?.id || id === asked.get("other"));
  return { cameras, one, other: await cameraOrFirst(asked.get("other"), others) };
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p className="p-8 text-quiet">Laying both on the bench.</p>;
}

export default function Compare({ loaderData }: Route.ComponentProps) {
  return <ComparePage {...loaderData} />;
}
