import { line, type Mark, rectangle } from "../../../basis/drawing/index.ts";
import type { CutOrder } from "../order.ts";
import { note, type Part } from "./part.ts";

/** The arms of the cross for a magnet, mm; common practice. */
const CROSS = 3;

/** A board on which a numbered set stands: a ring and a number for each. */
export function trayParts({ plan, words }: CutOrder): readonly Part[] {
  const { container, alike } = plan;
  const { board } = plan.outside;
  if (board === null || container.round === null) return [];
  const across = container.round.diameter + 2 * container.wall;
  const size = { width: board.width, height: board.height };
  // Its front edge is the upper one.
  const places = board.places.map(({ x, y }) => ({ x: size.width / 2 + x, y: size.height / 2 - y }));
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
        note(`rings of ${words(across)}`, { x: 6, y: size.height + 4 }),
      ],
    },
  ];
}
