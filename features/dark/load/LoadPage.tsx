import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { mediumById } from "../../../catalogue/media.ts";
import type { Camera } from "../../../core/camera/container/index.ts";
import { type Lamp, lampFor } from "../../../core/darkroom/recipe/index.ts";
import type { Load } from "../../../core/document/index.ts";
import { Button, buttonClass } from "../../../ui/controls/Button.tsx";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { useSheetInHand } from "../../../ui/dark/sheetsOut.ts";
import { useDarkFirst } from "../../../ui/dark/useDarkFirst.tsx";
import { readableDay } from "../../../ui/format/localTime.ts";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { LiveNotice } from "../../../ui/notices/LiveNotice.tsx";
import { ConfirmDialog } from "../../../ui/seldom/ConfirmDialog.tsx";
import { LAMP_WORDS } from "../../../wording/darkroomWords.ts";
import { CARTRIDGES_BY_DAYLIGHT, UNLOADED } from "../../../wording/make/loadingSteps.ts";
import { Blackout } from "../Blackout.tsx";
import { DarkPages } from "../DarkPages.tsx";
import { FlashRow } from "../FlashRow.tsx";
import { HowToLoad } from "./HowToLoad.tsx";
import type { LoadData } from "./loadData.ts";
import { sheetWords } from "./loadingWords.ts";
import { PlacesToFill } from "./PlacesToFill.tsx";
import { SafelightPanel } from "./SafelightPanel.tsx";
import { useLoading } from "./useLoading.ts";
import { WhatGoesIn } from "./WhatGoesIn.tsx";

/** Loading in the dark: the camera at hand, sheet by sheet. */
export function LoadPage({ data }: { readonly data: LoadData }) {
  if (data.camera !== null) return <LoadWith key={data.camera.id} data={data} camera={data.camera} />;
  return (
    <main className="wet mx-auto max-w-3xl px-4 pb-24">
      <DarkPages />
      <p className="mb-4">No camera to load yet.</p>
      <Link to="/new" className={buttonClass("action")}>
        Measure a container
      </Link>
    </main>
  );
}

const DIM_ROOM = "A sun trail’s sheet may be loaded in a dim room: it darkens only in strong light.";
/** In the dark: by the lamp that the medium bears. */
const LOADED_BY: Readonly<Record<Lamp, string>> = {
  white: "",
  red: `Paper: ${LAMP_WORDS.red}.`,
  none: "Film: no light at all, and a red screen is light too. Learn the steps now; then let the screen go black.",
};

function LoadWith({ data, camera }: { readonly data: LoadData; readonly camera: Camera }) {
  const { cameras, settings } = data;
  const navigate = useNavigate();
  const length = useLengthWords();
  const loading = useLoading(data, camera);
  const { plan, live, load, goesIn, next, rest } = loading;
  const [blind, setBlind] = useState(false);
  const { kind } = mediumById(goesIn.medium);
  const lamp = lampFor(kind);
  const { light } = plan.loading;
  const inTheDark = light === "dark";
  useSheetInHand(inTheDark && rest.length > 0 ? kind : null);
  const { darkFirst, question } = useDarkFirst();
  const handled = (what: string, run: () => void): void =>
    inTheDark ? darkFirst({ run, what, note: "It was done in the dark: only note it" }) : run();

  return (
    <main className="wet mx-auto max-w-5xl px-4 pb-24" data-lamp={inTheDark ? lamp : "white"}>
      {question}
      {blind && (
        <Blackout
          label={next.length > 0 ? "In the dark: the next is loaded" : "In the dark: all is loaded"}
          status=""
          onTap={() => {
            if (next.length > 0) loading.fill(next);
            else setBlind(false);
          }}
          onLight={() => setBlind(false)}
        />
      )}
      <DarkPages />
      <LiveNotice live={live} />
      <div className="grid gap-x-8 gap-y-4 lg:grid-cols-2">
        <div className="grid content-start gap-4">
          <Choice
            label="Camera at hand"
            value={camera.id}
            options={cameras.map(({ id, name }) => ({ id, name }))}
            onChoose={(id) => void navigate(`/dark?camera=${encodeURIComponent(id)}`)}
          />
          <p className="font-semibold text-[1.35rem] leading-tight" data-sheet-words>
            {sheetWords(plan, length)}
          </p>
          <WhatGoesIn loading={loading} />
          <p role="status" className="border-action border-l-4 pl-3" data-lamp-words>
            {light === "dim" ? DIM_ROOM : light === "daylight" ? CARTRIDGES_BY_DAYLIGHT : LOADED_BY[lamp]}
          </p>
          {lamp === "none" && inTheDark && <BlackScreen onBlack={() => setBlind(true)} />}
          {lamp === "red" && inTheDark && (
            <FlashRow
              when="before"
              medium={goesIn.medium}
              done={live.value.done}
              sound={settings.sound}
              flashed={loading.flashed}
              onFlashed={loading.setFlashed}
            />
          )}
          <PlacesToFill
            places={loading.places}
            rest={rest}
            next={next}
            onFill={(which) => handled("the sheet leaves its box", () => loading.fill(which))}
          />
          {load !== null && (
            <InItNow
              load={load}
              unloaded={UNLOADED[plan.loading.unloaded]}
              onUnload={() => handled("the lid comes off", loading.unload)}
            />
          )}
        </div>
        <div className="grid content-start gap-3">
          <HowToLoad loading={loading} />
          <SafelightPanel sound={settings.sound} />
        </div>
      </div>
    </main>
  );
}

/** For film: places are noted at a screen that gives no light. */
function BlackScreen({ onBlack }: { readonly onBlack: () => void }) {
  return (
    <>
      <Button className="w-full" onClick={onBlack}>
        Black screen: a tap says “loaded”
      </Button>
      <p className="text-quiet">
        Tap anywhere to note the next place; the phone buzzes. Hold for three seconds to get the screen back.
      </p>
    </>
  );
}

/** What is in the camera, and the press that takes it out. */
function InItNow({
  load,
  unloaded,
  onUnload,
}: {
  readonly load: Load;
  /** How it comes out, in words. */
  readonly unloaded: string;
  readonly onUnload: () => void;
}) {
  const exposed = load.places.filter(({ exposureId }) => exposureId).length;
  return (
    <div className="border border-ink p-3" data-in-it>
      <p className="mb-2">
        Loaded {readableDay(load.at)}
        {exposed > 0 ? `, ${exposed} of ${load.places.length} exposed` : ", nothing exposed yet"}. {unloaded}
      </p>
      <ConfirmDialog
        title="Is it unloaded?"
        words={`${unloaded} Then it can be loaded anew.`}
        yes="It is unloaded"
        no="Not yet"
        onYes={onUnload}
      >
        <Button className="w-full">Unload it</Button>
      </ConfirmDialog>
    </div>
  );
}
