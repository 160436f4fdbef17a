import { QuestionsPage } from "../../features/method/questions/QuestionsPage.tsx";
import { readQuestions } from "../../features/method/questions/questionsData.ts";
import { pageMeta } from "../pageMeta.ts";
import { ready } from "../ready.ts";
import type { Route } from "./+types/method.questions";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta(
  "Questions",
  "Why it is so: upside down, equally sharp, bent, slow at dusk; by drawings that move.",
);

export async function clientLoader() {
  await ready();
  return readQuestions();
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p className="p-8 text-quiet">Drawing the answers.</p>;
}

export default function Questions({ loaderData }: Route.ComponentProps) {
  return <QuestionsPage camera={loaderData} />;
}
