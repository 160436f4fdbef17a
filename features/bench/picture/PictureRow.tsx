import { memo, useCallback } from "react";
import { lightTable } from "../../../catalogue/lightTable.ts";
import { formatTime, parseTime, success } from "../../../core/basis/units/index.ts";
import { sceneFacts } from "../../../core/bench/preview/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Check } from "../../../ui/controls/Check.tsx";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { QuantityField } from "../../../ui/controls/entries/QuantityField.tsx";
import { OWN, useChangePicture, usePictureInHand } from "./PictureOfDesign.tsx";
import { previewWords, tracksWords } from "./previewWords.ts";

const SCENES = sceneFacts.map(({ id, name }) => ({ id, name }));
const WITH_OWN = [...SCENES, { id: OWN, name: "Your own picture" }];
/** Stands for the scene's own light. */
const OF_SCENE = "scene";
/** Lights of the day's colour: a redder one asks more of a sheet that sees blue only than its exposure value says. */
const LIGHTS = [
  { id: OF_SCENE, name: "As it is there" },
  ...lightTable
    .filter(({ kelvin }) => kelvin === undefined)
    .map(({ id, name, ev }) => ({ id, name: `${name}, EV ${ev}` })),
];

/** What the sheet in the drawing is exposed to, in one row under it, and what to conclude from it. */
export function PictureRow({ onLarge }: { readonly onLarge: () => void }) {
  const change = useChangePicture();
  const { wish, seconds, ev, picture, progress, failed, response, stay, isFaulty } = usePictureInHand();
  const { sceneId, own, light, typed, walking, flashed } = wish;
  return (
    <div className="mt-2 print:hidden" data-picture-row>
      <div className="flex flex-wrap items-end gap-x-3 gap-y-1">
        <SceneChoice value={sceneId} hasOwn={own !== null} />
        {response !== "printing-out" && <LightChoice value={light} />}
        {response !== "printing-out" && (
          <div className="w-24">
            <QuantityField
              label="Hole open for"
              name="preview-seconds"
              value={seconds}
              show={formatTime}
              read={(text) => (text.trim() === "" ? success(null) : parseTime(text))}
              take={(value) => {
                change({ typed: value });
                return null;
              }}
            />
          </div>
        )}
        {/* Whoever passes in months of sun leaves nothing, and nobody flashes such a sheet. */}
        {response !== "printing-out" && <Passing walking={walking} flashed={flashed} />}
        <Button className="ml-auto" onClick={onLarge}>
          Larger
        </Button>
      </div>
      <p className="mt-1 min-h-5 text-[0.87rem] text-quiet" aria-live="polite" data-conclusion-of-picture>
        {isFaulty
          ? "Mend what can’t be built first: then the sheet is exposed here."
          : failed !== null
            ? `The picture stopped: ${failed}.`
            : picture === null
              ? "Exposing the sheet."
              : progress !== null
                ? `Drawing it fine, ${Math.round(progress * 100)} % …`
                : response === "printing-out"
                  ? tracksWords(picture, stay)
                  : `${typed === null ? `As metered at EV ${ev}. ` : ""}${previewWords(picture, response)}`}
      </p>
    </div>
  );
}

/** Drawn again only when another scene is chosen, not at every edit of the design. */
const SceneChoice = memo(function SceneChoice({ value, hasOwn }: { readonly value: string; readonly hasOwn: boolean }) {
  const change = useChangePicture();
  const choose = useCallback((id: string) => change({ sceneId: id, typed: null }), [change]);
  return (
    <Choice
      label="Scene"
      value={value}
      options={hasOwn ? WITH_OWN : SCENES}
      onChoose={choose}
      className="w-40 max-sm:grow"
    />
  );
});

/** The same scene in another light: its meter gives it another time, its shadows stay as they are drawn. */
const LightChoice = memo(function LightChoice({ value }: { readonly value: string | null }) {
  const change = useChangePicture();
  const choose = useCallback((id: string) => change({ light: id === OF_SCENE ? null : id, typed: null }), [change]);
  return (
    <Choice label="Light" value={value ?? OF_SCENE} options={LIGHTS} onChoose={choose} className="w-40 max-sm:grow" />
  );
});

const Passing = memo(function Passing({ walking, flashed }: { readonly walking: boolean; readonly flashed: boolean }) {
  const change = useChangePicture();
  return (
    <div className="flex flex-wrap gap-x-4 lg:grid">
      <Check label="Someone walks through" checked={walking} onCheck={(on) => change({ walking: on })} />
      <Check label="Flashed" checked={flashed} onCheck={(on) => change({ flashed: on })} />
    </div>
  );
});
