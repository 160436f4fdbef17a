import { Unzlib } from "fflate";
import { joined } from "../../../core/basis/numeric/index.ts";

/** Unpacks zlib data; fails where they are damaged or longer than `most` bytes. */
export type Inflate = (zlib: Uint8Array<ArrayBuffer>, most: number) => Promise<Uint8Array>;

/** Packed bytes handed over at once: unpacked they are at most 1032 times as many. */
const STEP = 16 * 1024;

/** In plain code, for where neither browser nor Node does it: counted as it comes. */
export const plainInflate: Inflate = async (zlib, most) => {
  const parts: Uint8Array[] = [];
  let length = 0;
  let ended = false;
  const stream = new Unzlib((part, final) => {
    parts.push(part);
    length += part.length;
    ended ||= final;
  });
  for (let at = 0; at < zlib.length && !ended; at += STEP) {
    stream.push(zlib.subarray(at, at + STEP), at + STEP >= zlib.length);
    if (length > most) throw new Error("unpacks further than it may");
  }
  return joined(parts);
};
