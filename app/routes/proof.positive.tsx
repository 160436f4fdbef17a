import { PositivePage } from "../../features/proof/positive/PositivePage.tsx";
import { readProof } from "../../features/proof/proofData.ts";
import type { Route } from "./+types/proof.positive";

export { RouteError as ErrorBoundary } from "../RouteError.tsx";

export const meta: Route.MetaFunction = () => [{ title: "Positive · Still Box" }];

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
