import { line, type Mark, rectangle } from "../../../basis/drawing/index.ts";
import type { CutOrder } from "../order.ts";
import { note, type Part } from "./part.ts";

/** Between two canisters and at the board's edge, and the arms of the cross for a magnet, mm; common practice. */
const GAP = 6;
const CROSS = 3;

/** A board on which a numbered set stands, as square as its number lets it: a ring and a number for each. */
export function trayParts({ plan, words }: CutOrder): readonly Part[] {
  const { container, alike } = plan;
  if (alike < 2 || container.round === null) return [];
  const across = container.round.diameter + 2 * container.wall;
  const columns = Math.ceil(Math.sqrt(alike));
  const rows = Math.ceil(alike / columns);
  const step = across + GAP;
  const places = Array.from({ length: alike }, (_, i) => ({
    x: GAP + across / 2 + (i % columns) * step,
    y: GAP + across / 2 + Math.floor(i / columns) * step,
  }));
  const size = { width: columns * step + GAP, height: rows * step + GAP };
  return [
    {
      id: "tray",
      name: `Board for ${alike}, each in its ring`,
      ...size,
      of: "plywood",
      marks: [
        rectangle("cut", { x: 0, y: 0, ...size }),
        ...places.flatMap(({ x, y }, i): readonly (Mark | ReturnType<typeof note>)[] => [
          { kind: "circle", layer: "guide", centre: { x, y }, radius: across / 2 },
          line("mark", { x: x - CROSS, y }, { x: x + CROSS, y }),
          line("mark", { x, y: y - CROSS }, { x, y: y + CROSS }),
          note(String(i + 1), { x: x + CROSS + 2, y: y + 2 }, { layer: "stamp", size: 5 }),
        ]),
        note(`rings of ${words(across)}`, { x: GAP, y: size.height + 4 }),
      ],
    },
  ];
}
