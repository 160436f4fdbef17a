import { once } from "../core/basis/numeric/index.ts";
import { cameraNames, hasOwnMedia, hasUnsaved, openStorage, readSettings } from "../storage/index.ts";

/**
 * What has to be done once before any page reads the maker's data: edits that a killed tab left as notes are stored,
 * and a browser that has nothing yet and never had the demonstration cameras asks the server whether it has them to give.
 * So a demonstration camera's own address opens as well as the Shelf's.
 */
export const ready: () => Promise<void> = once(async () => {
  await openStorage();
  if (await hasUnsaved()) await (await import("./recover.ts")).recover();
  if (await hasOwnMedia()) await (await import("../ui/records/ownMedia.ts")).readOwnMedia();
  const [{ demoSeen, demoScans }, cameras] = await Promise.all([readSettings(), cameraNames()]);
  if (demoScans === "wanted") void import("../features/shelf/demonstration.ts").then((part) => part.goOnFetching());
  if (demoSeen || cameras.length > 0) return;
  await (await import("../features/shelf/demonstration.ts")).bringDemonstration();
});
