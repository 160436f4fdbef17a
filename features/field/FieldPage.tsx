import { useEffect, useMemo, useRef, useState } from "react";
import { Form, Link, useNavigate, useSubmit } from "react-router";
import { tinykeys } from "tinykeys";
import { lightTable } from "../../catalogue/lightTable.ts";
import { media, mediumById } from "../../catalogue/media.ts";
import type { Camera } from "../../core/container/index.ts";
import { formatTime, parseNumber } from "../../core/units/index.ts";
import { type Settings, writeSetting } from "../../storage/index.ts";
import { Button, buttonClass } from "../../ui/Button.tsx";
import { cx } from "../../ui/cx.ts";
import { isoWithOffset } from "../../ui/localTime.ts";
import { QuantityField } from "../../ui/QuantityField.tsx";
import { BigTime } from "./BigTime.tsx";
import type { ShotAnswer } from "./fieldAction.ts";
import { MeterEntry } from "./MeterEntry.tsx";
import { type LightSource, type Suggestion, suggest } from "./suggestion.ts";
import { useTimer } from "./useTimer.ts";

/** The Field: light in, time out, hole open, hole shut, shot logged. */
export function FieldPage({
  cameras,
  camera,
  settings,
  answer,
}: {
  readonly cameras: readonly Camera[];
  readonly camera: Camera | null;
  readonly settings: Settings;
  readonly answer: ShotAnswer | null;
}) {
  if (camera === null) {
    return (
      <main className="mx-auto max-w-md px-4 py-8">
        <h1 className="mb-2 font-semibold text-2xl">No camera to take out yet</h1>
        <p className="mb-4">Measure a container first; its f-number decides every time.</p>
        <Link to="/new" className={buttonClass("action")}>
          Measure a container
        </Link>
      </main>
    );
  }
  return <FieldWith cameras={cameras} camera={camera} settings={settings} answer={answer} />;
}

function FieldWith({
  cameras,
  camera,
  settings,
  answer,
}: {
  readonly cameras: readonly Camera[];
  readonly camera: Camera;
  readonly settings: Settings;
  readonly answer: ShotAnswer | null;
}) {
  const navigate = useNavigate();
  const [mediumId, setMediumId] = useState(mediumById(camera.chambers[0].film.medium).id);
  const medium = mediumById(mediumId);
  const [iso, setIso] = useState(medium.iso);
  const [source, setSource] = useState<LightSource>({ by: "table", row: "sun" });
  const [offset, setOffset] = useState(settings.meterOffset);
  const suggestion = useMemo(() => suggest(camera, medium, iso, source, offset), [camera, medium, iso, source, offset]);
  const timer = useTimer(settings.running?.cameraId === camera.id ? settings.running : null);
  const { state } = timer;
  const good = suggestion.ok ? suggestion.value : null;
  const press = useRef(() => {});
  press.current = () => {
    if (state.is === "open") timer.close();
    else if (state.is === "ready" && good) timer.open(camera.id, good.seconds);
  };
  useEffect(
    () =>
      tinykeys(window, {
        Space: (event) => {
          if (event.target instanceof HTMLElement && event.target.closest("input, select, textarea, button, a")) return;
          event.preventDefault();
          press.current();
        },
      }),
    [],
  );
  const [lastAnswer, setLastAnswer] = useState(answer);
  if (answer !== lastAnswer) {
    setLastAnswer(answer);
    if (answer?.saved) timer.discard();
  }

  return (
    <main className="mx-auto grid max-w-5xl gap-x-10 gap-y-4 px-4 pt-3 pb-16 md:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
      <section
        aria-label="Camera, sheet and light"
        className={cx("grid content-start gap-4", state.is !== "ready" && "max-md:order-2")}
      >
        <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)_4.5rem] gap-3">
          <label className="text-[0.87rem] text-quiet">
            Camera
            <select
              className="entry text-ink"
              value={camera.id}
              disabled={state.is === "open"}
              onChange={(event) => void navigate(`/field?camera=${encodeURIComponent(event.target.value)}`)}
            >
              {cameras.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
          </label>
          <label className="text-[0.87rem] text-quiet">
            Paper or film
            <select
              className="entry text-ink"
              value={mediumId}
              onChange={(event) => {
                setMediumId(event.target.value);
                setIso(mediumById(event.target.value).iso);
              }}
            >
              {media.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
          </label>
          <QuantityField
            label="ISO"
            name="iso"
            value={iso}
            show={String}
            read={(text) => {
              const number = parseNumber(text);
              return number.ok ? { ok: true, value: number.value.value } : number;
            }}
            take={(value) => {
              if (value === null || !(value > 0)) return "Above 0, such as 6.";
              setIso(value);
              return null;
            }}
          />
        </div>
        <div>
          <div role="radiogroup" aria-label="Light by" className="mb-2 flex border border-ink">
            {(["table", "meter"] as const).map((by) => (
              <label
                key={by}
                className={cx(
                  "flex min-h-11 grow cursor-pointer items-center justify-center",
                  source.by === by ? "bg-tape text-on-tape" : "bg-card",
                )}
              >
                <input
                  type="radio"
                  name="light-by"
                  className="sr-only"
                  checked={source.by === by}
                  onChange={() =>
                    setSource(
                      by === "table" ? { by, row: "sun" } : { by, seconds: "1/60", fNumber: "f/16", iso: String(iso) },
                    )
                  }
                />
                {by === "table" ? "Light by eye" : "Light by meter"}
              </label>
            ))}
          </div>
          {source.by === "table" ? (
            <LightRows row={source.row} onPick={(row) => setSource({ by: "table", row })} />
          ) : (
            <MeterEntry
              source={source}
              fault={suggestion.ok ? null : suggestion.error}
              offset={offset}
              onChange={setSource}
              onOffset={(stops) => {
                setOffset(stops);
                void writeSetting("meterOffset", stops);
              }}
            />
          )}
        </div>
      </section>
      <section aria-label="Time" className="grid content-start gap-4">
        <BigTime state={state} seconds={good?.seconds ?? null} />
        {state.is !== "closed" && (
          <Button
            look="action"
            className="min-h-16 w-full text-xl"
            disabled={state.is === "ready" && good === null}
            onClick={() => press.current()}
          >
            {state.is === "open" ? "Close the hole" : "Open the hole"}
          </Button>
        )}
        {state.is === "open" && (
          <Button look="quiet" onClick={timer.discard}>
            Stop without a shot
          </Button>
        )}
        {good && state.is === "ready" && <Sum suggestion={good} />}
        {state.is === "closed" && (
          <LogForm
            key={state.running.openedMs}
            camera={camera}
            medium={medium.id}
            iso={iso}
            openedMs={state.running.openedMs}
            elapsedSeconds={state.elapsedMs / 1000}
            suggestion={good}
            draft={settings.draft}
            error={answer?.error ?? null}
            onDiscard={timer.discard}
          />
        )}
        {state.is === "ready" && answer?.saved && (
          <p role="status" className="border-good border-l-4 bg-card p-3">
            Logged: {answer.saved.subject || "a shot"}, {formatTime(answer.saved.seconds)}.{" "}
            <Link to={`/log?camera=${encodeURIComponent(camera.id)}`} className="underline underline-offset-4">
              See the log
            </Link>
          </p>
        )}
        <p className="text-[0.83rem] text-quiet">
          Nothing may move the camera while the hole is open. Keep your shadow out of a near scene. Never look at the
          sun through the hole.
        </p>
      </section>
    </main>
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
          <span className="ml-auto text-quiet">EV {ev}</span>
        </label>
      ))}
    </div>
  );
}

