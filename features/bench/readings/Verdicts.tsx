import { type Weight, withMeant } from "../../../core/bench/judgement/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { cx } from "../../../ui/controls/cx.ts";
import { Disclosure } from "../../../ui/controls/Disclosure.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import type { SaidVerdict } from "../../../wording/verdicts.ts";
import type { EditDesign } from "../design/edit.ts";

const MARKS: Readonly<Record<Weight, { readonly word: string; readonly className: string }>> = {
  stop: { word: "won’t work", className: "bg-action text-on-action border-action" },
  warn: { word: "watch", className: "text-action border-action" },
  note: { word: "note", className: "text-quiet border-line" },
};

/** What stands in the way, worst first, each with the change that mends it. */
export function Verdicts({
  verdicts,
  meant,
  onEdit,
}: {
  readonly verdicts: readonly SaidVerdict[];
  /** What is kept as it was meant: one line, and a way back. */
  readonly meant: readonly SaidVerdict[];
  readonly onEdit: EditDesign;
}) {
  const [worst, ...others] = verdicts;
  return (
    <Panel title="Verdict" className="mt-3">
      {worst === undefined && <p className="text-good">Nothing stands in the way.</p>}
      {worst && (
        <ul>
          <VerdictRow verdict={worst} onEdit={onEdit} />
        </ul>
      )}
      {others.length > 0 && (
        <Disclosure
          title={others.length === 1 ? "One more to look at" : `${others.length} more to look at`}
          name="verdicts"
        >
          <ul>
            {others.map((verdict) => (
              <VerdictRow key={verdict.id} verdict={verdict} onEdit={onEdit} />
            ))}
          </ul>
        </Disclosure>
      )}
      {meant.map(({ id, title }) => (
        <p key={id} data-meant={id} className="py-1 text-[0.93rem] text-quiet">
          As you meant it: {title.slice(0, 1).toLowerCase() + title.slice(1)}.{" "}
          <button
            type="button"
            className="min-h-6 underline underline-offset-4"
            aria-label={`Say it again: ${title}`}
            onClick={() => onEdit("say it again", (from) => withMeant(from, id, false))}
          >
            Say it again
          </button>
        </p>
      ))}
    </Panel>
  );
}

function VerdictRow({ verdict, onEdit }: { readonly verdict: SaidVerdict; readonly onEdit: EditDesign }) {
  const { id, weight, title, sentence, fix, button } = verdict;
  return (
    <li
      data-verdict={id}
      className="grid items-start gap-x-3 gap-y-2 border-line border-b py-2 last:border-b-0 sm:grid-cols-[6rem_minmax(0,1fr)_minmax(8rem,auto)]"
    >
      <span className={cx("stamp mt-0.5 w-24 border px-1.5 text-center", MARKS[weight].className)}>
        {MARKS[weight].word}
      </span>
      <span>
        <strong className="font-semibold">{title}.</strong> <span className="text-quiet">{sentence}</span>
      </span>
      <span className="grid justify-items-stretch gap-1 print:hidden">
        {fix !== null && button !== null && (
          <Button look={weight === "stop" ? "action" : "plain"} onClick={() => onEdit(button, fix.apply)}>
            {button}
          </Button>
        )}
        {weight !== "stop" && (
          <button
            type="button"
            className="min-h-6 text-[0.87rem] text-quiet underline underline-offset-4"
            aria-label={`Leave it so: ${title}`}
            onClick={() => onEdit("leave it so", (from) => withMeant(from, id, true))}
          >
            Leave it so
          </button>
        )}
      </span>
    </li>
  );
}
