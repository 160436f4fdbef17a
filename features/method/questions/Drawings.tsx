import { type ReactNode, useMemo, useState } from "react";
import { lightTable } from "../../../catalogue/lightTable.ts";
import { formatFNumber, formatTime } from "../../../core/basis/units/index.ts";
import { sunlit } from "../../../core/bench/preview/index.ts";
import type { Camera } from "../../../core/camera/container/index.ts";
import { contrastOf, holeToMake, idealAt } from "../../../core/camera/holeToMake/index.ts";
import { FULL_SUN_EV, type Medium } from "../../../core/light/exposure/index.ts";
import { PreviewCanvas } from "../../../ui/drawing/PreviewCanvas.tsx";
import { usePreview } from "../../../ui/drawing/usePreview.ts";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { Slider } from "../../../ui/seldom/Slider.tsx";
import type { QuestionId } from "../../../wording/questions.ts";
import { fenceOnSheet, grown, holesToTry, rainEv, timesIn, withOtherHole } from "./figures.ts";

/** What a drawing is drawn from. */
export interface Own {
  readonly camera: Camera;
  readonly medium: Medium;
}

/** The live drawing or figures of each question. */
export const DRAWINGS: Readonly<Record<QuestionId, (own: Own) => ReactNode>> = {
  "upside-down": () => <UpsideDown />,
  "equally-sharp": (own) => <OtherHole {...own} />,
  "bent-lines": (own) => <Fence {...own} />,
  dusk: (own) => <Times {...own} lights={["sun", "bright-overcast", "overcast", "sunset", "window", "home-lamps"]} />,
  rain: (own) => <Rain {...own} />,
  "bigger-box": (own) => <Boxes {...own} />,
  "red-light": ({ medium }) => <Spectrum medium={medium} lamp />,
  "white-sky": ({ medium }) => <Spectrum medium={medium} />,
  "black-sheet": () => <ThreeSheets />,
};

/** Rays through a hole; the sheet is moved, and the picture grows. */
function UpsideDown() {
  const [depth, setDepth] = useState(60);
  const hole = 170;
  const [top, foot] = [22, 118];
  const back = hole + depth;
  const lands = (y: number): number => 70 + ((70 - y) * depth) / (hole - 30);
  return (
    <figure>
      <svg
        viewBox="0 0 320 140"
        className="w-full bg-card"
        role="img"
        aria-label="Rays from top and foot of a scarecrow cross in the hole"
      >
        <g stroke="var(--sb-ink)" strokeWidth="2" fill="none">
          <path d={`M30 ${foot}V${top + 12}M10 ${top + 34}H50`} />
          <circle cx="30" cy={top + 6} r="6" />
          <path d={`M${hole} 5V66M${hole} 74V135M${hole} 5H${back + 6}V135H${hole}`} />
        </g>
        <g stroke="var(--sb-ray)" strokeWidth="1.4">
          <path d={`M30 ${top}L${back} ${lands(top)}M30 ${foot}L${back} ${lands(foot)}`} />
        </g>
        <path d={`M${back} ${lands(top)}V${lands(foot)}`} stroke="var(--sb-kraft)" strokeWidth="5" />
        <circle cx={back - 5} cy={lands(top)} r="3.5" fill="var(--sb-ink)" />
      </svg>
      <Slider
        label="Sheet behind the hole"
        low="sheet near the hole"
        high="farther back"
        least={25}
        most={140}
        step={1}
        value={depth}
        say={(value) => `${Math.round(value)} of 140`}
        onSlide={setDepth}
      />
    </figure>
  );
}

