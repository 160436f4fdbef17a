import {
  type Body,
  boardOf,
  type Camera,
  type Closing,
  cameraBody,
  cameraKind,
  closingOf,
  type DesignLight,
  type DrumContainer,
  type FoldedContainer,
  isBuilt,
  isTrail,
  type LoadingLight,
  loadingLight,
  loadPlaces,
  type Purpose,
  type SetBoard,
  toBlacken,
  type Unloaded,
  unloadedAs,
  type WallMaterial,
  wallMaterial,
} from "../../camera/container/index.ts";
import { kindRecord, type PartName, type StepName } from "../../camera/kinds/index.ts";
import type { LoadingStep } from "../../camera/mounts/index.ts";
import { type FoldedSizes, foldedSizes, shapeOf } from "../../camera/shapes/index.ts";
import type { SheetFormat } from "../../camera/sheet/index.ts";
import type { Optimum } from "../../light/hole/index.ts";
import { bearsCard } from "./card.ts";
import { type CoverPlan, coverPlan } from "./cover.ts";
import { type HoldingPlan, holdingPlan } from "./holding.ts";
import { type HolePlan, holePlan } from "./holePlan.ts";
import { loadingStepsOf } from "./loadingStepsOf.ts";
import { type PiecePlan, piecePlan } from "./piece.ts";
import { type Seal, sealsOf } from "./seals.ts";
import { type ViewPlan, viewPlan } from "./viewPlan.ts";
import { type Ways, waysOf } from "./ways.ts";

/** What a plan needs to know beside the camera. */
export interface PlanCatalogue {
  readonly formats: readonly SheetFormat[];
  /** The light that the camera's medium sees. */
  readonly light: DesignLight;
  /** Optimum for the design's contrast: `idealAt`. */
  readonly ideal: Optimum;
}

/** How a camera is made and used, each fact once; lengths in mm. Parts, steps, bill, kit and loading are written from it. */
export interface BuildPlan {
  readonly name: string;
  /** What a maker calls the container. */
  readonly noun: string;
  readonly purpose: Purpose;
  /** Whether the maker builds it; one bought whole is only used. */
  readonly isBuilt: boolean;
  /** How many are made alike and numbered. */
  readonly alike: number;
  readonly container: ContainerPlan;
  readonly hole: HolePlan;
  readonly cover: CoverPlan;
  readonly piece: PiecePlan;
  /** What holds the sheet; `null`: film runs across a mask, or nothing has to. */
  readonly holding: HoldingPlan | null;
  /** How the inside is blackened; `null`: it is black, or stays as it is. */
  readonly black: "paint" | "paper" | null;
  readonly seals: readonly Seal[];
  /** How far a wall between two pictures stands forward of the sheet; `null`: none. */
  readonly divider: number | null;
  /** Whether film is wound across it. */
  readonly isWound: boolean;
  readonly loading: LoadingPlan;
  readonly outside: OutsidePlan;
  /** Where the sheet's edges look. */
  readonly view: ViewPlan | null;
  /** What was chosen where makers disagree, or is usual for such a camera. */
  readonly ways: Ways;
  /** Parts and steps of its kind, in their order. */
  readonly parts: readonly PartName[];
  readonly steps: readonly StepName[];
}

/** The container as it was found. */
export interface ContainerPlan {
  readonly of: WallMaterial;
  readonly wall: number;
  readonly body: Body;
  /** Inner diameter and height of what is round. */
  readonly round: { readonly diameter: number; readonly height: number } | null;
  readonly tiers: number;
  readonly vanes: DrumContainer | null;
  readonly folded: { readonly container: FoldedContainer; readonly sizes: FoldedSizes } | null;
  /** Whether it came with openings of its own beside the lid: a straw's hole, a glued seam. */
  readonly comesOpen: boolean;
  /** Whether a lamp behind its wall shows through. */
  readonly glows: boolean;
  readonly closing: Closing | null;
  /** Surface inside, lid and all, mm². */
  readonly inside: number;
}

/** How it is loaded. */
export interface LoadingPlan {
  readonly light: LoadingLight;
  readonly unloaded: Unloaded;
  /** Names of its places, in the order they are used. */
  readonly places: readonly string[];
  readonly steps: readonly LoadingStep[];
  /** Chambers that are turned before the hole one after the other; 1: nothing turns. */
  readonly chambers: number;
}

