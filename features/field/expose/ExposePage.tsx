import { Suspense, useCallback, useEffect, useMemo, useState } from "react";
import { Link } from "react-router";
import { mediumById } from "../../../catalogue/media.ts";
import { formatTime } from "../../../core/basis/units/index.ts";
import { type Camera, isTrail, loadPlaces, unloadedAs } from "../../../core/camera/container/index.ts";
import { type Load, type Meter, placesHeld, withOpen } from "../../../core/document/index.ts";
import { savePicture, saveRecord, there, useLive } from "../../../storage/index.ts";
import { Button, buttonClass } from "../../../ui/controls/Button.tsx";
import { Check } from "../../../ui/controls/Check.tsx";
import { Disclosure } from "../../../ui/controls/Disclosure.tsx";
import { wakeSound } from "../../../ui/device/signals.ts";
import { useWakeLock } from "../../../ui/device/useWakeLock.ts";
import { keep } from "../../../ui/edits/keep.ts";
import { changeUndoable } from "../../../ui/edits/undoable.ts";
import { isoWithOffset } from "../../../ui/format/localTime.ts";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { notify } from "../../../ui/notices/notify.ts";
import { lazyPart } from "../../../ui/page/lazyPart.tsx";
import { loadIt, unloadIt } from "../../../ui/records/loading.ts";
import { planOf } from "../../../ui/records/planOf.ts";
import { useExperience } from "../../../ui/records/useExperience.ts";
import { LazyQuestion } from "../../../ui/seldom/lazyQuestion.ts";
import { CountStrip } from "../count/CountStrip.tsx";
import type { ShotAnswer } from "../count/logShot.ts";
import { openingWords } from "../count/openingWords.ts";
import { useCounts } from "../count/useCounts.ts";
import { useFieldKeys } from "../count/useFieldKeys.ts";
import { useSignals } from "../count/useSignals.ts";
import { FieldPages } from "../FieldPages.tsx";
import { type FieldData, readKit } from "../fieldData.ts";
import { LightPanel } from "../light/LightPanel.tsx";
import type { Compared } from "../light/MeterOffset.tsx";
import { OWN_METER } from "../light/readLight.ts";
import { placeOf } from "../placeOf.ts";
import { type Companion, countFor, numberOf, timeIn } from "./companions.ts";
import { LoadCard } from "./LoadCard.tsx";
import { bracketed, nextPlace, openedTwice, placesToOpen } from "./loading.ts";
import { NoteRow } from "./NoteRow.tsx";
import { SetupRow } from "./SetupRow.tsx";
import { TimePanel } from "./TimePanel.tsx";
import { freshOf, useInField } from "./useInField.ts";
import { useOthers } from "./useOthers.ts";

const WithOthers = lazyPart(async () => ({ default: (await import("./WithOthers.tsx")).WithOthers }));
const TrailNote = lazyPart(async () => ({ default: (await import("./TrailNote.tsx")).TrailNote }));
const ClicksAsked = lazyPart(async () => ({ default: (await import("./ClicksAsked.tsx")).ClicksAsked }));
const ViewAlong = lazyPart(async () => ({ default: (await import("./ViewAlong.tsx")).ViewAlong }));

interface ExposeProps {
  readonly data: FieldData;
  readonly answer: ShotAnswer | null;
}

/** The Field: light in, time out, hole open, hole shut, shot logged. */
export function ExposePage({ data, answer }: ExposeProps) {
  if (data.camera !== null) return <ExposeWith data={data} camera={data.camera} answer={answer} />;
  return (
    <main className="mx-auto max-w-md px-4 py-8">
      <h1 className="mb-2 font-semibold text-2xl">No camera to take out yet</h1>
      <p className="mb-4">Measure a container first; its f-number decides every time.</p>
      <Link to="/new" className={buttonClass("action")}>
        Measure a container
      </Link>
    </main>
  );
}

/** Counted before the hole opens, where that is wished, ms. */
const COUNTED_IN = 3000;

