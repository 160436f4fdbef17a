/** A value with its standard uncertainty. */
export interface Combined {
  readonly value: number;
  readonly uncertainty: number;
  /** Whether the single values agree within their uncertainties. */
  readonly agree: boolean;
  readonly count: number;
}

/**
 * Repeated measurements of one hole combined by their uncertainties: weights 1/u². Where they scatter more than they
 * say (χ² above its degrees of freedom), the result's ± is widened by √(χ²/(n − 1)), Birge's ratio.
 *
 * @param values diameters and standard uncertainties, mm; those without one are left out
 * @returns `null` where none has an uncertainty
 * @source JCGM 100:2008 (GUM), weighted mean; R. T. Birge, Phys. Rev. 40 (1932) 207
 * @example combined([{ diameter: 0.3, uncertainty: 0.01 }, { diameter: 0.32, uncertainty: 0.01 }])?.value // 0.31
 */
export function combined(
  values: readonly { readonly diameter: number; readonly uncertainty?: number | null | undefined }[],
): Combined | null {
  const known = values.flatMap(({ diameter, uncertainty }) =>
    uncertainty != null && uncertainty > 0 ? [{ diameter, weight: 1 / uncertainty ** 2 }] : [],
  );
  if (known.length === 0) return null;
  const whole = known.reduce((sum, { weight }) => sum + weight, 0);
  const value = known.reduce((sum, { diameter, weight }) => sum + diameter * weight, 0) / whole;
  const scatter = known.reduce((sum, { diameter, weight }) => sum + weight * (diameter - value) ** 2, 0);
  const ratio = known.length > 1 ? scatter / (known.length - 1) : 0;
  return {
    value,
    uncertainty: Math.sqrt(Math.max(1, ratio) / whole),
    agree: ratio <= 4,
    count: known.length,
  };
}
