import { Download } from "lucide-react";
import { useMemo, useState } from "react";
import { materialsOf, onStock, type Part, type PartMaterial } from "../../core/make/cutsheet/index.ts";
import { Button } from "../../ui/controls/Button.tsx";
import { Choice } from "../../ui/controls/Choice.tsx";
import { LengthField } from "../../ui/controls/entries/LengthField.tsx";
import { Panel } from "../../ui/controls/Panel.tsx";
import { fileName, saveFile } from "../../ui/files/saveFile.ts";
import { useLengthWords } from "../../ui/format/UnitContext.ts";

/** A common size of stock for small cutters, mm; common practice. */
const USUAL = { width: 600, height: 400 } as const;
/** What a cutter takes, mm. */
const LEAST_SIDE = 50;
const MOST_SIDE = 3000;

/** Parts of one material laid out on the stock of a cutter, as DXF. */
export function CutterPanel({ camera, parts }: { readonly camera: string; readonly parts: readonly Part[] }) {
  const words = useLengthWords();
  const materials = useMemo(() => materialsOf(parts), [parts]);
  const [chosen, setChosen] = useState<PartMaterial>("card");
  const [size, setSize] = useState<{ readonly width: number; readonly height: number }>(USUAL);
  const of = materials.includes(chosen) ? chosen : (materials[0] ?? "card");
  const plan = useMemo(() => onStock(parts, { of, ...size }), [parts, of, size]);
  const options = useMemo(
    () => materials.map((id) => ({ id, name: `${id[0]?.toUpperCase()}${id.slice(1)}` })),
    [materials],
  );
  const take = (side: "width" | "height") => (mm: number | null) => {
    if (mm === null || mm < LEAST_SIDE || mm > MOST_SIDE)
      return `A sheet of stock is ${words(LEAST_SIDE)} to ${words(MOST_SIDE, "far")} long.`;
    setSize((now) => ({ ...now, [side]: mm }));
    return null;
  };
  const save = async (): Promise<void> => {
    const { drawingToDxf } = await import("../../workers/codecs/write/cutsheetDxf.ts");
    saveFile(fileName(`${camera} ${of}`, ".dxf"), drawingToDxf(plan.marks), "image/vnd.dxf");
  };
  return (
    <Panel title="For a cutter">
      <Choice label="Cut from" value={of} options={options} onChoose={(id) => setChosen(id as PartMaterial)} />
      <div className="mt-2 grid grid-cols-2 gap-2">
        <LengthField label="Stock, across" name="stock-width" value={size.width} onTake={take("width")} />
        <LengthField label="Stock, up" name="stock-height" value={size.height} onTake={take("height")} />
      </div>
      <p className="mt-2" data-stock>
        {plan.parts.length === 0
          ? "No part goes on it."
          : `${plan.parts.length} ${plan.parts.length === 1 ? "part" : "parts"} on ${plan.sheets} ${plan.sheets === 1 ? "sheet" : "sheets"}.`}
        {plan.tooLarge.length > 0 && (
          <span className="text-action">
            {" "}
            Larger than a sheet, and left out: {plan.tooLarge.map(({ name }) => name).join("; ")}.
          </span>
        )}
      </p>
      <p className="mt-1 text-[0.87rem] text-quiet">
        What is cut is on the layer CUT alone; folds are on SCORE, the pinhole, crosses and words on layers of their
        own. A cutter burns: stay with it, and follow its maker’s rules for this material.
      </p>
      <Button className="mt-2" onClick={() => void save()} disabled={plan.parts.length === 0}>
        <Download size={16} aria-hidden /> DXF, on this stock
      </Button>
    </Panel>
  );
}
