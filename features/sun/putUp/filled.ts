import type { Camera } from "../../../core/camera/container/index.ts";
import type { Trail } from "../../../core/document/index.ts";
import { hangsUpsideDown } from "../../../core/sun/index.ts";
import { sayDay } from "../../../ui/format/sayDay.ts";

/** Puts a plan's own words where {…} stand. */
export function filled(text: string, trail: Trail, camera: Camera | null): string {
  const { aim, from, to, where } = trail;
  const lean = aim.elevation ?? 0;
  const words: Readonly<Record<string, string>> = {
    camera: camera?.name ?? "the can",
    aim: `${Math.round(aim.azimuth)}° from true north`,
    lean: lean === 0 ? "level" : `leaning ${Math.abs(lean)}° ${lean > 0 ? "back" : "forward"}`,
    hangs: hangsUpsideDown(aim) ? "upside down, its lid below" : "upright, its lid above",
    from: sayDay(from),
    until: sayDay(to),
    where: where?.trim() ? `at ${where.trim()}` : "on your ground",
  };
  return text.replace(/\{(\w+)\}/g, (whole, name: string) => words[name] ?? whole);
}
