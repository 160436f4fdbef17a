import { data } from "react-router";
import { logShot, readShot } from "../../features/field/count/logShot.ts";
import { ExposePage } from "../../features/field/expose/ExposePage.tsx";
import { readField } from "../../features/field/fieldData.ts";
import { pageMeta } from "../pageMeta.ts";
import { ready } from "../ready.ts";
import type { Route } from "./+types/field";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta(
  "Field",
  "The exposure time for this camera in this light, counted down, noted, with what the log has taught.",
);

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  await ready();
  return readField(new URL(request.url).searchParams.get("camera"));
}
clientLoader.hydrate = true as const;

export async function clientAction({ request }: Route.ClientActionArgs) {
  const shot = readShot(await request.json().catch(() => null));
  if (shot === null) throw data("This is no shot.", { status: 400 });
  const answer = await logShot(shot);
  return data(answer, { status: answer.saved === null ? 422 : 200 });
}

export function HydrateFallback() {
  return <p className="p-8 text-quiet">Looking at the light.</p>;
}

export default function Field({ loaderData, actionData }: Route.ComponentProps) {
  return <ExposePage key={loaderData.camera?.id ?? "none"} data={loaderData} answer={actionData ?? null} />;
}
