import { useCallback, useMemo, useState, useSyncExternalStore } from "react";
import { Link } from "react-router";
import { mediumById } from "../../../catalogue/media.ts";
import { type Camera, cameraBody } from "../../../core/camera/container/index.ts";
import { aimMove, cameraFrame, type Pose, phoneAxes, poseFrom } from "../../../core/viewfinder/index.ts";
import { Button, buttonClass } from "../../../ui/controls/Button.tsx";
import { Check } from "../../../ui/controls/Check.tsx";
import { Disclosure } from "../../../ui/controls/Disclosure.tsx";
import { onRedLight, redLevel } from "../../../ui/dark/redLight.ts";
import { useInk } from "../../../ui/drawing/useInk.ts";
import { keep } from "../../../ui/edits/keep.ts";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { FieldPages } from "../FieldPages.tsx";
import { Calibrate } from "./Calibrate.tsx";
import type { FinderScene } from "./drawFinder.ts";
import { FinderCanvas } from "./FinderCanvas.tsx";
import { aimOf, focalShare, phoneOf, USUAL_ERROR, USUAL_FOCAL_35, viewScale } from "./finderView.ts";
import type { LookData } from "./lookData.ts";
import { MadePicture } from "./MadePicture.tsx";
import { moveWords } from "./moveWords.ts";
import { readPictureOf } from "./pictureOf.ts";
import { useAttitude } from "./useAttitude.ts";
import { useGathered } from "./useGathered.ts";
import { useLiveView, useOwnDocument } from "./useLiveView.ts";
import { useStill } from "./useStill.ts";
import { useSunWays } from "./useSunWays.ts";

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

/** As the phone is held where nobody knows how. */
const STRAIGHT: Pose = { azimuth: 0, elevation: 0, roll: 0 };
/** The shape of a picture before there is one. */
const EMPTY = { width: 480, height: 640 } as const;
/** A file's figure is rounded to a whole millimetre of some 26. */
const TOLD_ERROR = 0.05;

