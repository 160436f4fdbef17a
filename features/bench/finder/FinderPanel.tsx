import { memo, useDeferredValue, useEffect, useRef, useState } from "react";
import { formats } from "../../../catalogue/formats.ts";
import { plates } from "../../../catalogue/plates.ts";
import { sayTime } from "../../../core/basis/units/index.ts";
import {
  type FinderAnswer,
  type Found,
  type Layout,
  layoutSketch,
  type Wish,
  withLayout,
} from "../../../core/bench/finder/index.ts";
import type { DevelopedPreview } from "../../../core/bench/preview/index.ts";
import { type Camera, holeMount } from "../../../core/camera/container/index.ts";
import { contrastOf } from "../../../core/camera/holeToMake/index.ts";
import { correctedTime } from "../../../core/light/exposure/index.ts";
import type { Optimum } from "../../../core/light/hole/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Check } from "../../../ui/controls/Check.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { PreviewCanvas } from "../../../ui/drawing/PreviewCanvas.tsx";
import { SvgScene } from "../../../ui/drawing/SvgScene.tsx";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { useOnceSeen } from "../../../ui/page/useOnceSeen.ts";
import { Slider } from "../../../ui/seldom/Slider.tsx";
import { layoutWords, reasons } from "../../../wording/finderWords.ts";
import { finderClient } from "../../../workers/jobs/finder/finder.client.ts";
import type { EditDesign } from "../design/edit.ts";
import type { Reading } from "../readings/reading.ts";
import { CompareLayouts } from "./CompareLayouts.tsx";
import { useLayoutPictures } from "./useLayoutPictures.ts";

const WISHES: readonly {
  readonly id: keyof Wish;
  readonly low: string;
  readonly high: string;
  readonly least: number;
}[] = [
  { id: "wide", low: "long", high: "wide", least: -1 },
  { id: "sharp", low: "sharp: no matter", high: "sharp", least: 0 },
  { id: "fast", low: "time: no matter", high: "fast", least: 0 },
  { id: "even", low: "dark corners: fine", high: "even", least: 0 },
  { id: "whole", low: "trimming: fine", high: "nothing to trim", least: 0 },
  { id: "cheap", low: "paper: no matter", high: "cheap in paper", least: 0 },
];
const FIRST: Wish = { wide: 0.4, sharp: 0.6, fast: 0.2, even: 0.5, whole: 0.7, cheap: 0.1 };
const NONE: readonly Found[] = [];
const ROWS_SHOWN = 10;
const MOST_COMPARED = 4;

