import { useEffect, useMemo, useRef, useState } from "react";
import { toSrgb } from "../../../core/basis/pictureValues/index.ts";
import { formatFNumber, formatTime } from "../../../core/basis/units/index.ts";
import { luminanceEv, type SceneView, scenes, sceneView } from "../../../core/bench/preview/index.ts";
import { practiceReading } from "../../../core/simulate/field/index.ts";
import { arrowStep } from "../../../ui/controls/arrowStep.ts";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { type Compared, MeterOffset } from "./MeterOffset.tsx";
import { Dial } from "./PracticeDial.tsx";
import { practiceMeter, readingNoise } from "./practiceMeter.ts";
import { type LightSource, PRACTICE_METER } from "./readLight.ts";

type Source = Extract<LightSource, { by: "practice" }>;

const [WIDTH, HEIGHT, ACROSS] = [320, 213, 60];
/** What the meter takes in, pixels about where it points: some five degrees. */
const TAKES_IN = 13;
const APERTURES = ["5.6", "8", "11", "16", "22"].map((id) => ({ id, name: formatFNumber(Number(id)) }));
const SPEEDS = ["6", "12", "25", "100", "400"].map((id) => ({ id, name: `ISO ${id}` }));

/** A light meter to practise with: it is pointed at a scene, reads with a little noise, and is off by what has to be found. */
export default function PracticeEntry({
  source,
  offset,
  ev,
  onSource,
  onOffset,
}: {
  readonly source: Source;
  readonly offset: number;
  readonly ev: number | null;
  readonly onSource: (source: LightSource) => void;
  readonly onOffset: (meter: Compared) => void;
}) {
  const [sceneId, setSceneId] = useState("allotment");
  const [at, setAt] = useState<readonly [number, number] | null>(null);
  const scene = scenes.find(({ id }) => id === sceneId) ?? scenes[0];
  const view = useMemo(() => (scene === undefined ? null : sceneView(scene, WIDTH, HEIGHT, ACROSS)), [scene]);
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    if (view !== null) draw(canvas.current, view, scene?.ev ?? 15);
  }, [view, scene]);
  const { fNumber, iso, seconds } = source;
  const read = (x: number, y: number, how: Pick<Source, "fNumber" | "iso">): void => {
    if (view === null) return;
    setAt([x, y]);
    const seen = luminanceEv(Math.max(1e-3, meanAt(view, x, y)));
    const shown = practiceReading(practiceMeter(), seen, how.fNumber, how.iso, readingNoise());
    onSource({ ...source, ...how, seconds: shown });
  };
  const set = (how: Pick<Source, "fNumber" | "iso">): void => {
    if (at === null) onSource({ ...source, ...how });
    else read(at[0], at[1], how);
  };
  return (
    <div className="grid gap-3" data-practice>
      <Choice
        label="Scene"
        value={sceneId}
        options={scenes.map(({ id, name }) => ({ id, name }))}
        onChoose={(id) => {
          setSceneId(id);
          setAt(null);
          onSource({ ...source, seconds: null });
        }}
      />
      <button
        type="button"
        className="relative block w-full cursor-crosshair"
        aria-label="The scene: press where the meter is to point; arrow keys move it"
        onClick={(event) => {
          if (event.detail === 0) return;
          const { left, top, width, height } = event.currentTarget.getBoundingClientRect();
          read((event.clientX - left) / width, (event.clientY - top) / height, { fNumber, iso });
        }}
        onKeyDown={(event) => {
          const step = arrowStep(event);
          if (step === null) return;
          event.preventDefault();
          const [x, y] = at ?? [0.5, 0.6];
          const within = (value: number): number => Math.min(1, Math.max(0, value));
          read(within(x + 0.03 * step[0]), within(y + 0.03 * step[1]), { fNumber, iso });
        }}
      >
        <canvas ref={canvas} width={WIDTH} height={HEIGHT} className="block w-full border border-line" />
        {at && (
          <span
            className="absolute size-9 -translate-x-1/2 -translate-y-1/2 rounded-full border-2 border-action"
            style={{ left: `${100 * at[0]}%`, top: `${100 * at[1]}%` }}
          />
        )}
      </button>
      <div className="grid grid-cols-[1fr_1fr] gap-3">
        <Choice
          label="The meter’s f-number"
          value={String(fNumber)}
          options={APERTURES}
          onChoose={(id) => set({ fNumber: Number(id), iso })}
        />
        <Choice
          label="The meter’s ISO"
          value={String(iso)}
          options={SPEEDS}
          onChoose={(id) => set({ fNumber, iso: Number(id) })}
        />
      </div>
      <Dial seconds={seconds} />
      <p className="text-[0.87rem] text-quiet">
        {seconds === null
          ? "Press on the picture: the needle shows the time."
          : `It shows ${formatTime(seconds)} at ${formatFNumber(fNumber)}. Press again, and it may differ by a mark: so do real ones.`}
      </p>
      <MeterOffset
        label="This meter’s correction"
        offset={offset}
        ev={ev}
        hint="It reads wrong by some stops, always by the same. Find them: the grass here lies in full sun."
        onOffset={(stops, comparedWith) =>
          onOffset({ id: PRACTICE_METER, name: "Practice meter", kind: "practice", offset: stops, comparedWith })
        }
      />
    </div>
  );
}

function meanAt({ width, height, luminance }: SceneView, x: number, y: number): number {
  let [sum, count] = [0, 0];
  const [column, row] = [Math.round(x * width), Math.round(y * height)];
  for (let dy = -TAKES_IN; dy <= TAKES_IN; dy++) {
    for (let dx = -TAKES_IN; dx <= TAKES_IN; dx++) {
      const [px, py] = [column + dx, row + dy];
      if (px < 0 || py < 0 || px >= width || py >= height) continue;
      sum += luminance[py * width + px] as number;
      count++;
    }
  }
  return sum / Math.max(1, count);
}

/** The scene as an eye used to its light sees it: mid-grey of its EV in the middle of the tones. */
function draw(canvas: HTMLCanvasElement | null, { width, height, luminance }: SceneView, ev: number): void {
  const context = canvas?.getContext("2d");
  if (!context) return;
  const image = context.createImageData(width, height);
  const white = (2 ** ev * 12.5) / 100 / 0.18;
  for (let i = 0; i < luminance.length; i++) {
    const grey = Math.round(255 * toSrgb(Math.min(1, (luminance[i] as number) / white)));
    image.data.set([grey, grey, grey, 255], 4 * i);
  }
  context.putImageData(image, 0, 0);
}