function ExposeWith({ data, camera, answer }: ExposeProps & { readonly camera: Camera }) {
  const { cameras, settings } = data;
  const kitQuery = useCallback(() => readKit(camera.id), [camera.id]);
  const kit = useLive(data.kit, kitQuery).value;
  const { load, packs } = kit;
  const meters = useMemo(() => withOldOffset(kit.meters, settings.meterOffset), [kit.meters, settings.meterOffset]);
  const places = useMemo(() => loadPlaces(camera), [camera]);
  const plan = useMemo(() => planOf(camera), [camera]);
  const inField = useInField(settings.inField, camera.id, freshOf(camera));
  const { source, picked, typed, medium: freeMedium, iso: freeIso } = inField.now;
  const counts = useCounts(data.counts);
  const openNow = counts.counts.filter(({ count }) => count.cameraId === camera.id && count.closedMs === null);
  const notLogged = counts.counts.filter(({ count }) => count.cameraId === camera.id).map(({ count }) => count);
  const held = withOpen(placesHeld(camera, load, freeMedium, freeIso), notLogged);
  const place = nextPlace(held, picked);
  const [together, setTogether] = useState<ReadonlySet<string>>(new Set());
  const [gathering, setGathering] = useState(false);
  const [doubt, setDoubt] = useState<string | null>(null);
  // Each of a tray has its own hole: others may be opened while one counts.
  const alike = camera.set != null;
  const loaded = load === null ? null : (load.places.find((each) => each.place === place) ?? null);
  const mediumId = loaded?.medium ?? freeMedium;
  const iso = loaded?.iso ?? freeIso;
  const medium = mediumById(mediumId);
  const flashed = loaded?.flashed ?? false;
  const log = useExperience();
  const words = useLengthWords();
  const light = useMemo(() => ({ source, meters, log, words }), [source, meters, log, words]);
  const suggestion = useMemo(
    () => timeIn(light, { camera, medium, iso, flashed }),
    [camera, medium, iso, light, flashed],
  );
  const trail = isTrail(camera);
  const good = suggestion.ok && !trail ? suggestion.value : null;
  const seconds = good === null ? null : (typed ?? loaded?.plannedSeconds ?? good.counted[1]);

  const here = alike ? undefined : openNow[0];
  useWakeLock(counts.counts.some(({ count }) => count.closedMs === null));
  const [sound, setSound] = useState(settings.sound);
  const [countIn, setCountIn] = useState(settings.countIn);
  useSignals(counts.counts, sound);

  const [draft, setDraft] = useState(settings.draft);
  const note = (next: typeof draft): void => {
    setDraft(next);
    keep("draft", next, "What is typed here");
  };
  const [keptView, setKeptView] = useState(settings.keptView);
  const viewAlong = keptView?.cameraId === camera.id ? keptView : null;
  const forgetView = (): void => {
    setKeptView(null);
    keep("keptView", null, "That the view is left out");
  };
  const [keepPhoto, setKeepPhoto] = useState(false);
  const [along, setAlong] = useState<ReadonlySet<string> | null>(null);
  const others = useOthers(along !== null, camera.id, counts.counts, light);
  const companions = others.flatMap(({ camera: { id }, as }) => (typeof as !== "string" && along?.has(id) ? [as] : []));
  const opened = placesToOpen(held, together, place);
  const holes = opened.length + companions.length;
  const nameOf = (id: string): string => places.find((each) => each.id === id)?.name ?? id;
  const ask = (): void => {
    if (good === null || seconds === null || here) return;
    const why = openedTwice(held, opened, nameOf);
    if (why === null) open();
    else setDoubt(why);
  };
  const open = (): void => {
    if (good === null || seconds === null) return;
    wakeSound();
    const mine = opened.map((which): Companion => {
      const own = opened.length > 1 ? (which?.plannedSeconds ?? seconds) : seconds;
      return { camera, load, place: which?.place ?? place, medium, iso, suggestion: good, seconds: own };
    });
    for (const each of [...mine, ...companions]) {
      const id = crypto.randomUUID();
      const view = mine.includes(each) ? (viewAlong?.view ?? null) : null;
      counts.open({ ...countFor(each, id, draft), view }, countIn ? COUNTED_IN : 0);
      // The count has begun: storing the photograph may take its time.
      if (keepPhoto && source.by === "photograph" && source.file) {
        void kept(source.file).then((picture) => picture && counts.picture(id, picture));
      }
    }
    note({ subject: "", note: "" });
    if (viewAlong !== null) forgetView();
    setTogether(new Set());
    setGathering(false);
    setAlong(null);
    inField.set({ typed: null, picked: null });
  };
  useFieldKeys(() => {
    if (here) counts.close(here.count.id);
    else ask();
  });
  const { done } = counts;
  useEffect(() => {
    if (answer?.saved) done(answer.saved.id);
  }, [answer, done]);

  const counting = counts.counts.filter(({ count }) => count.id !== answer?.saved?.id);
  const alone = counting.length === 1;
  const setOffset = (meter: Compared): void => {
    const record = { ...meter, comparedAt: isoWithOffset(new Date()) };
    void saveRecord("meters", record).then((saved) => {
      if (!saved.ok) notify(`The correction can’t be kept. ${saved.error.message}`, { urgent: true });
    });
  };

  return (
    <main className="thumb mx-auto max-w-6xl px-4 pb-16">
      <FieldPages />
      <div className="grid gap-x-12 gap-y-4 [grid-template-areas:'time'_'setup'_'light'] md:grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)] md:grid-rows-[auto_1fr] md:[grid-template-areas:'setup_time'_'light_time']">
        <section aria-label="Time" className="grid content-start gap-5 [grid-area:time]">
          {counting.map((now) => (
            <CountStrip
              key={now.count.id}
              now={now}
              counts={counts}
              alone={alone}
              error={answer?.id === now.count.id ? answer.error : null}
            />
          ))}
          {answer?.saved && <Logged answer={answer} cameraId={camera.id} />}
          {trail && !here && (
            <Suspense>
              <TrailNote camera={camera} />
            </Suspense>
          )}
          {!trail && !here && (
            <>
              <TimePanel
                subject={[
                  camera.name,
                  opened.length > 1 ? `${opened.length} together` : placeOf({ place, number: numberOf(camera, place) }),
                ]
                  .filter(Boolean)
                  .join(", ")}
                suggestion={good}
                seconds={seconds}
                planned={typed === null && loaded?.plannedSeconds != null}
                medium={medium}
                onSeconds={(own) => inField.set({ typed: own })}
                canBracket={good !== null && load !== null && bracketed(load, [1, 2, 3], place) !== null}
                onBracket={() => good && load && void spread(load, good.counted, place)}
              />
              <Button look="action" className="min-h-16 w-full text-[1.4rem]" disabled={good === null} onClick={ask}>
                {holes > 1 ? `Open ${holes} holes together` : "Open the hole"}
              </Button>
              {doubt !== null && (
                <Suspense>
                  <LazyQuestion
                    title="Open it all the same?"
                    words={doubt}
                    yes="Open it"
                    no="Leave it shut"
                    onYes={() => {
                      setDoubt(null);
                      open();
                    }}
                    onNo={() => setDoubt(null)}
                  />
                </Suspense>
              )}
              <div className="flex flex-wrap gap-x-5">
                <Check
                  label="Count me in, 3 s"
                  checked={countIn}
                  className="min-h-[3.3rem]"
                  onCheck={(on) => {
                    setCountIn(on);
                    keep("countIn", on, "That you are counted in");
                  }}
                />
                <Check
                  label="Sound"
                  checked={sound}
                  className="min-h-[3.3rem]"
                  onCheck={(on) => {
                    setSound(on);
                    keep("sound", on, "That there is sound");
                  }}
                />
                {source.by === "photograph" && source.file && (
                  <Check
                    label="Keep the photograph"
                    checked={keepPhoto}
                    className="min-h-[3.3rem]"
                    onCheck={setKeepPhoto}
                  />
                )}
              </div>
              {cameras.length > 1 && (
                <div>
                  <Check
                    label="Other cameras with it"
                    checked={along !== null}
                    className="min-h-[3.3rem]"
                    onCheck={(on) => setAlong(on ? new Set() : null)}
                  />
                  {along !== null && (
                    <Suspense>
                      <WithOthers
                        others={others}
                        chosen={along}
                        onTurn={(id) => setAlong((now) => turned(now ?? NONE, id))}
                      />
                    </Suspense>
                  )}
                </div>
              )}
              {good && seconds !== null && (
                <Disclosure title="Before it opens" name="before">
                  <ul className="list-disc pl-4">
                    {openingWords(plan, seconds, good.reading.ev, words).map((line) => (
                      <li key={line}>{line}</li>
                    ))}
                  </ul>
                </Disclosure>
              )}
              {viewAlong !== null && (
                <Suspense>
                  <ViewAlong kept={viewAlong} onLeave={forgetView} />
                </Suspense>
              )}
              <NoteRow words={draft} onWords={note} />
            </>
          )}
        </section>
        <section aria-label="Camera and sheet" className="grid content-start gap-3 [grid-area:setup]">
          <SetupRow
            cameras={cameras}
            camera={camera}
            mediumId={mediumId}
            iso={iso}
            loaded={loaded !== null}
            onMedium={(id) => inField.set({ medium: id, iso: mediumById(id).iso, typed: null })}
            onIso={(next) => inField.set({ iso: next })}
          />
          {!trail && (
            <LoadCard
              key={load?.id ?? "none"}
              cameraId={camera.id}
              unloaded={unloadedAs(camera)}
              places={places}
              load={load}
              held={held}
              chosen={place}
              packs={packs}
              wish={{ medium: mediumId, iso, flashed: false, initials: "", packId: null }}
              locked={here !== undefined}
              together={gathering ? together : null}
              onTogether={
                alike
                  ? (on) => {
                      setGathering(on);
                      setTogether(new Set());
                    }
                  : null
              }
              onGather={(id) => setTogether((before) => turned(before, id))}
              onChoose={(id) => inField.set({ picked: id === place ? "" : id, typed: null })}
              onLoad={(wish) => void loadIt(camera, places, wish, null, load)}
              onUnload={() => load && void unloadIt(load)}
            >
              {camera.chambers[0].roll != null && (
                <Suspense>
                  <ClicksAsked camera={camera} clickless={settings.clickless} />
                </Suspense>
              )}
            </LoadCard>
          )}
        </section>
        {!trail && (
          <section aria-label="Light" className="[grid-area:light]">
            {inField.stale && (
              <p
                role="status"
                className="mb-2 flex flex-wrap items-center gap-3 border-action border-l-4 pl-3"
                data-stale
              >
                This light was read more than an hour ago. Still this light?
                <Button className="min-h-[3.3rem]" onClick={inField.still}>
                  Still the same
                </Button>
              </p>
            )}
            <LightPanel
              source={source}
              fault={suggestion.ok ? null : suggestion.error}
              meters={meters}
              suggestion={good}
              camera={camera}
              medium={medium}
              seconds={seconds}
              onSource={(next) => inField.set({ source: next, typed: null })}
              onOffset={setOffset}
            />
          </section>
        )}
      </div>
    </main>
  );
}

