import { Link, useSearchParams } from "react-router";
import { mediumById } from "../../../catalogue/media.ts";
import { benchDrawing } from "../../../core/bench/benchDrawing/index.ts";
import type { Camera } from "../../../core/camera/container/index.ts";
import { contrastOf, idealAt } from "../../../core/camera/holeToMake/index.ts";
import type { CameraName } from "../../../storage/index.ts";
import { buttonClass } from "../../../ui/controls/Button.tsx";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { dimensionFigure } from "../../../ui/drawing/dimensionFigure.ts";
import { SvgScene } from "../../../ui/drawing/SvgScene.tsx";
import { useLengthWords, useUnit } from "../../../ui/format/UnitContext.ts";
import { readDesign } from "../readings/reading.ts";
import { readingRows } from "../readings/readingRows.ts";

const VIEW = { width: 620, height: 400 };

/** Two cameras side by side: their drawings, and every reading of the one beside the other's. */
export function ComparePage({
  cameras,
  one,
  other,
}: {
  readonly cameras: readonly CameraName[];
  readonly one: Camera | null;
  readonly other: Camera | null;
}) {
  const words = useLengthWords();
  const [, setSearch] = useSearchParams();
  if (one === null || other === null) {
    return (
      <main className="mx-auto max-w-[1100px] px-4 pt-5 sm:px-6">
        <p className="stamp">Compare</p>
        <p className="mt-2">
          Two cameras are needed to compare.{" "}
          <Link className="underline" to="/new">
            Measure another container
          </Link>
          .
        </p>
      </main>
    );
  }
  const pair = [one, other] as const;
  const rows = pair.map((camera) => readingRows(camera, readingOf(camera, words), words));
  // One hole is measured, the other still to be made: the row is about both.
  const names = [...new Map(rows.flat().map(({ id, name }) => [id, id === "hole" ? "Hole" : name]))];
  const pick = (which: "one" | "other") => (id: string) =>
    setSearch({ one: one.id, other: other.id, [which]: id }, { replace: true });
  return (
    <main className="mx-auto max-w-[1500px] px-4 pt-4 pb-16 sm:px-6">
      <p className="stamp">Compare</p>
      <h1 className="font-semibold text-[1.7rem] leading-tight">Two cameras side by side</h1>
      <div className="mt-4 grid gap-6 lg:grid-cols-2">
        {pair.map((camera, index) => (
          <section key={camera.id} aria-label={camera.name} className="min-w-0">
            <Choice
              label={index === 0 ? "One" : "The other"}
              value={camera.id}
              options={cameras}
              onChoose={pick(index === 0 ? "one" : "other")}
            />
            <Drawn camera={camera} />
          </section>
        ))}
      </div>
      <Panel title="What they will do" className="mt-6">
        <table className="w-full table-fixed text-left" data-compare-cameras>
          <tbody>
            {names.map(([id, name]) => (
              <tr key={id} className="border-line border-b align-top">
                <th scope="row" className="w-44 py-1.5 pr-3 font-normal text-quiet">
                  {name}
                </th>
                {rows.map((list, index) => {
                  const row = list.find((each) => each.id === id);
                  return (
                    <td key={pair[index]?.id} className="py-1.5 pr-4">
                      <span className="font-semibold">{row?.figure ?? "–"}</span>
                      <span className="block text-[0.83rem] text-quiet">{row?.sentence}</span>
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </Panel>
      <p className="mt-6 flex flex-wrap gap-3">
        {pair.map(({ id, name }) => (
          <Link key={id} to={`/cameras/${encodeURIComponent(id)}`} className={buttonClass()}>
            {name} on the Bench
          </Link>
        ))}
      </p>
    </main>
  );
}

function readingOf(camera: Camera, words: (mm: number) => string): ReturnType<typeof readDesign> {
  return readDesign(camera, idealAt(contrastOf(camera)), words);
}

function Drawn({ camera }: { readonly camera: Camera }) {
  const unit = useUnit();
  const { scene, layout } = benchDrawing(
    camera,
    mediumById(camera.chambers[0].film.medium),
    VIEW,
    { widths: [], heights: [] },
    (mm) => dimensionFigure(mm, unit),
    { unit },
  );
  return (
    <figure className="sheet mt-2">
      <SvgScene scene={scene} pixel={layout.pixel} title={`${camera.name}: plan, side and sheet, to scale`} />
    </figure>
  );
}
