import type { Processing } from "../../core/document/index.ts";

/** The strip that says last how long a medium wants for a purpose; `null`: none was read yet. */
export function lastStrip(
  done: readonly Processing[],
  medium: string,
  purpose: NonNullable<Processing["purpose"]>,
): Processing | null {
  const strips = done.filter(
    (each) => each.kind === "strip" && each.purpose === purpose && each.medium === medium && each.seconds != null,
  );
  return strips.reduce<Processing | null>(
    (best, each) => (best === null || Date.parse(each.at) > Date.parse(best.at) ? each : best),
    null,
  );
}
