import { LogPage } from "../../features/field/LogPage.tsx";
import { type LogAction, logAction } from "../../features/field/logAction.ts";
import { listCameras, listExposures } from "../../storage/index.ts";
import { Toaster } from "../../ui/Toaster.tsx";
import type { Route } from "./+types/log";

export const meta: Route.MetaFunction = () => [{ title: "Log · Still Box" }];

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  const chosen = new URL(request.url).searchParams.get("camera");
  const [{ cameras }, exposures] = await Promise.all([listCameras(), listExposures(chosen)]);
  return { cameras: cameras.map(({ id, name }) => ({ id, name })), exposures, chosen };
}
clientLoader.hydrate = true as const;

export async function clientAction({ request }: Route.ClientActionArgs) {
  return logAction((await request.json()) as LogAction);
}

export function HydrateFallback() {
  return <p className="p-8 text-quiet">Opening the log.</p>;
}

export default function Log({ loaderData }: Route.ComponentProps) {
  return (
    <Toaster>
      <LogPage key={loaderData.chosen ?? "all"} {...loaderData} />
    </Toaster>
  );
}
