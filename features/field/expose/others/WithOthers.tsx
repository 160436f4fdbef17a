import { sayOpenTime } from "../../../../core/basis/units/index.ts";
import { Check } from "../../../../ui/controls/Check.tsx";
import { placeOf } from "../../placeOf.ts";
import { type Alone, type CameraLoaded, type Companion, numberOf } from "./companions.ts";

const WHY: Readonly<Record<Alone, string>> = {
  open: "its hole is open",
  "nothing left": "nothing is left in it",
  "no time": "this light gives it no time",
};

/** Another camera, and what it would do. */
export interface Other extends CameraLoaded {
  readonly as: Companion | Alone;
}

/** The cameras that may be opened by the same press, each with its own sheet and its own time. */
export function WithOthers({
  others,
  chosen,
  onTurn,
}: {
  readonly others: readonly Other[];
  readonly chosen: ReadonlySet<string>;
  readonly onTurn: (id: string) => void;
}) {
  if (others.length === 0) return <p>No other camera stands on the shelf.</p>;
  return (
    <fieldset className="grid gap-x-5" data-others>
      <legend className="text-[0.87rem] text-quiet">Opened by the same press, each for its own time</legend>
      {others.map(({ camera, load, as }) => {
        if (typeof as === "string") {
          return (
            <p key={camera.id} className="py-3 text-quiet">
              {camera.name}: {WHY[as]}
            </p>
          );
        }
        const place = placeOf({ place: as.place, number: numberOf(camera, as.place) });
        return (
          <Check
            key={camera.id}
            label={[
              camera.name,
              place,
              sayOpenTime(as.seconds),
              load === null && camera.set == null ? "no load noted" : "",
            ]
              .filter(Boolean)
              .join(", ")}
            checked={chosen.has(camera.id)}
            className="min-h-[3.3rem]"
            onCheck={() => onTurn(camera.id)}
          />
        );
      })}
    </fieldset>
  );
}
