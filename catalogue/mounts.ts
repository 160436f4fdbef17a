/** What a hole can be in. Common practice. */
export const MOUNTS = [
  { id: "plate", name: "in a plate" },
  { id: "wall", name: "in the wall itself" },
  { id: "bought", name: "as bought" },
] as const;