/** What this container could become, ranked by what the maker cares for. */
export const FinderPanel = memo(function FinderPanel({
  camera,
  reading,
  ideal,
  onEdit,
}: {
  readonly camera: Camera;
  readonly reading: Reading;
  readonly ideal: Optimum;
  readonly onEdit: EditDesign;
}) {
  const words = useLengthWords();
  const frame = useRef<HTMLDivElement>(null);
  const seen = useOnceSeen(frame);
  const [wish, setWish] = useState(FIRST);
  const [answer, setAnswer] = useState<(FinderAnswer & { readonly ms: number }) | null>(null);
  const [failed, setFailed] = useState<string | null>(null);
  const [compared, setCompared] = useState<readonly string[]>([]);
  const asked = useDeferredValue(wish);
  const { container, chambers } = camera;
  const latest = useRef(camera);
  latest.current = camera;
  const { medium } = reading;
  const inSun = (seconds: number): string => sayTime(correctedTime(seconds, medium.longTime).seconds);
  const plate = chambers[0].holes[0].plateThickness ?? 0;
  const inside = JSON.stringify([container, plate, chambers[0].film.format]);
  const contrast = contrastOf(camera);
  // biome-ignore lint/correctness/useExhaustiveDependencies: `inside` stands for the parts of the camera that count
  useEffect(() => {
    if (!seen) return;
    const stop = new AbortController();
    const start = performance.now();
    const question = {
      camera: latest.current,
      light: { wavelengthNm: medium.wavelengthNm, iso: medium.iso },
      contrast,
      ideal,
      stock: { formats, plates: holeMount(camera) === "plate" ? plates.map(({ thickness }) => thickness) : [] },
      wish: asked,
      most: ROWS_SHOWN,
    };
    void finderClient.run(question, { signal: stop.signal }).then((done) => {
      if (stop.signal.aborted) return;
      if (done.ok) setAnswer({ ...done.value, ms: performance.now() - start });
      setFailed(done.ok ? null : done.error.message);
    });
    return () => stop.abort();
  }, [seen, inside, medium, contrast, ideal, asked]);
  const listed = answer?.found ?? NONE;
  const pictures = useLayoutPictures(camera, medium, ideal, listed, keyOf);
  const chosen = listed.filter((found) => compared.includes(keyOf(found)));
  const use = (found: Found): void =>
    onEdit(`${found.layout.format.name}, ${layoutWords(found.layout)}`, (now) => withLayout(now, found.layout));
  return (
    <Panel
      title="What else it could be"
      aside={
        <span
          className="text-[0.87rem] text-quiet"
          data-finder-examined={answer?.examined ?? ""}
          data-finder-ms={answer?.ms.toFixed(0) ?? ""}
        >
          {answer && `${answer.examined.toLocaleString("en")} layouts examined`}
        </span>
      }
    >
      <div ref={frame} data-finder className="grid gap-6 lg:grid-cols-[15rem_minmax(0,1fr)]">
        <div className="grid content-start gap-3">
          <p className="text-[0.87rem] text-quiet">What matters to you?</p>
          {WISHES.map(({ id, low, high, least }) => (
            <Slider
              key={id}
              label={`${low} to ${high}`}
              low={low}
              high={high}
              least={least}
              most={1}
              step={0.1}
              value={wish[id]}
              say={(value) => (value === least ? low : value === 1 ? high : `${Math.round(100 * value)} %`)}
              onSlide={(value) => setWish((before) => ({ ...before, [id]: value }))}
            />
          ))}
        </div>
        <div className="min-w-0">
          {failed && (
            <p role="alert" className="text-action">
              The finder stopped: {failed}.
            </p>
          )}
          {answer?.found.length === 0 && (
            <p className="text-quiet">
              No catalogued sheet goes into this container. A smaller one can be cut to any size in Measures.
            </p>
          )}
          <ol>
            {answer?.found.map((found) => {
              const key = keyOf(found);
              return (
                <li
                  key={key}
                  data-found
                  className="grid grid-cols-[4rem_minmax(0,1fr)_auto] items-center sm:grid-cols-[4rem_6rem_minmax(0,1fr)_auto] gap-3 border-line border-b py-2"
                >
                  <div className="size-16" aria-hidden="true">
                    <Sketch layout={found.layout} />
                  </div>
                  <div className="hidden h-[4.5rem] w-24 items-center justify-center sm:flex" data-found-picture>
                    <Picture picture={pictures.get(key)} label={`The picture of ${found.layout.format.name}`} />
                  </div>
                  <div className="min-w-0">
                    <p>
                      <strong className="font-semibold">{found.layout.format.name}</strong> {layoutWords(found.layout)}
                    </p>
                    <p className="text-[0.87rem] text-quiet leading-snug">
                      {reasons(found.merits, found.layout.used, inSun)} Hole {words(found.layout.diameter, 2)}
                      {found.others > 0 && `; best of ${found.others + 1} that differ in hole, plate or bow only`}.
                    </p>
                  </div>
                  <div className="grid gap-1">
                    <Button onClick={() => use(found)}>Make it this</Button>
                    <Check
                      label="compare"
                      className="text-[0.87rem]"
                      checked={compared.includes(key)}
                      disabled={!compared.includes(key) && chosen.length >= MOST_COMPARED}
                      onCheck={(checked) =>
                        setCompared((before) => (checked ? [...before, key] : before.filter((each) => each !== key)))
                      }
                    />
                  </div>
                </li>
              );
            })}
          </ol>
          {chosen.length > 0 && <CompareLayouts found={chosen} time={inSun} onUse={use} />}
        </div>
      </div>
    </Panel>
  );
});

/** The picture a layout would make, as large as goes into its place. */
function Picture({ picture, label }: { readonly picture: DevelopedPreview | undefined; readonly label: string }) {
  if (picture === undefined) return null;
  const [width, height] = [picture.width, picture.rows.to];
  const scale = Math.min(96 / width, 72 / height);
  return (
    <div style={{ width: width * scale, height: height * scale }}>
      <PreviewCanvas picture={picture} side="positive" fills label={label} />
    </div>
  );
}

/** A layout from above; drawn anew only when the finder has found anew. */
const Sketch = memo(function Sketch({ layout }: { readonly layout: Layout }) {
  const scene = layoutSketch(layout);
  return <SvgScene scene={scene} pixel={scene.bounds.width / 64} title="" />;
});

function keyOf({ layout }: Found): string {
  const { kind, face, format, film, holes } = layout;
  return [
    kind,
    face,
    format.id,
    film.surface,
    film.width.toFixed(1),
    film.height.toFixed(1),
    film.distance.toFixed(0),
    holes.length,
    holes[0]?.x.toFixed(0),
  ].join(" ");
}
