import { readProof } from "../../features/proof/proofData.ts";
import { ScanPage } from "../../features/proof/scan/ScanPage.tsx";
import { pageMeta } from "../pageMeta.ts";
import type { Route } from "./+types/proof";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta("Scan", "Scan a paper negative, mark its corners, and see it as it was.");

export function clientLoader() {
  return readProof();
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p className="p-8">Laying the negatives out.</p>;
}

export default function Scan({ loaderData }: Route.ComponentProps) {
  return <ScanPage loaded={loaderData} />;
}
