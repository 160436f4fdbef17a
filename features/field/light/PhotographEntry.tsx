import { type ChangeEvent, useEffect, useMemo, useRef, useState } from "react";
import { formatFNumber, formatTime } from "../../../core/basis/units/index.ts";
import type { Camera } from "../../../core/camera/container/index.ts";
import type { Spot } from "../../../core/document/index.ts";
import { flashDose, type Medium, toneOf } from "../../../core/light/exposure/index.ts";
import { arrowStep } from "../../../ui/controls/arrowStep.ts";
import { cx } from "../../../ui/controls/cx.ts";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { LightCanvas } from "../../../ui/drawing/LightCanvas.tsx";
import { photographClient } from "../../../workers/jobs/photograph/photograph.client.ts";
import type { Photograph } from "../../../workers/jobs/photograph/photograph.ts";
import { cautionsOf } from "../expose/cautionsOf.ts";
import { SheetOfScene } from "../expose/SheetOfScene.tsx";
import type { Suggestion } from "../expose/suggestion.ts";
import { type Compared, MeterOffset } from "./MeterOffset.tsx";
import { type LightSource, type Mark, photographMeter, shortEv } from "./readLight.ts";

type Source = Extract<LightSource, { by: "photograph" }>;

const PARTS = [
  { id: "shadow", name: "Shadow" },
  { id: "middle", name: "Middle" },
  { id: "highlight", name: "Highlight" },
] as const;
/** How each part comes out on a paper negative, where dark places stay white. */
const WORDS = {
  negative: {
    white: "stays white: nothing of it is on the sheet",
    faint: "leaves a first grey",
    grey: "comes out grey",
    dark: "comes out dark grey",
    black: "goes black: nothing is parted there any more",
  },
  positive: {
    white: "goes bare white: nothing is parted there any more",
    faint: "comes out pale",
    grey: "comes out grey",
    dark: "comes out dark grey",
    black: "stays black: nothing of it is on the sheet",
  },
} as const;

/** The light from a photograph taken here and now: as its camera metered it, and by places marked on it. */
export default function PhotographEntry({
  source,
  offset,
  suggestion,
  camera,
  medium,
  seconds,
  onSource,
  onOffset,
}: {
  readonly source: Source;
  readonly offset: number;
  readonly suggestion: Suggestion | null;
  readonly camera: Camera;
  readonly medium: Medium;
  readonly seconds: number | null;
  readonly onSource: (source: LightSource) => void;
  readonly onOffset: (meter: Compared) => void;
}) {
  const [refused, setRefused] = useState<string | null>(null);
  const [reading, setReading] = useState(false);
  const [part, setPart] = useState<Spot["part"]>("middle");
  const { photograph, file, spots } = source;
  const url = useMemo(() => (file === null ? null : URL.createObjectURL(file)), [file]);
  useEffect(() => () => (url === null ? undefined : URL.revokeObjectURL(url)), [url]);
  const take = async (event: ChangeEvent<HTMLInputElement>): Promise<void> => {
    const [chosen] = event.target.files ?? [];
    event.target.value = "";
    if (chosen === undefined) return;
    setReading(true);
    const done = await photographClient.run(chosen);
    setReading(false);
    if (!done.ok) setRefused(`The photograph could not be read: ${done.error.message}.`);
    else if ("refused" in done.value) setRefused(done.value.refused);
    else {
      setRefused(null);
      onSource({ by: "photograph", photograph: done.value.photograph, file: chosen, spots: [] });
    }
  };
  const mark = (x: number, y: number): void => {
    onSource({ ...source, spots: [...spots.filter((spot) => spot.part !== part), { part, x, y }] });
    const left = PARTS.find(({ id }) => id !== part && !spots.some((spot) => spot.part === id));
    if (left) setPart(left.id);
  };
  return (
    <div className="grid gap-3" data-photograph={photograph ? "read" : reading ? "reading" : "none"}>
      <label className="inline-flex min-h-[3.3rem] cursor-pointer items-center justify-center border-[1.5px] border-ink bg-card px-3 font-medium has-[:focus-visible]:outline-2 has-[:focus-visible]:outline-action">
        {reading ? "Reading it …" : photograph ? "Another photograph" : "Take or choose a photograph"}
        <input
          type="file"
          accept="image/jpeg"
          className="sr-only"
          aria-label="Photograph to meter by"
          onChange={(event) => void take(event)}
        />
      </label>
      {refused && (
        <p role="alert" className="text-action">
          {refused}
        </p>
      )}
      {photograph === null && !refused && (
        <p className="text-[0.87rem] text-quiet">
          One taken here and now: its file says how bright it was. It stays on this device.
        </p>
      )}
      {photograph && (
        <>
          <p className="text-[0.87rem] text-quiet">
            {photograph.taken.model || "A camera that doesn’t say its name"}: {formatTime(photograph.taken.seconds)} at{" "}
            {formatFNumber(photograph.taken.fNumber)}, ISO {photograph.taken.iso}
            {photograph.taken.bias !== 0 &&
              `; it was told to give ${photograph.taken.bias} stops more, which is not taken in`}
          </p>
          {cautionsOf(photograph.taken, Date.now()).map((words) => (
            <p key={words} role="status" className="text-action" data-caution>
              {words}
            </p>
          ))}
          <Segments label="Mark the" value={part} options={PARTS} className="min-h-[3.3rem]" onChoose={setPart} />
          <Marked photograph={photograph} url={url} spots={spots} onMark={mark} part={part} />
          {suggestion && spots.length > 0 && (
            <ul className="grid gap-1" data-tones>
              {suggestion.reading.spots.map((spot) => (
                <ToneLine key={spot.part} spot={spot} middle={suggestion.reading.ev} medium={medium} />
              ))}
            </ul>
          )}
          <p className="text-[0.83rem] text-quiet">
            Phones bend their tones: a marked place is good to a stop either way.
          </p>
          <MeterOffset
            label="This phone’s correction"
            offset={offset}
            ev={suggestion?.reading.ev ?? null}
            hint="Compare it once with a meter you trust, or photograph grass in full sun; it is kept by the phone’s model."
            onOffset={(stops, comparedWith) =>
              onOffset({
                id: photographMeter(photograph.taken.model),
                name: photograph.taken.model || "A phone",
                kind: "photograph",
                offset: stops,
                comparedWith,
              })
            }
          />
          {seconds !== null && (
            <SheetOfScene camera={camera} medium={medium} photograph={photograph} offset={offset} seconds={seconds} />
          )}
        </>
      )}
    </div>
  );
}

