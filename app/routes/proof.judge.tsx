import { JudgePage } from "../../features/proof/judge/JudgePage.tsx";
import { readProof } from "../../features/proof/proofData.ts";
import { pageMeta } from "../pageMeta.ts";
import type { Route } from "./+types/proof.judge";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta("Judge", "How well a negative was exposed, in stops, and what to give the next.");

export function clientLoader() {
  return readProof();
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p className="p-8">Laying the negatives out.</p>;
}

export default function Judge({ loaderData }: Route.ComponentProps) {
  return <JudgePage loaded={loaderData} />;
}
