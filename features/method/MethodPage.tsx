import type { ReactNode } from "react";
import type { LightRow } from "../../catalogue/lightTable.ts";
import type { PlateRow } from "../../catalogue/plates.ts";
import type { ToolRow } from "../../catalogue/tools.ts";
import type { SheetFormat } from "../../core/camera/sheet/index.ts";
import type { Medium } from "../../core/light/exposure/index.ts";
import type { School } from "../../core/light/hole/index.ts";
import { Panel } from "../../ui/controls/Panel.tsx";
import { useLengthWords } from "../../ui/format/UnitContext.ts";
import { entries } from "./examples.ts";
import { LiveExample } from "./LiveExample.tsx";
import { MethodPages } from "./MethodPages.tsx";

/** Where every number comes from: formulas, constants, catalogue rows, each with its source. */
export function MethodPage({
  schools,
  formats,
  media,
  lightTable,
  plates,
  tools,
}: {
  readonly schools: readonly Omit<School, "compute">[];
  readonly formats: readonly SheetFormat[];
  readonly media: readonly Medium[];
  readonly lightTable: readonly LightRow[];
  readonly plates: readonly PlateRow[];
  readonly tools: readonly ToolRow[];
}) {
  const words = useLengthWords();
  return (
    <main className="mx-auto grid max-w-[1100px] gap-8 px-4 pt-4 pb-16 sm:px-6">
      <div>
        <MethodPages />
        <h1 className="font-semibold text-[1.7rem] leading-tight">Where the numbers come from</h1>
      </div>
      <Panel title="The hole">
        <p className="mb-3 max-w-prose">
          Every published rule for the best hole is d = c·√(λz′): a constant times the square root of the light’s
          wavelength and the distance, with 1/z′ = 1/z + 1/u for a near subject at u. They differ because they ask
          different things of the picture. Still Box also computes the contrast itself, exact in paraxial Fresnel
          diffraction, and finds the hole that resolves most at the contrast you care for.
        </p>
        <Rows
          head={["Rule", "c", "What it asks for", "Source"]}
          rows={schools.map(({ id, name, constant, idea, source }) => [id, name, constant.toFixed(4), idea, source])}
        />
      </Panel>
      <Panel title="Light on the sheet">
        <p className="max-w-prose">
          One ray model serves every camera: E = V·cos α·cos β·z²/r², with α at the hole and β at the sheet. On a flat
          back that is the cos⁴ law; round the wall of a can, level with the hole, it is 1 everywhere. V is the part of
          the hole that can be seen through its plate’s thickness and the opening in the wall: the area common to three
          circles.
        </p>
      </Panel>
      <Panel title="Time">
        <p className="max-w-prose">
          From the light table t = N²·100 / (S·2<sup>EV</sup>) (ISO 2720:1974); from a meter that reads t₀ at N₀ and S₀,
          t = t₀·(N/N₀)²·(S₀/S)·2<sup>offset</sup>. In full sun at EV 15 this asks for about 56 s at f/333 and ISO 6.
          The saying “f/16 at 1/ISO” would give 72 s, because it rounds full sun down to EV 14.6.
        </p>
      </Panel>
      <Panel title="The preview">
        <p className="max-w-prose">
          Every pixel of the sheet looks back through the hole into the scene (the ray model above) and takes its light
          times E. Then it is blurred by the exact diffraction of the hole as that place sees it: farther away, narrower
          by cos α along the slant, wider for near things. Exposure H = πL·t·E/(4N²), density from the curve below, the
          picture upside down and mirrored as the sheet lies. Bare walls give light back evenly: ρ<sub>w</sub>ρ
          <sub>s</sub>a / (1 − ρ<sub>w</sub>(1 − a(1 − ρ<sub>s</sub>))) of the sheet’s mean, with a the sheet’s area
          over that of the walls, ρ<sub>s</sub> 0.6, and ρ<sub>w</sub> from 0.05 (flat black) to 0.7 (aluminium),
          stand-ins. Left out: the hole’s outline as clipped by a thick plate, and what falls beside the sheet.
        </p>
      </Panel>
      <Panel title="The hole in a picture">
        <p className="max-w-prose">
          A pixel is 25.4 mm divided by the dpi. The rim is followed where the light is halfway between dark and bright,
          between the pixels. Both levels are planes fitted beside the rim, so that uneven light does no harm. Blur of
          variance σ² takes πσ² from any closed outline’s area: that is given back. Diameter 2√(A/π), circularity
          4πA/P², least and greatest width between parallel lines, roughness as root mean square about the ellipse of
          the same moments. Under 10 pixels the light is summed instead, Σ(I − plate)/(light − plate). The ± adds up a
          part of a pixel, the doubt of the levels through the slope of the rim, the grain and the scanner’s own scale
          (0.3 %). Where the file does not say what its numbers stand for, 0.3 of the blur is added: numbers for screens
          make a hole wider by about its blur.
        </p>
      </Panel>
      <Panel title="Formulas, with live examples">
        <div className="grid gap-6">
          {entries.map(({ title, words, formula, source, fields, result }) => (
            <section key={title} aria-label={title}>
              <h3 className="font-semibold">{title}</h3>
              <p className="max-w-prose">{words}</p>
              <p className="mt-1 text-[0.93rem]">
                <span className="font-semibold">{formula}</span> <span className="text-quiet">{source}</span>
              </p>
              <LiveExample fields={fields} result={result} />
            </section>
          ))}
        </div>
      </Panel>
      <Panel title="Light table">
        <Rows
          head={["Light", "Sign", "EV", "Source"]}
          rows={lightTable.map(({ id, name, sign, ev, source }) => [id, name, sign, String(ev), source])}
        />
      </Panel>
      <Panel title="Papers and films">
        <Rows
          head={["Class", "ISO", "Sees about", "Source"]}
          rows={media.map(({ id, name, iso, wavelengthNm, source }) => [
            id,
            name,
            String(iso),
            `${wavelengthNm} nm`,
            source,
          ])}
        />
      </Panel>
      <Panel title="Plates">
        <Rows
          head={["Metal", "Thickness", "Source"]}
          rows={plates.map(({ id, name, thickness, source }) => [id, name, words(thickness, 3), source])}
        />
      </Panel>
      <Panel title="Needles, pins and drills">
        <Rows
          head={["Tool", "Shaft", "Tip", "Source"]}
          rows={tools.map(({ id, name, shaft, tipDeg, source }) => [
            id,
            name,
            words(shaft, 3),
            tipDeg === null ? "cuts its own size" : `${tipDeg}°`,
            source,
          ])}
        />
      </Panel>
      <Panel title="Sheets and frames">
        <Rows
          head={["Format", "Size", "Source"]}
          rows={formats.map(({ id, name, width, height, source }) => [
            id,
            name,
            `${words(width, 2)} × ${words(height, 2)}`,
            source,
          ])}
        />
      </Panel>
      <p className="mt-6">
        <a href="/licences.txt" className="underline underline-offset-4">
          Licences of the fonts and libraries in Still Box
        </a>
      </p>
    </main>
  );
}

/** A plain table; the first value of a row is its key. */
function Rows({
  head,
  rows,
}: {
  readonly head: readonly string[];
  readonly rows: readonly (readonly [string, ...string[]])[];
}): ReactNode {
  return (
    <div className="overflow-x-auto">
      <table className="w-full text-left text-[0.93rem]">
        <thead className="text-quiet">
          <tr>
            {head.map((name) => (
              <th key={name} className="py-1 pr-4 font-normal">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(([key, ...cells]) => (
            <tr key={key} className="border-line border-t align-top">
              {cells.map((cell, index) => (
                <td key={head[index]} className="py-1 pr-4">
                  {cell}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
