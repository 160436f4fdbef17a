import type { Body } from "../../camera/container/index.ts";

/** A card to stick on, mm: nearly that of a visiting card. */
export const CARD = { width: 86, height: 54 } as const;

/** Whether such a card goes on a wall of the camera: round what is round, else on its front. */
export function bearsCard({ across, high }: Body, isRound: boolean): boolean {
  return high >= CARD.height && (isRound || across >= CARD.width);
}
