export { nearEnough, onSheet, type Subject } from "./framing.ts";
