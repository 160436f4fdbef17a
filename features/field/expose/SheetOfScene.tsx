import { useEffect, useState } from "react";
import type { DevelopedPreview } from "../../../core/bench/preview/index.ts";
import { type Camera, isTrail } from "../../../core/camera/container/index.ts";
import { type Medium, photographEv, responseOf } from "../../../core/light/exposure/index.ts";
import { PreviewCanvas } from "../../../ui/drawing/PreviewCanvas.tsx";
import { RESPONSE_WORDS } from "../../../wording/responseWords.ts";
import type { Photograph } from "../../../workers/jobs/photograph/photograph.ts";
import { runPreview } from "../../../workers/jobs/preview/preview.client.ts";

/** Pixels on the longer side: as large as it stands in the hand. */
const PIXELS = 360;
/** Angle a phone's main camera sees from left to right, degrees; common practice. */
const ACROSS = 66;

/** What this camera’s sheet will hold of the photographed scene, at the time chosen: as it lies, and as a positive. */
export function SheetOfScene({
  camera,
  medium,
  photograph,
  offset,
  seconds,
}: {
  readonly camera: Camera;
  readonly medium: Medium;
  readonly photograph: Photograph;
  readonly offset: number;
  readonly seconds: number;
}) {
  const [picture, setPicture] = useState<DevelopedPreview | null>(null);
  const said = RESPONSE_WORDS[responseOf(medium.density, isTrail(camera))];
  useEffect(() => {
    const stop = new AbortController();
    const { width, height, luminance, taken } = photograph;
    const mean = luminance.reduce((sum, value) => sum + value, 0) / luminance.length;
    // The picture's mean becomes mid-grey at EV 15; really it stood at the light metered, and so far from 18 %.
    const stops = photographEv(taken) - offset + Math.log2(Math.max(mean, 1e-4) / 0.18) - 15;
    const scene = { width, height, luminance, across: ACROSS, distance: Number.POSITIVE_INFINITY };
    const request = { camera, medium, scene, seconds, stops, walking: false, flashes: 0, pixels: PIXELS };
    void runPreview(request, { signal: stop.signal }).then((done) => {
      if (done.ok && !stop.signal.aborted) setPicture(done.value);
    });
    return () => stop.abort();
  }, [camera, medium, photograph, offset, seconds]);
  if (picture === null) return null;
  return (
    <figure data-sheet-of-scene>
      <div className="grid grid-cols-2 gap-2">
        <PreviewCanvas picture={picture} side="negative" label={`The ${said.noun} this time will make, as it lies`} />
        <PreviewCanvas picture={picture} side="positive" label={`${said.upright}: what this time will make`} />
      </div>
      <figcaption className="mt-1 text-[0.87rem] text-quiet">
        What this camera’s sheet will hold of it: {Math.round(100 * picture.blank)} % stays {said.tooLittle},{" "}
        {Math.round(100 * picture.burnt)} % goes {said.tooMuch}. The photograph sees {ACROSS}° across; beyond it all is
        dark here.
      </figcaption>
    </figure>
  );
}
