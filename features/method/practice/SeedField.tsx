import { useState } from "react";
import { MOST_SEED, seedFrom } from "../../../core/practice/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";

/** The number of the sessions: the same number hides the same things, so a class can work on the same. */
export function SeedField({ seed, onSeed }: { readonly seed: number; readonly onSeed: (seed: number) => void }) {
  const [text, setText] = useState<string | null>(null);
  const [copied, setCopied] = useState(false);
  const wrong = text !== null && seedFrom(text) === null;
  return (
    <div className="mb-5 flex flex-wrap items-end gap-x-3 gap-y-1">
      <label className="grid gap-0.5 text-[0.9rem]">
        Number of the sessions
        <input
          inputMode="numeric"
          className="w-28 border border-line bg-card px-2 py-1"
          value={text ?? String(seed)}
          aria-invalid={wrong}
          aria-describedby="seed-hint"
          onChange={({ target: { value } }) => {
            setText(value);
            setCopied(false);
            const typed = seedFrom(value);
            if (typed !== null) onSeed(typed);
          }}
          onBlur={() => !wrong && setText(null)}
        />
      </label>
      <Button
        onClick={() => {
          void navigator.clipboard?.writeText(linkTo(seed)).then(
            () => setCopied(true),
            () => setCopied(false),
          );
        }}
      >
        {copied ? "Copied" : "Copy the link for a class"}
      </Button>
      <p
        id="seed-hint"
        className={wrong ? "basis-full text-[0.87rem] text-warning" : "basis-full text-[0.87rem] text-quiet"}
      >
        {wrong
          ? `A whole number from 0 to ${MOST_SEED} is wanted.`
          : "Whoever types the same number gets the same paper, the same meter and the same leak."}
      </p>
    </div>
  );
}

/** The address at which a class finds the sessions with this number. */
export function linkTo(seed: number): string {
  return `${window.location.origin}/method/practice?seed=${seed}`;
}
