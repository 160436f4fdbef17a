/**
 * Slow, plain references for the contrast integral, written from the physics rather than from the fast code.
 *
 * The amplitude at the film behind a circular hole lit by a far point (paraxial Fresnel) is
 *   U(r) = ∫₀^a exp(iπρ²/(λz′)) J₀(2πρr/(λz)) ρ dρ;
 * the point spread function is |U|², and the contrast at ν its normalised cosine transform along one direction, which
 * is the autocorrelation of the pupil P(x, y) = exp(iπ(x² + y²)/(λz′)) shifted by λzν:
 *   MTF(ν) = (1/A) ∬ P(x + Δ/2, y) P*(x − Δ/2, y) dx dy.
 * Here that double integral is summed over a fine grid of strips, phase and all.
 */
export function fresnelSum(
  frequency: number,
  diameter: number,
  {
    distance,
    wavelengthNm,
    subjectDistance,
  }: { distance: number; wavelengthNm: number; subjectDistance: number | null },
  strips = 4000,
): number {
  const a = diameter / 2;
  const wavelength = wavelengthNm * 1e-6;
  const curvature = 1 / distance + (subjectDistance === null ? 0 : 1 / subjectDistance);
  const shift = wavelength * distance * frequency;
  if (shift >= diameter) return 0;
  let real = 0;
  const step = diameter / strips;
  for (let i = 0; i < strips; i++) {
    const x = -a + (i + 0.5) * step;
    // Height of the overlap of the two shifted pupils at this x.
    const one = a * a - (x + shift / 2) ** 2;
    const other = a * a - (x - shift / 2) ** 2;
    const height = Math.min(one, other);
    if (height <= 0) continue;
    const phase = (Math.PI * curvature * ((x + shift / 2) ** 2 - (x - shift / 2) ** 2)) / wavelength;
    real += 2 * Math.sqrt(height) * Math.cos(phase) * step;
  }
  return real / (Math.PI * a * a);
}
