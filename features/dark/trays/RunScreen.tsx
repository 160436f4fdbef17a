import { type ReactNode, useCallback, useEffect, useRef, useState, useSyncExternalStore } from "react";
import { useBlocker } from "react-router";
import {
  darkroomCautions,
  foggedWords,
  LAMP_WORDS,
  tooSoonWords,
  VESSEL_WORDS,
} from "../../../catalogue/words/darkroomWords.ts";
import { lampBorne } from "../../../core/darkroom/lamp/index.ts";
import { isTooSoon, type Lamp, leastOf, type PlannedStep } from "../../../core/darkroom/recipe/index.ts";
import { movesTill, runAt } from "../../../core/darkroom/run/index.ts";
import { sheetOut } from "../../../core/document/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { HoldButton } from "../../../ui/controls/HoldButton.tsx";
import { onRedLight, redLevel, setRedLight } from "../../../ui/dark/redLight.ts";
import { isDeliberate, type Touch } from "../../../ui/device/deliberateTap.ts";
import { clockNow } from "../../../ui/device/useNow.ts";
import { useWakeLock } from "../../../ui/device/useWakeLock.ts";
import { ConfirmDialog } from "../../../ui/seldom/ConfirmDialog.tsx";
import { Question } from "../../../ui/seldom/Question.tsx";
import { Blackout } from "../Blackout.tsx";
import { countText, FocusSheet, nameOf, nextMove, OtherSheet } from "./FocusSheet.tsx";
import type { Runs, SheetNow } from "./useRuns.ts";

/**
 * The screen beside the trays: one huge count for the sheet that moves next, a bar for the whole, the others beneath. Any
 * tap that was meant moves that sheet on; edges, wiping and drops do nothing. It covers the app, and is left by holding.
 */
export function RunScreen({
  runs,
  pausedSignals,
  onPause,
  onTouch,
  onLeave,
}: {
  readonly runs: Runs;
  /** Whether sounds are held back: the count goes on all the same. */
  readonly pausedSignals: boolean;
  readonly onPause: (paused: boolean) => void;
  /** Anything was touched: browsers let a page sound only then, also after a reload. */
  readonly onTouch: () => void;
  readonly onLeave: () => void;
}) {
  const { going, waiting } = runs;
  const [focus] = going;
  const [first] = waiting;
  useWakeLock(going.length > 0);
  // The back gesture of a wet hand leads nowhere while a sheet is in a bath.
  const blocker = useBlocker(going.length > 0);
  useEffect(() => {
    if (blocker.state === "blocked") blocker.reset();
  }, [blocker]);
  const [early, setEarly] = useState<SheetNow | null>(null);
  const move = useCallback(
    (sheet: SheetNow): void => {
      if (tooSoon(sheet)) setEarly(sheet);
      else runs.move(sheet.development.id);
    },
    [runs],
  );
  const tap = useCallback(() => {
    if (focus) move(focus);
  }, [focus, move]);
  const area = useAnyTap(tap);
  const black = useBlackScreen(runs);
  return (
    <div
      className="wet fixed inset-0 z-[35] flex flex-col overflow-y-auto bg-board p-5"
      data-run-screen
      onPointerDownCapture={onTouch}
      data-going={going.length}
    >
      <LampNow lamp={runs.lamp.lamp} />
      {early?.at.now && (
        <Question
          title="Already?"
          words={tooSoonWords(early.at.now.name, early.at.elapsed, leastOf(early.at.now))}
          yes="Move it on"
          no="It stays in"
          onYes={() => {
            setEarly(null);
            runs.move(early.development.id);
          }}
          onNo={() => setEarly(null)}
        />
      )}
      {black.screen}
      {focus ? (
        <>
          <div
            className="flex grow select-none flex-col justify-center gap-2"
            data-focus={focus.development.id}
            {...area}
          >
            <FocusSheet sheet={focus} />
          </div>
          <Button look="action" className="mb-2 min-h-[4.5rem] w-full text-[1.4rem]" data-move onClick={tap}>
            {nextMove(focus)}
          </Button>
        </>
      ) : (
        <NothingIn first={first} />
      )}
      {going.length > 1 && (
        <ul className="mb-2 border-line border-t">
          {inTheirOrder(going.slice(1)).map((sheet) => (
            <OtherSheet key={sheet.development.id} sheet={sheet} onMove={() => move(sheet)} />
          ))}
        </ul>
      )}
      {runs.unfixed.map((sheet) => (
        <Unfixed key={sheet.development.id} sheet={sheet} runs={runs} />
      ))}
      <NextSheet runs={runs} onArm={black.arm} />
      {focus && going.length === 1 && <Cautions step={focus.at.now} />}
      <Presses runs={runs} pausedSignals={pausedSignals} onPause={onPause} />
      {pausedSignals && going.length > 0 && (
        <p role="status" className="mt-2">
          Quiet, not stopped: the bath goes on working, and so does the count.
        </p>
      )}
      <HoldButton className="mt-2 w-full" onHeld={onLeave} hint="all goes on">
        Hold to leave
      </HoldButton>
    </div>
  );
}

