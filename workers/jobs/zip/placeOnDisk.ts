/** A file in the browser's own folder for this site, written piece by piece. */
export interface PlaceOnDisk {
  readonly stream: WritableStream<Uint8Array<ArrayBuffer>>;
  /** What was written; it lies on the disk. */
  readonly file: () => Promise<File>;
  readonly drop: () => Promise<void>;
}

const ENDING = ".packed.zip";
/** The browser may be reading what was handed to it to save; after so long it has, ms. */
const SAVED_AFTER_MS = 3_600_000;

/** A place on the disk, or `null` where the browser has none to give (an insecure page, a private window, an older one). */
export async function placeOnDisk(): Promise<PlaceOnDisk | null> {
  try {
    const folder = await navigator.storage.getDirectory();
    await clear(folder);
    const name = `${crypto.randomUUID()}${ENDING}`;
    const handle = await folder.getFileHandle(name, { create: true });
    const stream = (await handle.createWritable()) as WritableStream<Uint8Array<ArrayBuffer>>;
    return {
      stream,
      file: () => handle.getFile(),
      drop: async () => {
        await stream.abort().catch(() => undefined);
        await folder.removeEntry(name).catch(() => undefined);
      },
    };
  } catch {
    return null;
  }
}

/** Throws away what was handed over long ago. */
async function clear(folder: FileSystemDirectoryHandle): Promise<void> {
  for await (const [name, handle] of folder.entries()) {
    if (!name.endsWith(ENDING) || handle.kind !== "file") continue;
    const { lastModified } = await (handle as FileSystemFileHandle).getFile();
    if (Date.now() - lastModified > SAVED_AFTER_MS) await folder.removeEntry(name).catch(() => undefined);
  }
}
