import type { Unloaded } from "../../core/camera/container/index.ts";
import type { LoadingStep } from "../../core/camera/mounts/index.ts";

/** Of film that goes from cartridge to cartridge: said alike where it is built, loaded and taken out. */
export const CARTRIDGES_BY_DAYLIGHT =
  "From cartridge to cartridge the film is loaded and taken out by daylight, out of the sun; only the leader that hangs out is lost.";

/** What a step says. {sheet}, {format}, {gap}, {places}, {feel} and the like are filled in. Common practice (TRADE section 4). */
export const loadingSteps: Readonly<Record<LoadingStep, string>> = {
  trim: "Cut it to {sheet}, against the tape marks on the cutter: {cuts}. Mind the blade in the dark.",
  gauge:
    "In full darkness: the film’s end against the stop of the gauge, {piece} of it, and cut along the other end. Mind the blade in the dark.",
  emulsion: "Find the emulsion (four ways below). It faces the hole.",
  write: "On the back, with {pen}: camera, place, initials. Hold it by its edges.",
  back: "Lay it on the wall opposite the hole, flat, {sheet}, the long side as drawn.",
  lean: "Set it in so that it leans from wall to wall as drawn, emulsion to the hole.",
  bow: "Bow it towards the hole: its middle at the back, its two ends forward, as drawn.",
  gap: "Curl it, emulsion inwards, and slide it down the wall: its ends leave {gap} free, and the hole looks through that gap.",
  mark: "Curl it a little and lay it on the far wall: its middle on the stripe opposite the hole.",
  tabs: "Paper tabs towards the lid: they pull it out later without a scratch.",
  hold: "See that it is held: nothing springs up or slides when the camera is turned over.",
  magnets: "A magnet on each corner, felt with a finger: between them the sheet lies close to the wall.",
  slot: "Its two sides go into the slots, all the way.",
  liner: "Tape the sheet into its liner by its edges, emulsion to the hole, and push the liner in.",
  strips: "Its two edges go under the rubber strips, all the way.",
  chambers: "Chamber by chamber, in this order: {places}. Never mix them up: a sheet is known by its place.",
  behind: "It goes behind the divider: slide it along the wall till its middle stands there.",
  set: "One after the other by their numbers, and each number on the back of its sheet.",
  tray: "Highest number first, each back into its place in the tray, the right way up.",
  roll: "The full cartridge on its side, the film’s tongue across the mask into the empty one, emulsion to the hole, taped on; wind till it is taut.",
  feel: "Feel inside, with a clean dry finger, for the {rim}: the sheet must not cover the hole.",
  lid: "Lid on, shutter shut.",
  collar: "A collar of tape all round the lid: it keeps the light out, and says that it is loaded.",
};

/** What comes out of a camera, and where it goes. */
export const UNLOADED: Readonly<Record<Unloaded, string>> = {
  one: "The sheet goes into a dark box, or straight to the trays.",
  several:
    "Each sheet comes out in the order of its places, its place on its back, into a dark box or straight to the trays.",
  cartridges:
    "Cut the films apart, by daylight: the exposed one goes in its cartridge to a laboratory, or in the dark into your own tank.",
};