/** Which lamp may be on; where all may be, the way out of the red. */
function LampNow({ lamp }: { readonly lamp: Lamp }) {
  const red = useSyncExternalStore(onRedLight, redLevel, () => null) !== null;
  return (
    <p className="mb-1 flex flex-wrap items-center justify-between gap-x-4" data-lamp={lamp}>
      <span className="stamp text-[1rem]">{LAMP_WORDS[lamp]}</span>
      {red && lamp === "white" && <Button onClick={() => setRedLight(null)}>Daylight</Button>}
    </p>
  );
}

/**
 * The screen that gives no light: what bears no lamp is developed at it, until somebody asks for the other one back; and it
 * has to be black before the film is out of its box.
 */
function useBlackScreen(runs: Runs): { readonly screen: ReactNode; readonly arm: () => void } {
  const { going, waiting } = runs;
  const [focus] = going;
  const [first] = waiting;
  const [lit, setLit] = useState<string | null>(null);
  const [armed, setArmed] = useState(false);
  // Nobody reads a question there: the same tap within so long answers it.
  const doubted = useRef(Number.NEGATIVE_INFINITY);
  const arm = (): void => setArmed(true);
  if (armed && first) {
    const start = (): void => {
      runs.start(first.id);
      setArmed(false);
      setLit(null);
    };
    const label = `In the dark: ${first.sheet} goes in`;
    return { arm, screen: <Blackout label={label} status="" onTap={start} onLight={() => setArmed(false)} /> };
  }
  const bare = going.some(({ development }) => lampBorne(sheetOut(development), runs.now) === "none");
  if (focus === undefined || !bare || lit === focus.development.id) return { arm, screen: null };
  const blindTap = (): void => {
    const early = tooSoon(focus) && clockNow() - doubted.current > DOUBTED;
    doubted.current = clockNow();
    if (!early) runs.move(focus.development.id);
    else navigator.vibrate?.([400, 100, 400]);
  };
  return {
    arm,
    screen: (
      <Blackout
        label={`In the dark: ${focus.at.now?.name}. Move on: ${nameOf(focus)}`}
        status={focus.at.left <= 0 ? "over its time" : ""}
        onTap={blindTap}
        onLight={() => setLit(focus.development.id)}
      />
    ),
  };
}

/** Before the first sheet goes in. */
function NothingIn({ first }: { readonly first: Runs["waiting"][number] | undefined }) {
  if (!first) {
    return (
      <div className="flex grow flex-col justify-center gap-2">
        <p className="font-semibold text-[1.8rem] leading-tight">Nothing is in the trays.</p>
      </div>
    );
  }
  const [step] = first.steps;
  return (
    <div className="flex grow flex-col justify-center gap-2">
      <p className="font-semibold text-[1.8rem] leading-tight">{first.sheet} goes in first.</p>
      <p>
        {step?.lamp === "none"
          ? "The film is still in its camera or box. Make the screen black; then take it out, and tap as it goes under."
          : VESSEL_WORDS[step?.vessel ?? "tray"].first}
      </p>
      <Cautions step={step} />
    </div>
  );
}

/** A sheet that is through, and would darken in the light. */
function Unfixed({ sheet, runs }: { readonly sheet: SheetNow; readonly runs: Runs }) {
  const { id } = sheet.development;
  return (
    <div role="alert" className="mb-2 border-action border-l-4 pl-3" data-unfixed>
      <p>
        {nameOf(sheet)} is through, but no fixer worked on it long enough. {foggedWords([sheetOut(sheet.development)])}
      </p>
      <p className="grid grid-cols-2 gap-2">
        <Button onClick={() => runs.back(id)}>Back a bath</Button>
        <Button onClick={() => runs.end(id)}>It lies in the dark</Button>
      </p>
    </div>
  );
}

