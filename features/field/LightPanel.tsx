import { lightTable } from "../../catalogue/lightTable.ts";
import { cx } from "../../ui/cx.ts";
import { Radio, Radios } from "../../ui/Radio.tsx";
import { Segments } from "../../ui/Segments.tsx";
import { MeterEntry } from "./MeterEntry.tsx";
import type { LightSource, MeterFault } from "./suggestion.ts";

const WAYS = [
  { id: "table", name: "Light by eye" },
  { id: "meter", name: "Light by meter" },
] as const;

/** The light, judged by eye from the table or read off a meter. */
export function LightPanel({
  source,
  fault,
  offset,
  onSource,
  onOffset,
}: {
  readonly source: LightSource;
  readonly fault: MeterFault | null;
  readonly offset: number;
  readonly onSource: (source: LightSource) => void;
  readonly onOffset: (stops: number) => void;
}) {
  const change = (by: LightSource["by"]): void =>
    onSource(by === "table" ? { by, row: "sun" } : { by, seconds: "", fNumber: "", iso: "" });
  return (
    <>
      <Segments label="Light by" value={source.by} options={WAYS} className="mb-2 min-h-11" onChoose={change} />
      {source.by === "table" ? (
        <LightRows row={source.row} onPick={(row) => onSource({ by: "table", row })} />
      ) : (
        <MeterEntry source={source} fault={fault} offset={offset} onChange={onSource} onOffset={onOffset} />
      )}
    </>
  );
}

function LightRows({ row, onPick }: { readonly row: string; readonly onPick: (row: string) => void }) {
  return (
    <Radios label="Light" value={row} className="grid gap-px bg-line" onChoose={onPick}>
      {lightTable.map(({ id, name, sign, ev }) => (
        <Radio key={id} id={id} className={cx("min-h-11 gap-3 px-2", row === id ? "bg-kraft-pale" : "bg-board")}>
          <span className="flex min-h-11 items-center gap-3">
            <span className="font-medium">{name}</span>
            <span className="text-[0.83rem] text-quiet">{sign}</span>
            <span className="ml-auto whitespace-nowrap text-quiet">EV {ev}</span>
          </span>
        </Radio>
      ))}
    </Radios>
  );
}
