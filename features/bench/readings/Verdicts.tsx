import type { Verdict, Weight } from "../../../core/bench/judgement/index.ts";
import { Button } from "../../../ui/Button.tsx";
import { cx } from "../../../ui/cx.ts";
import { Panel } from "../../../ui/Panel.tsx";
import type { EditDesign } from "../design/edit.ts";

const MARKS: Readonly<Record<Weight, { readonly word: string; readonly className: string }>> = {
  stop: { word: "won’t work", className: "bg-action text-on-action border-action" },
  warn: { word: "watch", className: "text-action border-action" },
  note: { word: "note", className: "text-quiet border-line" },
};

/** What stands in the way, worst first, each with the change that mends it. */
export function Verdicts({ verdicts, onEdit }: { readonly verdicts: readonly Verdict[]; readonly onEdit: EditDesign }) {
  return (
    <Panel title="Verdict" className="mt-4">
      {verdicts.length === 0 && <p className="text-good">Nothing stands in the way. Make the hole.</p>}
      <ul>
        {verdicts.map(({ id, weight, title, sentence, fix }) => (
          <li
            key={id}
            data-verdict={id}
            className="grid items-start gap-x-3 gap-y-2 border-line border-b py-2 last:border-b-0 sm:grid-cols-[6rem_minmax(0,1fr)_minmax(8rem,auto)]"
          >
            <span className={cx("stamp mt-0.5 w-24 border px-1.5 text-center", MARKS[weight].className)}>
              {MARKS[weight].word}
            </span>
            <span>
              <strong className="font-semibold">{title}.</strong> <span className="text-quiet">{sentence}</span>
            </span>
            {fix && (
              <Button look={weight === "stop" ? "action" : "plain"} onClick={() => onEdit(fix.label, fix.apply)}>
                {fix.label}
              </Button>
            )}
          </li>
        ))}
      </ul>
    </Panel>
  );
}
