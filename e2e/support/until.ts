import { PATIENCE } from "./patience.ts";

/** Looks again and again until it holds. */
export async function until(holds: () => Promise<boolean>): Promise<void> {
  const end = Date.now() + PATIENCE;
  while (!(await holds())) {
    if (Date.now() > end) throw new Error("it never came");
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
}
