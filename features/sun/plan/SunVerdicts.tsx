import { formatTime } from "../../../core/basis/units/index.ts";
import type { SunFix, SunRequest } from "../../../core/sun/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { cx } from "../../../ui/controls/cx.ts";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { sayDay } from "../../../ui/format/sayDay.ts";
import { sunVerdictWords } from "../../../wording/sunWords.ts";
import type { Fan } from "./useFan.ts";

/** A fix, whole or as far as it goes. */
export type OfferedFix = SunFix & { readonly isPart: boolean };

/** What is to be said of a plan, the worst first, each with what would help; below it the figures. */
export function SunVerdicts({
  fan,
  request,
  timeZone,
  within,
  fixName,
  onFix,
}: {
  readonly fan: Fan | null;
  readonly request: SunRequest;
  readonly timeZone: string;
  /** As much of a fix as the design allows; `null`: none of it. */
  readonly within: (fix: SunFix) => OfferedFix | null;
  readonly fixName: (fix: OfferedFix) => string;
  readonly onFix: (fix: SunFix) => void;
}) {
  if (fan === null) return <Panel title="What it comes to">Working out the sun …</Panel>;
  const { summary, verdicts, noons, dates } = fan.report;
  const [first, last] = [noons[0], noons.at(-1)];
  const time = (at: number): string =>
    new Intl.DateTimeFormat("en-GB", { hour: "2-digit", minute: "2-digit", timeZone }).format(at);
  return (
    <Panel title="What it comes to">
      <ul className="grid gap-3" data-verdicts={fan.request === request ? "now" : "before"}>
        {verdicts.map((verdict) => {
          const { weight, title, words } = sunVerdictWords(verdict, sayDay);
          const fixes = "fixes" in verdict ? verdict.fixes : "fix" in verdict ? [verdict.fix] : [];
          const offered = fixes.map(within).filter((fix) => fix !== null);
          return (
            <li
              key={verdict.code}
              data-verdict={verdict.code}
              className={cx(
                "border-l-[3px] pl-2",
                weight === "stop" ? "border-action" : weight === "good" ? "border-good" : "border-kraft",
              )}
            >
              <p className="font-semibold leading-tight">{title}</p>
              <p className="text-[0.93rem] text-quiet">{words}</p>
              {offered.map((fix) => (
                <Button key={JSON.stringify(fix)} className="mt-1 mr-2" onClick={() => onFix(fix)}>
                  {fixName(fix)}
                </Button>
              ))}
            </li>
          );
        })}
      </ul>
      <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-3 border-line border-t pt-2 text-[0.93rem]" data-figures>
        <dt className="text-quiet">Of the sun’s hours</dt>
        <dd>{summary.share === null ? "none" : `${Math.round(100 * summary.share)} % reach the sheet`}</dd>
        {first && (
          <>
            <dt className="text-quiet">{sayDay(dates[0] ?? "")}</dt>
            <dd>{`noon ${time(first.at)}, ${degrees(first.altitude)} high`}</dd>
          </>
        )}
        {last && dates.length > 1 && (
          <>
            <dt className="text-quiet">{sayDay(dates.at(-1) ?? "")}</dt>
            <dd>{`noon ${time(last.at)}, ${degrees(last.altitude)} high`}</dd>
          </>
        )}
        <dt className="text-quiet">Time in all</dt>
        <dd>
          {formatTime(dates.length * 86_400 * (request.everyDays ?? 1))}; it darkens by itself, there is none to work
          out
        </dd>
      </dl>
    </Panel>
  );
}

function degrees(radians: number): string {
  return `${((radians * 180) / Math.PI).toFixed(1)}°`;
}
