import type { Camera } from "../model/camera.ts";

/** A change that mends something, with the words of its button. */
export interface Fix {
  readonly label: string;
  readonly apply: (camera: Camera) => Camera;
}
