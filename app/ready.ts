import { once } from "../core/basis/numeric/index.ts";
import {
  addDemo,
  cameraNames,
  hasOwnMedia,
  hasUnsaved,
  openStorage,
  readSettings,
  whatFailed,
} from "../storage/index.ts";
import { notify } from "../ui/notify.ts";

/**
 * What has to be done once before any page reads the maker's data: edits that a killed tab left as notes are stored,
 * and a browser that has nothing yet and never had the demonstration cameras asks the server whether it has them to give.
 * So a demonstration camera's own address opens as well as the Shelf's.
 */
export const ready: () => Promise<void> = once(async () => {
  await openStorage();
  if (await hasUnsaved()) await (await import("./recover.ts")).recover();
  if (await hasOwnMedia()) await (await import("../ui/ownMedia.ts")).readOwnMedia();
  const [{ demoSeen }, cameras] = await Promise.all([readSettings(), cameraNames()]);
  if (demoSeen || cameras.length > 0) return;
  // Offline or without a server the Shelf simply starts empty.
  const answer = await fetch("/api/demo").catch(() => null);
  if (answer?.status !== 200) return;
  const demo = (await answer.json()) as Parameters<typeof addDemo>[0];
  await addDemo(demo).catch((error: unknown) => {
    notify(`The demonstration cameras can’t be put on the Shelf. ${whatFailed(error).message}`, { urgent: true });
  });
});
