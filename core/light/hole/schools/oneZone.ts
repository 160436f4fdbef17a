import { type School, school } from "./school.ts";

/** Fresnel number 1, the axial peak: c = 2. */
export const oneZone: School = school({
  id: "zone",
  name: "One zone",
  constant: 2,
  source: "M. Young, Pinhole optics, Appl. Opt. 10 (1971) 2763: Fresnel number 1",
  idea: "Brightest point in the middle: one whole Fresnel zone.",
});
