import { data, redirect } from "react-router";
import { BenchPage } from "../../features/bench/design/BenchPage.tsx";
import { type BenchAction, benchAction } from "../../features/bench/design/benchAction.ts";
import { getCamera, historyState, rememberCamera } from "../../storage/index.ts";
import type { Route } from "./+types/bench";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: loaderData ? `${loaderData.camera.name} · Bench · Still Box` : "Bench · Still Box" },
];

export async function clientLoader({ params }: Route.ClientLoaderArgs) {
  const found = await getCamera(params.id);
  if (!found.ok) throw data(found.error.message, { status: 404 });
  await rememberCamera(params.id);
  return { camera: found.value, history: await historyState(params.id) };
}
clientLoader.hydrate = true as const;

export async function clientAction({ params, request }: Route.ClientActionArgs) {
  const done = await benchAction(params.id, (await request.json()) as BenchAction);
  return done.go === null ? done : redirect(done.go);
}

export function HydrateFallback() {
  return <p className="p-8 text-quiet">Laying the camera on the bench.</p>;
}

export default function Bench({ loaderData }: Route.ComponentProps) {
  return <BenchPage key={loaderData.camera.id} stored={loaderData.camera} history={loaderData.history} />;
}
