import { data } from "react-router";
import { LogPage } from "../../features/field/log/LogPage.tsx";
import { logAction, readLogAction } from "../../features/field/log/logAction.ts";
import { filterOf } from "../../features/field/log/shotFilter.ts";
import { openLog } from "../../features/field/log/useShots.ts";
import { cameraNames } from "../../storage/index.ts";
import { deliver } from "../../ui/edits/sendAction.ts";
import { pageMeta } from "../pageMeta.ts";
import { ready } from "../ready.ts";
import type { Route } from "./+types/log";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta(
  "Log",
  "Every sheet exposed: how long, in which light, how it came out, and what that says of the next.",
);

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  await ready();
  const search = new URL(request.url).searchParams;
  const filter = filterOf(search);
  const [cameras, loaded] = await Promise.all([cameraNames(), openLog(filter)]);
  return { cameras, loaded, filter, view: search.get("view") };
}
clientLoader.hydrate = true as const;

export async function clientAction({ request }: Route.ClientActionArgs) {
  const asked = readLogAction(await request.json().catch(() => null));
  if (asked === null) throw data("The log can’t do this.", { status: 400 });
  const answer = await logAction(asked);
  deliver(request, answer);
  return answer;
}

export function HydrateFallback() {
  return <p className="p-8 text-quiet">Opening the log.</p>;
}

export default function Log({ loaderData }: Route.ComponentProps) {
  return <LogPage key={JSON.stringify(loaderData.filter)} {...loaderData} />;
}
