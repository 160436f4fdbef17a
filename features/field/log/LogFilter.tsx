import { useState } from "react";
import { lightTable } from "../../../catalogue/lightTable.ts";
import { allMedia } from "../../../catalogue/media.ts";
import type { CameraName } from "../../../storage/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Choice, type ChoiceOption } from "../../../ui/controls/Choice.tsx";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";
import { isSifted, type ShotFilter, VERDICTS } from "./shotFilter.ts";

const ALL = "all";

/** What of the log is shown: by camera, paper, light, place, verdict, days and words. */
export function LogFilter({
  cameras,
  filter,
  onFilter,
}: {
  readonly cameras: readonly CameraName[];
  readonly filter: ShotFilter;
  readonly onFilter: (change: Partial<ShotFilter>) => void;
}) {
  const sifted = isSifted(filter);
  const [open, setOpen] = useState(sifted);
  const choice = (name: "camera" | "medium" | "light" | "verdict", label: string, options: readonly ChoiceOption[]) => (
    <Choice
      label={label}
      value={filter[name] ?? ALL}
      options={[{ id: ALL, name: "all" }, ...options]}
      onChoose={(id) => onFilter({ [name]: id === ALL ? null : id })}
    />
  );
  return (
    <search className="mb-4 grid grid-cols-2 gap-3 sm:grid-cols-4 lg:grid-cols-8" aria-label="Shots shown">
      {choice("camera", "Camera", cameras)}
      {open ? (
        <>
          {choice("medium", "Paper or film", allMedia())}
          {choice("light", "Light", lightTable)}
          {choice("verdict", "Verdict", VERDICTS)}
          <Words label="Where" value={filter.where} onValue={(where) => onFilter({ where })} />
          <TextEntry
            label="From"
            type="date"
            value={filter.from ?? ""}
            onChange={(event) => onFilter({ from: event.target.value || null })}
          />
          <TextEntry
            label="Until"
            type="date"
            value={filter.until ?? ""}
            onChange={(event) => onFilter({ until: event.target.value || null })}
          />
          <Words label="Words" value={filter.words} onValue={(words) => onFilter({ words })} />
          {sifted && (
            <Button
              look="quiet"
              className="justify-start px-0"
              onClick={() =>
                onFilter({
                  load: null,
                  medium: null,
                  light: null,
                  where: null,
                  verdict: null,
                  from: null,
                  until: null,
                  words: null,
                })
              }
            >
              Show all again
            </Button>
          )}
        </>
      ) : (
        <Button look="quiet" className="self-end justify-self-start px-0" onClick={() => setOpen(true)}>
          Search and filter
        </Button>
      )}
    </search>
  );
}

/** Words that are asked for when they are settled, not letter by letter. */
function Words({
  label,
  value,
  onValue,
}: {
  readonly label: string;
  readonly value: string | null;
  readonly onValue: (value: string | null) => void;
}) {
  const [text, setText] = useState(value ?? "");
  const [last, setLast] = useState(value);
  if (value !== last) {
    setLast(value);
    setText(value ?? "");
  }
  const settle = (): void => {
    if ((text.trim() || null) !== value) onValue(text.trim() || null);
  };
  return (
    <TextEntry
      label={label}
      value={text}
      onChange={(event) => setText(event.target.value)}
      onBlur={settle}
      onKeyDown={(event) => {
        if (event.key === "Enter") settle();
      }}
    />
  );
}
