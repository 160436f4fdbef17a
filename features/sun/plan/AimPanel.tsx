import { useState } from "react";
import { bearing, failure, parseNumber, type Result, success } from "../../../core/basis/units/index.ts";
import { hangsUpsideDown, hungOver, type SunAim, type SunSite } from "../../../core/sun/index.ts";
import { Check } from "../../../ui/controls/Check.tsx";
import { Disclosure } from "../../../ui/controls/Disclosure.tsx";
import { QuantityField } from "../../../ui/controls/entries/QuantityField.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { PhoneCompass } from "./PhoneCompass.tsx";
import { SunCompass } from "./SunCompass.tsx";

/** Where the camera looks: by compass degrees, with the needle’s own error asked, or by the sun itself. */
export function AimPanel({
  aim,
  site,
  onAim,
}: {
  readonly aim: SunAim;
  readonly site: SunSite;
  readonly onAim: (aim: SunAim) => void;
}) {
  const [declination, setDeclination] = useState(0);
  const angle = (name: "azimuth" | "elevation" | "roll", label: string, least: number, most: number, hint?: string) => (
    <QuantityField
      label={label}
      name={`aim-${name}`}
      hint={hint}
      value={aim[name] ?? 0}
      show={show}
      read={(text) => readDegrees(text, least, most)}
      take={(value) => {
        onAim({ ...aim, [name]: value ?? 0 });
        return null;
      }}
    />
  );
  return (
    <Panel title="Looks">
      <div className="grid grid-cols-2 gap-2">
        <div className="col-span-2">{angle("azimuth", "Towards, from true north", 0, 360, towards(aim.azimuth))}</div>
        {angle("elevation", "Leans back", -90, 90)}
        {angle("roll", "Turned clockwise", -180, 180)}
        <Check
          label="Hangs upside down, its lid below"
          className="col-span-2 min-h-9"
          checked={hangsUpsideDown(aim)}
          onCheck={() => onAim(hungOver(aim))}
        />
      </div>
      <Disclosure title="By a compass" name="compass">
        <p className="text-[0.87rem] text-quiet">
          A needle points to magnetic north. Good maps say how far it is off where you stand (east positive). Type it,
          or leave 0. Steel cans turn the needle: hold it well away.
        </p>
        <div className="mt-1 grid grid-cols-2 gap-2">
          <QuantityField
            label="Declination"
            name="declination"
            value={declination}
            show={show}
            read={(text) => readDegrees(text, -180, 180)}
            take={(value) => {
              setDeclination(value ?? 0);
              return null;
            }}
          />
          <QuantityField
            label="The needle says"
            name="needle"
            value={bearing(round(aim.azimuth - declination))}
            show={show}
            read={(text) => readDegrees(text, 0, 360)}
            take={(value) => {
              onAim({ ...aim, azimuth: bearing(round((value ?? 0) + declination)) });
              return null;
            }}
          />
        </div>
        <PhoneCompass onNeedle={(needle) => onAim({ ...aim, azimuth: bearing(round(needle + declination)) })} />
        {declination === 0 && (
          <p className="text-[0.83rem] text-quiet">Declination 0: taken as if the needle pointed to true north.</p>
        )}
      </Disclosure>
      <Disclosure title="By the sun" name="by-the-sun">
        <SunCompass site={site} onAzimuth={(azimuth) => onAim({ ...aim, azimuth: round(azimuth) })} />
      </Disclosure>
    </Panel>
  );
}

const round = (degrees: number): number => Math.round(degrees * 10) / 10;
const show = (degrees: number): string => `${round(degrees)}°`;

function readDegrees(text: string, least: number, most: number): Result<number> {
  const read = parseNumber(text.replace(/°\s*$/, ""));
  if (!read.ok || read.value.value < least || read.value.value > most)
    return failure(`Degrees from ${least} to ${most}.`);
  return success(read.value.value);
}

const WINDS = ["north", "north-east", "east", "south-east", "south", "south-west", "west", "north-west"] as const;

function towards(azimuth: number): string {
  return `about ${WINDS[Math.round(bearing(azimuth) / 45) % 8]}`;
}
