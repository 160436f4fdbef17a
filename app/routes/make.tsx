import { data } from "react-router";
import { MakeLayout } from "../../features/make/MakeLayout.tsx";
import { openMake } from "../../features/make/makeData.ts";
import { ready } from "../ready.ts";
import type { Route } from "./+types/make";

export { anotherCamera as shouldRevalidate } from "../anotherCamera.ts";
export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export async function clientLoader({ params }: Route.ClientLoaderArgs) {
  await ready();
  const opened = await openMake(params.id);
  if (!("camera" in opened)) throw data(opened.message, { status: 404 });
  return opened;
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p className="p-8 text-quiet">Drawing the parts.</p>;
}

export default function Make({ loaderData }: Route.ComponentProps) {
  return <MakeLayout key={loaderData.camera.id} data={loaderData} />;
}
