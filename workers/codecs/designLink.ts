import { sha256 } from "@noble/hashes/sha2.js";
import { deflateSync, inflateSync, strFromU8, strToU8 } from "fflate";
import { failure, type Result, success } from "../../core/basis/units/index.ts";
import type { Camera } from "../../core/camera/container/index.ts";
import { CAMERA_FORMAT, parseCamera, readJson } from "../../core/document/index.ts";

/** The way a design is packed: its first letter. Links are printed and glued on: this one is read for ever. */
const WAY = "1";
/** A longer link is none of ours, characters. */
const LONGEST = 4000;
/** Digits that a length is carried with: of 5 m a hundredth of a millimetre, of a hole a billionth of a metre. */
const DIGITS = 6;

/** Bytes of a check before what is packed. */
const CHECK = 3;

/** What a design is made of; of its maker's notes, measurements and shots a label says nothing. */
const CARRIED = ["name", "container", "chambers", "shutter", "set", "making"] as const;

/** What stands in most designs, so that it need not be carried: part of the way of packing, never changed. */
const USUAL = strToU8(
  [
    '"shape":"folded","sheet":',
    '"paper":',
    '"strip":',
    '"shape":"drum","tiers":2,"sectors":4,"gap":',
    '"baffle":{"height":',
    ',"aside":',
    '"kind":"far-wall-tin"',
    '"kind":"lid-can"',
    '"kind":"matchbox"',
    '"kind":"roll-carton"',
    '"kind":"stereo-box"',
    '"kind":"bought-box"',
    '"kind":"slanted-box"',
    '"kind":"curved-box"',
    '"kind":"folded-box"',
    '"kind":"drum"',
    '"kind":"canister"',
    '"kind":"curled-can"',
    '"kind":"flat-box"',
    '"material":"plastic"',
    '"material":"wood"',
    '"material":"card"',
    '"material":"tin metal"',
    ',"mount":"wall"',
    ',"mount":"bought"',
    '"roll":{"film":"135","gap":2,"core":11.5,"thickness":0.14,"length":1600,"clicks":1,"leader":120,"tail":60}',
    '"set":{"count":9,"exposed":[]},"making":{"rim":',
    '"divider":',
    '"measured":',
    '"diameter":"best"',
    '"medium":"film-pan-100","format":"film-24x36"',
    '"medium":"rc-grade-2","format":"in-8x10"',
    '"format":"in-4x5"',
    '"format":null,"trim":null',
    '{"name":"Biscuit tin","container":{"shape":"cylinder","diameter":68,"height":130,"kind":"curled-can","wall":0.2,"material":"tin metal","insideBlack":true},"chambers":[{"label":"1","holes":[{"diameter":0.2',
    '"film":{"surface":"cylinder","radius":34,"slide":0,"distance":68,"width":177.8,"height":127,"x":0,"y":0,"medium":"rc-graded","format":"in-5x7","trim":null},',
    '{"name":"Box","container":{"shape":"box","width":165,"height":118,"depth":70,"kind":"flat-box","wall":0.3,"material":"card","insideBlack":true},"chambers":[{"label":"1","holes":[{"diameter":0.3',
    ',"plateThickness":0.1,"openingDiameter":8,"wall":0.3,"x":0,"y":0}],"film":{"surface":"flat","tiltX":0,"tiltY":0,"distance":70,"width":127,"height":101.6,"x":0,"y":0,"medium":"rc-graded","format":"in-4x5","trim":null},"aim":{"rule":"computed","contrast":0.2,"subjectDistance":null}}],"shutter":null}',
  ].join(""),
);

/**
 * A camera's design as text that a link carries after its #: what is built, not what was measured, noted or shot.
 *
 * @returns letters, digits, - and _: some 200 to 350 of them
 * @example designText(box).startsWith("1") // true
 */
export function designText(camera: Camera): string {
  const design = Object.fromEntries(CARRIED.flatMap((name) => (camera[name] == null ? [] : [[name, camera[name]]])));
  if (camera.set) design.set = { ...camera.set, exposed: [] };
  const short = JSON.stringify(design, (_, value) =>
    typeof value === "number" ? Number(value.toPrecision(DIGITS)) : value,
  );
  // A sheet just as long as its wall may no longer fit when both are rounded.
  const holds = readDesign(packed(short), camera.id, camera.createdAt ?? "2026-01-01T00:00:00Z").ok;
  return packed(holds ? short : JSON.stringify(design));
}

/**
 * The path, with its #, under which a label's code leads to a camera.
 *
 * @example labelPath(box).startsWith("/label/") // true
 */
export function labelPath(camera: Camera): string {
  return `/label/${encodeURIComponent(camera.id)}#${designText(camera)}`;
}

/**
 * The path of a label's link, whatever machine it was printed on.
 *
 * @param text what was scanned or copied
 * @returns the path with its #, or `null`: that is no label's link
 * @example labelOfLink("http://old.example/label/tin#1abc") // "/label/tin#1abc"
 */
export function labelOfLink(text: string): string | null {
  const [, path] = /^\s*(?:https?:\/\/[^\s/]+)?(\/label\/[^\s/?#]+#[\w-]+)\s*$/i.exec(text) ?? [];
  return path ?? null;
}

/**
 * The camera of a link's text, with no history of its own yet.
 *
 * @param id the camera's, which stands in the link's path
 * @param now ISO 8601
 * @returns the camera, or a sentence that says why there is none
 * @example readDesign(designText(box), box.id, now).ok // true
 */
export function readDesign(text: string, id: string, now: string): Result<Camera, string> {
  if (!/^[\w-]+$/.test(text) || text.length > LONGEST) return failure(DAMAGED);
  if (text[0] !== WAY) return failure("This label was printed by a newer Still Box, which can open it.");
  const json = unpacked(text.slice(1));
  const read = json === null ? null : readJson(json);
  if (read === null || !read.ok || typeof read.value !== "object" || read.value === null) return failure(DAMAGED);
  const { format, current: version } = CAMERA_FORMAT;
  const whole = {
    ...read.value,
    format,
    version,
    id,
    notes: "",
    measurements: [],
    calibration: {},
    createdAt: now,
    updatedAt: now,
  };
  const camera = parseCamera(whole);
  return camera.ok ? success(camera.value) : failure(DAMAGED);
}

const DAMAGED = "The link is cut short or damaged: scan the label once more, or copy the whole of it.";

function packed(json: string): string {
  const bytes = deflateSync(strToU8(json), { level: 9, dictionary: USUAL });
  const text = btoa(String.fromCharCode(...checkOf(json), ...bytes));
  return WAY + text.replace(/\+/g, "-").replace(/\//g, "_").replace(/=+$/, "");
}

/** By these a letter misread is noticed: a hole of another size would pass for a design. */
function checkOf(json: string): Uint8Array {
  return sha256(strToU8(json)).subarray(0, CHECK);
}

function unpacked(text: string): string | null {
  try {
    const bytes = Uint8Array.from(atob(text.replace(/-/g, "+").replace(/_/g, "/")), (letter) => letter.charCodeAt(0));
    const json = strFromU8(inflateSync(bytes.subarray(CHECK), { dictionary: USUAL }));
    return checkOf(json).every((byte, i) => byte === bytes[i]) ? json : null;
  } catch {
    return null;
  }
}
