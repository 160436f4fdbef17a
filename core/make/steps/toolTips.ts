/** A tool with a conical tip, or one that cuts its own diameter (`tip` null); mm and radians. */
export interface ConicalTip {
  readonly id: string;
  readonly shaft: number;
  readonly tip: number | null;
}

/**
 * Diameter a conical tip leaves: 2 h tan(γ/2), no more than its shaft.
 *
 * @param depth h, how far the tip stands out behind the plate, mm, ≥ 0
 * @param tip γ, full angle of the cone, 0 < γ < π
 * @param shaft diameter, mm
 * @returns mm, ≥ 0
 * @source PHYSICS section 8; elementary geometry
 * @example coneDiameter(1, Math.PI / 15, 0.5) // 0.2102…
 */
export function coneDiameter(depth: number, tip: number, shaft: number): number {
  return Math.min(shaft, 2 * depth * Math.tan(tip / 2));
}

/** Depth for a diameter, mm; `null` where the shaft is thinner than the hole. The inverse of {@link coneDiameter}. */
export function coneDepth(diameter: number, tip: number, shaft: number): number | null {
  return diameter > shaft ? null : diameter / (2 * Math.tan(tip / 2));
}

/**
 * How often a needle is turned for a diameter, from a trial with the same needle, metal and push. Each turn takes it the
 * same way deeper, and its cone widens the hole with its depth, so turns and diameter go together. They count from the
 * first light: before it the tip is still in the plate.
 *
 * @param diameter wanted, mm, > 0
 * @param trial turns that were given, > 0, and the diameter that they left, mm, > 0
 * @source elementary geometry ({@link coneDiameter}); that a turn goes equally deep is common practice
 * @example needleTurns(0.3, { turns: 6, diameter: 0.2 }) // 9
 */
export function needleTurns(diameter: number, trial: { readonly turns: number; readonly diameter: number }): number {
  return (diameter * trial.turns) / trial.diameter;
}

/** A tool that reaches the hole, and how. */
export interface Suited<T extends ConicalTip> {
  readonly tool: T;
  /** Diameter it leaves, mm. */
  readonly diameter: number;
  /** How far the tip must come through; `null`: right through. */
  readonly depth: number | null;
  /** How exactly the depth must be kept to stay in the band, ± mm; `null` where it does not matter. */
  readonly play: number | null;
  readonly inBand: boolean;
}

/**
 * Which tools make a hole, the fittest first: those that leave it with their shaft or their own size, then tips by how
 * forgiving their depth is.
 *
 * @param target diameter wanted, mm
 * @param band diameters that do as well, mm
 * @returns the fittest first; tools that can’t reach the size are left out
 * @example suitedTools([{ id: "drill", shaft: 0.5, tip: null }], 0.5, [0.4, 0.6])[0].inBand // true
 */
export function suitedTools<T extends ConicalTip>(
  tools: readonly T[],
  target: number,
  band: readonly [low: number, high: number],
): readonly Suited<T>[] {
  const inBand = (diameter: number): boolean => diameter >= band[0] && diameter <= band[1];
  const suited = tools.flatMap((tool): Suited<T>[] => {
    if (tool.tip === null) {
      return [{ tool, diameter: tool.shaft, depth: null, play: null, inBand: inBand(tool.shaft) }];
    }
    if (inBand(tool.shaft)) return [{ tool, diameter: tool.shaft, depth: null, play: null, inBand: true }];
    const depth = coneDepth(target, tool.tip, tool.shaft);
    if (depth === null) return [];
    const play = Math.min(target - band[0], band[1] - target) / (2 * Math.tan(tool.tip / 2));
    return [{ tool, diameter: target, depth, play: Math.max(0, play), inBand: true }];
  });
  const off = ({ diameter }: Suited<T>): number => Math.abs(Math.log(diameter / target));
  return suited
    .filter((each) => each.inBand || off(each) < 0.35)
    .sort((a, b) => Number(b.inBand) - Number(a.inBand) || off(a) - off(b) || (b.play ?? 9) - (a.play ?? 9));
}
