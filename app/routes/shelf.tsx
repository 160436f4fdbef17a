import { ShelfPage } from "../../features/shelf/ShelfPage.tsx";
import { readShelf } from "../../features/shelf/shelfData.ts";
import { pageMeta } from "../pageMeta.ts";
import { ready } from "../ready.ts";
import type { Route } from "./+types/shelf";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta(
  "Shelf",
  "All pinhole cameras on one shelf: what each is, what it holds, what comes next.",
);

export async function clientLoader() {
  await ready();
  return readShelf();
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p className="p-8 text-quiet">Taking the cameras down.</p>;
}

export default function Shelf({ loaderData }: Route.ComponentProps) {
  return <ShelfPage loaded={loaderData} />;
}
