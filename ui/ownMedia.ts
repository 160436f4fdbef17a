import { holdOwnMedia, mediumById } from "../catalogue/media.ts";
import { mediumFrom } from "../core/document/index.ts";
import { listRecords } from "../storage/index.ts";

/** Takes the maker's own media, as they are stored now, in beside those that ship. */
export async function readOwnMedia(): Promise<void> {
  const own = await listRecords("media");
  holdOwnMedia([]);
  holdOwnMedia(own.map((medium) => mediumFrom(medium, mediumById(medium.like))));
}
