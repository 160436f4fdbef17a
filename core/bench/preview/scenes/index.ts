import type { PreviewScene } from "../scene.ts";
import { allotment } from "./allotment.ts";
import { sheds } from "./sheds.ts";
import { stillLife } from "./stillLife.ts";
import { target } from "./target.ts";

/** The scenes that come with the app. */
export const scenes: readonly PreviewScene[] = [allotment, sheds, target, stillLife];