/** Back a bath, quiet, and out with it. */
function Presses({
  runs,
  pausedSignals,
  onPause,
}: {
  readonly runs: Runs;
  readonly pausedSignals: boolean;
  readonly onPause: (paused: boolean) => void;
}) {
  const { going, waiting } = runs;
  const [focus] = going;
  const moved = lastMoved(going, runs.now);
  return (
    <div className="mt-2 grid grid-cols-3 gap-2">
      <Button
        disabled={!moved}
        aria-label={moved ? `Back a bath: ${nameOf(moved)}` : "Back a bath"}
        onClick={() => moved && runs.back(moved.development.id)}
      >
        Back a bath
      </Button>
      <Button aria-pressed={pausedSignals} onClick={() => onPause(!pausedSignals)}>
        {pausedSignals ? "Sound on" : "Quiet"}
      </Button>
      {focus ? (
        <ConfirmDialog
          title="Take it out now?"
          words={`${nameOf(focus)} leaves the baths here. Its baths are written down with the time they really took.${lampBorne(sheetOut(focus.development), runs.now) === "white" ? "" : " It is not fixed: into a dark box with it, light would darken it."}`}
          yes="It is out"
          no="It goes on"
          onYes={() => runs.end(focus.development.id)}
        >
          <Button>Take out</Button>
        </ConfirmDialog>
      ) : (
        <ConfirmDialog
          title="Forget those that wait?"
          words="They were in no bath: nothing is lost but this list. Where they are it has to stay dark."
          yes="Forget them"
          no="Keep them"
          onYes={() => runs.forget(waiting.map(({ id }) => id))}
        >
          <Button disabled={waiting.length === 0}>Forget</Button>
        </ConfirmDialog>
      )}
    </div>
  );
}

/** A second tap at a black screen comes within so long, ms. */
const DOUBTED = 4000;

/** Whether a sheet would leave its bath long before that has done its work, at this very moment. */
function tooSoon({ run }: SheetNow): boolean {
  const { now, elapsed } = runAt(run, clockNow());
  return now !== null && isTooSoon(now, elapsed);
}

/** Sheets in the order they went in: a row that stays where it is is found by a wet hand. */
function inTheirOrder(sheets: readonly SheetNow[]): readonly SheetNow[] {
  return [...sheets].sort((a, b) => a.run.startedMs - b.run.startedMs);
}

/** A tap anywhere that was meant; keys have the button below. */
function useAnyTap(onTap: () => void) {
  const down = useRef<Touch | null>(null);
  const last = useRef(Number.NEGATIVE_INFINITY);
  return {
    onPointerDown: (event: React.PointerEvent) => {
      down.current = { x: event.clientX, y: event.clientY, at: event.timeStamp };
    },
    onPointerUp: (event: React.PointerEvent) => {
      const from = down.current;
      down.current = null;
      const up = { x: event.clientX, y: event.clientY, at: event.timeStamp };
      const size = { width: window.innerWidth, height: window.innerHeight };
      if (from === null || !isDeliberate(from, up, size, last.current)) return;
      last.current = up.at;
      onTap();
    },
    onPointerCancel: () => {
      down.current = null;
    },
  };
}

/** The sheet that was moved last: the one a slip of the hand has to be taken back of. */
function lastMoved(going: readonly SheetNow[], now: number): SheetNow | null {
  const at = ({ run }: SheetNow): number => movesTill(run, now).at(-1) ?? 0;
  return going.reduce<SheetNow | null>((last, sheet) => (at(sheet) > (last ? at(last) : 0) ? sheet : last), null);
}

/** The next sheet that waits, with when it may go in. */
function NextSheet({
  runs: { waiting, nextIn, going, start },
  onArm,
}: {
  readonly runs: Runs;
  /** Makes the screen black, for what bears no light. */
  readonly onArm: () => void;
}) {
  const [first] = waiting;
  if (!first) return null;
  if (first.steps[0]?.lamp === "none") {
    return (
      <Button look="action" className="w-full text-[1.25rem]" onClick={onArm}>
        Black screen now
      </Button>
    );
  }
  const soon = nextIn !== null && nextIn > 0.5;
  const press = (
    <Button
      look={going.length === 0 || !soon ? "action" : "plain"}
      className="w-full text-[1.25rem]"
      data-next-in={Math.ceil(nextIn ?? 0)}
      {...(soon ? {} : { onClick: () => start(first.id) })}
    >
      {soon ? `${first.sheet}: in ${countText(Math.ceil(nextIn))}` : `${first.sheet} goes in now`}
    </Button>
  );
  return (
    <div className="grid gap-1">
      {soon ? (
        <ConfirmDialog
          title="In before its turn?"
          words="A tray will be full when it gets there: it would have to wait in its bath, and waiting in the developer makes it darker."
          yes="In it goes"
          no="Wait"
          onYes={() => start(first.id)}
        >
          {press}
        </ConfirmDialog>
      ) : (
        press
      )}
      {waiting.length > 1 && (
        <p data-after>
          Then{" "}
          {waiting
            .slice(1)
            .map(({ sheet }) => sheet)
            .join(", ")}
          .
        </p>
      )}
    </div>
  );
}

/** What can hurt in the bath that lasts. */
function Cautions({ step }: { readonly step: PlannedStep | null | undefined }) {
  const wanted = step?.cautions ?? [];
  if (wanted.length === 0) return null;
  return (
    <ul className="text-[0.95rem] leading-snug" data-cautions>
      {darkroomCautions
        .filter(({ id }) => wanted.includes(id))
        .map(({ id, words }) => (
          <li key={id}>{words}</li>
        ))}
    </ul>
  );
}
