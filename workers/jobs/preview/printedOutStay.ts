import type { DevelopedPreview, Exposed, PreviewOrder, PreviewRequest } from "../../../core/bench/preview/index.ts";
import { solveRequest } from "../../../core/camera/container/index.ts";
import { horizonBefore, printedScene } from "../../../core/simulate/trail/index.ts";
import {
  type CanStand,
  MOST_DAYS,
  SUN_DEFAULTS,
  type SunRequest,
  type SunStay,
  sunFan,
} from "../../../core/sun/index.ts";
import { FIRST_SKY, skiesOf } from "../sun/skies.ts";
import { skyTools } from "../sun/skyTools.ts";

/** A small picture is drawn of so many days at most, with moments so far apart, s; a larger one of every day. */
const COARSE = { pixels: 320, days: 40, stepSeconds: 900 } as const;
const FINE = { days: MOST_DAYS, stepSeconds: SUN_DEFAULTS.stepSeconds } as const;

/** The picture of a sheet that hangs for weeks and months: its scene and the sun's tracks, under a made-up sky. */
export function printedOutStay(
  exposed: Exposed,
  order: PreviewOrder,
  {
    request: { camera, medium, pixels },
    stay,
    scene,
    scattered,
    width,
    height,
  }: {
    readonly request: PreviewRequest;
    readonly stay: SunStay;
    /** As it stands, level. */
    readonly scene: PreviewOrder["scene"];
    /** Even light from the walls, lx·s. */
    readonly scattered: number;
    readonly width: number;
    readonly height: number;
  },
): DevelopedPreview {
  const { days, stepSeconds } = pixels > COARSE.pixels ? FINE : COARSE;
  const span = skyTools.calendar.daysBetween(stay.from, stay.to) + 1;
  const shared = {
    ...stay,
    horizon: horizonBefore(scene, stay.aim.azimuth, stay.horizon ?? []),
    everyDays: Math.max(1, Math.ceil(span / days)),
    stepSeconds,
  };
  const stands = order.models.map((_, hole): CanStand => {
    const { film, ...solved } = solveRequest(camera, medium, hole);
    const sunRequest: SunRequest = { ...shared, film, hole: { ...solved.hole, diameter: aperture(order, hole) } };
    const fan = sunFan(sunRequest, skyTools);
    return { request: sunRequest, fan, skies: skiesOf(fan, FIRST_SKY) };
  });
  return printedScene(exposed, order, stands as [CanStand, ...CanStand[]], { even: scattered, width, height });
}

function aperture({ models }: PreviewOrder, hole: number): number {
  return (models[hole] as PreviewOrder["models"][number]).aperture.diameter;
}
