import { data } from "react-router";
import { FieldPage } from "../../features/field/FieldPage.tsx";
import { readShot, saveShot } from "../../features/field/fieldAction.ts";
import { cameraNames, cameraOrFirst, readSettings } from "../../storage/index.ts";
import { ready } from "../ready.ts";
import type { Route } from "./+types/field";

export { RouteError as ErrorBoundary } from "../RouteError.tsx";

export const meta: Route.MetaFunction = () => [{ title: "Field · Still Box" }];

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  await ready();
  const [cameras, settings] = await Promise.all([cameraNames(), readSettings()]);
  const asked = new URL(request.url).searchParams.get("camera") ?? settings.running?.cameraId ?? settings.fieldCamera;
  return { cameras, camera: await cameraOrFirst(asked, cameras), settings };
}
clientLoader.hydrate = true as const;

export async function clientAction({ request }: Route.ClientActionArgs) {
  const shot = readShot(await request.json().catch(() => null));
  if (shot === null) throw data("This is no shot.", { status: 400 });
  const answer = await saveShot(shot);
  return data(answer, { status: answer.saved === null ? 422 : 200 });
}

export function HydrateFallback() {
  return <p className="p-8 text-quiet">Looking at the light.</p>;
}

export default function Field({ loaderData, actionData }: Route.ComponentProps) {
  return <FieldPage key={loaderData.camera?.id ?? "none"} {...loaderData} answer={actionData ?? null} />;
}
