import { RED_KEY, RED_LEVELS, redLevel, setRedLight, WHITE_KEY } from "./redLight.ts";

/** Before Dark is shown: red, at the brightness found safe or at the dimmest, unless white was chosen in this tab. */
export function openInRed(safe: number | null): void {
  if (whiteChosen() || (redLevel() !== null && isRedKept())) return;
  // Also where the page began in red by its address alone: it is kept now, so that the next page is red too.
  setRedLight(safe ?? RED_LEVELS[0]);
}

function isRedKept(): boolean {
  try {
    return localStorage.getItem(RED_KEY) !== null;
  } catch {
    return true;
  }
}

function whiteChosen(): boolean {
  try {
    return sessionStorage.getItem(WHITE_KEY) !== null;
  } catch {
    return false;
  }
}
