import { useState } from "react";
import type { LoadedPlace } from "../../../core/document/index.ts";
import { fieldChoices, type KeptViewSetting, type Settings, savePicture } from "../../../storage/index.ts";
import { wakeSound } from "../../../ui/device/signals.ts";
import { keep } from "../../../ui/edits/keep.ts";
import { type ChoicesInHand, useChoices } from "../../../ui/edits/useChoices.ts";
import { notify } from "../../../ui/notices/notify.ts";
import type { Counts } from "../count/useCounts.ts";
import { openedTwice, placesToOpen } from "./load/loading.ts";
import { type Companion, countFor } from "./others/companions.ts";
import { useOthers } from "./others/useOthers.ts";
import type { Other } from "./others/WithOthers.tsx";
import { turned } from "./turned.ts";
import type { ShotAtHand } from "./useShotAtHand.ts";

/** Counted before the hole opens, where that is wished, ms. */
const COUNTED_IN = 3000;
const NONE: ReadonlySet<string> = new Set();

type Heard = Pick<Settings, "sound" | "countIn" | "clickless">;

/** What is opened by one press, with what goes along with the shot. */
export interface Opening {
  /** Places that open together; `null`: they are not being gathered. */
  readonly together: ReadonlySet<string> | null;
  readonly gather: (on: boolean) => void;
  readonly turnPlace: (place: string) => void;
  /** Other cameras that open along; `null`: nobody asks for them. */
  readonly along: ReadonlySet<string> | null;
  readonly others: readonly Other[];
  readonly takeAlong: (on: boolean) => void;
  readonly turnOther: (id: string) => void;
  /** Sheets of this camera, and holes in all. */
  readonly sheets: readonly (LoadedPlace | null)[];
  readonly holes: number;
  readonly draft: Settings["draft"];
  readonly note: (draft: Settings["draft"]) => void;
  /** What the phone saw, to be kept with the shot. */
  readonly view: KeptViewSetting | null;
  readonly forgetView: () => void;
  readonly keepPhoto: boolean;
  readonly setKeepPhoto: (on: boolean) => void;
  /** How one is counted and heard, and whose wheel does not click. */
  readonly heard: Heard;
  readonly choose: ChoicesInHand<Heard>["choose"];
  /** Why to ask before it opens; `null`: there is nothing to ask. */
  readonly doubt: string | null;
  /** Opens, or asks first. */
  readonly ask: () => void;
  /** The answer to the question. */
  readonly answer: (yes: boolean) => void;
}

/** Holds what is to be opened, and opens it. */
export function useOpening(shot: ShotAtHand, settings: Settings, counts: Counts, isOpen: boolean): Opening {
  const { camera, load, places, held, place, medium, iso, good, seconds, inField } = shot;
  const { source } = inField.now;
  const [chosen, setChosen] = useState(NONE);
  const [gathering, setGathering] = useState(false);
  const [doubt, setDoubt] = useState<string | null>(null);
  const { chosen: heard, choose } = useChoices(fieldChoices, settings);
  const [draft, setDraft] = useState(settings.draft);
  const [keptView, setKeptView] = useState(settings.keptView);
  const [keepPhoto, setKeepPhoto] = useState(false);
  const [along, setAlong] = useState<ReadonlySet<string> | null>(null);

  const others = useOthers(along !== null, camera.id, counts.counts, shot.light);
  const companions = others.flatMap(({ camera: { id }, as }) => (typeof as !== "string" && along?.has(id) ? [as] : []));
  const sheets = placesToOpen(held, chosen, place);
  const view = keptView?.cameraId === camera.id ? keptView : null;
  const note = (next: typeof draft): void => {
    setDraft(next);
    keep("draft", next, "What is typed here");
  };
  const forgetView = (): void => {
    setKeptView(null);
    keep("keptView", null, "That the view is left out");
  };
  const open = (): void => {
    if (good === null || seconds === null) return;
    wakeSound();
    const mine = sheets.map((which): Companion => {
      const own = sheets.length > 1 ? (which?.plannedSeconds ?? seconds) : seconds;
      return { camera, load, place: which?.place ?? place, medium, iso, suggestion: good, seconds: own };
    });
    for (const each of [...mine, ...companions]) {
      const id = crypto.randomUUID();
      const seen = mine.includes(each) ? (view?.view ?? null) : null;
      counts.open({ ...countFor(each, id, draft), view: seen }, heard.countIn ? COUNTED_IN : 0);
      // The count has begun: storing the photograph may take its time.
      if (keepPhoto && source.by === "photograph" && source.file) {
        void kept(source.file).then((picture) => picture && counts.picture(id, picture));
      }
    }
    note({ subject: "", note: "" });
    if (view !== null) forgetView();
    setChosen(NONE);
    setGathering(false);
    setAlong(null);
    inField.set({ typed: null, picked: null });
  };
  return {
    together: gathering ? chosen : null,
    gather(on) {
      setGathering(on);
      setChosen(NONE);
    },
    turnPlace: (id) => setChosen((before) => turned(before, id)),
    along,
    others,
    takeAlong: (on) => setAlong(on ? NONE : null),
    turnOther: (id) => setAlong((before) => turned(before ?? NONE, id)),
    sheets,
    holes: sheets.length + companions.length,
    draft,
    note,
    view,
    forgetView,
    keepPhoto,
    setKeepPhoto,
    heard,
    choose,
    doubt,
    ask() {
      if (good === null || seconds === null || isOpen) return;
      const why = openedTwice(held, sheets, (id) => places.find((each) => each.id === id)?.name ?? id);
      if (why === null) open();
      else setDoubt(why);
    },
    answer(yes) {
      setDoubt(null);
      if (yes) open();
    },
  };
}

/** Stores the photograph a shot was metered by; without room for it the shot goes without. */
async function kept(file: File): Promise<string | null> {
  const saved = await savePicture(file);
  if (saved.ok) return saved.value;
  notify(`The photograph is not kept with the shot. ${saved.error.message}`, { urgent: true });
  return null;
}
