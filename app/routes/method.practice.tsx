import { SessionsPage } from "../../features/method/practice/SessionsPage.tsx";
import { begunPractices } from "../../storage/index.ts";
import { pageMeta } from "../pageMeta.ts";
import { ready } from "../ready.ts";
import type { Route } from "./+types/method.practice";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta(
  "Practice",
  "Sessions of ten minutes in the pages of real work, apart from what you made.",
);

export async function clientLoader() {
  await ready();
  return { begun: await begunPractices() };
}
clientLoader.hydrate = true as const;

export { Pending as HydrateFallback } from "../frame/Pending.tsx";

export default function Practice({ loaderData }: Route.ComponentProps) {
  return <SessionsPage begun={loaderData.begun} />;
}
