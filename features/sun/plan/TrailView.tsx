import { useEffect, useMemo, useRef, useState } from "react";
import { invertedTones } from "../../../core/light/exposure/index.ts";
import type { SunRequest, TrailPicture } from "../../../core/sun/index.ts";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { tonePixels } from "../../../ui/drawing/tonePixel.ts";
import { useRested } from "../../../ui/page/useRested.ts";
import { sunClient } from "../../../workers/jobs/sun/sun.client.ts";
import type { FanView } from "./drawFan.ts";

/** Longer side of the picture, px. */
const WIDTH = 640;
const LOOKS = [
  { id: "paper", name: "sheet" },
  { id: "inverted", name: "inverted" },
] as const;
type Look = (typeof LOOKS)[number]["id"];
/** The picture the plan will make, under the made-up sky: as the sheet comes out, or its scan inverted. */
export function TrailView({
  request,
  seed,
  view,
}: {
  readonly request: SunRequest;
  readonly seed: number;
  readonly view: FanView;
}) {
  const [look, setLook] = useState<Look>("inverted");
  const [picture, setPicture] = useState<TrailPicture | null>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const asked = useMemo(() => ({ request, seed }), [request, seed]);
  const rested = useRested(asked, false);
  useEffect(() => {
    const end = new AbortController();
    const order = { kind: "picture", request: rested.request, width: WIDTH, seed: rested.seed } as const;
    void sunClient.run(order, { signal: end.signal }).then((done) => {
      if (!end.signal.aborted && done.ok && done.value.kind === "picture") setPicture(done.value.picture);
    });
    return () => end.abort();
  }, [rested]);
  useEffect(() => {
    const pen = canvas.current?.getContext("2d");
    if (picture && pen) pen.putImageData(painted(picture, look, view), 0, 0);
  }, [picture, look, view]);
  return (
    <Panel
      title="Its picture"
      aside={<Segments label="Look" value={look} options={LOOKS} className="text-[0.87rem]" onChoose={setLook} />}
    >
      <canvas
        ref={canvas}
        width={picture?.width ?? WIDTH}
        height={picture?.height ?? Math.round((WIDTH * request.film.height) / request.film.width)}
        role="img"
        aria-label="The picture the plan will make, under a made-up sky"
        data-trail-picture={picture === null ? "none" : "drawn"}
        className="block h-auto w-full border border-line"
      />
    </Panel>
  );
}

function painted({ width, height, density }: TrailPicture, look: Look, view: FanView): ImageData {
  const image = new ImageData(width, height);
  const pixels = new Uint32Array(image.data.buffer);
  const colours = tonePixels("printed", look === "paper" ? "negative" : "positive");
  const inverted = invertedTones(density);
  for (let i = 0; i < density.length; i++) {
    const dark = density[i] as number;
    const tone = look === "paper" ? 1 - dark : inverted(dark);
    // Turned half round the sky stands upright, and right is right.
    const to = view === "sky" ? density.length - 1 - i : i;
    pixels[to] = colours[Math.round(255 * tone)] as number;
  }
  return image;
}
