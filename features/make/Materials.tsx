import { useMemo, useState } from "react";
import { billOfMaterials, type CutOrder } from "../../core/make/cutsheet/index.ts";
import { CountField } from "../../ui/controls/entries/CountField.tsx";
import { Panel } from "../../ui/controls/Panel.tsx";
import { useLengthWords } from "../../ui/format/UnitContext.ts";
import { saidBill } from "../../wording/make/billWords.ts";

/** What to buy or find, for one camera or for several. */
export function Materials({ order }: { readonly order: CutOrder }) {
  const words = useLengthWords();
  const [count, setCount] = useState(1);
  const bill = useMemo(() => saidBill(billOfMaterials(order, count), words), [order, count, words]);
  return (
    <Panel title="Materials">
      <CountField label="Number of cameras" name="cameras" value={count} least={1} most={200} onTake={setCount} />
      <ul className="mt-2 grid gap-1" data-bill>
        {bill.map((row) => (
          <li key={row.id} className="flex justify-between gap-3" title={row.why}>
            <span>{row.name}</span>
            <span className="shrink-0 tabular-nums">{row.amount}</span>
          </li>
        ))}
      </ul>
    </Panel>
  );
}
