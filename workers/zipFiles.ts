import { zip } from "fflate";

/** Files as one zip; pictures are packed already, so they are stored as they are. */
export function zipFiles(files: Readonly<Record<string, Uint8Array>>): Promise<Uint8Array<ArrayBuffer>> {
  return new Promise((resolve, reject) => {
    zip({ ...files }, { level: 0 }, (error, data) => (error ? reject(error) : resolve(new Uint8Array(data))));
  });
}
