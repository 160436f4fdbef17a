import { useEffect, useMemo, useRef, useState } from "react";
import { allMedia, mediumById } from "../../../../catalogue/media.ts";
import { toSrgb } from "../../../../core/basis/pictureValues/index.ts";
import type { Negative } from "../../../../core/document/index.ts";
import { contactPrint, MISSING } from "../../../../core/negative/index.ts";
import { Button } from "../../../../ui/controls/Button.tsx";
import { Choice } from "../../../../ui/controls/Choice.tsx";
import { Disclosure } from "../../../../ui/controls/Disclosure.tsx";
import { Slider } from "../../../../ui/seldom/Slider.tsx";
import type { DrawReport } from "../../../../workers/jobs/proof/proofJob.ts";
import { saveFilmPositive } from "./filmPositive.ts";

/** Strips of the test, stops apart. */
const STRIPS = [-2, -1, 0, 1, 2, 3, 4] as const;

/** A contact print as another paper would give it, with a strip, and a film positive for other processes. */
export function ContactPanel({ negative, drawn }: { readonly negative: Negative; readonly drawn: DrawReport | null }) {
  const [paper, setPaper] = useState(negative.medium ?? null);
  const [stops, setStops] = useState(1);
  const papers = useMemo(
    () => allMedia().flatMap(({ id, name, kind }) => (kind === "paper" ? [{ id, name }] : [])),
    [],
  );
  if (drawn === null) return null;
  const medium = mediumById(paper);
  const film = mediumById(negative.medium).kind === "film";
  return (
    <Disclosure title="Contact print, worked out" name="contact">
      <div className="grid gap-2">
        <Choice label="Paper under the negative" value={medium.id} options={papers} onChoose={setPaper} />
        <Print
          drawn={drawn}
          negative={negative}
          paper={{ ...medium.density, iso: medium.iso }}
          film={film}
          strips={STRIPS}
          label="A strip of times, each twice the one before"
        />
        <Slider
          label="Light of the lamp, stops"
          low="less light"
          high="more light"
          least={-3}
          most={6}
          step={1 / 3}
          value={stops}
          say={(value) => `${value.toFixed(1)} stops`}
          onSlide={setStops}
        />
        <Print
          drawn={drawn}
          negative={negative}
          paper={{ ...medium.density, iso: medium.iso }}
          film={film}
          strips={[stops]}
          label="The contact print"
        />
        <p className="text-[0.83rem] text-quiet">
          You see a paper negative by light that passed its silver twice; a print is made by light that passes once. How
          much that is differs from paper to paper: this is a stand-in, and no time follows from it. A real strip
          decides, under Dark.
        </p>
        <Button onClick={() => void saveFilmPositive(negative, medium)}>Film positive at true size (PDF)</Button>
        <p className="text-[0.83rem] text-quiet">
          For printing on other processes: a negative of the positive, with this paper’s curve already in it. Print it
          on clear film without scaling.
        </p>
      </div>
    </Disclosure>
  );
}

function Print({
  drawn,
  negative,
  paper,
  film,
  strips,
  label,
}: {
  readonly drawn: DrawReport;
  readonly negative: Negative;
  readonly paper: Parameters<typeof contactPrint>[1];
  readonly film: boolean;
  readonly strips: readonly number[];
  readonly label: string;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { width, height, planes } = drawn;
  const { medium } = negative.settings;
  const text = JSON.stringify([medium, paper, strips]);
  useEffect(() => {
    const [of, on, lamps] = JSON.parse(text) as [typeof medium, typeof paper, readonly number[]];
    const [log] = planes;
    if (log === undefined) return;
    const image = new ImageData(width, height);
    const tables = lamps.map((stops) => tableOf(contactPrint(of, on, stops, film), on.least));
    for (let i = 0; i < log.length; i++) {
      const value = log[i] as number;
      if (value === MISSING) continue;
      const strip = Math.min(lamps.length - 1, Math.floor(((i % width) / width) * lamps.length));
      const grey = (tables[strip] as Uint8Array)[Math.min(1023, Math.max(0, Math.round((value + 4) * 128)))] as number;
      image.data.set([grey, grey, grey, 255], 4 * i);
    }
    canvas.current?.getContext("2d")?.putImageData(image, 0, 0);
  }, [width, height, planes, text, film]);
  return (
    <canvas
      ref={canvas}
      width={width}
      height={height}
      role="img"
      aria-label={label}
      data-print={strips.length}
      className="block w-full border border-line"
    />
  );
}

/** Greys of a print by log₁₀ H of the negative, from −4 to 4. */
function tableOf(print: (log: number) => number, fog: number): Uint8Array {
  return Uint8Array.from({ length: 1024 }, (_, i) => Math.round(255 * toSrgb(10 ** -(print(i / 128 - 4) - fog))));
}
