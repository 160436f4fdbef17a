import { useCallback, useEffect, useRef, useState, useSyncExternalStore } from "react";
import { useBlocker } from "react-router";
import { type Lamp, leastOf } from "../../../../core/darkroom/recipe/index.ts";
import { sheetOut } from "../../../../core/document/index.ts";
import { Button } from "../../../../ui/controls/Button.tsx";
import { HoldButton } from "../../../../ui/controls/HoldButton.tsx";
import { onRedLight, redLevel, setRedLight } from "../../../../ui/dark/redLight.ts";
import { isDeliberate, type Touch } from "../../../../ui/device/deliberateTap.ts";
import { useWakeLock } from "../../../../ui/device/useWakeLock.ts";
import { Question } from "../../../../ui/seldom/Question.tsx";
import { foggedWords, LAMP_WORDS, tooSoonWords } from "../../../../wording/darkroomWords.ts";
import { Cautions } from "./Cautions.tsx";
import { FocusSheet, nameOf, nextMove, OtherSheet } from "./FocusSheet.tsx";
import { leavesTooSoon } from "./leavesTooSoon.ts";
import { NextSheet, NothingIn } from "./NextSheet.tsx";
import { RunPresses } from "./RunPresses.tsx";
import { useBlackScreen } from "./useBlackScreen.tsx";
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
      if (leavesTooSoon(sheet)) setEarly(sheet);
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
      <RunPresses runs={runs} pausedSignals={pausedSignals} onPause={onPause} />
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
