import { lightTable } from "../../catalogue/lightTable.ts";
import { cx } from "../../ui/cx.ts";
import { MeterEntry } from "./MeterEntry.tsx";
import type { LightSource, MeterFault } from "./suggestion.ts";

/** The light, judged by eye from the table or read off a meter. */
export function LightPanel({
  source,
  iso,
  fault,
  offset,
  onSource,
  onOffset,
}: {
  readonly source: LightSource;
  readonly iso: number;
  readonly fault: MeterFault | null;
  readonly offset: number;
  readonly onSource: (source: LightSource) => void;
  readonly onOffset: (stops: number) => void;
}) {
  const change = (by: LightSource["by"]): void =>
    onSource(by === "table" ? { by, row: "sun" } : { by, seconds: "1/60", fNumber: "f/16", iso: String(iso) });
  return (
    <>
      <div role="radiogroup" aria-label="Light by" className="mb-2 flex border border-ink">
        {(["table", "meter"] as const).map((by) => (
          <label
            key={by}
            className={cx(
              "flex min-h-11 grow cursor-pointer items-center justify-center has-[:focus-visible]:outline-2 has-[:focus-visible]:outline-action",
              source.by === by ? "bg-tape text-on-tape" : "bg-card",
            )}
          >
            <input
              type="radio"
              name="light-by"
              className="sr-only"
              checked={source.by === by}
              onChange={() => change(by)}
            />
            {by === "table" ? "Light by eye" : "Light by meter"}
          </label>
        ))}
      </div>
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
    <div role="radiogroup" aria-label="Light" className="grid gap-px bg-line">
      {lightTable.map(({ id, name, sign, ev }) => (
        <label
          key={id}
          className={cx(
            "flex min-h-11 cursor-pointer items-center gap-3 px-2",
            row === id ? "bg-kraft-pale" : "bg-board",
          )}
        >
          <input
            type="radio"
            name="light"
            className="size-4 accent-[var(--sb-action)]"
            checked={row === id}
            onChange={() => onPick(id)}
          />
          <span className="font-medium">{name}</span>
          <span className="text-[0.83rem] text-quiet">{sign}</span>
          <span className="ml-auto whitespace-nowrap text-quiet">EV {ev}</span>
        </label>
      ))}
    </div>
  );
}
