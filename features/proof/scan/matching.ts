import type { Exposure, Load, Negative } from "../../../core/document/index.ts";

/**
 * Which shots a row of scans is of: sheets leave the camera in the order of their places, the latest load first; shots
 * without a load by their time, the latest first.
 *
 * @param count how many scans come
 * @returns so many shots or fewer, in the order the sheets are unloaded
 */
export function matchScans(
  count: number,
  shots: readonly Exposure[],
  loads: readonly Load[],
  negatives: readonly Negative[],
): readonly Exposure[] {
  const taken = new Set(negatives.flatMap(({ exposureId }) => (exposureId ? [exposureId] : [])));
  const free = shots.filter(({ id, tested }) => !taken.has(id) && tested !== true);
  const byTime = [...free].sort((a, b) => Date.parse(b.openedAt) - Date.parse(a.openedAt));
  const [latest] = byTime;
  if (latest === undefined) return [];
  const load = loads.find(({ id }) => id === latest.loadId);
  if (load === undefined) return byTime.slice(0, count);
  const inOrder = load.places.flatMap(({ place, exposureId }) => {
    const shot = byTime.find((each) => each.loadId === load.id && (each.id === exposureId || each.place === place));
    return shot === undefined ? [] : [shot];
  });
  const rest = byTime.filter(({ id }) => !inOrder.some((shot) => shot.id === id));
  // One scan by itself is of the shot taken last; a row of them is a load.
  return (count === 1 ? [latest, ...inOrder, ...rest] : [...inOrder, ...rest])
    .filter((shot, index, all) => all.indexOf(shot) === index)
    .slice(0, count);
}
