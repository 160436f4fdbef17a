import type { Camera, DesignField } from "../../../core/camera/container/index.ts";

/** Changes a design; the hole follows its rule. The label is what undo calls the change. What can't be is said above the verdicts. */
export type EditDesign = (label: string, change: (camera: Camera) => Camera) => void;

/** Sets one size (of the hole that is worked on, unless another is named), or refuses with a sentence that says what is possible. */
export type SetField = (field: DesignField, value: number | null, hole?: number) => string | null;
