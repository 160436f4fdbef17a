import { useEffect, useMemo, useState } from "react";
import { parseNumber } from "../../../core/basis/units/index.ts";
import {
  type HorizonPicture,
  type HorizonPoint,
  type KnownPlace,
  pictureDirections,
  withTraced,
} from "../../../core/sun/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { FileDrop } from "../../../ui/files/FileDrop.tsx";
import { Overlay } from "../../../ui/seldom/Overlay.tsx";
import { PicturePlaces, type PlaceOfPicture } from "./PicturePlaces.tsx";

const KINDS: readonly { readonly id: HorizonPicture; readonly name: string }[] = [
  { id: "photograph", name: "photograph" },
  { id: "panorama", name: "panorama" },
];
const STEPS = [
  { id: "one", name: "A" },
  { id: "other", name: "B" },
  { id: "skyline", name: "skyline" },
] as const;
type Step = (typeof STEPS)[number]["id"];
type KnownId = Exclude<Step, "skyline">;

/** A place whose direction is known, as it is being typed. */
interface Known {
  readonly place: PlaceOfPicture | null;
  readonly azimuth: string;
  readonly altitude: string;
}

const UNKNOWN: Known = { place: null, azimuth: "", altitude: "0" };

/** The horizon traced on a photograph or panorama taken from where the camera will stand, by two directions that are known. */
export function HorizonOnPicture({
  horizon,
  onHorizon,
}: {
  readonly horizon: readonly HorizonPoint[];
  readonly onHorizon: (horizon: readonly HorizonPoint[]) => void;
}) {
  const [isOpen, setOpen] = useState(false);
  const [url, setUrl] = useState<string | null>(null);
  const [size, setSize] = useState<{ readonly width: number; readonly height: number } | null>(null);
  const [broken, setBroken] = useState(false);
  const [kind, setKind] = useState<HorizonPicture>("photograph");
  const [step, setStep] = useState<Step>("one");
  const [known, setKnown] = useState<Readonly<Record<KnownId, Known>>>({ one: UNKNOWN, other: UNKNOWN });
  const [skyline, setSkyline] = useState<readonly PlaceOfPicture[]>([]);
  useEffect(() => () => void (url !== null && URL.revokeObjectURL(url)), [url]);
  const places = useMemo(() => [knownPlace(known.one), knownPlace(known.other)] as const, [known]);
  const [one, other] = places;
  const directions = useMemo(
    () => (size === null || one === null || other === null ? null : pictureDirections(kind, size, [one, other])),
    [kind, size, one, other],
  );
  const traced = directions?.ok ? skyline.map(({ x, y }) => directions.value(x, y)) : [];
  const take = (file: File): void => {
    setUrl(URL.createObjectURL(file));
    setSize(null);
    setBroken(false);
    setKnown({ one: UNKNOWN, other: UNKNOWN });
    setSkyline([]);
    setStep("one");
  };
  const press = (place: PlaceOfPicture): void => {
    if (step === "skyline") {
      setSkyline([...skyline, place]);
      return;
    }
    setKnown({ ...known, [step]: { ...known[step], place } });
    if (step === "one" && known.other.place === null) setStep("other");
  };
  const entry = (id: KnownId, field: "azimuth" | "altitude", label: string, most: number) => (
    <TextEntry
      label={label}
      value={known[id][field]}
      error={wrong(known[id][field], field === "altitude" ? -30 : 0, most)}
      onChange={(event) => setKnown({ ...known, [id]: { ...known[id], [field]: event.target.value } })}
    />
  );
  const use = (): void => {
    onHorizon(
      withTraced(
        horizon,
        traced.map(({ azimuth, altitude }) => [azimuth, altitude] as const),
      ),
    );
    setSkyline([]);
    setOpen(false);
  };
  const shown = size !== null && !broken;
  const marks = (["one", "other"] as const).flatMap((id) => {
    const { place } = known[id];
    return place === null ? [] : [{ ...place, name: id === "one" ? "A" : "B" }];
  });
  return (
    <>
      <Button look="quiet" className="-ml-3" onClick={() => setOpen(true)}>
        Trace it on a picture
      </Button>
      {isOpen && (
        <Overlay title="The horizon on a picture" wide onClose={() => setOpen(false)}>
          <FileDrop
            as="fieldset"
            label="The horizon on a picture"
            named="Photograph of the horizon"
            accept="image/png,image/jpeg,image/webp"
            className="grid gap-x-6 gap-y-3 md:grid-cols-[17rem_minmax(0,1fr)]"
            onFiles={([file]) => file && take(file)}
          >
            {(pick) => (
              <>
                <div className="grid content-start justify-items-start gap-2">
                  <p className="text-[0.93rem] text-quiet">
                    Taken from where the camera will stand, with two things in it whose direction you know. Never point
                    it at the sun. It stays on this page and is not kept.
                  </p>
                  <Button look={url === null ? "action" : "plain"} onClick={pick}>
                    {url === null ? "Take a picture in" : "Another picture"}
                  </Button>
                  {broken && <p role="alert">This file is no picture that a browser can show: JPEG, PNG or WebP.</p>}
                  {shown && (
                    <>
                      <Segments label="Kind of picture" value={kind} options={KINDS} onChoose={setKind} />
                      <Segments label="A press sets" value={step} options={STEPS} onChoose={setStep} />
                      <p className="text-[0.93rem] text-quiet">{HOW[step]}</p>
                      <div className="grid w-full grid-cols-2 gap-2" data-known>
                        {entry("one", "azimuth", "A towards, °", 359.9)}
                        {entry("one", "altitude", "A how high, °", 80)}
                        {entry("other", "azimuth", "B towards, °", 359.9)}
                        {entry("other", "altitude", "B how high, °", 80)}
                      </div>
                      {directions !== null && !directions.ok && <p role="alert">{directions.error}</p>}
                      <p className="text-[0.93rem]" data-traced>
                        {traced
                          .map(({ azimuth, altitude }) => `${azimuth.toFixed(0)}° ${altitude.toFixed(1)}°`)
                          .join(" · ")}
                      </p>
                      <Button look="action" disabled={traced.length === 0} onClick={use}>
                        Use this horizon
                      </Button>
                    </>
                  )}
                </div>
                {url !== null && !broken && (
                  <PicturePlaces
                    url={url}
                    marks={marks}
                    line={skyline}
                    onSize={setSize}
                    onBroken={() => setBroken(true)}
                    onPress={press}
                    onDrop={(index) => setSkyline(skyline.filter((_, i) => i !== index))}
                  />
                )}
              </>
            )}
          </FileDrop>
        </Overlay>
      )}
    </>
  );
}

const HOW: Readonly<Record<Step, string>> = {
  one: "Press a thing whose direction you know: a gable by the compass, a far hill. 0° high is the height of your eye.",
  other: "Press a second one, near the other side of the picture.",
  skyline: "Press along roofs, hedges and trees from left to right. Press a point to remove it.",
};

function wrong(text: string, least: number, most: number): string | undefined {
  if (text.trim() === "") return undefined;
  const read = parseNumber(text);
  const fits = read.ok && read.value.value >= least && read.value.value <= most;
  return fits ? undefined : `Degrees from ${least} to ${most}.`;
}

function knownPlace({ place, azimuth, altitude }: Known): KnownPlace | null {
  if (place === null || azimuth.trim() === "" || altitude.trim() === "") return null;
  if (wrong(azimuth, 0, 359.9) !== undefined || wrong(altitude, -30, 80) !== undefined) return null;
  const [a, h] = [parseNumber(azimuth), parseNumber(altitude)];
  return a.ok && h.ok ? { ...place, azimuth: a.value.value, altitude: h.value.value } : null;
}
