import { boughtBox } from "./boughtBox.ts";
import { canister } from "./canister.ts";
import { curledCan } from "./curledCan.ts";
import { curvedBox } from "./curvedBox.ts";
import { drum } from "./drum.ts";
import { farWallTin } from "./farWallTin.ts";
import { flatBox } from "./flatBox.ts";
import { foldedBox } from "./foldedBox.ts";
import type { KindOf, Seen, ShapeName } from "./kind.ts";
import { lidCan } from "./lidCan.ts";
import { matchbox } from "./matchbox.ts";
import { rollCarton } from "./rollCarton.ts";
import { slantedBox } from "./slantedBox.ts";
import { stereoBox } from "./stereoBox.ts";

/** A new kind's file is named here and in the record below, in the order they are offered; the compiler asks for both. */
type Registered =
  | typeof flatBox
  | typeof boughtBox
  | typeof slantedBox
  | typeof curvedBox
  | typeof stereoBox
  | typeof rollCarton
  | typeof matchbox
  | typeof foldedBox
  | typeof curledCan
  | typeof farWallTin
  | typeof canister
  | typeof lidCan
  | typeof drum;

/** The kinds of camera a maker can choose from. */
export type CameraKind = Registered["id"];

/** A kind with its name as the type knows it. */
export type KindRecord = KindOf<CameraKind>;

const REGISTRY: { readonly [Id in CameraKind]: KindOf<Id> } = {
  [flatBox.id]: flatBox,
  [boughtBox.id]: boughtBox,
  [slantedBox.id]: slantedBox,
  [curvedBox.id]: curvedBox,
  [stereoBox.id]: stereoBox,
  [rollCarton.id]: rollCarton,
  [matchbox.id]: matchbox,
  [foldedBox.id]: foldedBox,
  [curledCan.id]: curledCan,
  [farWallTin.id]: farWallTin,
  [canister.id]: canister,
  [lidCan.id]: lidCan,
  [drum.id]: drum,
};

/** Every kind, in the order they are offered. */
export const kinds: readonly KindRecord[] = Object.values(REGISTRY);

/**
 * The record of a kind.
 *
 * @returns all that is particular to it
 * @example kindRecord("drum").noun // "drum"
 */
export function kindRecord(id: CameraKind): KindRecord {
  return REGISTRY[id];
}

/**
 * Whether a name is that of a kind: for names that come from outside.
 *
 * @returns whether it may be used as one
 * @example isCameraKind("shoe") // false
 */
export function isCameraKind(name: string): name is CameraKind {
  return Object.hasOwn(REGISTRY, name);
}

/**
 * The kind of a design whose file does not name it, by what is seen of it. Every shape has a kind for whatever is seen.
 */
export function kindSeen(shape: ShapeName, seen: Seen): CameraKind {
  const found = kinds.find((kind) => kind.shape === shape && kind.known?.(seen));
  if (found === undefined) throw new Error(`no kind of camera for a ${shape}`);
  return found.id;
}
