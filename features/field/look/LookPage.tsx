import { useCallback, useMemo, useState, useSyncExternalStore } from "react";
import { Link } from "react-router";
import { mediumById } from "../../../catalogue/media.ts";
import { type Camera, standingPlaces } from "../../../core/camera/container/index.ts";
import type { HorizonPoint } from "../../../core/sun/index.ts";
import { cameraFrame, makersShadow } from "../../../core/viewfinder/index.ts";
import { Button, buttonClass } from "../../../ui/controls/Button.tsx";
import { Disclosure } from "../../../ui/controls/Disclosure.tsx";
import { onRedLight, redLevel } from "../../../ui/dark/redLight.ts";
import { useInk } from "../../../ui/drawing/useInk.ts";
import { takeLight } from "../expose/useInField.ts";
import { FieldPages } from "../FieldPages.tsx";
import { AimPart } from "./AimPart.tsx";
import { AnglePart } from "./angle/AnglePart.tsx";
import { focalOf } from "./angle/focalOf.ts";
import type { FinderScene } from "./drawFinder.ts";
import { FinderCanvas } from "./FinderCanvas.tsx";
import { phoneOf, USUAL_NEAR, viewScale } from "./finderView.ts";
import { ShadowPart, type SunNow } from "./ground/ShadowPart.tsx";
import { type GroundLine, tracedHorizon } from "./ground/sunWays.ts";
import { TraceHorizon } from "./ground/TraceHorizon.tsx";
import { useSunWays } from "./ground/useSunWays.ts";
import type { LookData } from "./lookData.ts";
import { NearPart } from "./NearPart.tsx";
import { PhotographInput } from "./phone/PhotographInput.tsx";
import { readPictureOf } from "./phone/pictureOf.ts";
import { useAttitude } from "./phone/useAttitude.ts";
import { useBattery } from "./phone/useBattery.ts";
import { useLiveView, useOwnDocument } from "./phone/useLiveView.ts";
import { useMatched } from "./phone/useMatched.ts";
import { useStill } from "./phone/useStill.ts";
import { MadePicture } from "./sheet/MadePicture.tsx";
import { PhotographTime } from "./sheet/PhotographTime.tsx";
import { useGathered } from "./sheet/useGathered.ts";
import { useAim } from "./useAim.ts";

/** The finder that a box does not have. */
export function LookPage({ data }: { readonly data: LookData }) {
  useOwnDocument();
  const red = useSyncExternalStore(onRedLight, redLevel, () => null) !== null;
  return (
    <main className="thumb mx-auto max-w-6xl px-4 pb-16" data-look>
      <FieldPages />
      {data.camera === null ? (
        <>
          <p className="mb-3">There is no camera yet to look through. Measure a container first.</p>
          <Link to="/new" className={buttonClass("action")}>
            Measure a container
          </Link>
        </>
      ) : red ? (
        <p data-look-red>A live view is white light. Go out into the daylight to look.</p>
      ) : (
        <Look camera={data.camera} data={data} />
      )}
    </main>
  );
}

