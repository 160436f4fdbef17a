import { line, type Mark, rectangle } from "../../../basis/drawing/index.ts";
import type { CutOrder } from "../order.ts";
import { note, type Part } from "./part.ts";

/** A card with lines to look along, mm. */
const CARD = { width: 90, height: 56 } as const;
/** A line is so long, mm; flatter ones would run beside the card's edge. */
const LONG = 46;
const STEEPEST = (80 * Math.PI) / 180;

/**
 * Sight lines at the true angles of the sheet's edges, to stick on the camera's top and side with a pin at the hole's place:
 * who looks along a line, over the pin, sees where the picture ends.
 */
export function sightParts({ plan }: CutOrder): readonly Part[] {
  const { view } = plan;
  if (view === null || plan.purpose === "trail" || !plan.isBuilt) return [];
  const across = sight("sights-top", "Sight lines for the top", "top", view.left, view.right);
  const up = sight("sights-side", "Sight lines for the side", "side", view.down, view.up);
  return [...across, ...up];
}

function sight(id: string, name: string, face: "top" | "side", from: number, to: number): readonly Part[] {
  if (Math.max(Math.abs(from), Math.abs(to)) > STEEPEST) return [];
  const pin = { x: CARD.width / 2, y: 4 };
  // The line behind the pin runs the other way than the look over it.
  const behind = (angle: number): Mark =>
    line("mark", pin, { x: pin.x - LONG * Math.sin(angle), y: pin.y + LONG * Math.cos(angle) });
  const degrees = (angle: number): string => `${Math.abs((angle * 180) / Math.PI).toFixed(1)}°`;
  const [low, high] = face === "top" ? ["left", "right"] : ["down", "up"];
  return [
    {
      id,
      name,
      ...CARD,
      of: "paper",
      marks: [
        rectangle("cut", { x: 0, y: 0, ...CARD }),
        { kind: "circle", layer: "mark", centre: pin, radius: 1 },
        behind(from),
        behind(to),
        line("guide", pin, { x: pin.x, y: pin.y + LONG }),
        note(
          face === "top" ? "front edge: pin over the hole" : "front edge: pin level with the hole",
          { x: 3, y: 5 },
          { size: 2.6 },
        ),
        note(`ends ${degrees(from)} ${low}, ${degrees(to)} ${high}`, { x: 3, y: CARD.height - 5 }, { size: 2.6 }),
      ],
    },
  ];
}
