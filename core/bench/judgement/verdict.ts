import type { Camera, DesignFault, DesignLight, Fix, LengthWords } from "../../camera/container/index.ts";
import type { JudgedHole } from "../../camera/holeToMake/index.ts";
import type { SheetFormat } from "../../camera/sheet/index.ts";
import type { Optimum } from "../../light/hole/index.ts";
import type { SolveResult } from "../../light/solve/index.ts";

/** How much a verdict matters: it won't work, it will disappoint, or it is good to know. */
export type Weight = "stop" | "warn" | "note";

/** One thing to know about a design, with the change that mends it. */
export interface Verdict {
  readonly id: string;
  readonly weight: Weight;
  readonly title: string;
  readonly sentence: string;
  /** `null`: nothing that one press could do. */
  readonly fix: Fix | null;
}

/** What a judge knows of a design. */
export interface Case {
  readonly camera: Camera;
  readonly light: DesignLight;
  readonly ideal: Optimum;
  /** Number of the hole that is looked at, and what is judged of it. */
  readonly hole: number;
  readonly judgedHole: JudgedHole;
  readonly result: SolveResult;
  readonly faults: readonly DesignFault[];
  readonly words: LengthWords;
  /** Plate thicknesses that can be had, mm. */
  readonly plates: readonly number[];
  /** Sheets that can be had. */
  readonly formats: readonly SheetFormat[];
}

/** Looks at one question; says nothing when all is well. */
export type Judge = (judged: Case) => readonly Verdict[];
