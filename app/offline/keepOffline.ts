import { MEND } from "./documents.ts";

/** Lets every place work without a network from now on; the server says in the document whether there is something to keep. */
export async function keepOffline(): Promise<void> {
  if (document.documentElement.dataset.offline === undefined) return;
  // Where the browser has none, or forbids it, the app works as long as its server does.
  const worker = await navigator.serviceWorker?.register("/service-worker.js").catch(() => undefined);
  worker?.active?.postMessage(MEND);
}
