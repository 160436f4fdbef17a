import { Link } from "react-router";
import { runAt } from "../../core/darkroom/run/index.ts";
import { runOf } from "../../core/document/index.ts";
import { standsOpen, useLive } from "../../storage/index.ts";
import { readableTime } from "../../ui/format/localTime.ts";

const NONE = { counts: [], sheets: [] };
const read = () => standsOpen(Date.now());

/** What has stood open for over a day, with the way to where it is ended. */
export default function StandsOpen() {
  const { counts, sheets } = useLive(NONE, read).value;
  return (
    <ul className="mt-4 grid gap-1" aria-label="Still open" data-stands-open>
      {counts.map(({ id, cameraId, cameraName, openedMs, closedMs }) => (
        <li key={id} className="border-action border-l-4 bg-card p-2">
          {cameraName ?? "A camera"}{" "}
          {closedMs === null
            ? `has been open since ${readableTime(new Date(openedMs).toISOString())}. Is it still?`
            : `was exposed on ${readableTime(new Date(openedMs).toISOString())}, and is not logged. Log it, or give it up?`}{" "}
          <Link to={`/field?camera=${encodeURIComponent(cameraId)}`} className="font-semibold underline">
            To the Field
          </Link>
        </li>
      ))}
      {sheets.map((sheet) => {
        const run = runOf(sheet);
        const bath = run === null ? null : runAt(run, Date.now()).now;
        return (
          <li key={sheet.id} className="border-action border-l-4 bg-card p-2">
            {sheet.sheet || "A sheet"}{" "}
            {run === null
              ? `has waited to be developed since ${readableTime(sheet.at)}. Does it still?`
              : `went into its first bath on ${readableTime(sheet.at)}, and is ${bath === null ? "through, but not fixed" : `in “${bath.name}”`}. Is it still?`}{" "}
            <Link to="/dark/trays" className="font-semibold underline">
              To the trays
            </Link>
          </li>
        );
      })}
    </ul>
  );
}
