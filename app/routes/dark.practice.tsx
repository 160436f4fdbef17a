import { PracticePage } from "../../features/dark/practice/PracticePage.tsx";
import { cameraNames, cameraOrFirst, readSettings } from "../../storage/index.ts";
import { intoTheDark } from "../intoTheDark.ts";
import { pageMeta } from "../pageMeta.ts";
import type { Route } from "./+types/dark.practice";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta("Practice", "Practise developing on a computed sheet that comes up as a real one does.");

export async function clientLoader() {
  await intoTheDark();
  const [settings, names] = await Promise.all([readSettings(), cameraNames()]);
  return cameraOrFirst(settings.fieldCamera, names);
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p className="p-8">The trays are being laid out.</p>;
}

export default function Practice({ loaderData }: Route.ComponentProps) {
  return <PracticePage camera={loaderData} />;
}
