import type { Act, ActName, Station, StationName } from "../core/thread/index.ts";

/** What each station says where it is reached. */
const STATIONS: Readonly<Record<StationName, string>> = {
  designed: "Designed",
  hole: "Hole measured",
  built: "Built",
  tight: "Light-tight",
  loaded: "Loaded",
  exposed: "Exposed",
  developed: "Developed",
  scanned: "Scanned",
  judged: "Judged",
  printed: "Printed",
  hung: "Hung up",
  down: "Taken down",
  read: "Read",
};

/** A station with its sheets, such as “Loaded 7 of 9”. */
export function stationWords({ name, count, of }: Pick<Station, "name" | "count" | "of">): string {
  if (count === null || (count === 0 && of === null)) return STATIONS[name];
  return `${STATIONS[name]} ${count}${of === null ? "" : ` of ${of}`}`;
}

const sheets = ({ sheets: { length } }: Act): string => (length > 1 ? `${length} sheets` : "the sheet");

/** What is to be done, as its button says it. */
const ACTS: Readonly<Record<ActName, (act: Act) => string>> = {
  mend: () => "Mend the design",
  hole: () => "Make and measure the hole",
  build: () => "Build it",
  test: () => "Test it for light leaks",
  leak: () => "Mend the light leak",
  load: () => "Load it",
  expose: () => "Take a picture",
  close: () => "Close the hole",
  log: () => "Log the shot",
  develop: (act) => `Develop ${sheets(act)}`,
  baths: () => "To the sheets in the trays",
  scan: (act) => `Scan ${sheets(act)}`,
  judge: (act) => `Judge ${sheets(act)}`,
  print: (act) => `Print ${sheets(act)}`,
  plan: () => "Plan its months of sun",
  hang: () => "Hang it up",
  "take-down": () => "Take it down",
  read: () => "Read its sheet",
};

/** What is next, in the words of its button. */
export function actWords(act: Act): string {
  return ACTS[act.name](act);
}
