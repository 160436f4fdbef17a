import { ShelfPage } from "../../features/shelf/ShelfPage.tsx";
import { openShelf } from "../../features/shelf/shelfData.ts";
import type { Route } from "./+types/shelf";

export const meta: Route.MetaFunction = () => [{ title: "Shelf · Still Box" }];

export async function clientLoader() {
  return openShelf();
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p className="p-8 text-quiet">Taking the cameras down.</p>;
}

export default function Shelf({ loaderData }: Route.ComponentProps) {
  return <ShelfPage loaded={loaderData} />;
}
