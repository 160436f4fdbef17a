import { type Context, createContext } from "react";
import type { Camera } from "../../../core/camera/container/index.ts";
import type { Reading } from "./reading.ts";

/** The design that the readings are of: for what is drawn in them once it is unfolded. */
export const ReadDesign: Context<{ readonly camera: Camera; readonly reading: Reading } | null> = createContext<{
  readonly camera: Camera;
  readonly reading: Reading;
} | null>(null);