function Look({ camera, data }: { readonly camera: Camera; readonly data: LookData }) {
  const medium = mediumById(camera.chambers[0].film.medium);
  const live = useLiveView();
  const attitude = useAttitude();
  const { still, refused, take, drop } = useStill();
  const [finder, setFinder] = useState(data.finder);
  const [box, setBox] = useState<Pose | null>(null);
  const { trail } = data;
  const [wanted, setWanted] = useState<Pose>(() => (trail === null ? STRAIGHT : aimOf(trail.aim)));
  const ground = useSunWays(camera, trail);
  const [withStops, setStops] = useState(true);
  const [gauge, setGauge] = useState<number | null>(null);
  const inks = useInk();
  const words = useLengthWords();

  const image = still?.image ?? live.video;
  const { width, height } = still?.image ?? live.size ?? EMPTY;
  const focal = focalOf(still?.focal35 ?? null, finder);
  const phone = useMemo(() => phoneOf(width, height, focal.focal), [width, height, focal.focal]);
  const frame = useMemo(() => cameraFrame(camera, medium), [camera, medium]);
  const scale = useMemo(() => viewScale(frame, phone), [frame, phone]);

  // A plan is over the ground as a map has it: from a phone that does not know north it can't be shown.
  const overGround = trail === null || attitude.knowsNorth;

  // A photograph was taken once: how the phone is held now says nothing of it.
  const heldNow = useCallback((): Pose | null => {
    const axes = still === null ? attitude.axes.current : null;
    return axes === null ? null : poseFrom(STRAIGHT, axes);
  }, [still, attitude.axes]);
  const poseNow = useCallback((): Pose => {
    // Over the ground the frame stands where the box looks, or where its plan has it look.
    const held = (box === null && trail === null) || !overGround ? null : heldNow();
    if (held === null && trail !== null) return STRAIGHT;
    return poseFrom(wanted, phoneAxes(held ?? STRAIGHT));
  }, [box, trail, overGround, wanted, heldNow]);
  const sceneNow = (): FinderScene => ({
    frame,
    phone,
    pose: poseNow(),
    held: heldNow(),
    scale,
    withStops,
    gauge,
    ground: overGround ? ground : [],
    inks,
  });

  const look = useCallback(
    () => still?.picture ?? (image === null ? null : readPictureOf(image, width, height)),
    [image, still, width, height],
  );
  const sweeps = live.state === "live" && still === null && box !== null && attitude.state === "told";
  const of = useMemo(() => ({ frame, wanted, box, still }), [frame, wanted, box, still]);
  const gather = useGathered({ frame, phone, look, poseNow }, sweeps, of);

  const start = async (): Promise<void> => {
    drop();
    // Some browsers ask for the sensors in the press itself, and only then.
    const listening = attitude.listen();
    await live.start();
    await listening;
  };
  const stands = (): void => {
    const held = heldNow();
    if (held === null) return;
    setBox(held);
    if (trail === null) setWanted(held);
  };
  const now = box ?? STRAIGHT;
  const planned = trail === null ? now : aimOf(trail.aim);
  // Where a plan says how it looks, nothing is known until the phone has told how the can hangs now.
  const moves =
    box === null && trail !== null ? [] : moveWords(aimMove(now, wanted, cameraBody(camera).depth), (mm) => words(mm));
  return (
    <div className="grid gap-x-8 gap-y-4 md:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)]">
      <section aria-label="View" className="grid content-start gap-2">
        <FinderCanvas
          image={image}
          live={live.state === "live" && still === null}
          sceneNow={sceneNow}
          onTurn={({ azimuth, elevation }) =>
            setWanted((now) => ({ ...now, azimuth: now.azimuth + azimuth, elevation: now.elevation + elevation }))
          }
        />
        <div className="flex flex-wrap gap-2">
          <Button
            look={image === null ? "action" : "plain"}
            onClick={() => void start()}
            disabled={live.state === "asking"}
          >
            {live.state === "live" && still === null ? "Start it again" : "Look through the phone"}
          </Button>
          <PhotographInput onTake={(file) => void take(file)} />
          {live.state === "live" && still === null && (
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
        <p className="text-[0.87rem] text-quiet">
          The browser asks for the camera: what it sees stays on this phone, and nothing is kept unless you press. Keep
          the sun out of the view: it harms eyes and cameras.
        </p>
      </section>
      <section aria-label="Aim" className="grid content-start gap-3">
        <div>
          <p className="stamp">{camera.name}</p>
          {moves.length === 0 ? (
            <p className="font-semibold text-[1.2rem]" data-moves="none">
              {box !== null
                ? "The box stands right."
                : trail === null
                  ? "Hold the phone before the hole, along the box."
                  : "Hold the phone where the can will hang."}
            </p>
          ) : (
            <ul className="font-semibold text-[1.2rem]" data-moves={moves.length}>
              {moves.map((move) => (
                <li key={move}>{move}</li>
              ))}
            </ul>
          )}
          <p className="text-[0.87rem] text-quiet">
            {image === null
              ? "The red frame is what the box will see. Drag it to where you want it, and read how to move the box."
              : scale < 1
                ? "The box sees wider than the phone: the phone’s view is the window in the middle."
                : "The red frame is what the box will see: drag it to where you want it."}
          </p>
        </div>
        <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
          {attitude.state === "told" && still === null && (
            <Button className="min-h-[3.3rem]" onClick={stands}>
              The box looks this way
            </Button>
          )}
          {moves.length > 0 && (
            <Button className="min-h-[3.3rem]" onClick={() => setWanted(planned)}>
              Frame back to the middle
            </Button>
          )}
          <Check label="Lines of stops lost" checked={withStops} onCheck={setStops} className="min-h-[3.3rem]" />
        </div>
        {trail !== null && (
          <p className="border-kraft border-l-4 pl-3" data-sun-ways={ground.length}>
            The brown lines are the sun’s highest, middle and lowest way of {trail.name || "its plan"}; the red frame is
            what the can sees by its plan. Never look at the sun, nor point the phone at it. A phone’s compass is good
            to 5 to 10°, and steel turns it.
            {!overGround &&
              attitude.state === "told" &&
              " This phone does not tell where north is: the lines are left out."}
          </p>
        )}
        {live.state === "live" && SENSOR_WORDS[attitude.state] !== null && (
          <p className="text-[0.87rem] text-quiet" data-sensors={attitude.state}>
            {SENSOR_WORDS[attitude.state]}
          </p>
        )}
        {image !== null && trail === null && <MadePicture camera={camera} medium={medium} gather={gather} />}
        <Link
          to={
            trail === null
              ? `/field?camera=${encodeURIComponent(camera.id)}`
              : `/sun/put-up?trail=${encodeURIComponent(trail.id)}`
          }
          className={buttonClass()}
        >
          {trail === null ? "On to the time" : "On to putting it up"}
        </Link>
        <Disclosure title={`The phone’s angle, ± ${Math.round(100 * focal.error)} %`} name="angle">
          <p className="mb-2 text-[0.87rem] text-quiet">{focal.from}</p>
          {image !== null && still === null && (
            <Calibrate
              width={width}
              height={height}
              gauge={gauge ?? width / 2}
              onGauge={setGauge}
              onFound={(found) => {
                setFinder(found);
                setGauge(null);
                keep("finder", found, "The phone’s angle");
              }}
            />
          )}
        </Disclosure>
      </section>
    </div>
  );
}

/** What the sensors have to say, while the camera runs. */
const SENSOR_WORDS = {
  off: null,
  waiting: null,
  told: "Hold the phone along the box and press “The box looks this way”. Then sweep: the frame stays where the box looks, and fills up from what you see.",
  refused: "The browser was told not to tell how the phone is held: the frame moves along with the phone.",
  none: "This device does not tell how it is held: the frame moves along with it.",
} as const;

/** A photograph, taken now or chosen. */
function PhotographInput({ onTake }: { readonly onTake: (file: File) => void }) {
  return (
    <label className="inline-flex min-h-[3.3rem] cursor-pointer items-center border-[1.5px] border-ink bg-card px-3 font-medium has-[:focus-visible]:outline-2 has-[:focus-visible]:outline-action">
      Take a photograph
      <input
        type="file"
        accept="image/*"
        capture="environment"
        className="sr-only"
        aria-label="Photograph to look through"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = "";
          if (file) onTake(file);
        }}
      />
    </label>
  );
}

/** The phone's focal length: as the photograph says, as it was calibrated, or as is usual. */
function focalOf(told: number | null, finder: LookData["finder"]) {
  if (told !== null)
    return { focal: focalShare(told), error: TOLD_ERROR, from: `The photograph says ${told} mm, in 35 mm terms.` };
  if (finder !== null)
    return { ...finder, from: "Calibrated on this phone. Do it again where the phone has another camera." };
  return {
    focal: focalShare(USUAL_FOCAL_35),
    error: USUAL_ERROR,
    from: "As phones usually are. Calibrate it once: then the frame is good to half a degree at its edge.",
  };
}
