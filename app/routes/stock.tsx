import { StockPage } from "../../features/field/stock/StockPage.tsx";
import { readStock } from "../../features/field/stock/stockData.ts";
import { pageMeta } from "../pageMeta.ts";
import { ready } from "../ready.ts";
import type { Route } from "./+types/stock";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta("Stock", "Paper and film in the drawer: packs, sheets left, media of one’s own.");

export async function clientLoader() {
  await ready();
  return readStock();
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p className="p-8 text-quiet">Looking into the drawer.</p>;
}

export default function Stock({ loaderData }: Route.ComponentProps) {
  return <StockPage loaded={loaderData} />;
}
