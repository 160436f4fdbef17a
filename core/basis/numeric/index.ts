export { findRoot } from "./findRoot.ts";
export { gaussLegendre } from "./gaussLegendre.ts";
export { once } from "./once.ts";
