import { ComparePage } from "../../features/bench/design/ComparePage.tsx";
import { listCameras } from "../../storage/index.ts";
import { ready } from "../ready.ts";
import type { Route } from "./+types/compare";

export { RouteError as ErrorBoundary } from "../RouteError.tsx";

export const meta: Route.MetaFunction = () => [{ title: "Compare · Still Box" }];

export async function clientLoader() {
  await ready();
  return { cameras: (await listCameras()).cameras };
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p className="p-8 text-quiet">Laying both on the bench.</p>;
}

export default function Compare({ loaderData }: Route.ComponentProps) {
  return <ComparePage cameras={loaderData.cameras} />;
}