/** The picture as other holes would draw it. */
function OtherHole({ camera, medium }: Own) {
  const words = useLengthWords();
  const best = useMemo(() => holeToMake(camera, medium, idealAt(contrastOf(camera))).best, [camera, medium]);
  const [least, most] = holesToTry(best);
  const [diameter, setDiameter] = useState(best);
  const request = useMemo(() => {
    const other = withOtherHole(camera, diameter);
    return sunlit(other, medium, 0);
  }, [camera, medium, diameter]);
  const { picture } = usePreview(request, 420);
  return (
    <figure data-other-hole={picture === null ? "none" : "drawn"}>
      {picture !== null && <PreviewCanvas picture={picture} side="positive" label="The picture with this hole" />}
      <Slider
        label="Diameter of the hole"
        low={`${words(diameter, 2)}${Math.abs(diameter / best - 1) < 0.05 ? ", the best" : ""}`}
        high="wider"
        least={Math.log(least)}
        most={Math.log(most)}
        step={0.02}
        value={Math.log(diameter)}
        say={(value) => words(Math.exp(value), 2)}
        onSlide={(value) => setDiameter(Math.exp(value))}
      />
    </figure>
  );
}

/** A fence on a sheet that is bent. */
function Fence({ camera }: Own) {
  const [bend, setBend] = useState(1);
  const { distance } = camera.chambers[0].film;
  const points = fenceOnSheet(distance, bend);
  const scale = 100 / distance;
  // Upside down as it lies: turned for the eye.
  const path = points.map(
    ([s, t], i) => `${i === 0 ? "M" : "L"}${(160 - s * scale).toFixed(1)} ${(70 + t * scale).toFixed(1)}`,
  );
  return (
    <figure>
      <svg
        viewBox="0 0 320 90"
        className="w-full bg-card"
        role="img"
        aria-label="A straight fence on the sheet laid out flat"
        data-fence={bend}
      >
        <path d="M10 70H310" stroke="var(--sb-line)" strokeDasharray="4 4" />
        <path d={path.join("")} stroke="var(--sb-kraft)" strokeWidth="3" fill="none" />
      </svg>
      <Slider
        label="How far the sheet is bent"
        low="flat"
        high="round the wall of a can"
        least={0}
        most={1}
        step={0.05}
        value={bend}
        say={(value) => `${Math.round(100 * value)} % bent`}
        onSlide={setBend}
      />
    </figure>
  );
}

/** Times in some lights, as bars of stops. */
function Times({ camera, medium, lights }: Own & { readonly lights: readonly string[] }) {
  const rows = timesIn(
    lightTable.filter(({ id }) => lights.includes(id)),
    camera,
    medium,
  );
  return <Bars rows={rows.map(({ name, seconds }) => ({ name, seconds }))} of={camera.name} />;
}

function Rain({ camera, medium }: Own) {
  const grey = lightTable.find(({ id }) => id === "overcast")?.ev ?? 12;
  const rows = timesIn(
    [
      { name: "Bright overcast", ev: grey + 1 },
      { name: "Grey sky", ev: grey },
      { name: "Steady rain", ev: rainEv(grey) },
    ],
    camera,
    medium,
  );
  return <Bars rows={rows} of={camera.name} />;
}

function Bars({
  rows,
  of,
}: {
  readonly rows: readonly { readonly name: string; readonly seconds: number }[];
  readonly of: string;
}) {
  const least = Math.min(...rows.map(({ seconds }) => seconds));
  const most = Math.max(...rows.map(({ seconds }) => seconds));
  const share = (seconds: number): number =>
    8 + (92 * Math.log(seconds / least)) / Math.max(1e-9, Math.log(most / least));
  return (
    <figure>
      <ul className="grid gap-1" data-times>
        {rows.map(({ name, seconds }) => (
          <li key={name} className="grid grid-cols-[9.5rem_minmax(0,1fr)] items-center gap-2 text-[0.93rem]">
            <span>{name}</span>
            <span className="flex items-center gap-2">
              <span className="h-3 bg-kraft" style={{ width: `${0.7 * share(seconds)}%` }} />
              <span className="whitespace-nowrap font-semibold">{formatTime(seconds)}</span>
            </span>
          </li>
        ))}
      </ul>
      <figcaption className="mt-1 text-[0.83rem] text-quiet">
        {of}. The bars grow by doublings: light and time are counted in stops.
      </figcaption>
    </figure>
  );
}