const NONE: ReadonlySet<string> = new Set();

/** A set with one more in it, or one less. */
function turned(chosen: ReadonlySet<string>, id: string): ReadonlySet<string> {
  const next = new Set(chosen);
  if (!next.delete(id)) next.add(id);
  return next;
}

/** The three times of a bracket on the next three places, so that each is proposed with its own. */
async function spread(load: Load, times: readonly [number, number, number], place: string | null): Promise<void> {
  const planned = (now: Load | null): Load => bracketed(there(now), times, place) ?? there(now);
  await changeUndoable("loads", load.id, planned, "Three places have a time of their own now.");
}

/** Stores the photograph a shot was metered by; without room for it the shot goes without. */
async function kept(file: File): Promise<string | null> {
  const saved = await savePicture(file);
  if (saved.ok) return saved.value;
  notify(`The photograph is not kept with the shot. ${saved.error.message}`, { urgent: true });
  return null;
}

/** Meters as they are stored; a correction that an earlier version kept as a setting stands for the typed meter’s. */
function withOldOffset(meters: readonly Meter[], offset: number): readonly Meter[] {
  if (offset === 0 || meters.some(({ id }) => id === OWN_METER)) return meters;
  return [...meters, { id: OWN_METER, name: "My meter", kind: "meter", offset }];
}

function Logged({ answer, cameraId }: { readonly answer: ShotAnswer; readonly cameraId: string }) {
  const { saved } = answer;
  if (saved === null) return null;
  const place = placeOf(saved);
  return (
    <p role="status" className="border-good border-l-4 bg-card p-3">
      Logged: {place ? `${place[0]?.toUpperCase()}${place.slice(1)}, ` : ""}
      {saved.subject || "a shot"}, {formatTime(saved.seconds)}.{" "}
      <Link to={`/log?camera=${encodeURIComponent(cameraId)}`} className="underline underline-offset-4">
        See the log
      </Link>
    </p>
  );
}
