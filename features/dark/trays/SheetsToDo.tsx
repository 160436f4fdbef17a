import { Button } from "../../../ui/controls/Button.tsx";
import { Check } from "../../../ui/controls/Check.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { SHEET_CM2 } from "../bottleFacts.ts";
import type { SheetToDo } from "./queueSheets.ts";

/** As many shots as are offered at once. */
const SHOWN = 12;
/** What goes in: shots of the log that wait to be developed, in the order they are ticked, and sheets nobody noted. */
export function SheetsToDo({
  offered,
  sheets,
  onSheets,
}: {
  /** What waits, as the log knows it. */
  readonly offered: readonly SheetToDo[];
  readonly sheets: readonly SheetToDo[];
  readonly onSheets: (sheets: readonly SheetToDo[]) => void;
}) {
  const others = sheets.filter(({ exposureIds }) => exposureIds.length === 0);
  // Those that go in stand first, in their order.
  const rows = [
    ...sheets.filter(({ exposureIds }) => exposureIds.length > 0),
    ...offered.slice(0, SHOWN).filter(({ id }) => sheets.every((each) => each.id !== id)),
  ];
  const add = (sheet: SheetToDo): void => onSheets([...sheets, sheet]);
  return (
    <Panel title="What goes in" aside={<span data-sheets={sheets.length}>{sheets.length} chosen</span>}>
      {rows.length > 0 && (
        <ul>
          {rows.map((sheet) => {
            const at = sheets.findIndex(({ id }) => id === sheet.id);
            return (
              <li key={sheet.id} className="border-line border-b">
                <Check
                  className="min-h-[3.75rem]"
                  label={`${at >= 0 ? `${at + 1}. ` : ""}${sheet.name}`}
                  checked={at >= 0}
                  onCheck={(on) => (on ? add(sheet) : onSheets(sheets.filter(({ id }) => id !== sheet.id)))}
                />
              </li>
            );
          })}
        </ul>
      )}
      {offered.length > SHOWN && (
        <p className="py-1 text-quiet">{offered.length - SHOWN} older ones wait in the log.</p>
      )}
      <div className="mt-2 grid grid-cols-[minmax(0,1fr)_auto_auto] items-center gap-2">
        <span>{others.length === 0 ? "Sheets nobody noted" : `${others.length} nobody noted`}</span>
        <Button
          aria-label="One fewer"
          disabled={others.length === 0}
          className="w-[3.75rem] text-[1.5rem]"
          onClick={() => onSheets(sheets.filter((each) => each !== others.at(-1)))}
        >
          −
        </Button>
        <Button
          aria-label="One more"
          className="w-[3.75rem] text-[1.5rem]"
          onClick={() =>
            add({
              id: crypto.randomUUID(),
              name: `Sheet ${others.length + 1}`,
              exposureIds: [],
              areaCm2: SHEET_CM2,
            })
          }
        >
          +
        </Button>
      </div>
    </Panel>
  );
}
