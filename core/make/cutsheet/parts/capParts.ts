import { line, type Mark, rectangle } from "../../../basis/drawing/index.ts";
import { CAP, capStrips, type LengthWords, roundCollar } from "../../plan/index.ts";
import type { CutOrder } from "../order.ts";
import { note, type Part } from "./part.ts";

/** The longest strip of tape that is drawn whole, mm: what every paper holds. */
const DRAWN = 232;

/** The cap of an open can: a collar with fringes, a disc, and strips of tape in a star and once round. */
export function capParts({ plan, words }: CutOrder): readonly Part[] {
  const { closing } = plan.container;
  if (closing?.by !== "made cap") return [];
  const { rim, reach } = closing;
  return [collar(roundCollar(closing), rim, reach, words), disc(rim, words), star(capStrips(closing), words)];
}

function collar(round: number, across: number, deep: number, words: LengthWords): Part {
  const width = round + CAP.overlap;
  const height = deep + CAP.fringe;
  const cuts = Math.floor(round / CAP.fringeWide);
  return {
    id: "cap-collar",
    name: "Cap: collar, black card",
    width,
    height,
    of: "card",
    marks: [
      rectangle("cut", { x: 0, y: 0, width, height }),
      line("trim", { x: 0, y: deep }, { x: width, y: deep }),
      line("guide", { x: round, y: 0 }, { x: round, y: deep }),
      ...Array.from({ length: cuts }, (_, i): Mark => {
        const x = (i + 1) * (round / (cuts + 1));
        return line("cut", { x, y: deep }, { x, y: height });
      }),
      note(`round a rim of ${words(across)}: it must slide, not wobble`, { x: 4, y: 8 }),
      note("cut the fringe, fold it in; wrap at the stronger end of the can", { x: 4, y: 14 }),
      note(
        "glue here",
        { x: round + CAP.overlap / 2, y: deep / 2 },
        {
          anchor: "middle",
          turn: 90,
          within: { x: round, y: 0, width: CAP.overlap, height: deep },
        },
      ),
    ],
  };
}

function disc(across: number, words: LengthWords): Part {
  return {
    id: "cap-disc",
    name: "Cap: disc, black card",
    width: across,
    height: across,
    of: "card",
    marks: [
      { kind: "circle", layer: "cut", centre: { x: across / 2, y: across / 2 }, radius: across / 2 },
      note(`${words(across)} across`, { x: across / 2, y: across / 2 }, { anchor: "middle" }),
      note("on the fringe", { x: across / 2, y: across / 2 + 5 }, { anchor: "middle" }),
    ],
  };
}

/** A strip of tape; one that no page holds is drawn torn off, its length being said. */
function strip(length: number, y: number): readonly Mark[] {
  if (length <= DRAWN) return [rectangle("guide", { x: 0, y, width: length, height: CAP.tape })];
  const edge = Array.from({ length: 5 }, (_, i) => ({ x: DRAWN - (i % 2) * 4, y: y + (i * CAP.tape) / 4 }));
  return [
    line("guide", { x: DRAWN, y }, { x: 0, y }, { x: 0, y: y + CAP.tape }, { x: DRAWN, y: y + CAP.tape }),
    line("guide", ...edge),
  ];
}

/** Three strips over the disc, 60° apart, and one round the collar. */
function star(lengths: readonly number[], words: LengthWords): Part {
  return {
    id: "cap-tape",
    name: "Cap: four strips of tape",
    width: Math.min(DRAWN, Math.max(...lengths)),
    height: lengths.length * (CAP.tape + 2) - 2,
    of: "tape",
    marks: lengths.flatMap((length, i): readonly Mark[] => {
      const y = i * (CAP.tape + 2);
      return [
        ...strip(length, y),
        note(i < 3 ? `star, ${i + 1} of 3: ${words(length)} of black tape` : `once round: ${words(length)}`, {
          x: 4,
          y: y + CAP.tape / 2,
        }),
      ];
    }),
  };
}
