import { type School, school } from "./school.ts";

/** Geometric blur d equal to the Airy disc 2.44 λz/d: c = √2.44. */
export const airyBalance: School = school({
  id: "airy",
  name: "Airy balance",
  constant: Math.sqrt(2.44),
  source: "Geometric blur set equal to the diameter of the Airy disc, 2.44 λz/d (common practice)",
  idea: "Shadow of the hole and spread of the light are equally wide.",
});
