/** What a hole can be in. Common practice. */
export const MOUNTS = [
  { id: "plate", name: "in a plate" },
  { id: "wall", name: "in the wall itself" },
  { id: "bought", name: "bought, in its own plate" },
] as const;
