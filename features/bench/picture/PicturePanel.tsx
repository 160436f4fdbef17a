import { type ChangeEvent, useState } from "react";
import { withPhysicalSize } from "../../../core/basis/pngChunks/index.ts";
import type { DevelopedPreview } from "../../../core/bench/preview/index.ts";
import type { Camera } from "../../../core/camera/container/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { toneColours } from "../../../ui/drawing/tonePixel.ts";
import { fileName, saveFile } from "../../../ui/files/saveFile.ts";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { RESPONSE_WORDS } from "../../../wording/responseWords.ts";
import type { Reading } from "../readings/reading.ts";
import { LargePicture } from "./LargePicture.tsx";
import { OWN, useChangePicture, usePictureInHand } from "./PictureOfDesign.tsx";
import { tracksWords, walkerWords } from "./previewWords.ts";
import { readPicture } from "./readPicture.ts";

/** The picture by itself, as large as the page: as it lies or upright, of a photograph of one's own, to save. */
export function PicturePanel({ camera, reading }: { readonly camera: Camera; readonly reading: Reading }) {
  const { medium, result } = reading;
  const words = useLengthWords();
  const change = useChangePicture();
  const { picture, progress, wish, scene, seconds, response, stay, isFaulty } = usePictureInHand();
  const [side, setSide] = useState<"negative" | "positive">("positive");
  const [refused, setRefused] = useState<string | null>(null);
  const said = RESPONSE_WORDS[response];
  const { film } = camera.chambers[0];
  const sides = [
    { id: "negative", name: said.asItLies },
    { id: "positive", name: said.upright },
  ] as const;
  const take = async (event: ChangeEvent<HTMLInputElement>): Promise<void> => {
    const [file] = event.target.files ?? [];
    event.target.value = "";
    if (file === undefined) return;
    const read = await readPicture(file);
    setRefused(read.ok ? null : read.error);
    if (read.ok) change({ own: read.value, sceneId: OWN });
  };
  const save = async (): Promise<void> => {
    if (picture === null) return;
    const { encode } = await import("fast-png");
    const { width, rows, tone } = picture;
    const png = encode({ width, height: rows.to, ...samplesOf(tone, side, picture[side]), depth: 8 });
    saveFile(fileName(`${camera.name} ${side}`, ".png"), withPhysicalSize(png, film.width / width), "image/png");
  };
  return (
    <Panel
      title="The sheet it will make"
      aside={
        <span className="text-[0.87rem] text-quiet">
          {words(film.width)} × {words(film.height)}, {medium.name}
        </span>
      }
    >
      <div data-large-picture={progress === null && picture ? "fine" : "coarse"}>
        <div className="flex flex-wrap items-center gap-2">
          <Segments label="Show" value={side} options={sides} onChoose={setSide} />
          <span className="grow" />
          {response !== "printing-out" && (
            <>
              <Button onClick={() => change({ typed: seconds / 2 })}>Half the time</Button>
              <Button onClick={() => change({ typed: null })} disabled={wish.typed === null}>
                As metered
              </Button>
              <Button onClick={() => change({ typed: seconds * 2 })}>Twice</Button>
            </>
          )}
          <label className="inline-flex min-h-9 cursor-pointer items-center border-[1.5px] border-ink bg-card px-3 font-medium text-[0.93rem] has-[:focus-visible]:outline-2 has-[:focus-visible]:outline-action">
            Photograph of your own
            <input
              type="file"
              accept="image/*"
              className="sr-only"
              aria-label="Photograph for the preview"
              onChange={(event) => void take(event)}
            />
          </label>
          <Button onClick={() => void save()} disabled={picture === null || progress !== null}>
            Save as PNG
          </Button>
        </div>
        {refused && (
          <p role="alert" className="mt-2 text-[0.87rem] text-action">
            {refused}
          </p>
        )}
        <figure className="mt-3">
          {picture === null || isFaulty ? (
            <p className="text-quiet">
              {isFaulty ? "Mend what can’t be built first: then the sheet is exposed here." : "Exposing the sheet."}
            </p>
          ) : (
            <LargePicture
              picture={picture}
              side={side}
              sheetWidth={film.width}
              label={`${side === "negative" ? `The ${said.noun}, emulsion up` : said.upright} of “${scene?.name ?? "your picture"}” through ${camera.name}`}
            />
          )}
          <figcaption className="mt-2 grid max-w-[80ch] gap-1 text-[0.87rem] text-quiet">
            <p>{scene === undefined ? "Hung up before the camera, 60° from side to side." : scene.sentence}</p>
            {response === "printing-out" ? (
              picture !== null && <p>{tracksWords(picture, stay)}</p>
            ) : (
              <>
                {wish.walking && scene?.walker && (
                  <p>{walkerWords(scene.walker, seconds, result.focalLength, words)}</p>
                )}
                <p>
                  {wish.flashed
                    ? "A first even grey, just too faint to see, before or after the exposure, lifts the shadows."
                    : "Harsh sun leaves the shadows empty; a faint flash before or after would lift them."}
                </p>
              </>
            )}
          </figcaption>
        </figure>
      </div>
    </Panel>
  );
}

/** A picture's bytes as a file holds them: silver in one channel, what printed out in its colours. */
function samplesOf(
  tone: DevelopedPreview["tone"],
  side: "negative" | "positive",
  bytes: Uint8ClampedArray<ArrayBuffer>,
) {
  if (tone === "silver") return { data: new Uint8Array(bytes.buffer), channels: 1 } as const;
  const colours = toneColours(tone, side);
  const data = new Uint8Array(3 * bytes.length);
  for (const [i, byte] of bytes.entries()) data.set((colours[byte] as readonly number[]).map(Math.round), 3 * i);
  return { data, channels: 3 } as const;
}
