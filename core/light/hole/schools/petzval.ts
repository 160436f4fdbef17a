import { type School, school } from "./school.ts";

/** Fresnel number 1/2 (u = π): c = √2. */
export const petzval: School = school({
  id: "petzval",
  name: "Petzval",
  constant: Math.SQRT2,
  source:
    "Petzval’s rule, Fresnel number 1/2; also the sharpest image in K. D. Mielenz, On the diffraction limit for lensless imaging, J. Res. NIST 104 (1999) 479",
  idea: "Strongest contrast: edges look crisp.",
});
