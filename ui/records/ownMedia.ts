import { holdOwnMedia, mediumById } from "../../catalogue/media.ts";
import { mediumFrom, type OwnMedium } from "../../core/document/index.ts";
import { listRecords } from "../../storage/index.ts";

/** Takes the maker's own media in beside those that ship: those given, or as they are stored. */
export async function readOwnMedia(given?: readonly OwnMedium[]): Promise<void> {
  const own = given ?? (await listRecords("media"));
  // One of them is like a class that ships, never like another one of theirs.
  holdOwnMedia([]);
  holdOwnMedia(own.map((medium) => mediumFrom(medium, mediumById(medium.like))));
}
