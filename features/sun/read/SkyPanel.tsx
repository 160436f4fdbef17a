import { useEffect, useRef, useState } from "react";
import type { Quad } from "../../../core/basis/plane/index.ts";
import { bearing } from "../../../core/basis/units/index.ts";
import type { SunRequest } from "../../../core/sun/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { notify } from "../../../ui/notices/notify.ts";
import type { TrailReport } from "../../../workers/jobs/trailReading/trailReading.ts";
import { askTrail, placesOf } from "./askTrail.ts";

type Laid = Extract<TrailReport, { readonly kind: "sky" }>;
const WIDTH = 1200;
/** Degrees between the marks below the picture. */
const MARKS = 30;

/** The sheet laid out by the sky: azimuth to the right, altitude upwards, inverted. */
export function SkyPanel({
  picture,
  corners,
  request,
}: {
  readonly picture: string;
  readonly corners: Quad;
  readonly request: SunRequest;
}) {
  const [laid, setLaid] = useState<Laid | null>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    if (laid === null) return;
    const { width, height } = laid.sky;
    canvas.current?.getContext("2d")?.putImageData(new ImageData(laid.rgba, width, height), 0, 0);
  }, [laid]);
  const lay = async (): Promise<void> => {
    const done = await askTrail(picture, { kind: "sky", corners: placesOf(corners), request, width: WIDTH });
    if (done.ok) setLaid(done.value);
    else if (done.error !== null) notify(done.error, { urgent: true });
  };
  return (
    <Panel title="Laid out by the sky">
      <Button onClick={() => void lay()}>{laid === null ? "Lay it out" : "Lay it out again"}</Button>
      {laid !== null && (
        <figure className="mt-2" data-sky>
          <canvas
            ref={canvas}
            width={laid.sky.width}
            height={laid.sky.height}
            role="img"
            aria-label="The sheet laid out by azimuth and altitude"
            className="block h-auto w-full bg-tape"
          />
          <figcaption className="relative h-6 text-[0.83rem] text-quiet">
            {marksBetween(laid.sky.azimuths).map(({ at, share }) => (
              <span key={at} className="absolute -translate-x-1/2" style={{ left: `${100 * share}%` }}>
                {bearing(at)}°
              </span>
            ))}
          </figcaption>
        </figure>
      )}
    </Panel>
  );
}

function marksBetween([from, to]: readonly [number, number]): readonly {
  readonly at: number;
  readonly share: number;
}[] {
  const first = Math.ceil(from / MARKS) * MARKS;
  const count = Math.floor((to - first) / MARKS) + 1;
  return Array.from({ length: count }, (_, i) => first + i * MARKS).map((at) => ({
    at,
    share: (at - from) / (to - from),
  }));
}
