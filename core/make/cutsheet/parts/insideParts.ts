import { line, type Mark, rectangle } from "../../../basis/drawing/index.ts";
import type { CutOrder } from "../order.ts";
import { note, type Part } from "./part.ts";

/** Flap that a divider, a vane or a baffle is glued by, mm. */
const FLAP = 10;
/** A shaft the drum's discs turn on: a 6 mm dowel, common practice. */
export const SHAFT = 6;
/** Card left round a mask's window at least, mm. */
const RIM = 4;

/** Card of a disc, air above vanes, air round a mask so that it goes in, mm; common practice. */
const DISC = 0.5;
const AIR = 1;
const SLIP = 1;

/** Left free behind a divider, so that the one sheet slides in behind it, mm; common practice. */
export const SLOT = 1;

/** A wall between two pictures, where the design has one: it hangs between floor and ceiling, the sheet goes behind it. */
export function dividerPart({ plan, words }: CutOrder): readonly Part[] {
  const { divider } = plan;
  if (divider === null) return [];
  const { high } = plan.container.body;
  const wide = Math.max(SLOT, divider - SLOT);
  return [
    board("divider", "Divider between the two pictures", wide, high + 2 * FLAP, [
      line("trim", { x: 0, y: FLAP }, { x: wide, y: FLAP }),
      line("trim", { x: 0, y: FLAP + high }, { x: wide, y: FLAP + high }),
      note(`from ${words(SLOT)} before the sheet to ${words(divider)}`, { x: wide / 2, y: FLAP + high / 2 }, UP),
      note(
        "flap",
        { x: wide / 2, y: FLAP / 2 },
        { anchor: "middle", within: { x: 0, y: 0, width: wide, height: FLAP } },
      ),
      note(
        "flap",
        { x: wide / 2, y: high + 1.5 * FLAP },
        { anchor: "middle", within: { x: 0, y: high + FLAP, width: wide, height: FLAP } },
      ),
    ]),
  ];
}

const UP = { turn: 90, anchor: "middle" } as const;

/** Words of a flap stand on it, or outside of the part. */
const flap = (height: number) => ({ ...UP, within: { x: 0, y: 0, width: FLAP, height } });

/** Vanes, discs and baffles of a drum. */
export function drumParts({ plan, words }: CutOrder): readonly Part[] {
  const { vanes: drum } = plan.container;
  const tier = plan.container.body.high;
  if (drum === null) return [];
  const across = drum.diameter - 2 * drum.gap;
  // Between two discs, with a little air.
  const high = (drum.height - (drum.tiers + 1) * DISC - AIR) / drum.tiers;
  const wide = (across - SHAFT) / 2;
  const { baffle, sectors, tiers } = drum;
  return [
    many(
      sectors * tiers,
      "vane",
      (count) => `Vane, from the dowel to the wall: ${sectors} for each tier, ${count} in all`,
      wide + FLAP,
      high,
      [
        line("trim", { x: FLAP, y: 0 }, { x: FLAP, y: high }),
        note(`${words(wide)} from the dowel, ${words(drum.gap)} clear of the wall`, { x: FLAP + 4, y: 6 }),
        note("flap: glue it round the dowel", { x: FLAP / 2, y: high / 2 }, flap(high)),
      ],
    ),
    {
      id: "disc",
      name: `Disc: ${tiers + 1} to part the tiers`,
      count: tiers + 1,
      width: across,
      height: across,
      of: "card",
      marks: [
        { kind: "circle", layer: "cut", centre: { x: across / 2, y: across / 2 }, radius: across / 2 },
        { kind: "circle", layer: "cut", centre: { x: across / 2, y: across / 2 }, radius: SHAFT / 2 },
        ...Array.from({ length: drum.sectors }, (_, i): Mark => {
          const angle = (2 * Math.PI * i) / drum.sectors;
          const at = (r: number) => ({ x: across / 2 + r * Math.cos(angle), y: across / 2 + r * Math.sin(angle) });
          return line("guide", at(SHAFT), at(across / 2));
        }),
        note(`${words(across)} across`, { x: across / 2 + 6, y: across / 4 }),
      ],
    },
    ...(baffle
      ? [
          many(
            2 * drum.tiers,
            "baffle",
            (count) => `Baffle beside the hole: ${count} in all`,
            baffle.height + FLAP,
            tier,
            [
              line("trim", { x: FLAP, y: 0 }, { x: FLAP, y: tier }),
              note(
                `stands ${words(baffle.height)} in, ${words(baffle.aside)} beside the hole`,
                { x: FLAP + 3, y: tier / 2 },
                UP,
              ),
            ],
          ),
        ]
      : []),
  ];
}

/** Card with a window of the picture's size that the film runs or lies behind. */
export function maskPart({ plan, words }: CutOrder): Part {
  const { piece: film } = plan;
  const { across, high } = plan.container.body;
  const [width, height] = [Math.max(across - SLIP, film.width + 2 * RIM), Math.max(high - SLIP, film.height + 2 * RIM)];
  const x = width / 2 - film.x - film.width / 2;
  const y = height / 2 - film.y - film.height / 2;
  return board("mask", "Film mask", width, height, [
    rectangle("cut", { x, y, width: film.width, height: film.height }),
    note(`window ${words(film.width)} × ${words(film.height)}`, { x: width / 2, y: height / 2 }, { anchor: "middle" }),
    note("TOP", { x: width / 2, y: 3 }, { anchor: "middle", layer: "stamp" }),
  ]);
}

/** A piece of card. */
export function board(id: string, name: string, width: number, height: number, marks: Part["marks"]): Part {
  return { id, name, width, height, of: "card", marks: [rectangle("cut", { x: 0, y: 0, width, height }), ...marks] };
}

/** A piece of card of which a camera needs several: how many, said once. */
export function many(
  count: number,
  id: string,
  name: (count: number) => string,
  width: number,
  height: number,
  marks: Part["marks"],
): Part {
  return { ...board(id, name(count), width, height, marks), count };
}
