import { PositivePage } from "../../features/proof/positive/PositivePage.tsx";
import { readProof } from "../../features/proof/proofData.ts";
import { pageMeta } from "../pageMeta.ts";
import type { Route } from "./+types/proof.positive";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta(
  "Positive",
  "The positive: tones, light evened out, what a curved sheet bent made straight.",
);

export function clientLoader() {
  return readProof();
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p className="p-8">Laying the negatives out.</p>;
}

export default function Positive({ loaderData }: Route.ComponentProps) {
  return <PositivePage loaded={loaderData} />;
}
