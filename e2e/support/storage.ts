import type { Maker } from "./maker.ts";

/** Leaves an address so much room, bytes; `null`: as much as the browser gives. */
async function room({ page }: Maker, bytes: number | null): Promise<void> {
  // It holds as long as the session does.
  const session = await page.createCDPSession();
  const { origin } = new URL(page.url());
  await session.send("Storage.overrideQuotaForOrigin", bytes === null ? { origin } : { origin, quotaSize: bytes });
}

/** What the app's own data need, and some more, bytes. */
const SMALL = 4_000_000;

/** A browser with little room: to be called before its first page. */
export async function narrow(maker: Maker, address: string): Promise<void> {
  await maker.page.goto(`${address}/icon.svg`);
  await room(maker, SMALL);
}

/** Fills what room there is with ballast of another database, down to the last kilobyte. */
export function fill({ page }: Maker): Promise<void> {
  return page.evaluate(async () => {
    const db = await new Promise<IDBDatabase>((resolve, reject) => {
      const open = indexedDB.open("ballast", 1);
      open.onupgradeneeded = () => open.result.createObjectStore("stones", { autoIncrement: true });
      open.onsuccess = () => resolve(open.result);
      open.onerror = () => reject(open.error);
    });
    const fits = (size: number): Promise<boolean> =>
      new Promise((resolve) => {
        // What repeats itself is packed.
        const stone = new Uint8Array(size);
        for (let at = 0; at < size; at += 65_536) crypto.getRandomValues(stone.subarray(at, at + 65_536));
        const work = db.transaction("stones", "readwrite");
        work.objectStore("stones").add(stone);
        work.oncomplete = () => resolve(true);
        work.onabort = () => resolve(false);
      });
    for (const size of [262_144, 32_768, 4096, 1024, 256]) {
      let full = 0;
      while (full < 3) full = (await fits(size)) ? 0 : full + 1;
    }
    db.close();
  });
}

/** Gives the room back. */
export function empty(maker: Maker): Promise<void> {
  return room(maker, null);
}

/** Writes records straight into a table, as a page that was broken off may have left them. */
export function plant({ page }: Maker, table: string, record: unknown): Promise<void> {
  return page.evaluate(
    (name, row) =>
      new Promise<void>((resolve, reject) => {
        const open = indexedDB.open("still-box");
        open.onerror = () => reject(open.error);
        open.onsuccess = () => {
          const work = open.result.transaction(name, "readwrite");
          work.objectStore(name).put(row);
          work.oncomplete = () => resolve(open.result.close());
          work.onerror = () => reject(work.error);
        };
      }),
    table,
    record,
  );
}

/** All records of a table, as they are stored now. */
export function records(
  { page }: Pick<Maker, "page">,
  table: string,
): Promise<readonly Readonly<Record<string, unknown>>[]> {
  return page.evaluate(
    (name) =>
      new Promise<readonly Readonly<Record<string, unknown>>[]>((resolve, reject) => {
        const open = indexedDB.open("still-box");
        open.onerror = () => reject(open.error);
        open.onsuccess = () => {
          const asked = open.result.transaction(name, "readonly").objectStore(name).getAll();
          asked.onsuccess = () => {
            open.result.close();
            resolve(asked.result);
          };
          asked.onerror = () => reject(asked.error);
        };
      }),
    table,
  );
}
