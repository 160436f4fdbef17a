import { TestEnvironment } from "jest-environment-node";
import { launch } from "../launch.ts";

/** What all files of browser tests share, and every one finds as `sharedStage`. */
export interface SharedStage {
  /** Address of the server with the demonstration cameras. */
  readonly demo: string;
  /** The browser of this worker, and in it the context of whoever comes first in a test: what it has learnt of the app's code is kept. */
  browser(): Promise<{ readonly endpoint: string; readonly homeId: string }>;
}

/** One browser a worker: starting it, and compiling the app's code in it, took ten seconds a file. */
let started: ReturnType<SharedStage["browser"]> | null = null;

async function startBrowser(): ReturnType<SharedStage["browser"]> {
  const browser = await launch();
  const home = await browser.createBrowserContext();
  // Nothing here may hold the worker back from ending; the browser is ended with it.
  const child = browser.process();
  child?.unref();
  for (const pipe of child?.stdio ?? []) (pipe as { unref?: () => void } | null)?.unref?.();
  const endpoint = browser.wsEndpoint();
  await browser.disconnect();
  return { endpoint, homeId: home.id as string };
}

export default class StageEnvironment extends TestEnvironment {
  override async setup(): Promise<void> {
    await super.setup();
    const sharedStage: SharedStage = {
      demo: process.env.STILL_BOX_TEST_DEMO ?? "",
      browser: () => {
        started ??= startBrowser();
        return started;
      },
    };
    Object.assign(this.global, { sharedStage });
  }
}
