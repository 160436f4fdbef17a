import { type ReactNode, Suspense, useEffect, useState, useSyncExternalStore } from "react";
import { useNavigation, useParams } from "react-router";
import { tinykeys } from "tinykeys";
import { askToPersist, practiceTab } from "../../storage/index.ts";
import { cx } from "../../ui/controls/cx.ts";
import {
  darkAnswer,
  isInDark,
  leaveDark,
  onRedLight,
  RED_LEVELS,
  redLevel,
  setRedLight,
} from "../../ui/dark/redLight.ts";
import { useConnectionTrouble } from "../../ui/device/useConnectionTrouble.ts";
import { pageTime } from "../../ui/device/useNow.ts";
import { isTyping } from "../../ui/edits/isTyping.ts";
import { currentNotices, onNotices } from "../../ui/notices/notify.ts";
import { lazyPart } from "../../ui/page/lazyPart.tsx";
import { usePath } from "../../ui/page/usePath.ts";
import { keepOffline } from "../offline/keepOffline.ts";
import { useReady } from "../useReady.ts";
import { Pending } from "./Pending.tsx";
import { Ruler } from "./Ruler.tsx";

const CameraAtHand = lazyPart(() => import("./CameraAtHand.tsx"));
const CommandPalette = lazyPart(() => import("./CommandPalette.tsx"));
const Toaster = lazyPart(() => import("../../ui/notices/Toaster.tsx").then((module) => ({ default: module.Toaster })));
const ConnectionNotice = lazyPart(() => import("./ConnectionNotice.tsx"));
const ClockQuestion = lazyPart(() => import("../../ui/device/ClockQuestion.tsx"));
const InsecureNote = lazyPart(() => import("./InsecureNote.tsx"));
const PracticeStrip = lazyPart(() => import("./PracticeStrip.tsx"));
const LampQuestion = lazyPart(() => import("../../ui/dark/LampQuestion.tsx"));
const RedLight = lazyPart(() => import("../../ui/dark/RedLight.tsx"));
const TourStrip = lazyPart(() => import("./TourStrip.tsx"));
const ShortcutSheet = lazyPart(() => import("./ShortcutSheet.tsx"));

type Overlay = "palette" | "shortcuts" | null;

/** Whether the browser holds this address for secure never changes while a page is open; the server can't tell. */
const never = () => () => {};
const isSecure = (): boolean => window.isSecureContext;
const always = (): boolean => true;
/** A tab goes into a session of practice, and out of it, by a new page. */
const practisesHere = (): boolean => practiceTab() !== null;
const no = (): boolean => false;

/** Pages where one camera is at hand; the Shelf shows all of them. */
const CAMERA_PAGES = /^\/(cameras|dark|field|log|stock|proof|sun)\b/;

/** Everything round a page: the rule with the places, the palette, the sheet of shortcuts. */
export function Shell({
  cameras,
  current,
  tour,
  children,
}: {
  readonly cameras: readonly { readonly id: string; readonly name: string }[];
  readonly current: string | null;
  /** At which stop of the tour one is; `null`: on none. */
  readonly tour: number | null;
  readonly children: ReactNode;
}) {
  const params = useParams();
  const [overlay, setOverlay] = useState<Overlay>(null);
  // Where the page ends: its way on stands there.
  const [end, setEnd] = useState<HTMLElement | null>(null);
  const busy = useNavigation().state !== "idle";
  const told = useSyncExternalStore(onNotices, currentNotices, currentNotices).length > 0;
  const [toasts, setToasts] = useState(false);
  if (told && !toasts) setToasts(true);
  const known = cameras.some(({ id }) => id === current) ? current : (cameras[0]?.id ?? null);
  const red = useSyncExternalStore(onRedLight, redLevel, () => null);
  const asked = useSyncExternalStore(onRedLight, darkAnswer, () => null) === "asked";
  const jump = useSyncExternalStore(pageTime().onJump, pageTime().jump, () => null);
  const path = usePath();
  const dark = isInDark(path);
  const atHand = params.id ?? known;
  useEffect(() => {
    if (!dark) leaveDark();
  }, [dark]);
  const trouble = useConnectionTrouble();
  const secure = useSyncExternalStore(never, isSecure, always);
  const practises = useSyncExternalStore(never, practisesHere, no);
  useReady();
  useEffect(() => {
    void askToPersist();
    void keepOffline();
  }, []);
  useEffect(() => {
    const showKeys = (event: KeyboardEvent): void => {
      if (isTyping(event)) return;
      event.preventDefault();
      setOverlay("shortcuts");
    };
    return tinykeys(window, {
      "$mod+KeyK": (event) => {
        event.preventDefault();
        setOverlay("palette");
      },
      "?": showKeys,
      "Shift+?": showKeys,
    });
  }, []);
  return (
    <div className={cx("min-h-screen", busy && "cursor-progress")}>
      <Ruler current={atHand} lamp={red === null ? <Daylight /> : null}>
        <OverlayButton name="Commands" keys="Ctrl K" onPress={() => setOverlay("palette")} />
        <OverlayButton name="Keys" keys="?" onPress={() => setOverlay("shortcuts")} />
      </Ruler>
      {trouble && (
        <Suspense>
          <ConnectionNotice trouble={trouble} />
        </Suspense>
      )}
      {!secure && (
        <Suspense>
          <InsecureNote />
        </Suspense>
      )}
      {practises && (
        <Suspense>
          <PracticeStrip />
        </Suspense>
      )}
      {tour !== null && atHand !== null && (
        <Suspense>
          <TourStrip at={tour} camera={atHand} />
        </Suspense>
      )}
      {busy && <Pending />}
      {atHand !== null && CAMERA_PAGES.test(path) && (
        // Its room is kept, so that nothing below moves when it comes.
        <div className="min-h-10">
          <Suspense>
            <CameraAtHand cameras={cameras} id={atHand} end={end} />
          </Suspense>
        </div>
      )}
      {children}
      <div ref={setEnd} />
      <Suspense>
        {toasts && <Toaster />}
        {red !== null && <RedLight />}
        {asked && dark && <LampQuestion />}
        {jump !== null && <ClockQuestion jump={jump} />}
        {overlay === "palette" && (
          <CommandPalette
            cameras={cameras}
            camera={params.id ?? null}
            onClose={() => setOverlay(null)}
            onShortcuts={() => setOverlay("shortcuts")}
          />
        )}
        {overlay === "shortcuts" && <ShortcutSheet onClose={() => setOverlay(null)} />}
      </Suspense>
    </div>
  );
}

/** While it is daylight: that it is, and one press to the red light. */
function Daylight() {
  return (
    <button
      type="button"
      aria-label="Daylight: press for the red light"
      title="Daylight: press for the red light"
      data-daylight
      className="flex shrink-0 items-center gap-1.5 border-line border-l bg-card px-3 text-[0.87rem] text-quiet hover:text-ink"
      onClick={() => setRedLight(RED_LEVELS[0])}
    >
      <span aria-hidden="true" className="size-3 rounded-full border-[1.5px] border-ink" />
      <span>
        Day<span className="hidden sm:inline">light</span>
      </span>
    </button>
  );
}

function OverlayButton({
  name,
  keys,
  onPress,
}: {
  readonly name: string;
  readonly keys: string;
  readonly onPress: () => void;
}) {
  return (
    <button type="button" className="px-2 text-[0.87rem] text-quiet hover:text-ink" onClick={onPress}>
      {name} <kbd className="border border-line px-1 font-sans">{keys}</kbd>
    </button>
  );
}
