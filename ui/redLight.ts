/** Where the choice is kept: it belongs to this device, and has to be known before anything is drawn. */
export const RED_KEY = "still-box-red-light";
/** How bright red may be, of 255: it begins at the dimmest. */
export const RED_LEVELS = [70, 100, 140, 190, 255] as const;

/** White light chosen in the dark, by hand and after a question: it holds for this tab. */
export const WHITE_KEY = "still-box-white-in-dark";
/** Addresses of the place that opens in red. */
const DARK = /^\/dark(\/|$)/;

const listeners = new Set<() => void>();

/** The brightness of the red light, of 255; `null`: it is off. */
export function redLevel(): number | null {
  const level = Number(document.documentElement.dataset.red ?? Number.NaN);
  return Number.isFinite(level) ? level : null;
}

/** Switches the red light on at a brightness, or off; it stays so on this device until it is switched again. */
export function setRedLight(level: number | null): void {
  const root = document.documentElement;
  if (level === null) delete root.dataset.red;
  else {
    root.dataset.red = String(level);
    root.style.setProperty("--sb-red", String(level));
  }
  try {
    if (level === null) {
      localStorage.removeItem(RED_KEY);
      sessionStorage.setItem(WHITE_KEY, "1");
    } else {
      localStorage.setItem(RED_KEY, String(level));
      sessionStorage.removeItem(WHITE_KEY);
    }
  } catch {
    // Where nothing may be stored it lasts as long as the page.
  }
  for (const listener of listeners) listener();
}

export function onRedLight(listener: () => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

/** Runs in the page before anything is drawn: a page that flashed white would fog the paper. */
export const RED_AT_ONCE: string = `try{const l=localStorage.getItem("${RED_KEY}")||(${DARK}.test(location.pathname)&&!sessionStorage.getItem("${WHITE_KEY}")&&"${RED_LEVELS[0]}");if(l){const r=document.documentElement;r.dataset.red=l;r.style.setProperty("--sb-red",l)}}catch{}`;
