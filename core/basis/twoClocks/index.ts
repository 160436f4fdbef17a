export { answered, type ClockLook, type ClockNote, looked, noteOf } from "./twoClocks.ts";
