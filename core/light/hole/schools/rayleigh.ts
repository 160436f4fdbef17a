import { type School, school } from "./school.ts";

/** Fresnel number 0.9 (u = 1.8π): c = √3.6. */
export const rayleigh: School = school({
  id: "rayleigh",
  name: "Rayleigh",
  constant: Math.sqrt(3.6),
  source: "Lord Rayleigh, On pin-hole photography, Phil. Mag. 31 (1891) 87: Fresnel number 0.9",
  idea: "Finest faint detail that can still be told apart, and a shorter exposure.",
});
