import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { Link, useNavigate } from "react-router";
import { allMedia, mediumById } from "../../../catalogue/media.ts";
import { emulsionTells, LAMP_WORDS } from "../../../catalogue/words/darkroomWords.ts";
import { CARTRIDGES_BY_DAYLIGHT, UNLOADED } from "../../../catalogue/words/loadingSteps.ts";
import { plainNumber } from "../../../core/basis/units/index.ts";
import { type Camera, type LoadPlace, loadPlaces } from "../../../core/camera/container/index.ts";
import { type Lamp, lampFor } from "../../../core/darkroom/recipe/index.ts";
import type { Load } from "../../../core/document/index.ts";
import { useLive } from "../../../storage/index.ts";
import { Button, buttonClass } from "../../../ui/controls/Button.tsx";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { Disclosure } from "../../../ui/controls/Disclosure.tsx";
import { QuantityField } from "../../../ui/controls/entries/QuantityField.tsx";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { useSheetInHand } from "../../../ui/dark/sheetsOut.ts";
import { useDarkFirst } from "../../../ui/dark/useDarkFirst.tsx";
import { speak } from "../../../ui/device/speech.ts";
import { readableDay } from "../../../ui/format/localTime.ts";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { LiveNotice } from "../../../ui/notices/LiveNotice.tsx";
import { loadIt, unloadIt } from "../../../ui/records/loading.ts";
import { planOf } from "../../../ui/records/planOf.ts";
import { ConfirmDialog } from "../../../ui/seldom/ConfirmDialog.tsx";
import { Term } from "../../../ui/words/Term.tsx";
import { Blackout } from "../Blackout.tsx";
import { DarkPages } from "../DarkPages.tsx";
import { FlashRow } from "../FlashRow.tsx";
import { LyingSheet } from "./LyingSheet.tsx";
import { type LoadData, readLoadKit } from "./loadData.ts";
import { loadingLines, sheetWords } from "./loadingWords.ts";
import { PlacesToFill } from "./PlacesToFill.tsx";
import { SafelightPanel } from "./SafelightPanel.tsx";

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

