import { redirect } from "react-router";
import { LabelPage } from "../../features/shelf/label/LabelPage.tsx";
import { cameraNames } from "../../storage/index.ts";
import { pageMeta } from "../pageMeta.ts";
import { ready } from "../ready.ts";
import type { Route } from "./+types/label";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta(
  "A label",
  "What the code on a pinhole camera’s label holds: its design, to look at and to keep.",
);

/** Whoever has the camera goes to it; anybody else sees the design that the label's link carries after its #. */
export async function clientLoader({ params }: Route.ClientLoaderArgs) {
  await ready();
  const here = (await cameraNames()).some(({ id }) => id === params.id);
  if (here) throw redirect(`/cameras/${encodeURIComponent(params.id)}`);
  return { id: params.id };
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p className="p-8 text-quiet">Reading the label.</p>;
}

export default function Label({ loaderData }: Route.ComponentProps) {
  return <LabelPage id={loaderData.id} />;
}
