import { data } from "react-router";
import { BenchPage } from "../../features/bench/design/BenchPage.tsx";
import { readBench } from "../../features/bench/design/benchData.ts";
import { getEdited, rememberCamera } from "../../storage/index.ts";
import { tags } from "../pageMeta.ts";
import { ready } from "../ready.ts";
import type { Route } from "./+types/bench";

export { anotherCamera as shouldRevalidate } from "../anotherCamera.ts";
export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta: Route.MetaFunction = ({ loaderData }) =>
  tags(
    loaderData ? `${loaderData.camera.name} · Bench` : "Bench",
    "A pinhole camera to scale with the picture it will make: best hole, f-number, view, time, what stands in the way.",
  );

export async function clientLoader({ params }: Route.ClientLoaderArgs) {
  await ready();
  const found = await getEdited("cameras", params.id);
  if (!found.ok) throw data(found.error.message, { status: 404 });
  await rememberCamera(params.id);
  return { camera: found.value, beside: await readBench(params.id) };
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p className="p-8 text-quiet">Laying the camera on the bench.</p>;
}

export default function Bench({ loaderData }: Route.ComponentProps) {
  const { camera, beside } = loaderData;
  return <BenchPage key={camera.id} stored={camera} beside={beside} />;
}
