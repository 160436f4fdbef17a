import { Colors, DxfWriter, LWPolylineFlags, point2d, point3d, TextHorizontalAlignment, Units } from "@tarikjabiri/dxf";
import type { Layer, Mark } from "../../../core/basis/drawing/index.ts";

/** Layers of a cutter's file: what to cut through, score, and only print; only what is cut is on CUT. */
const DXF_LAYERS: Partial<Readonly<Record<Layer, { readonly name: string; readonly colour: number }>>> = {
  cut: { name: "CUT", colour: Colors.Red },
  solid: { name: "ENGRAVE", colour: Colors.Yellow },
  trim: { name: "SCORE", colour: Colors.Blue },
  pinhole: { name: "PINHOLE", colour: Colors.White },
  mark: { name: "MARK", colour: Colors.Green },
  guide: { name: "GUIDE", colour: Colors.Green },
  dimension: { name: "DIMENSION", colour: Colors.Magenta },
  label: { name: "TEXT", colour: Colors.Cyan },
  stamp: { name: "TEXT", colour: Colors.Cyan },
};

/**
 * A drawing at true size for a cutter, in mm: cuts, scores, guides, the pinhole and words on layers of their own.
 * DXF's y points up.
 */
export function drawingToDxf(marks: readonly Mark[]): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  const names = new Map(Object.values(DXF_LAYERS).map(({ name, colour }) => [name, colour]));
  for (const [name, colour] of names) dxf.addLayer(name, colour, "CONTINUOUS");
  for (const mark of marks) drawMark(dxf, mark);
  // What a program shows first: all of it.
  const corners = marks.flatMap(cornersOf);
  const [xs, ys] = [corners.map(({ x }) => x), corners.map(({ y }) => -y)];
  dxf.setVariable("$EXTMIN", { 10: Math.min(...xs), 20: Math.min(...ys), 30: 0 });
  dxf.setVariable("$EXTMAX", { 10: Math.max(...xs), 20: Math.max(...ys), 30: 0 });
  return dxf.stringify();
}

interface Point {
  readonly x: number;
  readonly y: number;
}

/** Points between which a mark lies; of words, where they stand. */
function cornersOf(mark: Mark): readonly Point[] {
  if (mark.kind === "label") return [mark.at];
  if (mark.kind === "line") return mark.points;
  const { centre, radius } = mark;
  return [
    { x: centre.x - radius, y: centre.y - radius },
    { x: centre.x + radius, y: centre.y + radius },
  ];
}

function drawMark(dxf: DxfWriter, mark: Mark): void {
  const layerName = DXF_LAYERS[mark.layer]?.name ?? "GUIDE";
  if (mark.kind === "circle") {
    dxf.addCircle(point3d(mark.centre.x, -mark.centre.y), mark.radius, { layerName });
    return;
  }
  if (mark.kind === "line") {
    const points = mark.points.map(({ x, y }) => ({ point: point2d(x, -y) }));
    dxf.addLWPolyline(points, { layerName, flags: mark.closed ? LWPolylineFlags.Closed : LWPolylineFlags.None });
    return;
  }
  const at = point3d(mark.at.x, -mark.at.y - mark.size * 0.35);
  const horizontalAlignment = ALIGNED[mark.anchor];
  dxf.addText(at, mark.size, mark.text, {
    layerName,
    rotation: mark.turn ?? 0,
    horizontalAlignment,
    ...(mark.anchor === "start" ? {} : { secondAlignmentPoint: at }),
  });
}

const ALIGNED = {
  start: TextHorizontalAlignment.Left,
  middle: TextHorizontalAlignment.Center,
  end: TextHorizontalAlignment.Right,
} as const;
