import { HangPage } from "../../features/proof/hang/HangPage.tsx";
import { readHang } from "../../features/proof/hang/hangData.ts";
import { pageMeta } from "../pageMeta.ts";
import type { Route } from "./+types/proof.hang";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta(
  "Hang",
  "Prints for the wall: one sheet, nine, a series or a contact sheet, at true size.",
);

export function clientLoader() {
  return readHang();
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p className="p-8">Laying the negatives out.</p>;
}

export default function Hang({ loaderData }: Route.ComponentProps) {
  return <HangPage loaded={loaderData} />;
}