/** The shape of a picture before there is one. */
const EMPTY = { width: 480, height: 640 } as const;
function Look({ camera, data }: { readonly camera: Camera; readonly data: LookData }) {
  const medium = mediumById(camera.chambers[0].film.medium);
  const live = useLiveView();
  const told = useAttitude();
  const { still, refused, take, drop } = useStill();
  const [finder, setFinder] = useState(data.finder);
  const { trail } = data;
  const [sun, setSun] = useState<SunNow | null>(null);
  const [near, setNear] = useState(USUAL_NEAR);
  const [traced, setTraced] = useState<readonly HorizonPoint[]>([]);
  const [withStops, setStops] = useState(true);
  const [gauge, setGauge] = useState<number | null>(null);
  const inks = useInk();

  const image = still?.image ?? live.video;
  const { width, height } = still?.image ?? live.size ?? EMPTY;
  const focal = focalOf(still?.focal35 ?? null, finder);
  const phone = useMemo(() => phoneOf(width, height, focal.focal), [width, height, focal.focal]);
  const look = useCallback(
    () => still?.picture ?? (image === null ? null : readPictureOf(image, width, height)),
    [image, still, width, height],
  );
  const isLive = live.state === "live" && still === null;
  // A device that does not tell how it is held is followed by its own pictures.
  const isUntold = told.state === "none" || told.state === "refused";
  const matched = useMatched(isLive && isUntold, look, phone);
  const attitude = isUntold ? matched : told;
  const aim = useAim(attitude, trail, still !== null);
  const ground = useSunWays(camera, trail);
  const standing = useMemo(() => standingPlaces(camera), [camera]);
  const frame = useMemo(() => cameraFrame(camera, medium), [camera, medium]);
  const scale = useMemo(() => viewScale(frame, phone), [frame, phone]);

  const traces = trail !== null && still === null && aim.overGround && attitude.state === "told";
  /** The maker's shadow, for a box that looks as it was said, or as the phone does. */
  const shadowNow = (): readonly GroundLine[] => {
    const heading = (aim.box ?? aim.heldNow())?.azimuth;
    if (sun === null || heading === undefined || !attitude.knowsNorth) return [];
    const points = makersShadow({ sun, heading, height: sun.height });
    return points.length === 0 ? [] : [{ name: "your shadow", points: [...points, ...points.slice(0, 1)] }];
  };
  const sceneNow = (): FinderScene => ({
    frame,
    phone,
    pose: aim.poseNow(),
    held: aim.heldNow(),
    scale,
    withStops,
    gauge,
    ground: aim.overGround ? [...ground, tracedHorizon(traced), ...shadowNow()] : [],
    near,
    standing,
    ring: traces,
    inks,
  });

  const sweeps = isLive && aim.box !== null && attitude.state === "told" && !(isUntold && matched.lost);
  const { wanted, box } = aim;
  const of = useMemo(() => ({ frame, wanted, box, still }), [frame, wanted, box, still]);
  const gather = useGathered({ frame, phone, look, poseNow: aim.poseNow }, sweeps, of);

  const battery = useBattery(isLive);
  const start = async (): Promise<void> => {
    drop();
    // Some browsers ask for the sensors in the press itself, and only then.
    const listening = told.listen();
    await live.start();
    await listening;
  };
  return (
    <div className="grid gap-x-8 gap-y-4 md:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)]">
      <section aria-label="View" className="grid content-start gap-2">
        <FinderCanvas image={image} live={isLive} sceneNow={sceneNow} onTurn={aim.turn} />
        <div className="flex flex-wrap gap-2">
          <Button
            look={image === null ? "action" : "plain"}
            onClick={() => void start()}
            disabled={live.state === "asking"}
          >
            {isLive ? "Start it again" : "Look through the phone"}
          </Button>
          <PhotographInput onTake={(file) => void take(file)} />
          {isLive && (
            <Button look="quiet" onClick={live.stop}>
              Camera off
            </Button>
          )}
        </div>
        {(live.said ?? refused) !== null && (
          <p role="alert" data-refused>
            {refused ?? live.said}
          </p>
        )}
        {battery !== null && (
          <p role="status" className="text-[0.87rem]" data-battery>
            Screen and camera on: about {Math.max(1, Math.round(100 * battery))} % of the battery in ten minutes.
          </p>
        )}
        <p className="text-[0.87rem] text-quiet">
          The browser asks for the camera: what it sees stays on this phone, and nothing is kept unless you press. Keep
          the sun out of the view: it harms eyes and cameras.
        </p>
      </section>
      <section aria-label="Aim" className="grid content-start gap-3">
        <AimPart
          camera={camera}
          trail={trail}
          aim={aim}
          view={{ empty: image === null, scale, told: attitude.state === "told" && still === null }}
          withStops={withStops}
          onStops={setStops}
        />
        {trail !== null && (
          <p className="border-kraft border-l-4 pl-3" data-sun-ways={ground.length}>
            The brown lines are the sun’s highest, middle and lowest way of {trail.name || "its plan"}; the red frame is
            what the can sees by its plan. Never look at the sun, nor point the phone at it. A phone’s compass is good
            to 5 to 10°, and steel turns it.
            {!aim.overGround &&
              attitude.state === "told" &&
              " This phone does not tell where north is: the lines are left out."}
          </p>
        )}
        {traces && <TraceHorizon trail={trail} traced={traced} heldNow={aim.heldNow} onTraced={setTraced} />}
        {isLive && SENSOR_WORDS[told.state] !== null && (
          <p className="text-[0.87rem] text-quiet" data-sensors={told.state}>
            {SENSOR_WORDS[told.state]}
          </p>
        )}
        {isLive && isUntold && matched.lost && (
          <p role="status" className="border-action border-l-4 pl-3" data-lost>
            The picture doesn’t fit the one before. Turn back to where you were, and turn more slowly.
          </p>
        )}
        {still?.photograph && trail === null && (
          <PhotographTime camera={camera} photograph={still.photograph} data={data} />
        )}
        {image !== null && trail === null && <MadePicture camera={camera} medium={medium} gather={gather} />}
        <Link
          to={
            trail === null
              ? `/field?camera=${encodeURIComponent(camera.id)}`
              : `/sun/put-up?trail=${encodeURIComponent(trail.id)}`
          }
          className={buttonClass()}
          onClick={() => {
            if (still?.photograph && trail === null)
              takeLight({ by: "photograph", photograph: still.photograph, file: null, spots: [] }, camera);
          }}
        >
          {trail === null ? "On to the time" : "On to putting it up"}
        </Link>
        {isLive && told.state === "told" && attitude.knowsNorth && trail === null && (
          <Disclosure title="My own shadow" name="shadow">
            <ShadowPart sun={sun} onSun={setSun} />
          </Disclosure>
        )}
        <Disclosure title="Something near" name="near">
          <NearPart near={near} count={standing.length} onNear={setNear} />
        </Disclosure>
        <AnglePart
          focal={focal}
          gauge={image !== null && still === null ? { width, height, gauge: gauge ?? width / 2 } : null}
          turn={isLive && told.state === "told" ? { phone, look, heldNow: aim.heldNow } : null}
          onGauge={setGauge}
          onFound={setFinder}
        />
      </section>
    </div>
  );
}

const BY_PICTURES =
  "Still Box follows it by what its pictures show: press “The box looks this way”, then turn slowly and keep the phone level.";

/** What the sensors have to say, while the camera runs. */
const SENSOR_WORDS = {
  off: null,
  waiting: null,
  told: "Hold the phone along the box and press “The box looks this way”. Then sweep: the frame stays where the box looks, and fills up from what you see. Whoever walks by is gone after three seconds, as from the sheet.",
  refused: `The browser was told not to tell how the phone is held. ${BY_PICTURES}`,
  none: `This device does not tell how it is held. ${BY_PICTURES}`,
} as const;
