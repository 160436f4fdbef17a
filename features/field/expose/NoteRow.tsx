import { useState } from "react";
import type { ShotWords } from "../../../core/document/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";
import { whereabouts } from "../../../ui/format/whereabouts.ts";
import { notify } from "../../../ui/notices/notify.ts";

const ENTRIES = [
  { name: "subject", label: "Subject", placeholder: "Scarecrow and bean rows" },
  { name: "where", label: "Where", placeholder: "by the cold frames" },
  { name: "weather", label: "Weather", placeholder: "wind from the west" },
] as const;

/** What the next shot is of, before the hole opens: all of it may stay empty. */
export function NoteRow({
  words,
  onWords,
}: {
  readonly words: ShotWords;
  readonly onWords: (words: ShotWords) => void;
}) {
  const [asking, setAsking] = useState(false);
  const locate = async (): Promise<void> => {
    setAsking(true);
    const found = await whereabouts();
    setAsking(false);
    if (found.ok) onWords({ ...words, position: found.value });
    else notify(found.error);
  };
  const { position } = words;
  return (
    <section aria-label="Note" className="grid grid-cols-2 gap-3 sm:grid-cols-3">
      {ENTRIES.map(({ name, label, placeholder }) => (
        <div key={name} className={name === "subject" ? "max-sm:col-span-2" : ""}>
          <TextEntry
            label={label}
            name={`next-${name}`}
            placeholder={placeholder}
            value={words[name] ?? ""}
            onChange={(event) => onWords({ ...words, [name]: event.target.value })}
          />
        </div>
      ))}
      <div className="col-span-full flex items-center gap-3">
        {position ? (
          <>
            <span data-position>
              {position.latitude.toFixed(5)}, {position.longitude.toFixed(5)}
            </span>
            <Button look="quiet" onClick={() => onWords({ ...words, position: null })}>
              Remove it
            </Button>
          </>
        ) : (
          <Button look="quiet" className="px-0" disabled={asking} onClick={() => void locate()}>
            {asking ? "Asking where this is …" : "Note where this is on the map"}
          </Button>
        )}
      </div>
    </section>
  );
}
