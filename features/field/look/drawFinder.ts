import type { BoardPlace } from "../../../core/camera/container/index.ts";
import type { Vector } from "../../../core/light/rays/index.ts";
import {
  type FrameLines,
  linesSeen,
  type PhoneModel,
  type PicturePoint,
  type Pose,
  phoneAxes,
  seenAt,
  seenBy,
} from "../../../core/viewfinder/index.ts";
import { horizonIn, inDegrees, type NearThing, seesNear } from "./finderView.ts";
import type { GroundLine } from "./ground/sunWays.ts";

/** What is drawn over the phone's view. */
export interface FinderScene {
  readonly frame: FrameLines<Vector>;
  readonly phone: PhoneModel;
  /** How the phone is held as seen from the box, radians. */
  readonly pose: Pose;
  /** How the phone is held over the ground, radians; `null`: nobody knows. */
  readonly held: Pose | null;
  /** By how much the phone's view is drawn smaller. */
  readonly scale: number;
  readonly withStops: boolean;
  /** Two upright marks round the middle that are laid on something of known width, so many pixels apart; `null`: none. */
  readonly gauge: number | null;
  /** Something near, with a frame of its own. */
  readonly near: NearThing;
  /** Where the one camera stands, or each of a set: near things lie elsewhere for each. */
  readonly standing: readonly BoardPlace[];
  /** Whether a ring stands in the middle of the phone's view, to aim at a skyline. */
  readonly ring: boolean;
  /** Ways of the sun, and the horizon that was traced. */
  readonly ground: readonly GroundLine[];
  readonly inks: { readonly action: string; readonly ray: string; readonly card: string; readonly kraft: string };
}

/** Draws the phone's view in the middle of a canvas, and over it what the box will see. */
export function drawFinder(
  context: CanvasRenderingContext2D,
  image: CanvasImageSource | null,
  { frame, phone, pose, held, scale, withStops, gauge, near, standing, ring, ground, inks }: FinderScene,
): void {
  const { width, height } = context.canvas;
  // One pixel of the phone's picture on the canvas.
  const unit = (scale * width) / phone.width;
  const [left, top] = [(width - unit * phone.width) / 2, (height - unit * phone.height) / 2];
  const at = ([x, y]: PicturePoint): readonly [number, number] => [left + unit * x, top + unit * y];
  context.fillStyle = "#000";
  context.fillRect(0, 0, width, height);
  if (image !== null) context.drawImage(image, left, top, unit * phone.width, unit * phone.height);
  const fine = Math.max(1, width / 420);
  const stroke = (points: readonly (PicturePoint | null)[], closed: boolean): void => {
    context.beginPath();
    let drawing = false;
    for (const point of closed ? [...points, points[0] ?? null] : points) {
      if (point === null) {
        drawing = false;
        continue;
      }
      const [x, y] = at(point);
      if (drawing) context.lineTo(x, y);
      else context.moveTo(x, y);
      drawing = true;
    }
    context.stroke();
  };
  // Every line on a pale one: it is seen on bright and on dark.
  const line = (points: readonly (PicturePoint | null)[], ink: string, thick: number, closed = false): void => {
    context.strokeStyle = inks.card;
    context.lineWidth = (thick + 1.6) * fine;
    stroke(points, closed);
    context.strokeStyle = ink;
    context.lineWidth = thick * fine;
    stroke(points, closed);
  };
  const name = (words: string, [x, y]: readonly [number, number]): void => {
    context.font = `600 ${Math.round(13 * fine)}px sans-serif`;
    context.textAlign = "center";
    context.strokeStyle = inks.card;
    context.lineWidth = 4 * fine;
    context.strokeText(words, x, y - 7 * fine);
    context.fillStyle = inks.kraft;
    context.fillText(words, x, y - 7 * fine);
  };
  const seen = seenBy({ phone, pose: inDegrees(pose) });
  const { outlines, stops } = linesSeen(frame, seen);
  if (withStops) {
    for (const { pieces } of stops) for (const piece of pieces) line(piece, inks.ray, 0.8);
  }
  if (held !== null) {
    context.setLineDash([7 * fine, 5 * fine]);
    line(horizonIn(phone, held), inks.ray, 1);
    context.setLineDash([]);
    const axes = phoneAxes(held);
    for (const { name: words, points } of ground) {
      const way = points.map((towards) => seenAt(phone, axes, towards));
      line(way, words === null ? inks.ray : inks.kraft, 1.8);
      // Named where it stands highest in sight.
      const inSight = way.filter((point) => point !== null && point[0] > 0 && point[0] < phone.width);
      const top = inSight.reduce<PicturePoint | null>(
        (best, point) => (best !== null && point !== null && best[1] <= point[1] ? best : point),
        null,
      );
      if (words !== null && top !== null) name(words, at(top));
    }
  }
  if (near.distance !== null) {
    context.setLineDash([7 * fine, 5 * fine]);
    for (const place of standing) {
      const nearly = seesNear(phone, pose, near, place);
      for (const outline of frame.outlines) line(outline.map(nearly), inks.action, 1.4, true);
    }
    context.setLineDash([]);
  }
  for (const outline of outlines) line(outline, inks.action, 2.2, true);
  if (gauge !== null) {
    for (const side of [-0.5, 0.5]) {
      const x = phone.width / 2 + side * gauge;
      line(
        [
          [x, 0.1 * phone.height],
          [x, 0.9 * phone.height],
        ],
        inks.ray,
        1.8,
      );
    }
  }
  if (ring) {
    const round = Array.from({ length: 24 }, (_, i): PicturePoint => {
      const turn = (2 * Math.PI * i) / 24;
      const radius = (7 * fine) / unit;
      return [phone.width / 2 + radius * Math.cos(turn), phone.height / 2 + radius * Math.sin(turn)];
    });
    line(round, inks.ray, 1.8, true);
  }
  const middle = seen({ x: 0, y: 0, z: -1 });
  if (middle !== null) {
    const arm = 9 / unit;
    const [x, y] = middle;
    line(
      [
        [x - arm * fine, y],
        [x + arm * fine, y],
      ],
      inks.action,
      1.4,
    );
    line(
      [
        [x, y - arm * fine],
        [x, y + arm * fine],
      ],
      inks.action,
      1.4,
    );
  }
}
