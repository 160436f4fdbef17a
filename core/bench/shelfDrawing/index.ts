export { silhouette } from "./silhouette.ts";
