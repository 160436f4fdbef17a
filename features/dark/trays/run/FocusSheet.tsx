import { formatClock, formatTime } from "../../../../core/basis/units/index.ts";
import { isRocked } from "../../../../core/darkroom/run/index.ts";
import { Button } from "../../../../ui/controls/Button.tsx";
import { BATH_WORDS, OUT_OF_THE_TANK, VESSEL_WORDS } from "../../../../wording/darkroomWords.ts";
import { StepBar } from "./StepBar.tsx";
import type { SheetNow } from "./useRuns.ts";

/** From here on a bath is nearly over, s: the count turns bold. */
const NEARLY = 5;

/** Which sheet it is, in words. */
export function nameOf({ development }: SheetNow): string {
  return development.sheet || "The sheet";
}

/** Seconds below a minute, as large as may be; then minutes and seconds. */
export function countText(seconds: number): string {
  return seconds < 60 ? String(Math.floor(seconds)) : formatClock(seconds);
}

/** What a bath has left, or what it is over; where the eye ends it, how long it has lasted. */
function leftText({ at: { now, elapsed, left } }: SheetNow): string {
  if (now?.byEye) return countText(elapsed);
  return left < 0 ? `+${countText(-left)}` : countText(Math.ceil(left - 0.05));
}

/** How a sheet comes into its next bath, in words. */
export function nextMove({ at: { now, next } }: SheetNow): string {
  if (!next) return "It is done";
  const bath = BATH_WORDS[next.bath].toLowerCase();
  const [from, to] = [now?.vessel ?? "tray", next.vessel ?? "tray"];
  return from === "tank" && to === "tray" ? OUT_OF_THE_TANK(bath) : VESSEL_WORDS[to].into(bath);
}

/** The sheet that moves next, as large as the screen lets it be. */
export function FocusSheet({ sheet }: { readonly sheet: SheetNow }) {
  const { now, next, elapsed, left } = sheet.at;
  if (now === null) return null;
  const rocked = isRocked(now, elapsed);
  const words = VESSEL_WORDS[now.vessel ?? "tray"];
  const byEye = now.byEye === true;
  const over = left < 0;
  const most = now.most == null ? null : (now.most * now.planned) / now.seconds;
  return (
    <>
      <p className="flex flex-wrap items-baseline justify-between gap-x-4 font-semibold text-[1.5rem] leading-tight">
        <span>{nameOf(sheet)}</span>
        <span className="stamp text-[1rem]">{VESSEL[now.vessel ?? "tray"]}</span>
      </p>
      <p className="font-semibold text-[2.1rem] leading-none">{now.name}</p>
      <p
        role="timer"
        className={`font-semibold text-[clamp(6rem,38vw,22rem)] leading-[0.9] tracking-tight ${!byEye && left < NEARLY ? "text-action" : ""}`}
        data-count
      >
        {leftText(sheet)}
      </p>
      <p className="min-h-[2.6rem]" role="status">
        {byEye ? (
          `By eye: about ${formatTime(Math.round(now.planned))}${most ? `, to ${formatTime(Math.round(most))}` : ""}. Tap when it is out.`
        ) : over ? (
          <strong>
            {next ? `Over its time: ${lowerFirst(nextMove(sheet))}, then tap.` : "Long enough. Tap: it is done."}
          </strong>
        ) : (
          `${rocked === null ? "" : rocked ? `${words.rock} ` : `${words.still} `}${next ? `Then: ${next.name.toLowerCase()}` : "Then it is done"}, ${formatTime(Math.round(now.planned))} in all. A tap anywhere moves it on, also before its time.`
        )}
      </p>
      <StepBar sheet={sheet} />
      {now.look && <p className="text-[1.05rem] leading-snug">{now.look}</p>}
    </>
  );
}

const VESSEL = { tray: "", tank: "in the canister" } as const;

function lowerFirst(words: string): string {
  return words.charAt(0).toLowerCase() + words.slice(1);
}

/** A sheet that is not the one to move next. */
export function OtherSheet({ sheet, onMove }: { readonly sheet: SheetNow; readonly onMove: () => void }) {
  const { now } = sheet.at;
  if (now === null) return null;
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_auto_auto] items-center gap-3 border-line border-b py-1" data-other>
      <span className="truncate">
        <strong>{nameOf(sheet)}</strong> {now.name.toLowerCase()}
      </span>
      <span className="font-semibold text-[1.5rem]">{leftText(sheet)}</span>
      <Button aria-label={`Move on: ${nameOf(sheet)}`} onClick={onMove}>
        Move on
      </Button>
    </li>
  );
}
