import { Link } from "react-router";
import { DAY_MS } from "../../core/basis/units/index.ts";
import { hangsOut } from "../../core/document/index.ts";
import { listRecords, useLive } from "../../storage/index.ts";
import { readableDay } from "../../ui/format/localTime.ts";

const readTrails = () => listRecords("trails");

/** The months-long exposures that stand out, with when they come down. */
export default function TrailsOut() {
  const trails = useLive([], readTrails).value.filter(hangsOut);
  const today = new Date().toISOString().slice(0, 10);
  return (
    <ul className="mt-4 grid gap-1" aria-label="Standing out" data-trails-out>
      {trails.map(({ id, name, site, to, up }) => {
        const left = Math.round((Date.parse(to) - Date.parse(today)) / DAY_MS);
        return (
          <li key={id} className="border-ray border-l-4 bg-card p-2">
            <Link to={`/sun/put-up?trail=${encodeURIComponent(id)}`} className="font-semibold underline">
              {name || site.name || "A sun trail"}
            </Link>{" "}
            stands out{up ? ` since ${readableDay(up.at)}` : ""}.{" "}
            {left > 0
              ? `It comes down in ${left === 1 ? "1 day" : `${left} days`}, on ${readableDay(`${to}T12:00:00Z`)}.`
              : "Its time is over: tape on first, then take it down."}
          </li>
        );
      })}
    </ul>
  );
}
