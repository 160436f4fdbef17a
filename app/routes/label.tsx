import { redirect } from "react-router";
import { LabelPage } from "../../features/shelf/label/LabelPage.tsx";
import { cameraNames } from "../../storage/index.ts";
import { ready } from "../ready.ts";
import type { Route } from "./+types/label";

export { RouteError as ErrorBoundary } from "../RouteError.tsx";

export const meta: Route.MetaFunction = () => [{ title: "A label · Still Box" }];

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
