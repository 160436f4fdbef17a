import { useMemo, useState } from "react";
import { Link } from "react-router";
import { formatTime } from "../../core/basis/units/index.ts";
import type { Processing } from "../../core/document/index.ts";
import { Button } from "../../ui/controls/Button.tsx";
import { Check } from "../../ui/controls/Check.tsx";
import { useDarkFirst } from "../../ui/dark/useDarkFirst.tsx";
import { wakeSound } from "../../ui/device/signals.ts";
import { Term } from "../../ui/words/Term.tsx";
import { CountOverlay } from "./CountOverlay.tsx";
import { lastStrip } from "./lastStrip.ts";

const WHEN = {
  before: "Pre-flashed",
  after: "Post-flashed",
} as const;

/** A dose of even light, before the sheet goes in or after it was exposed: as the last strip of this paper told. */
export function FlashRow({
  when,
  medium,
  done,
  sound,
  flashed,
  onFlashed,
}: {
  readonly when: keyof typeof WHEN;
  readonly medium: string;
  readonly done: readonly Processing[];
  readonly sound: boolean;
  readonly flashed: boolean;
  readonly onFlashed: (flashed: boolean) => void;
}) {
  const [counting, setCounting] = useState(false);
  const { darkFirst, question } = useDarkFirst();
  const strip = lastStrip(done, medium, "flash");
  const seconds = strip?.seconds ?? null;
  const parts = useMemo(() => [{ seconds: seconds ?? 1, caption: "Flash on" }], [seconds]);
  if (counting) {
    return (
      <CountOverlay
        parts={parts}
        sound={sound}
        onCancel={() => setCounting(false)}
        onDone={() => {
          setCounting(false);
          onFlashed(true);
        }}
      />
    );
  }
  return (
    <div className="flex flex-wrap items-center gap-x-5">
      {question}
      <Term id="pre-flash">{when === "before" ? "Pre-flash" : "Post-flash"}</Term>
      <Check label={WHEN[when]} checked={flashed} className="min-h-[3.75rem]" onCheck={onFlashed} />
      {seconds === null ? (
        <Link to="/dark/strips" className="inline-flex min-h-[3.75rem] items-center underline underline-offset-4">
          No dose yet: a strip tells it
        </Link>
      ) : (
        <Button
          onClick={() => {
            wakeSound();
            darkFirst({ run: () => setCounting(true), what: "the sheet leaves its box" });
          }}
        >
          Flash it: {formatTime(seconds)}
          {strip?.setup ? `, ${strip.setup}` : ""}
        </Button>
      )}
    </div>
  );
}
