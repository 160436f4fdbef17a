import { TraysPage } from "../../features/dark/trays/TraysPage.tsx";
import { readTrays } from "../../features/dark/trays/traysData.ts";
import { intoTheDark } from "../intoTheDark.ts";
import { pageMeta } from "../pageMeta.ts";
import type { Route } from "./+types/dark.trays";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta(
  "Trays",
  "Sheets through the trays: each bath counted, the next sheet said, the lamp that is allowed.",
);

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  await intoTheDark();
  return readTrays(new URL(request.url).searchParams.get("camera"));
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p className="p-8">The trays are being laid out.</p>;
}

export default function Trays({ loaderData }: Route.ComponentProps) {
  return <TraysPage key={loaderData.asked.join()} loaded={loaderData} />;
}
