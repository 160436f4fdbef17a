import { Overlay } from "../../ui/seldom/Overlay.tsx";

const KEYS: readonly (readonly [group: string, rows: readonly (readonly [keys: string, what: string])[]])[] = [
  [
    "Everywhere",
    [
      ["Ctrl K", "find a command"],
      ["?", "this sheet"],
      ["Tab", "to the next control"],
    ],
  ],
  [
    "Bench",
    [
      ["Ctrl Z", "undo"],
      ["Ctrl Shift Z", "redo"],
      ["Tab to a handle, arrows", "move it by 1 mm (1/16 in)"],
      ["Shift + arrow", "ten times as far"],
      ["Enter on a figure", "type over it"],
      ["Escape", "give up what was typed"],
    ],
  ],
  ["Field", [["Space", "open or close the hole (when no field is being typed in)"]]],
];

/** The keys, on a sheet. */
export default function ShortcutSheet({ onClose }: { readonly onClose: () => void }) {
  return (
    <Overlay title="Keys" onClose={onClose}>
      {KEYS.map(([group, rows]) => (
        <section key={group} className="mb-4">
          <h3 className="mb-1 font-semibold">{group}</h3>
          <dl className="grid grid-cols-[12rem_1fr] gap-x-4 gap-y-1">
            {rows.map(([keys, what]) => (
              <div key={keys} className="contents">
                <dt>
                  <kbd className="border border-line bg-board px-1.5 font-sans">{keys}</kbd>
                </dt>
                <dd>{what}</dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
    </Overlay>
  );
}