/** The same box half as deep, as it is, and twice as deep. */
function Boxes({ camera, medium }: Own) {
  const words = useLengthWords();
  const { best } = holeToMake(camera, medium, idealAt(contrastOf(camera)));
  const rows = grown(camera, medium, best, FULL_SUN_EV, [0.5, 1, 2]);
  return (
    <table className="w-full text-[0.93rem] tabular-nums" data-boxes>
      <thead>
        <tr className="border-line border-b text-left text-quiet">
          <th className="py-1 font-normal">Hole to sheet</th>
          <th className="font-normal">Best hole</th>
          <th className="font-normal">Full sun</th>
          <th className="font-normal">Lines</th>
          <th className="font-normal">Paper</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(({ times, distance, hole, fNumber, seconds, lines, paper }) => (
          <tr key={times} className={times === 1 ? "border-line border-b font-semibold" : "border-line border-b"}>
            <td className="py-1">{words(distance, 0)}</td>
            <td>
              {words(hole, 2)}, {formatFNumber(fNumber)}
            </td>
            <td>{formatTime(seconds)}</td>
            <td>× {lines.toFixed(1)}</td>
            <td>× {paper}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What a paper sees of the colours. */
function Spectrum({ medium, lamp = false }: { readonly medium: Medium; readonly lamp?: boolean }) {
  const x = (nm: number): number => (320 * (nm - 350)) / 400;
  const most = Math.max(...medium.sensitivity.map(([, value]) => value));
  const path = medium.sensitivity.map(
    ([nm, value], i) => `${i === 0 ? "M" : "L"}${x(nm).toFixed(1)} ${(74 - (62 * value) / most).toFixed(1)}`,
  );
  return (
    <figure>
      <svg
        viewBox="0 0 320 96"
        className="w-full bg-card"
        role="img"
        aria-label={`What ${medium.name} sees, from violet to red`}
      >
        <path d={path.join("")} stroke="var(--sb-ray)" strokeWidth="2.5" fill="none" />
        <path d="M0 74H320" stroke="var(--sb-ink)" />
        {lamp && (
          <path
            d={`M${x(620)} 10V74M${x(700)} 10V74`}
            stroke="var(--sb-action)"
            strokeWidth="2"
            strokeDasharray="5 4"
          />
        )}
        <g fontSize="11" fill="var(--sb-quiet)" textAnchor="middle">
          {(
            [
              [420, "violet"],
              [470, "blue"],
              [530, "green"],
              [585, "yellow"],
              [660, lamp ? "red lamp" : "red"],
            ] as const
          ).map(([nm, name]) => (
            <text key={name} x={x(nm)} y="90">
              {name}
            </text>
          ))}
        </g>
      </svg>
      <figcaption className="text-[0.83rem] text-quiet">{medium.name}.</figcaption>
    </figure>
  );
}

/** Three sheets as they come out of the wash. */
function ThreeSheets() {
  return (
    <svg
      viewBox="0 0 320 90"
      className="w-full"
      role="img"
      aria-label="A sheet black to its rim, one black with a white rim, one white"
    >
      {(["fogged", "too long", "no light"] as const).map((name, i) => (
        <g key={name} transform={`translate(${10 + 105 * i} 4)`}>
          <rect width="90" height="66" fill={i === 0 ? "#111" : "#fff"} stroke="var(--sb-ink)" />
          {i === 1 && <rect x="6" y="6" width="78" height="54" fill="#111" />}
          <text x="45" y="82" fontSize="11" textAnchor="middle" fill="var(--sb-quiet)">
            {name}
          </text>
        </g>
      ))}
    </svg>
  );
}
