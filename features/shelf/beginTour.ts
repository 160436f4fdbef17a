import { readSettings } from "../../storage/index.ts";
import { keep } from "../../ui/edits/keep.ts";

/** Begins the tour, or goes on with it where it was left. */
export async function beginTour(): Promise<void> {
  const { tour } = await readSettings();
  keep("tour", { ...tour, on: true }, "The tour");
}
