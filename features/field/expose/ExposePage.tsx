import { Suspense, useEffect } from "react";
import { Link } from "react-router";
import { mediumById } from "../../../catalogue/media.ts";
import { formatTime } from "../../../core/basis/units/index.ts";
import { type Camera, unloadedAs } from "../../../core/camera/container/index.ts";
import type { Load } from "../../../core/document/index.ts";
import { saveRecord, there } from "../../../storage/index.ts";
import { Button, buttonClass } from "../../../ui/controls/Button.tsx";
import { Check } from "../../../ui/controls/Check.tsx";
import { Disclosure } from "../../../ui/controls/Disclosure.tsx";
import { useWakeLock } from "../../../ui/device/useWakeLock.ts";
import { changeUndoable } from "../../../ui/edits/undoable.ts";
import { isoWithOffset } from "../../../ui/format/localTime.ts";
import { notify } from "../../../ui/notices/notify.ts";
import { lazyPart } from "../../../ui/page/lazyPart.tsx";
import { loadIt, unloadIt } from "../../../ui/records/loading.ts";
import { LazyQuestion } from "../../../ui/seldom/lazyQuestion.ts";
import { CountStrip } from "../count/CountStrip.tsx";
import type { ShotAnswer } from "../count/logShot.ts";
import { useCounts } from "../count/useCounts.ts";
import { useFieldKeys } from "../count/useFieldKeys.ts";
import { useSignals } from "../count/useSignals.ts";
import { FieldPages } from "../FieldPages.tsx";
import type { FieldData } from "../fieldData.ts";
import { LightPanel } from "../light/LightPanel.tsx";
import type { Compared } from "../light/MeterOffset.tsx";
import { placeOf } from "../placeOf.ts";
import { LoadCard } from "./load/LoadCard.tsx";
import { bracketed } from "./load/loading.ts";
import { NoteRow } from "./NoteRow.tsx";
import { numberOf } from "./others/companions.ts";
import { SetupRow } from "./SetupRow.tsx";
import { TimePanel } from "./TimePanel.tsx";
import { type Opening, useOpening } from "./useOpening.ts";
import { type ShotAtHand, useShotAtHand } from "./useShotAtHand.ts";

const WithOthers = lazyPart(async () => ({ default: (await import("./others/WithOthers.tsx")).WithOthers }));
const TrailNote = lazyPart(async () => ({ default: (await import("./TrailNote.tsx")).TrailNote }));
const ClicksAsked = lazyPart(async () => ({ default: (await import("./ClicksAsked.tsx")).ClicksAsked }));
/** They ask the camera’s whole plan. */
const OpeningHints = lazyPart(async () => ({ default: (await import("./OpeningHints.tsx")).OpeningHints }));
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

function ExposeWith({ data, camera, answer }: ExposeProps & { readonly camera: Camera }) {
  const { cameras, settings } = data;
  const counts = useCounts(data.counts);
  const shot = useShotAtHand(data, camera, counts);
  const { trail, inField } = shot;
  // Each of a tray has its own hole: others may be opened while one counts.
  const here =
    camera.set != null
      ? undefined
      : counts.counts.find(({ count }) => count.cameraId === camera.id && count.closedMs === null);
  const opening = useOpening(shot, settings, counts, here !== undefined);
  useWakeLock(counts.counts.some(({ count }) => count.closedMs === null));
  useSignals(counts.counts, opening.heard.sound);
  useFieldKeys(() => {
    if (here) counts.close(here.count.id);
    else opening.ask();
  });
  const { done } = counts;
  useEffect(() => {
    if (answer?.saved) done(answer.saved.id);
  }, [answer, done]);
  const counting = counts.counts.filter(({ count }) => count.id !== answer?.saved?.id);

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
              alone={counting.length === 1}
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
              <TimeOf shot={shot} opening={opening} />
              <OpenIt shot={shot} opening={opening} />
              {cameras.length > 1 && <OthersAlong opening={opening} />}
              <BeforeItOpens shot={shot} />
              {opening.view !== null && (
                <Suspense>
                  <ViewAlong kept={opening.view} onLeave={opening.forgetView} />
                </Suspense>
              )}
              <NoteRow words={opening.draft} onWords={opening.note} />
            </>
          )}
        </section>
        <section aria-label="Camera and sheet" className="grid content-start gap-3 [grid-area:setup]">
          <SetupRow
            cameras={cameras}
            camera={camera}
            mediumId={shot.mediumId}
            iso={shot.iso}
            loaded={shot.loaded !== null}
            onMedium={(id) => inField.set({ medium: id, iso: mediumById(id).iso, typed: null })}
            onIso={(next) => inField.set({ iso: next })}
          />
          {!trail && <LoadOf shot={shot} opening={opening} locked={here !== undefined} />}
        </section>
        {!trail && <LightOf shot={shot} />}
      </div>
    </main>
  );
}

interface OfShot {
  readonly shot: ShotAtHand;
}

interface OfOpening extends OfShot {
  readonly opening: Opening;
}

