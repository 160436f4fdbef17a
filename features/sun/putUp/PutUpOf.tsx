import type { Camera } from "../../../core/camera/container/index.ts";
import type { Trail } from "../../../core/document/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Check } from "../../../ui/controls/Check.tsx";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { EditButtons } from "../../../ui/edits/EditButtons.tsx";
import { useRecordEdits } from "../../../ui/edits/useRecordEdits.ts";
import { LABEL, LETTER, SUN_STEPS } from "../../../wording/sunSteps.ts";
import { filled } from "./filled.ts";
import { RemindersButton } from "./RemindersButton.tsx";
import { TapeButtons } from "./TapeButtons.tsx";

const ENTRIES = [
  { name: "who", label: "Who puts it up", placeholder: "your name" },
  { name: "contact", label: "How you are reached", placeholder: "a telephone number" },
  { name: "where", label: "Where exactly", placeholder: "the post by the cold frames" },
] as const;

/** One plan on its way: the steps at the left, what is printed at the right. */
export function PutUpOf({ stored, camera }: { readonly stored: Trail; readonly camera: Camera | null }) {
  const { record: trail, edit, undo, redo } = useRecordEdits("trails", stored);
  const done = new Set(trail.done ?? []);
  const tick = (id: string, ticked: boolean): void =>
    edit((before) => ({
      ...before,
      done: ticked
        ? [...(before.done ?? []).filter((each) => each !== id), id]
        : (before.done ?? []).filter((each) => each !== id),
    }));
  const words = (text: string): string => filled(text, trail, camera);
  return (
    <div className="grid gap-x-8 gap-y-6 lg:grid-cols-[minmax(0,1fr)_26rem] print:block">
      <div className="grid content-start gap-5 print:hidden">
        {SUN_STEPS.map(({ when, steps }) => (
          <Panel key={when} title={words(when)}>
            <ol className="grid gap-2">
              {steps.map(({ id, title, words: why, caution }) => (
                <li key={id} data-step={id}>
                  <Check
                    label={words(title)}
                    className="min-h-9 font-semibold"
                    checked={done.has(id)}
                    onCheck={(ticked) => tick(id, ticked)}
                  />
                  <p className="pl-7 text-[0.93rem] text-quiet">{words(why)}</p>
                  {caution && <p className="pl-7 text-[0.93rem] text-action">{caution}</p>}
                </li>
              ))}
            </ol>
          </Panel>
        ))}
      </div>
      <div className="grid content-start gap-5">
        <div className="grid gap-5 print:hidden">
          <Panel title="Tape off, tape on">
            <TapeButtons trail={trail} onEvent={(event) => edit((before) => ({ ...before, ...event }))} />
          </Panel>
          <Panel title="Who and where">
            <div className="grid gap-2">
              {ENTRIES.map(({ name, label, placeholder }) => (
                <TextEntry
                  key={name}
                  label={label}
                  placeholder={placeholder}
                  value={trail[name] ?? ""}
                  onChange={(event) => edit((before) => ({ ...before, [name]: event.target.value }), name)}
                />
              ))}
            </div>
          </Panel>
          <div className="flex flex-wrap gap-2">
            <RemindersButton trail={trail} />
            <Button onClick={() => window.print()}>Print letter and label</Button>
            <EditButtons undo={undo} redo={redo} />
          </div>
        </div>
        <article className="sheet grid gap-3 p-5 print:border-0" aria-label="Letter" data-letter>
          {LETTER.map((paragraph) => (
            <p key={paragraph}>{words(paragraph)}</p>
          ))}
          <p>
            {trail.who || "……………………"}
            {trail.contact ? `, ${trail.contact}` : ""}
          </p>
        </article>
        <article className="grid gap-1 border-2 border-ink bg-card p-4 text-center" aria-label="Label" data-label>
          {LABEL.map((line, i) => (
            <p key={line} className={i === 0 ? "font-semibold" : ""}>
              {words(line)}
            </p>
          ))}
          <p className="font-semibold">
            {trail.who || "name"} · {trail.contact || "how to reach you"}
          </p>
        </article>
      </div>
    </div>
  );
}
