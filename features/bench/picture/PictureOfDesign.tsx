import { createContext, type ReactNode, useCallback, useContext, useMemo, useState } from "react";
import { lightTable } from "../../../catalogue/lightTable.ts";
import { type SceneFacts, type ScenePicture, sceneFacts } from "../../../core/bench/preview/index.ts";
import { type Camera, isTrail } from "../../../core/camera/container/index.ts";
import type { Trail } from "../../../core/document/index.ts";
import { responseOf, type SheetResponse, sheetTime } from "../../../core/light/exposure/index.ts";
import type { SunStay } from "../../../core/sun/index.ts";
import { type PreviewState, usePreview } from "../../../ui/drawing/usePreview.ts";
import { stayOf } from "../../../ui/records/sunRequest.ts";
import type { Reading } from "../readings/reading.ts";

/** Id of the scene that is the maker's own photograph. */
export const OWN = "own";
/** EV of a photograph of one's own: nobody knows its light. */
const OWN_EV = 15;
/** Pixels on the longer side: as the drawing shows it, and as it is looked at by itself and saved. */
const PIXELS = { drawn: 720, large: 1600 } as const;

/** What the sheet is exposed to; kept for as long as the page is open. */
export interface PictureWish {
  readonly sceneId: string;
  readonly own: ScenePicture | null;
  /** Id of the light it stands in; `null`: the scene's own. */
  readonly light: string | null;
  readonly walking: boolean;
  readonly flashed: boolean;
  /** Time that was typed, s; `null`: as a meter says. */
  readonly typed: number | null;
  /** Whether lines of stops lost lie over it. */
  readonly lines: boolean;
}

const FIRST: PictureWish = {
  sceneId: "allotment",
  own: null,
  light: null,
  walking: true,
  flashed: false,
  typed: null,
  lines: true,
};

/** The picture that a design will make, as every part of the Bench shows it. */
export interface PictureInHand extends PreviewState {
  readonly wish: PictureWish;
  readonly scene: SceneFacts | undefined;
  readonly ev: number;
  /** The time it is exposed for, s. */
  readonly seconds: number;
  readonly response: SheetResponse;
  /** Its plan under Sun, if it has one. */
  readonly stay: SunStay | null;
  /** Whether the design can't be built, and so exposes nothing. */
  readonly isFaulty: boolean;
}

const WishContext = createContext<PictureWish>(FIRST);
/** Stays the same function: what only calls it need not be drawn again. */
const ChangeContext = createContext<(part: Partial<PictureWish>) => void>(() => undefined);
const PictureContext = createContext<PictureInHand | null>(null);

/** The picture of the design that is on the Bench. */
export function usePictureInHand(): PictureInHand {
  const picture = useContext(PictureContext);
  if (picture === null) throw new Error("no PictureOfDesign around this");
  return picture;
}

/** What it is exposed to: changes seldom, while the picture comes in many steps. */
export function usePictureWish(): PictureWish {
  return useContext(WishContext);
}

/** Changes what it is exposed to. */
export function useChangePicture(): (part: Partial<PictureWish>) => void {
  return useContext(ChangeContext);
}

/** Exposes the design's sheet for all that lies within: what shows the picture is drawn again with it, nothing else. */
export function PictureOfDesign({
  camera,
  reading,
  trail,
  large,
  children,
}: {
  readonly camera: Camera;
  readonly reading: Reading;
  /** How it hangs, or is to hang, for weeks and months. */
  readonly trail: Trail | null;
  /** Whether it is looked at by itself. */
  readonly large: boolean;
  readonly children: ReactNode;
}) {
  const { medium, result, faults } = reading;
  const [wish, setWish] = useState(FIRST);
  const { sceneId, own, light, walking, flashed, typed } = wish;
  const scene: SceneFacts = sceneFacts.find(({ id }) => id === sceneId) ?? sceneFacts[0];
  const printsOut = isTrail(camera);
  const sceneEv = sceneId === OWN ? OWN_EV : scene.ev;
  // Weeks and months go through every light there is.
  const ev = (printsOut ? undefined : lightTable.find(({ id }) => id === light)?.ev) ?? sceneEv;
  const stops = ev - sceneEv;
  const seconds = typed ?? sheetTime(ev, result.fNumber, medium);
  const isFaulty = faults.length > 0;
  const stay = useMemo(() => (printsOut && trail !== null ? stayOf(trail) : null), [printsOut, trail]);
  const request = useMemo(
    () =>
      isFaulty
        ? null
        : {
            camera,
            medium,
            scene: sceneId === OWN && own !== null ? own : sceneId,
            seconds,
            stops,
            walking: walking && !printsOut,
            flashes: flashed && !printsOut ? 1 : 0,
          },
    [isFaulty, camera, medium, sceneId, own, seconds, stops, walking, flashed, printsOut],
  );
  const change = useCallback((part: Partial<PictureWish>) => setWish((before) => ({ ...before, ...part })), []);
  const preview = usePreview(request, large ? PIXELS.large : PIXELS.drawn, stay);
  const response = responseOf(medium.density, printsOut);
  const inHand = useMemo(
    (): PictureInHand => ({
      ...preview,
      wish,
      scene: sceneId === OWN ? undefined : scene,
      ev,
      seconds,
      response,
      stay,
      isFaulty,
    }),
    [preview, wish, sceneId, scene, ev, seconds, response, stay, isFaulty],
  );
  return (
    <WishContext value={wish}>
      <ChangeContext value={change}>
        <PictureContext value={inHand}>{children}</PictureContext>
      </ChangeContext>
    </WishContext>
  );
}
