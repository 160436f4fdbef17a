import type { Reminder, SunVerdict } from "../core/sun/index.ts";

/** How bad a verdict is. */
export type Weight = "stop" | "mind" | "good";

interface VerdictWords {
  readonly weight: Weight;
  readonly title: string;
  readonly words: string;
}

const days = (count: number): string => (count === 1 ? "1 day" : `${count} days`);
const mm = (value: number): string => `${value < 10 ? value.toFixed(1) : Math.round(value)} mm`;

/** A verdict on a plan in words; `say` writes a day (YYYY-MM-DD) as people do. */
export function sunVerdictWords(verdict: SunVerdict, say: (date: string) => string): VerdictWords {
  switch (verdict.code) {
    case "never-up":
      return {
        weight: "stop",
        title: "The sun never comes",
        words: "In these days it never stands over the horizon you traced. Other days, or a freer place.",
      };
    case "looks-away":
      return {
        weight: "stop",
        title: "It looks away from the sun",
        words: "At noon the sun stands behind this camera on most days: turn it round to the side where the sun is.",
      };
    case "changes-sides":
      return {
        weight: "mind",
        title: "The sun changes sides here",
        words: `Between the tropics it stands in the north at noon on ${days(verdict.north)} and in the south on ${days(verdict.south)}. One can sees only one side: lean it to the zenith, or put up two.`,
      };
    case "noons-off": {
      const [first = "", last = first] = [verdict.days[0], verdict.days.at(-1)];
      const when = first === last ? say(first) : `from ${say(first)} to ${say(last)}`;
      const where = {
        bottom: "past the sheet’s lower edge (the sky’s upper one)",
        top: "past the sheet’s upper edge (the sky’s lower one)",
        side: "past its side",
      };
      return {
        weight: "stop",
        title: verdict.by > 0 ? `Noon leaves the sheet by ${mm(verdict.by)}` : "Noon is cut off on the sheet",
        words: `On ${days(verdict.days.length)} (${when}) the sun at its highest lands ${verdict.by > 0 ? where[verdict.edge] : "where the plate or the opening cuts its light off"}. Light goes straight on: the higher the sun, the lower it lands.`,
      };
    }
    case "noons-hidden":
      return {
        weight: "mind",
        title: `Noon stands behind the horizon on ${days(verdict.days.length)}`,
        words: `At the worst what stands there is ${verdict.by.toFixed(1)}° too high. Those days give no track, or only its ends; a place higher up or farther from the wall shows them.`,
      };
    case "blank-ends":
      return {
        weight: "mind",
        title: `${Math.round(100 * verdict.share)} % of the sheet’s length stays blank`,
        words:
          "No light comes so slantwise through the hole: its plate or its opening is too thick for that. A thinner plate or a wider opening reaches farther, or trim the sheet.",
      };
    case "tracks-merge":
      return {
        weight: "mind",
        title: "Days run together",
        words: `The sun draws ${verdict.width.toFixed(2)} mm wide, and even in spring and autumn two noons lie only ${verdict.step.toFixed(2)} mm apart: ${Math.round(verdict.width / verdict.step)} days share a track. Clouds still part them; a smaller hole draws them finer.`,
      };
    case "all-noons":
      return {
        weight: "good",
        title: verdict.count === 1 ? "The noon is on the sheet" : `All ${verdict.count} noons are on the sheet`,
        words: "The whole fan will be there, as far as the weather lets it.",
      };
    default:
      return verdict satisfies never;
  }
}

/** What a reminder says in a calendar, and why. */
export const REMINDER_WORDS: Readonly<Record<Reminder["what"], { readonly title: string; readonly words: string }>> = {
  "put-up": {
    title: "Put the can up",
    words: "Tie it with two long ties, hole to the sun’s side, then take the tape off and write down when.",
  },
  "look-after": {
    title: "Look after the can",
    words:
      "Does it still stand as it did? Is the label to be read, is water running off? Don’t open it, don’t turn it.",
  },
  "mid-way": { title: "Half of its time is over", words: "Look whether it still sits tight. Leave it as it is." },
  solstice: {
    title: "Solstice: the sun turns here",
    words: "From today its tracks come back over those there are. Taken down today, each place has one date.",
  },
  "take-down": {
    title: "Take the can down",
    words:
      "Tape over the hole first. Keep it upright, dark and dry. Never develop, never fix: dry the sheet in dim light and scan it once.",
  },
};
