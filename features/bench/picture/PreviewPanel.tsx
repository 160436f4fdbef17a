import { type ChangeEvent, memo, useMemo, useRef, useState } from "react";
import { RESPONSE_WORDS } from "../../../catalogue/responseWords.ts";
import { withPhysicalSize } from "../../../core/basis/pngChunks/index.ts";
import { formatTime, parseTime, success } from "../../../core/basis/units/index.ts";
import { type ScenePicture, scenes } from "../../../core/bench/preview/index.ts";
import { type Camera, isTrail } from "../../../core/camera/container/index.ts";
import { responseOf, sheetTime } from "../../../core/light/exposure/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Check } from "../../../ui/controls/Check.tsx";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { QuantityField } from "../../../ui/controls/QuantityField.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { PreviewCanvas } from "../../../ui/drawing/PreviewCanvas.tsx";
import { fileName, saveFile } from "../../../ui/files/saveFile.ts";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { useOnceSeen } from "../../../ui/page/useOnceSeen.ts";
import type { Reading } from "../readings/reading.ts";
import { previewWords, walkerWords } from "./previewWords.ts";
import { readPicture } from "./readPicture.ts";
import { usePreview } from "./usePreview.ts";

const OWN = "own";

/** The sheet before it is made: this camera's picture of a scene, worked out from the physics. */
export const PreviewPanel = memo(function PreviewPanel({
  camera,
  reading,
}: {
  readonly camera: Camera;
  readonly reading: Reading;
}) {
  const { medium, result } = reading;
  const words = useLengthWords();
  const frame = useRef<HTMLDivElement>(null);
  const seen = useOnceSeen(frame);
  const [sceneId, setSceneId] = useState("allotment");
  const [own, setOwn] = useState<ScenePicture | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const [side, setSide] = useState<"negative" | "positive">("positive");
  const [walking, setWalking] = useState(true);
  const [flashed, setFlashed] = useState(false);
  const [typed, setTyped] = useState<number | null>(null);
  const response = responseOf(medium.density, isTrail(camera));
  const said = RESPONSE_WORDS[response];
  const sides = [
    { id: "negative", name: said.asItLies },
    { id: "positive", name: said.upright },
  ] as const;
  const scene = scenes.find(({ id }) => id === sceneId) ?? scenes[0];
  const ev = sceneId === OWN ? 15 : (scene?.ev ?? 15);
  const suggested = sheetTime(ev, result.fNumber, medium);
  const seconds = typed ?? suggested;
  const request = useMemo(
    () =>
      seen && reading.faults.length === 0
        ? {
            camera,
            medium,
            scene: sceneId === OWN && own !== null ? own : sceneId,
            seconds,
            stops: 0,
            walking,
            flashes: flashed ? 1 : 0,
          }
        : null,
    [seen, reading.faults, camera, medium, sceneId, own, seconds, walking, flashed],
  );
  const { picture, progress, failed } = usePreview(request);
  const take = async (event: ChangeEvent<HTMLInputElement>): Promise<void> => {
    const [file] = event.target.files ?? [];
    event.target.value = "";
    if (file === undefined) return;
    const read = await readPicture(file);
    setRefused(read.ok ? null : read.error);
    if (!read.ok) return;
    setOwn(read.value);
    setSceneId(OWN);
  };
  const save = async (): Promise<void> => {
    if (picture === null) return;
    const { encode } = await import("fast-png");
    const { width, rows } = picture;
    const data = new Uint8Array(picture[side].buffer);
    const png = encode({ width, height: rows.to, data, channels: 1, depth: 8 });
    saveFile(
      fileName(`${camera.name} ${side}`, ".png"),
      withPhysicalSize(png, camera.chambers[0].film.width / width),
      "image/png",
    );
  };
  const options = [
    ...scenes.map(({ id, name }) => ({ id, name })),
    ...(own ? [{ id: OWN, name: "Your own picture" }] : []),
  ];
  return (
    <Panel
      title="The sheet it will make"
      aside={
        <span className="text-[0.87rem] text-quiet">
          {words(camera.chambers[0].film.width)} × {words(camera.chambers[0].film.height)}, {medium.name}
        </span>
      }
    >
      <div
        ref={frame}
        className="grid gap-4 lg:grid-cols-[minmax(0,1fr)_17rem]"
        data-preview={progress === null && picture ? "fine" : "coarse"}
      >
        <figure className="sheet grid min-h-64 content-center p-3">
          {reading.faults.length > 0 ? (
            <p className="p-4 text-quiet">Mend what can’t be built first: then the sheet is drawn here.</p>
          ) : picture === null ? (
            <p className="p-4 text-quiet">Exposing the sheet.</p>
          ) : (
            <PreviewCanvas
              picture={picture}
              side={side}
              label={`${side === "negative" ? `The ${said.noun}, emulsion up` : said.upright} of “${scene?.name ?? "your picture"}” through ${camera.name}`}
            />
          )}
          {failed && (
            <p role="alert" className="text-action">
              The preview stopped: {failed}.
            </p>
          )}
          <figcaption className="mt-2 min-h-5 text-[0.87rem] text-quiet" aria-live="polite">
            {progress !== null && picture
              ? `Drawing it fine, ${Math.round(progress * 100)} % …`
              : picture && previewWords(picture, response)}
          </figcaption>
        </figure>
        <div className="grid content-start gap-3">
          <Segments label="Show" value={side} options={sides} onChoose={setSide} />
          <Choice
            label="Scene"
            value={sceneId}
            options={options}
            onChoose={(id) => {
              setSceneId(id);
              setTyped(null);
            }}
          />
          <p className="text-[0.87rem] text-quiet">
            {sceneId === OWN ? "Hung up before the camera, 60° from side to side." : scene?.sentence}
          </p>
          <QuantityField
            label="Hole open for"
            name="preview-seconds"
            value={seconds}
            show={formatTime}
            read={(text) => (text.trim() === "" ? success(null) : parseTime(text))}
            take={(value) => {
              setTyped(value);
              return null;
            }}
            hint={typed === null ? `As a meter says for this scene, EV ${ev}` : undefined}
          />
          <div className="flex gap-1.5">
            <Button className="grow px-1" onClick={() => setTyped(seconds / 2)}>
              Half
            </Button>
            <Button className="grow px-1" onClick={() => setTyped(null)} disabled={typed === null}>
              As metered
            </Button>
            <Button className="grow px-1" onClick={() => setTyped(seconds * 2)}>
              Twice
            </Button>
          </div>
          <Check label="Someone walks through" checked={walking} onCheck={setWalking} />
          {walking && scene?.walker && sceneId !== OWN && (
            <p className="text-[0.87rem] text-quiet">{walkerWords(scene.walker, seconds, result.focalLength, words)}</p>
          )}
          <Check label="Pre- or post-flashed" checked={flashed} onCheck={setFlashed} />
          <p className="text-[0.87rem] text-quiet">
            {flashed
              ? "A first even grey, just too faint to see, before or after the exposure, lifts the shadows."
              : "Harsh sun leaves the shadows empty; a faint flash before or after would lift them."}
          </p>
          <div className="flex flex-wrap gap-1.5">
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
            <p role="alert" className="text-[0.87rem] text-action">
              {refused}
            </p>
          )}
        </div>
      </div>
    </Panel>
  );
});