/** What is outside of the camera. */
export interface OutsidePlan {
  /** A plate for a tripod. */
  readonly foot: boolean;
  /** Whether it has to be kept from rolling. */
  readonly rolls: boolean;
  /** Whether its cards go on it; else they are taken along. */
  readonly bearsCard: boolean;
  /** The board that a numbered set of small round ones stands on. */
  readonly board: SetBoard | null;
  /** Cable ties for what hangs for weeks. */
  readonly ties: number;
}

/**
 * The whole of how a camera is made and used.
 *
 * @returns facts, no sentences; what a maker chose, or what is usual for such a camera
 * @source common practice; each fact names its own
 * @example buildPlan(box, planCatalogue).cover.way // "tape"
 */
export function buildPlan(camera: Camera, catalogue: PlanCatalogue): BuildPlan {
  const kind = kindRecord(cameraKind(camera));
  const { container } = camera;
  const shape = shapeOf(container);
  const [chamber] = camera.chambers;
  const trail = isTrail(camera);
  const built = isBuilt(camera);
  const alike = camera.set?.count ?? 1;
  const hole = holePlan(camera, catalogue);
  const closing = closingOf(camera);
  const ways = waysOf(camera);
  const piece = piecePlan(camera, ways, catalogue.formats);
  const holding = holdingPlan(camera, ways);
  return {
    name: camera.name,
    noun: kind.noun,
    purpose: trail ? "trail" : "picture",
    isBuilt: built,
    alike,
    container: {
      of: wallMaterial(camera),
      wall: container.wall,
      body: cameraBody(camera),
      round: shape.round,
      tiers: shape.tiers,
      vanes: shape.vanes,
      folded: shape.folded === null ? null : { container: shape.folded, sizes: foldedSizes(shape.folded) },
      comesOpen: kind.comesOpen ?? false,
      glows: container.translucent ?? false,
      closing,
      inside: shape.paintedInside,
    },
    hole,
    cover: coverPlan(camera, ways, hole),
    piece,
    holding,
    black: !toBlacken(camera) || ways.black === "leave" ? null : ways.black,
    seals: sealsOf(camera, hole, closing),
    divider: chamber.divider != null && chamber.divider > 0 ? chamber.divider : null,
    isWound: chamber.roll != null,
    loading: {
      light: loadingLight(camera),
      unloaded: unloadedAs(camera),
      places: loadPlaces(camera).map(({ name }) => name),
      steps: loadingStepsOf(camera, holding, piece),
      chambers: camera.chambers.length,
    },
    outside: {
      foot: built && !trail && kind.steps.includes("tripod"),
      bearsCard: bearsCard(cameraBody(camera), shape.round !== null),
      rolls: !trail && kind.steps.includes("rest"),
      board: boardOf(camera),
      ties: trail ? 2 : 0,
    },
    view: viewPlan(camera, catalogue.light),
    ways,
    parts: kind.parts,
    steps: lidFirst(closing, trail ? sealedLast(kind.steps) : triedEmpty(kind.steps)),
  };
}

/** What stays out for weeks is tried by the lamp before it is loaded, and sealed when it is. */
function sealedLast(steps: readonly StepName[]): readonly StepName[] {
  const others = steps.filter((step) => step !== "lid");
  const at = others.indexOf("put-up");
  return at < 0 || others.length === steps.length ? steps : [...others.slice(0, at), "lid", ...others.slice(at)];
}

/** How far its own lid comes down is looked up before a hole is marked. */
function lidFirst(closing: Closing | null, steps: readonly StepName[]): readonly StepName[] {
  if (closing?.by !== "own lid" || !steps.includes("cap")) return steps;
  return steps.flatMap((step) => (step === "cap" ? [] : step === "trace" ? (["cap", "trace"] as const) : [step]));
}

/** A camera that is loaded as it is built is tried by the lamp before the film is in it. */
function triedEmpty(steps: readonly StepName[]): readonly StepName[] {
  const at = steps.indexOf("cartridges");
  if (at < 0) return steps;
  const before = steps.slice(0, at);
  return [...before, "light-test", ...steps.slice(at).filter((step) => step !== "light-test")];
}
