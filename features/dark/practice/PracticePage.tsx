import { useEffect, useMemo, useRef, useState } from "react";
import { Link } from "react-router";
import { mediumById } from "../../../catalogue/media.ts";
import { formatClock } from "../../../core/basis/units/index.ts";
import { pixelsOf, sunlit } from "../../../core/bench/preview/index.ts";
import type { Camera } from "../../../core/camera/container/index.ts";
import { USUAL_Q10 } from "../../../core/darkroom/temperature/index.ts";
import {
  type PracticeBath,
  type PracticeSetup,
  practiceFaults,
  practiceSheet,
} from "../../../core/simulate/darkroom/index.ts";
import { Button, buttonClass } from "../../../ui/controls/Button.tsx";
import { Check } from "../../../ui/controls/Check.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { Slider } from "../../../ui/seldom/Slider.tsx";
import { darkroomCautions, PRACTICE_WORDS } from "../../../wording/darkroomWords.ts";
import { DarkPages } from "../DarkPages.tsx";
import { PracticeTray } from "./PracticeTray.tsx";
import { usePracticeClock } from "./usePracticeClock.ts";

const BATHS: readonly { readonly id: PracticeBath; readonly name: string }[] = [
  { id: "developer", name: "Developer" },
  { id: "water", name: "Still water" },
  { id: "stop", name: "Stop" },
  { id: "fixer", name: "Fixer" },
  { id: "wash", name: "Wash" },
  { id: "hand", name: "In the hand" },
];
const EXPOSURES = [
  { id: "-1.5", name: "Too short" },
  { id: "0", name: "Right" },
  { id: "1.5", name: "Too long" },
] as const;

/** A darkroom to practise in: the sheet that the camera at hand would have made comes up in the tray. */
export function PracticePage({ camera }: { readonly camera: Camera | null }) {
  if (camera !== null) return <PracticeWith camera={camera} />;
  return (
    <main className="wet mx-auto max-w-3xl px-4 pb-24">
      <DarkPages />
      <p className="mb-4">To practise on a sheet, a camera has to make it.</p>
      <Link to="/new" className={buttonClass("action")}>
        Measure a container
      </Link>
    </main>
  );
}

function PracticeWith({ camera }: { readonly camera: Camera }) {
  const [celsius, setCelsius] = useState(20);
  const [used, setUsed] = useState(0);
  const [over, setOver] = useState<(typeof EXPOSURES)[number]["id"]>("0");
  const [fast, setFast] = useState(false);
  const clock = usePracticeClock(fast ? FAST : 1);
  const { events, now } = clock;
  const medium = paperOf(camera);
  const setup: PracticeSetup = useMemo(
    () => ({ density: medium.density, iso: medium.iso, celsius, q10: USUAL_Q10, used }),
    [medium, celsius, used],
  );
  const exposure = useMemo(() => {
    const plain = sunlit(camera, medium, PIXELS);
    const request = { ...plain, seconds: plain.seconds * 2 ** Number(over) };
    return { request, ...pixelsOf(request) };
  }, [camera, medium, over]);
  const told = useRef<HTMLDivElement>(null);
  const [looked, setLooked] = useState(false);
  const begun = events.length > 0;
  const bath = events.findLast((event) => "bath" in event);
  const lamp = events.findLast((event) => "lamp" in event);
  const here: PracticeBath = bath && "bath" in bath ? bath.bath : "hand";
  const white = Boolean(lamp && "lamp" in lamp && lamp.lamp);
  const faults = looked ? practiceFaults(practiceSheet(setup, events, now), medium.density) : null;
  useEffect(() => {
    if (looked) told.current?.scrollIntoView({ block: "nearest" });
  }, [looked]);
  return (
    <main className="wet mx-auto max-w-5xl px-4 pb-24" data-practice={begun ? "running" : "ready"}>
      <DarkPages />
      <div className="grid gap-x-8 gap-y-4 md:grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)]">
        <div className="grid content-start gap-3">
          <PracticeTray exposure={exposure} setup={setup} events={events} at={now} lit={white} />
          <p className="flex items-baseline justify-between" role="status">
            <span className="font-semibold text-[1.3rem]" data-bath={here}>
              {BATHS.find(({ id }) => id === here)?.name}
            </span>
            <span className="font-semibold text-[2.6rem] leading-none" data-practice-clock>
              {formatClock(now - (bath?.at ?? 0))}
            </span>
          </p>
        </div>
        <div className="grid content-start gap-3">
          <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
            {BATHS.map(({ id, name }) => (
              <Button
                key={id}
                look={id === "developer" && !begun ? "action" : "plain"}
                aria-pressed={here === id && begun}
                className={here === id && begun ? "outline-4 outline-action -outline-offset-4" : ""}
                onClick={() => {
                  setLooked(false);
                  clock.note({ bath: id });
                }}
              >
                {name}
              </Button>
            ))}
          </div>
          <div className="grid grid-cols-2 gap-2">
            <Button aria-pressed={white} onClick={() => clock.note({ lamp: !white })}>
              {white ? "White lamp off" : "White lamp on"}
            </Button>
            <Button
              look={begun && here === "wash" ? "action" : "plain"}
              disabled={!begun}
              onClick={() => setLooked(true)}
            >
              What have I made?
            </Button>
          </div>
          {faults !== null && (
            <div ref={told} data-verdict={faults.join(" ")} className="border-action border-l-4 pl-3">
              {faults.map((fault) => (
                <p key={fault}>{PRACTICE_WORDS[fault]}</p>
              ))}
            </div>
          )}
          <div className="flex flex-wrap items-center gap-x-6">
            <Check label="Eight times as fast" checked={fast} className="min-h-[3.75rem]" onCheck={setFast} />
            <Button
              look="quiet"
              disabled={!begun}
              onClick={() => {
                setLooked(false);
                clock.reset();
              }}
            >
              A fresh sheet
            </Button>
          </div>
          <Panel title="The room">
            <div className="grid gap-3">
              <Segments
                label="How it was exposed"
                value={over}
                options={EXPOSURES}
                onChoose={(next) => {
                  setOver(next);
                  clock.reset();
                }}
              />
              <Slider
                label="Temperature of the developer"
                low={`Developer ${celsius} °C`}
                high="30"
                least={12}
                most={30}
                step={1}
                value={celsius}
                say={(value) => `${value} °C`}
                onSlide={setCelsius}
              />
              <Slider
                label="How tired the developer is"
                low={used === 0 ? "Fresh" : `${Math.round(100 * used)} % used up`}
                high="dead"
                least={0}
                most={1}
                step={0.1}
                value={used}
                say={(value) => `${Math.round(100 * value)} % used up`}
                onSlide={setUsed}
              />
            </div>
          </Panel>
          <p className="text-[0.95rem] text-quiet">
            A stand-in, not your paper: {camera.name} in full sun on {medium.name}; what comes up follows a simple model
            (8 s till anything shows, then half of the rest every 15 s at 20 °C). With real baths:{" "}
            {darkroomCautions[0]?.words}
          </p>
        </div>
      </div>
    </main>
  );
}

/** How much faster it runs, where a wash would be dull. */
const FAST = 8;
/** Pixels on the longer side. */
const PIXELS = 800;

/** The camera's own paper; where film is in it, paper stands in: film is not watched as it comes up. */
function paperOf(camera: Camera) {
  const own = mediumById(camera.chambers[0].film.medium);
  return own.kind === "paper" ? own : mediumById(null);
}
