/** The pages of the build, the heaviest first: scripts that each fetches at once, kB after gzip -9. */
export function routeWeights(): { readonly id: string; readonly kB: number }[];
/** Prints the heaviest. */
export function routeFigures(): void;
