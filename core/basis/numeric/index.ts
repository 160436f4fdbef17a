export { chance } from "./chance.ts";
export { cholesky } from "./cholesky.ts";
export { conjugateGradient } from "./conjugateGradient.ts";
export { findRoot } from "./findRoot.ts";
export { gaussLegendre } from "./gaussLegendre.ts";
export { joined } from "./joined.ts";
export { type LeastSquares, type LeastSquaresFit, leastSquares } from "./leastSquares.ts";
export { normalNumbers } from "./normalNumbers.ts";
export { once } from "./once.ts";