/** How long, and how it is worked out. */
function TimeOf({ shot, opening }: OfOpening) {
  const { camera, load, loaded, place, medium, good, seconds, inField } = shot;
  const { sheets } = opening;
  const which = sheets.length > 1 ? `${sheets.length} together` : placeOf({ place, number: numberOf(camera, place) });
  return (
    <TimePanel
      subject={[camera.name, which].filter(Boolean).join(", ")}
      suggestion={good}
      seconds={seconds}
      planned={inField.now.typed === null && loaded?.plannedSeconds != null}
      medium={medium}
      onSeconds={(own) => inField.set({ typed: own })}
      canBracket={good !== null && load !== null && bracketed(load, [1, 2, 3], place) !== null}
      onBracket={() => good && load && void spread(load, good.counted, place)}
    />
  );
}

/** The press that opens the hole, what is asked before, and how it is counted. */
function OpenIt({ shot: { good, inField }, opening }: OfOpening) {
  const { source } = inField.now;
  const { heard, choose } = opening;
  return (
    <>
      <Button look="action" className="min-h-16 w-full text-[1.4rem]" disabled={good === null} onClick={opening.ask}>
        {opening.holes > 1 ? `Open ${opening.holes} holes together` : "Open the hole"}
      </Button>
      {opening.doubt !== null && (
        <Suspense>
          <LazyQuestion
            title="Open it all the same?"
            words={opening.doubt}
            yes="Open it"
            no="Leave it shut"
            onYes={() => opening.answer(true)}
            onNo={() => opening.answer(false)}
          />
        </Suspense>
      )}
      <div className="flex flex-wrap gap-x-5">
        <Check
          label="Count me in, 3 s"
          checked={heard.countIn}
          className={TALL}
          onCheck={(on) => choose({ countIn: on }, "Being counted in")}
        />
        <Check
          label="Sound"
          checked={heard.sound}
          className={TALL}
          onCheck={(on) => choose({ sound: on }, "The sound")}
        />
        {source.by === "photograph" && source.file && (
          <Check
            label="Keep the photograph"
            checked={opening.keepPhoto}
            className={TALL}
            onCheck={opening.setKeepPhoto}
          />
        )}
      </div>
    </>
  );
}

/** For a thumb in the open air. */
const TALL = "min-h-[3.3rem]";

/** Other cameras that open with this one. */
function OthersAlong({ opening: { along, others, takeAlong, turnOther } }: Pick<OfOpening, "opening">) {
  return (
    <div>
      <Check label="Other cameras with it" checked={along !== null} className={TALL} onCheck={takeAlong} />
      {along !== null && (
        <Suspense>
          <WithOthers others={others} chosen={along} onTurn={turnOther} />
        </Suspense>
      )}
    </div>
  );
}

function BeforeItOpens({ shot: { camera, good, seconds } }: OfShot) {
  if (good === null || seconds === null) return null;
  return (
    <Disclosure title="Before it opens" name="before">
      <Suspense>
        <OpeningHints camera={camera} seconds={seconds} ev={good.reading.ev} />
      </Suspense>
    </Disclosure>
  );
}

/** What is in the camera, place by place. */
function LoadOf({ shot, opening, locked }: OfOpening & { readonly locked: boolean }) {
  const { camera, load, packs, places, held, place, mediumId, iso, inField } = shot;
  return (
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
      locked={locked}
      together={opening.together}
      onTogether={camera.set != null ? opening.gather : null}
      onGather={opening.turnPlace}
      onChoose={(id) => inField.set({ picked: id === place ? "" : id, typed: null })}
      onLoad={(wish) => void loadIt(camera, places, wish, null, load)}
      onUnload={() => load && void unloadIt(load)}
    >
      {camera.chambers[0].roll != null && (
        <Suspense>
          <ClicksAsked camera={camera} opening={opening} />
        </Suspense>
      )}
    </LoadCard>
  );
}

/** The light, and whether it is still the same. */
function LightOf({ shot: { camera, medium, meters, suggestion, good, seconds, inField } }: OfShot) {
  return (
    <section aria-label="Light" className="[grid-area:light]">
      {inField.stale && (
        <p role="status" className="mb-2 flex flex-wrap items-center gap-3 border-action border-l-4 pl-3" data-stale>
          This light was read more than an hour ago. Still this light?
          <Button className={TALL} onClick={inField.still}>
            Still the same
          </Button>
        </p>
      )}
      <LightPanel
        source={inField.now.source}
        fault={suggestion.ok ? null : suggestion.error}
        meters={meters}
        suggestion={good}
        camera={camera}
        medium={medium}
        seconds={seconds}
        onSource={(next) => inField.set({ source: next, typed: null })}
        onOffset={correctMeter}
      />
    </section>
  );
}

/** Keeps by how much a meter was found to be off. */
function correctMeter(meter: Compared): void {
  const record = { ...meter, comparedAt: isoWithOffset(new Date()) };
  void saveRecord("meters", record).then((saved) => {
    if (!saved.ok) notify(`The correction can’t be kept. ${saved.error.message}`, { urgent: true });
  });
}

/** The three times of a bracket on the next three places, so that each is proposed with its own. */
async function spread(load: Load, times: readonly [number, number, number], place: string | null): Promise<void> {
  const planned = (now: Load | null): Load => bracketed(there(now), times, place) ?? there(now);
  await changeUndoable("loads", load.id, planned, "Three places have a time of their own now.");
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
