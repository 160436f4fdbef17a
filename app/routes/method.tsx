import { formats } from "../../catalogue/formats.ts";
import { lightTable } from "../../catalogue/lightTable.ts";
import { media } from "../../catalogue/media.ts";
import { plates } from "../../catalogue/plates.ts";
import { tools } from "../../catalogue/tools.ts";
import { schools } from "../../core/light/hole/index.ts";
import { MethodPage } from "../../features/method/MethodPage.tsx";
import { pageMeta } from "../pageMeta.ts";
import type { Route } from "./+types/method";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = pageMeta("Method", "Where the numbers come from: formulas, tables and sources, each to try.");

/** The reference catalogue, with the source of every row. */
export function loader() {
  return {
    schools: schools.map(({ id, name, constant, source, idea, validRange }) => ({
      id,
      name,
      constant,
      source,
      idea,
      validRange,
    })),
    formats,
    media,
    lightTable,
    plates,
    tools,
  };
}

export default function Method({ loaderData }: Route.ComponentProps) {
  return <MethodPage {...loaderData} />;
}
