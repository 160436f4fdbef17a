import { thistleRow } from "../../../../catalogue/demo/thistleRow.ts";
import { rollPlan } from "../../roll/index.ts";
import { type Camera, loadPlaces, withField } from "../index.ts";

const of = (id: string): Camera => thistleRow.cameras.find((camera) => camera.id === id) as Camera;

test("a tray is used from its highest number down: the highest that shows is the shots left (common practice)", () => {
  expect(loadPlaces(of("thistle-canister-one")).map(({ id, number }) => [id, number])).toEqual(
    [9, 8, 7, 6, 5, 4, 3, 2, 1].map((number) => [String(number), number]),
  );
});

test("a drum has its chambers by name, each once, also where two are called alike", () => {
  const drum = of("thistle-feed-drum");
  const names = loadPlaces(drum).map(({ name }) => name);
  expect(names).toHaveLength(drum.chambers.length);
  const [first, second, ...others] = drum.chambers;
  const twice = { ...drum, chambers: [first, { ...second, label: first.label }, ...others] } as Camera;
  expect(new Set(loadPlaces(twice).map(({ id }) => id)).size).toBe(drum.chambers.length);
});

test("a roll has its frames with the turns that bring each, fewer as the spool fattens; a box has its one sheet", () => {
  const carton = of("thistle-bean-carton");
  const { roll, film } = carton.chambers[0];
  if (!roll) throw new Error("no roll");
  const places = loadPlaces(carton);
  const plan = rollPlan({ ...roll, frame: film.width });
  expect(places).toHaveLength(plan.frames.length);
  // The same figure as in the table of the winding; in clicks as well as soon as they have been counted.
  const [first] = plan.frames;
  const after = `after the leader’s ${plan.leaderTurns.toFixed(2)}`;
  expect(places[0]?.advance).toBe(`wind ${first?.turns.toFixed(2)} turns, ${after}`);
  const counted = withField(carton, "roll.clicks", 8);
  expect(loadPlaces(counted)[0]?.advance).toBe(
    `wind ${first?.turns.toFixed(2)} turns, ${(8 * (first?.turns ?? 0)).toFixed(1)} clicks, ${after}`,
  );
  expect(places[3]?.advance).toContain(`${plan.frames[3]?.turns.toFixed(2)} turns`);
  const turns = places.slice(1).map(({ advance }) => Number(/wind ([\d.]+)/.exec(advance ?? "")?.[1]));
  expect(turns).toEqual([...turns].sort((a, b) => b - a));
  expect(loadPlaces(of("thistle-biscuit-tin"))).toEqual([{ id: "1", name: "The sheet", number: null, advance: null }]);
});
