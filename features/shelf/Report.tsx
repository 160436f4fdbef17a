import { Button } from "../../ui/controls/Button.tsx";
import { cx } from "../../ui/controls/cx.ts";
import { Going } from "../../ui/controls/Going.tsx";
import type { FileReport } from "./fileExchange.ts";

/** What came of a file that was opened, what is wrong in it, and what is to be decided before it is taken in. */
export default function Report({
  report,
  onReport,
}: {
  readonly report: FileReport;
  readonly onReport: (report: FileReport | null) => void;
}) {
  return (
    <div
      role={report.ok ? "status" : "alert"}
      data-report
      className={cx("mt-4 border-l-4 bg-card p-3", report.ok ? "border-good" : "border-action")}
    >
      <p>
        {report.sentence}{" "}
        {report.going === undefined && (
          <button type="button" className="ml-2 underline underline-offset-4" onClick={() => onReport(null)}>
            Close
          </button>
        )}
      </p>
      {report.going && <Going share={report.going.share} onStop={report.going.stop} />}
      {report.ask && (
        <p className="mt-2 flex flex-wrap gap-2">
          <Button onClick={() => void report.ask?.keep().then(onReport)}>Keep mine, take in what is new</Button>
          <Button onClick={() => void report.ask?.replace().then(onReport)}>Replace mine with the file’s</Button>
        </p>
      )}
      {report.faults.length > 0 && (
        <ul className="mt-1 text-[0.93rem]">
          {report.faults.slice(0, 12).map(({ path, message }) => (
            <li key={path + message}>
              <code>{path === "" ? "the file" : path}</code> {message}
            </li>
          ))}
          {report.faults.length > 12 && <li>and {report.faults.length - 12} more</li>}
        </ul>
      )}
    </div>
  );
}
