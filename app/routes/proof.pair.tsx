import { PairPage } from "../../features/proof/pair/PairPage.tsx";
import { readProof } from "../../features/proof/proofData.ts";
import { pageMeta } from "../pageMeta.ts";
import type { Route } from "./+types/proof.pair";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta(
  "Pair",
  "Two pictures of one sheet as one in depth: anaglyph, for both eyes, or as a card.",
);

export function clientLoader() {
  return readProof();
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p className="p-8">Laying the negatives out.</p>;
}

export default function Pair({ loaderData }: Route.ComponentProps) {
  return <PairPage loaded={loaderData} />;
}
