export { baffleFor, type CrossLight, crossLight, type DrumSetting } from "./crossLight.ts";
