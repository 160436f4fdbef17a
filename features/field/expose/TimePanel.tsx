import { ToggleGroup } from "radix-ui";
import { formatStops, isSaid, moreOrLess, parseTime, sayOpenTime } from "../../../core/basis/units/index.ts";
import { type Medium, responseOf, SHORTEST_COUNT, toneOf } from "../../../core/light/exposure/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Disclosure } from "../../../ui/controls/Disclosure.tsx";
import { QuantityField } from "../../../ui/controls/entries/QuantityField.tsx";
import { Slider } from "../../../ui/seldom/Slider.tsx";
import { RESPONSE_WORDS } from "../../../wording/responseWords.ts";
import { BigTime } from "../count/BigTime.tsx";
import type { Suggestion } from "./suggestion.ts";

/** A year, s. */
const LONGEST = 31_557_600;
const NAMES = ["shorter", "proposed", "longer"] as const;

/** The time to give: one huge figure, what the log says of it, shorter and longer, and the sum for who wants it. */
export function TimePanel({
  subject,
  suggestion,
  seconds,
  planned,
  medium,
  onSeconds,
  onBracket,
  canBracket,
}: {
  /** Camera and place, in words. */
  readonly subject: string;
  readonly suggestion: Suggestion | null;
  /** Chosen, s. */
  readonly seconds: number | null;
  /** Whether the time is that of a bracket's place. */
  readonly planned: boolean;
  readonly medium: Medium;
  readonly onSeconds: (seconds: number | null) => void;
  readonly onBracket: () => void;
  readonly canBracket: boolean;
}) {
  if (suggestion === null || seconds === null) return <BigTime caption={`${subject}: keep it open for`} text="–" />;
  const { counted, learnt, learned } = suggestion;
  const off = Math.log2(seconds / counted[1]);
  return (
    <div className="grid gap-3">
      <BigTime
        caption={`${subject}: ${planned ? "of your bracket, " : ""}keep it open for`}
        text={sayOpenTime(seconds)}
      />
      {seconds < SHORTEST_COUNT && (
        <p role="alert" className="text-action">
          No hand is that quick. A smaller hole, a slower sheet or a grey filter brings it to where it can be counted.
        </p>
      )}
      <p data-learnt className={learnt === null ? "text-[0.87rem] text-quiet" : ""}>
        {learnt ?? "No shot of this camera has been judged yet, so the three times lie far apart."}
      </p>
      <ToggleGroup.Root
        type="single"
        aria-label="Shorter, right, longer"
        value={String(counted.indexOf(seconds))}
        className="grid grid-cols-3 gap-px border border-ink bg-ink"
        data-bracket
        onValueChange={(index) => onSeconds(index === "1" || index === "" ? null : (counted[Number(index)] ?? null))}
      >
        {NAMES.map((name, index) => (
          <ToggleGroup.Item
            key={name}
            value={String(index)}
            className="min-h-[3.4rem] bg-card px-1 leading-tight data-[state=on]:bg-kraft-pale"
          >
            <span className="block text-[0.83rem] text-quiet">{name}</span>
            <span className="block font-semibold text-[1.1rem]">{sayOpenTime(counted[index] as number)}</span>
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
      <div className="grid grid-cols-[1fr_1fr_2fr] gap-2">
        <Button className="min-h-[3.3rem]" onClick={() => onSeconds(seconds / 2)}>
          Half
        </Button>
        <Button className="min-h-[3.3rem]" onClick={() => onSeconds(seconds * 2)}>
          Double
        </Button>
        <Button className="min-h-[3.3rem]" disabled={!canBracket} onClick={onBracket}>
          Spread the three over the next places
        </Button>
      </div>
      <div className="grid grid-cols-[minmax(0,9rem)_minmax(0,1fr)] items-end gap-3">
        <QuantityField
          key={seconds}
          label="Your own time"
          name="own-time"
          value={seconds}
          show={sayOpenTime}
          read={parseTime}
          take={(value) => {
            if (value === null || !(value > 0) || value > LONGEST)
              return "Above 0, such as 45 s, 2:30 or 1/2; at most a year.";
            onSeconds(value);
            return null;
          }}
        />
        <p className="pb-1.5" data-own-stops>
          {isSaid(off) ? `${moreOrLess(off)} than the sum` : "as the sum has it"}
        </p>
      </div>
      <Slider
        label="Your own time, by thirds of a stop"
        low="shorter"
        high="longer"
        least={-3}
        most={3}
        step={1 / 3}
        value={Math.max(-3, Math.min(3, off))}
        say={(stops) => (isSaid(stops) ? moreOrLess(stops) : "as the sum has it")}
        onSlide={(stops) => onSeconds(isSaid(stops) ? counted[1] * 2 ** stops : null)}
      />
      <p className="text-[0.87rem] text-quiet" data-effect>
        {effect(off, medium)}
      </p>
      <Disclosure title={`The sum, give or take ${formatStops(learned.sd)}`} name="sum">
        <ul className="text-[0.93rem]" data-sum>
          {suggestion.sum.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ul>
      </Disclosure>
    </div>
  );
}

/** What a time that is not the one reckoned does to the sheet. */
function effect(off: number, { density, iso, kind }: Medium): string {
  const response = responseOf(density, false);
  const grey = toneOf(0, density, iso).word;
  if (Math.abs(off) < 1 / 6) {
    return `A middle tone comes out ${grey}. Half or double the time is one stop: on ${kind} it shows plainly.`;
  }
  const { word } = toneOf(off, density, iso);
  const way = off > 0 === (response === "negative") ? "darker" : "lighter";
  return `${formatStops(off)} ${way} on the ${RESPONSE_WORDS[response].noun}: a middle tone, else ${grey}, comes out ${word}.`;
}