const NO_PACK = "none";
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
  const query = useCallback(() => readLoadKit(camera.id), [camera.id]);
  const live = useLive(data.kit, query);
  const { load, packs, done } = live.value;
  const places = useMemo(() => loadPlaces(camera), [camera]);
  const plan = useMemo(() => planOf(camera), [camera]);
  // What is filled already goes on as it began, also after a reload.
  const begun = load?.places[0];
  const [medium, setMedium] = useState(begun?.medium ?? mediumById(camera.chambers[0].film.medium).id);
  const [iso, setIso] = useState(begun?.iso ?? mediumById(medium).iso);
  const [packId, setPackId] = useState(load?.packId ?? null);
  const [initials, setInitials] = useState(begun?.initials ?? "");
  const [flashed, setFlashed] = useState(false);
  const [blind, setBlind] = useState(false);
  // A roll goes in as a whole; sheets one by one.
  const whole = plan.isWound;
  const kind = mediumById(medium).kind;
  const lamp = lampFor(kind);
  const lines = useMemo(() => loadingLines(plan, length), [plan, length]);
  const { light, unloaded } = plan.loading;
  const inTheDark = light === "dark";
  const exposed = load?.places.filter(({ exposureId }) => exposureId).length ?? 0;

  // A wet hand presses twice: until the first press is stored, the next is none; and it is stored before it is seen here.
  const storing = useRef(false);
  const made = useRef<Load | null>(null);
  // From then on what is stored counts: another tab may unload it.
  useEffect(() => {
    if (load !== null) made.current = null;
  }, [load]);
  const fill = useCallback(
    async (which: readonly LoadPlace[]) => {
      if (storing.current) return;
      storing.current = true;
      const filled = await loadIt(
        camera,
        which,
        { medium, iso, flashed, initials, packId },
        load ?? made.current,
        load,
      );
      storing.current = false;
      if (filled === null) return;
      made.current = filled;
      setFlashed(false);
      if (settings.speech) speak(`${which.map(({ name }) => name).join(", ")} loaded`);
    },
    [camera, medium, iso, flashed, initials, packId, load, settings.speech],
  );
  const rest = places.filter(({ id }) => !load?.places.some(({ place }) => place === id));
  const next = whole ? rest : rest.slice(0, 1);
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
            if (next.length > 0) void fill(next);
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
          {packs.length > 0 && (
            <Choice
              label="From the pack"
              value={packId ?? NO_PACK}
              options={[
                { id: NO_PACK, name: "no pack of the Stock" },
                ...packs.map(({ id, medium: of, size, left }) => ({
                  id,
                  name: `${mediumById(of).name}, ${size}`,
                  note: `${left} left`,
                })),
              ]}
              onChoose={(id) => {
                const pack = packs.find((each) => each.id === id);
                setPackId(pack ? id : null);
                if (pack) {
                  setMedium(pack.medium);
                  setIso(pack.iso ?? mediumById(pack.medium).iso);
                }
              }}
            />
          )}
          <div className="grid grid-cols-[minmax(0,1fr)_5rem_6rem] gap-3">
            <Choice
              label="Paper or film"
              value={medium}
              options={allMedia()}
              onChoose={(id) => {
                setMedium(id);
                setIso(mediumById(id).iso);
                setPackId(null);
              }}
            />
            <QuantityField
              label="ISO"
              name="dark-iso"
              value={iso}
              show={String}
              read={plainNumber}
              take={(value) => {
                if (value === null || !(value > 0)) return "Above 0, such as 6.";
                setIso(value);
                return null;
              }}
            />
            <TextEntry
              label="Initials"
              name="dark-initials"
              value={initials}
              maxLength={20}
              onChange={(event) => setInitials(event.target.value)}
            />
          </div>
          <p role="status" className="border-action border-l-4 pl-3" data-lamp-words>
            {light === "dim" ? DIM_ROOM : light === "daylight" ? CARTRIDGES_BY_DAYLIGHT : LOADED_BY[lamp]}
          </p>
          {lamp === "none" && inTheDark && (
            <Button className="w-full" onClick={() => setBlind(true)}>
              Black screen: a tap says “loaded”
            </Button>
          )}
          {lamp === "none" && inTheDark && (
            <p className="text-quiet">
              Tap anywhere to note the next place; the phone buzzes. Hold for three seconds to get the screen back.
            </p>
          )}
          {lamp === "red" && inTheDark && (
            <FlashRow
              when="before"
              medium={medium}
              done={done}
              sound={settings.sound}
              flashed={flashed}
              onFlashed={setFlashed}
            />
          )}
          <PlacesToFill
            places={places}
            rest={rest}
            next={next}
            onFill={(which) => handled("the sheet leaves its box", () => void fill(which))}
          />
          {load !== null && (
            <div className="border border-ink p-3" data-in-it>
              <p className="mb-2">
                Loaded {readableDay(load.at)}
                {exposed > 0 ? `, ${exposed} of ${load.places.length} exposed` : ", nothing exposed yet"}.{" "}
                {UNLOADED[unloaded]}
              </p>
              <ConfirmDialog
                title="Is it unloaded?"
                words={`${UNLOADED[unloaded]} Then it can be loaded anew.`}
                yes="It is unloaded"
                no="Not yet"
                onYes={() =>
                  handled("the lid comes off", () => {
                    made.current = null;
                    void unloadIt(load);
                  })
                }
              >
                <Button className="w-full">Unload it</Button>
              </ConfirmDialog>
            </div>
          )}
        </div>
        <div className="grid content-start gap-3">
          <LyingSheet camera={camera} medium={mediumById(medium)} />
          <Panel title="In this order">
            <ol className="list-decimal pl-6" data-loading-steps={lines.map(({ id }) => id).join(" ")}>
              {lines.map(({ id, words }) => (
                <li key={id} className="mb-1.5">
                  {words}
                </li>
              ))}
            </ol>
          </Panel>
          <Disclosure title="Which side is the emulsion?" name="emulsion">
            <p className="mb-1">
              The <Term id="emulsion">emulsion</Term> faces the hole.
            </p>
            <ul className="list-disc pl-5">
              {emulsionTells.map(({ id, words }) => (
                <li key={id}>{words}</li>
              ))}
            </ul>
          </Disclosure>
          <SafelightPanel sound={settings.sound} />
        </div>
      </div>
    </main>
  );
}