/** The photograph with its marked places: a press sets the one in hand, arrow keys move it. */
function Marked({
  photograph,
  url,
  spots,
  part,
  onMark,
}: {
  readonly photograph: Photograph;
  /** Its file, in colour; `null`: it was not kept, what was read of it serves. */
  readonly url: string | null;
  readonly spots: readonly Mark[];
  readonly part: Spot["part"];
  readonly onMark: (x: number, y: number) => void;
}) {
  const frame = useRef<HTMLButtonElement>(null);
  const held = spots.find((spot) => spot.part === part) ?? { x: 0.5, y: 0.5 };
  const within = (value: number): number => Math.min(1, Math.max(0, value));
  return (
    <button
      ref={frame}
      type="button"
      aria-label={`Photograph: press where the ${part} is; arrow keys move it`}
      className="relative block w-full cursor-crosshair"
      data-spots
      onClick={(event) => {
        // Pressed by the keyboard it has no place.
        if (event.detail === 0) return;
        const { left, top, width, height } = event.currentTarget.getBoundingClientRect();
        onMark(within((event.clientX - left) / width), within((event.clientY - top) / height));
      }}
      onKeyDown={(event) => {
        const step = arrowStep(event);
        if (step === null) return;
        event.preventDefault();
        onMark(within(held.x + 0.02 * step[0]), within(held.y + 0.02 * step[1]));
      }}
    >
      {url === null ? (
        <LightCanvas picture={photograph} label="" className="block w-full" />
      ) : (
        <img src={url} alt="" className="block w-full" />
      )}
      {spots.map(({ part: which, x, y }) => (
        <span
          key={which}
          className={cx(
            "absolute flex size-8 -translate-x-1/2 -translate-y-1/2 items-center justify-center rounded-full border-2 font-semibold",
            which === part ? "border-action bg-action text-on-action" : "border-ink bg-card text-ink",
          )}
          style={{ left: `${100 * x}%`, top: `${100 * y}%` }}
        >
          {which[0]?.toUpperCase()}
        </span>
      ))}
    </button>
  );
}

/** How a marked place comes out on the sheet, and what a pre-flash would lift. */
function ToneLine({ spot, middle, medium }: { readonly spot: Spot; readonly middle: number; readonly medium: Medium }) {
  const { density, iso } = medium;
  const words = WORDS[density.positive ? "positive" : "negative"];
  const stops = spot.ev - middle;
  const plain = toneOf(stops, density, iso);
  const flashed = toneOf(stops, density, iso, flashDose(density, iso));
  const lifted = plain.word !== flashed.word && stops < 0 ? ` Pre-flashed, it ${words[flashed.word]}.` : "";
  return (
    <li className="flex items-center gap-2">
      <svg viewBox="0 0 10 10" className="size-7 shrink-0 border border-line" aria-hidden="true">
        <rect width="10" height="10" fill="var(--sb-card)" />
        <rect width="10" height="10" fill="var(--sb-ink)" opacity={plain.share} />
      </svg>
      <span>
        The {spot.part}, EV {shortEv(spot.ev)}, {words[plain.word]}.{lifted}
      </span>
    </li>
  );
}
