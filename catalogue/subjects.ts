import type { Subject } from "../core/camera/framing/index.ts";

/** Things on the allotment that a maker may want to fill the picture with; heights from common experience. */
export const subjects: readonly Subject[] = [
  { id: "bust", name: "a head and shoulders", height: 600, drawn: "bust", deep: 420 },
  { id: "door", name: "a door", height: 2000, drawn: "flat", deep: 60 },
  { id: "shed", name: "a potting shed", height: 2400, drawn: "house", deep: 1800 },
];