function Sum({ suggestion }: { readonly suggestion: Suggestion }) {
  return (
    <div data-sum>
      <p className="stamp border-ink border-b pb-0.5">The sum</p>
      <ul className="mt-1 text-[0.93rem]">
        {suggestion.sum.map((lineOfSum) => (
          <li key={lineOfSum}>{lineOfSum}</li>
        ))}
      </ul>
      <p className="mt-1 text-[0.83rem] text-quiet">
        Half or twice the time is a small step for paper: when in doubt, give more, and change one thing at a time.
      </p>
    </div>
  );
}

function LogForm({
  camera,
  medium,
  iso,
  openedMs,
  elapsedSeconds,
  suggestion,
  draft,
  error,
  onDiscard,
}: {
  readonly camera: Camera;
  readonly medium: string;
  readonly iso: number;
  readonly openedMs: number;
  readonly elapsedSeconds: number;
  readonly suggestion: Suggestion | null;
  readonly draft: Settings["draft"];
  readonly error: string | null;
  readonly onDiscard: () => void;
}) {
  const submit = useSubmit();
  const [words, setWords] = useState(draft);
  const [seconds, setSeconds] = useState(formatTime(Math.max(0.1, elapsedSeconds)));
  const keep = (change: Partial<Settings["draft"]>): void => {
    const next = { ...words, ...change };
    setWords(next);
    void writeSetting("draft", next);
  };
  const hidden: Readonly<Record<string, string | number>> = {
    cameraId: camera.id,
    medium,
    iso,
    openedAt: isoWithOffset(new Date(openedMs)),
    ...(suggestion && {
      suggestedSeconds: suggestion.seconds,
      fNumber: suggestion.fNumber,
      ev: suggestion.ev,
      light: suggestion.light,
    }),
  };
  return (
    <Form
      method="post"
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void submit(event.currentTarget);
      }}
    >
      {Object.entries(hidden).map(([name, value]) => (
        <input key={name} type="hidden" name={name} value={value} />
      ))}
      <label className="text-[0.87rem] text-quiet">
        Time given
        <input
          name="seconds"
          className="entry text-ink"
          value={seconds}
          aria-invalid={error !== null}
          onChange={(event) => setSeconds(event.target.value)}
        />
      </label>
      {error && (
        <p role="alert" className="text-[0.87rem] text-action">
          {error}
        </p>
      )}
      <label className="text-[0.87rem] text-quiet">
        Subject
        <input
          name="subject"
          className="entry text-ink"
          value={words.subject}
          placeholder="Bean rows, from the water butt"
          onChange={(event) => keep({ subject: event.target.value })}
        />
      </label>
      <label className="text-[0.87rem] text-quiet">
        Note
        <textarea
          name="note"
          rows={2}
          className="entry text-ink"
          value={words.note}
          onChange={(event) => keep({ note: event.target.value })}
        />
      </label>
      <div className="flex gap-2">
        <button type="submit" className={buttonClass("action", "min-h-12 grow")}>
          Log this shot
        </button>
        <Button look="quiet" onClick={onDiscard}>
          Throw it away
        </Button>
      </div>
    </Form>
  );
}
