import { kept } from "./start.ts";

/** After all browser tests. */
export default async function end(): Promise<void> {
  await kept.demoServer?.stop();
}
