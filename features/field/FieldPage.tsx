import { useEffect, useMemo, useRef, useState } from "react";
import { Link } from "react-router";
import { tinykeys } from "tinykeys";
import { mediumById } from "../../catalogue/media.ts";
import { formatTime } from "../../core/basis/units/index.ts";
import { type Camera, isTrail } from "../../core/camera/container/index.ts";
import type { CameraName, Settings } from "../../storage/index.ts";
import { Button, buttonClass } from "../../ui/Button.tsx";
import { keep } from "../../ui/keep.ts";
import { useLengthWords } from "../../ui/UnitContext.ts";
import { BigTime } from "./BigTime.tsx";
import type { ShotAnswer } from "./fieldAction.ts";
import { LightPanel } from "./LightPanel.tsx";
import { LogForm } from "./LogForm.tsx";
import { SetupRow } from "./SetupRow.tsx";
import { type LightSource, type Suggestion, suggest } from "./suggestion.ts";
import { useTimer } from "./useTimer.ts";

interface FieldProps {
  readonly cameras: readonly CameraName[];
  readonly settings: Settings;
  readonly answer: ShotAnswer | null;
}

/** The Field: light in, time out, hole open, hole shut, shot logged. */
export function FieldPage({ camera, ...rest }: FieldProps & { readonly camera: Camera | null }) {
  if (camera !== null) return <FieldWith camera={camera} {...rest} />;
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

function FieldWith({ cameras, camera, settings, answer }: FieldProps & { readonly camera: Camera }) {
  const [mediumId, setMediumId] = useState(mediumById(camera.chambers[0].film.medium).id);
  const medium = mediumById(mediumId);
  const [iso, setIso] = useState(medium.iso);
  const [source, setSource] = useState<LightSource>({ by: "table", row: "sun" });
  const [offset, setOffset] = useState(settings.meterOffset);
  const words = useLengthWords();
  const suggestion = useMemo(
    () => suggest(camera, medium, iso, source, offset, words),
    [camera, medium, iso, source, offset, words],
  );
  const timer = useTimer(settings.running?.cameraId === camera.id ? settings.running : null);
  const { state } = timer;
  // Nobody counts seconds for a trail of months.
  const trail = isTrail(camera) && state.is === "ready";
  const good = suggestion.ok && !trail ? suggestion.value : null;

  const press = (): void => {
    if (state.is === "open") timer.close();
    else if (state.is === "ready" && good) {
      const { seconds, fNumber, ev, light } = good;
      timer.open({ cameraId: camera.id, targetSeconds: seconds, medium: medium.id, iso, fNumber, ev, light });
    }
  };
  useFieldKeys(press, () => {
    if (state.is === "open") timer.discard();
  });
  const [lastAnswer, setLastAnswer] = useState(answer);
  if (answer !== lastAnswer) {
    setLastAnswer(answer);
    if (answer?.saved) timer.discard();
  }

  return (
    <main className="mx-auto grid max-w-6xl gap-x-12 gap-y-4 px-4 pt-3 pb-16 [grid-template-areas:'setup'_'time'_'light'] md:grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)] md:grid-rows-[auto_1fr] md:[grid-template-areas:'setup_time'_'light_time']">
      <section aria-label="Camera and sheet" className="[grid-area:setup]">
        <SetupRow
          cameras={cameras}
          camera={camera}
          mediumId={mediumId}
          iso={iso}
          locked={state.is !== "ready"}
          onMedium={(id) => {
            setMediumId(id);
            setIso(mediumById(id).iso);
          }}
          onIso={setIso}
        />
      </section>
      <section aria-label="Time" className="grid content-start gap-4 [grid-area:time]">
        {trail ? <TrailNote camera={camera} /> : <BigTime state={state} seconds={good?.seconds ?? null} />}
        {state.is !== "closed" && !trail && (
          <Button
            look="action"
            className="min-h-16 w-full text-[1.4rem]"
            disabled={state.is === "ready" && good === null}
            onClick={press}
          >
            {state.is === "open" ? "Close the hole" : "Open the hole"}
          </Button>
        )}
        {state.is === "open" && (
          <Button look="quiet" onClick={timer.discard}>
            Stop without a shot
          </Button>
        )}
        {state.is === "closed" && (
          <LogForm
            key={state.running.openedMs}
            running={state.running}
            set={state.running.cameraId === camera.id ? (camera.set ?? null) : null}
            elapsedSeconds={state.elapsedMs / 1000}
            doubtSeconds={state.doubtMs === null ? null : state.doubtMs / 1000}
            draft={settings.draft}
            error={answer?.error ?? null}
            onDiscard={timer.discard}
          />
        )}
        {state.is === "ready" && answer?.saved && (
          <p role="status" className="border-good border-l-4 bg-card p-3">
            Logged: {answer.saved.number ? `No. ${answer.saved.number}, ` : ""}
            {answer.saved.subject || "a shot"}, {formatTime(answer.saved.seconds)}.{" "}
            <Link to={`/log?camera=${encodeURIComponent(camera.id)}`} className="underline underline-offset-4">
              See the log
            </Link>
          </p>
        )}
        {good && state.is === "ready" && <Sum suggestion={good} />}
        <p className="text-[0.83rem] text-quiet">
          Nothing may move the camera while the hole is open. Keep your shadow out of a near scene. Never look at the
          sun through the hole.
        </p>
      </section>
      {state.is === "ready" && !trail && (
        <section aria-label="Light" className="[grid-area:light]">
          <LightPanel
            source={source}
            fault={suggestion.ok ? null : suggestion.error}
            offset={offset}
            onSource={setSource}
            onOffset={(stops) => {
              setOffset(stops);
              keep("meterOffset", stops, "The meter’s offset");
            }}
          />
        </section>
      )}
    </main>
  );
}

/** What there is to do for a camera that stays out for months. */
function TrailNote({ camera }: { readonly camera: Camera }) {
  return (
    <div className="sheet grid gap-2 p-4" data-trail>
      <p className="font-semibold text-[2rem] leading-tight">Weeks to months</p>
      <p>
        This camera draws the sun’s trails: nothing to count. Take the tape off on a day you note, and put it on again
        when you take the camera down.
      </p>
      <p>
        <Link to={`/cameras/${encodeURIComponent(camera.id)}/make/build`} className="underline underline-offset-4">
          How to put it up, and take it down
        </Link>
      </p>
    </div>
  );
}

/** Space opens and closes the hole, Escape gives the shot up, unless a control has the key. */
function useFieldKeys(onSpace: () => void, onEscape: () => void): void {
  const latest = useRef({ onSpace, onEscape });
  latest.current = { onSpace, onEscape };
  useEffect(() => {
    const space = (event: KeyboardEvent): void => {
      if (event.target instanceof HTMLElement && event.target.closest("input, select, textarea, button, a")) return;
      event.preventDefault();
      latest.current.onSpace();
    };
    const giveUp = (): void => latest.current.onEscape();
    return tinykeys(window, Object.fromEntries([["Space", space] as const, ["Escape", giveUp] as const]));
  }, []);
}

function Sum({ suggestion }: { readonly suggestion: Suggestion }) {
  return (
    <div data-sum>
      <p className="stamp border-ink border-b pb-0.5">The sum</p>
      <ul className="mt-1 text-[0.93rem]">
        {suggestion.sum.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ul>
      <p className="mt-1 text-[0.83rem] text-quiet">
        One stop is half or twice the time. Paper holds less than four stops from white to black, so one shows plainly:
        a grey comes out clearly darker or lighter. When in doubt give more, and change one thing at a time.
      </p>
    </div>
  );
}
