import { routeWeights } from "../bench/routes.mjs";

/** DESIGN, “Speed”, kB after gzip -9. */
const HEAVIEST = 310;

test("no page fetches more script at once than the bar allows", () => {
  const weights = routeWeights();
  expect(weights.length).toBeGreaterThan(20);
  expect(weights.filter(({ kB }) => kB > HEAVIEST)).toEqual([]);
});
