import { startServer, type TestServer } from "../server.ts";

/** Where this run's demonstration server is kept between start and end: Jest loads the two apart. */
export const kept = globalThis as { demoServer?: TestServer };

/** Before all browser tests: one server with the demonstration cameras, for all of them. */
export default async function start(): Promise<void> {
  kept.demoServer = await startServer(true);
  process.env.STILL_BOX_TEST_DEMO = kept.demoServer.address;
}
