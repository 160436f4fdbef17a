import { LookPage } from "../../features/field/look/LookPage.tsx";
import { readLook } from "../../features/field/look/lookData.ts";
import { pageMeta } from "../pageMeta.ts";
import { ready } from "../ready.ts";
import type { Route } from "./+types/field.look";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta(
  "Look",
  "The phone as the finder that a box does not have: what this camera will see, drawn over the phone's own view.",
);

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  await ready();
  return readLook(new URL(request.url).searchParams.get("camera"));
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p className="p-8 text-quiet">Looking for the camera.</p>;
}

export default function Look({ loaderData }: Route.ComponentProps) {
  return <LookPage key={loaderData.camera?.id ?? "none"} data={loaderData} />;
}
