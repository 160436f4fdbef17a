import { useState } from "react";
import { useOutletContext } from "react-router";
import { type LightTest, lightProof } from "../../core/camera/container/index.ts";
import { Button } from "../../ui/controls/Button.tsx";
import { Check } from "../../ui/controls/Check.tsx";
import { cx } from "../../ui/controls/cx.ts";
import { Panel } from "../../ui/controls/Panel.tsx";
import { Segments } from "../../ui/controls/Segments.tsx";
import { isoWithOffset, readableTime } from "../../ui/format/localTime.ts";
import { leakFaults } from "../../wording/make/leaks.ts";
import type { MakeInHand } from "./makeData.ts";

const WAYS = [
  { id: "lamp", name: "Lamp test" },
  { id: "sheet", name: "Sheet test" },
] as const;

const GUIDES: Readonly<Record<LightTest["way"], readonly string[]>> = {
  lamp: [
    "Go into a room with no window, at night if you can. Wait ten minutes for your eyes.",
    "Put a bright lamp into the camera, lid on, shutter shut; a phone’s lamp does.",
    "Look at lid, corners, seams and the plate from all sides, and turn the camera slowly.",
    "Turn it round: lamp outside, your eye at an opening you cover with your hands, where the camera is large enough.",
  ],
  sheet: [
    "In the dark load a piece of the paper you will use, emulsion towards the hole. Shutter shut, tape on.",
    "Leave the camera in full sun for five minutes, turning it once.",
    "Develop the piece as usual. Leave a corner of a fresh piece undeveloped beside it, to compare.",
    "White all over: it is tight. Any grey or black is light: look where it lies.",
  ],
};

const STATES = {
  untested: { words: "Not proved yet", look: "border-kraft" },
  proved: { words: "Proved light-tight", look: "border-good" },
  leaks: { words: "Leaks light", look: "border-action" },
} as const;

/** Lamp and sheet test, step by step, with what was found kept. */
export function LightTestPage() {
  const { camera, edit } = useOutletContext<MakeInHand>();
  const [way, setWay] = useState<LightTest["way"]>("lamp");
  const [found, setFound] = useState<readonly string[]>([]);
  const [note, setNote] = useState("");
  const { state, last } = lightProof(camera);
  const keep = (faults: readonly string[]): void => {
    const test: LightTest = {
      at: isoWithOffset(new Date()),
      way,
      faults,
      ...(note.trim() ? { note: note.trim() } : {}),
    };
    edit(faults.length === 0 ? "prove light-tight" : "note a leak", (from) => ({
      ...from,
      lightTests: [...(from.lightTests ?? []), test],
    }));
    setFound([]);
    setNote("");
  };
  const leaks = leakFaults.filter(({ id }) => last?.faults.includes(id));
  return (
    <div className="mt-4 grid gap-x-10 gap-y-6 lg:grid-cols-2">
      <div className="grid content-start gap-6">
        <div className={cx("border-l-4 bg-card p-3", STATES[state].look)} data-proof={state}>
          <p className="font-semibold text-[1.4rem] leading-tight">{STATES[state].words}</p>
          <p className="text-quiet">
            {last === null
              ? "Before the first sheet: a leak found now costs one sheet."
              : `${last.way === "lamp" ? "Lamp test" : "Sheet test"}, ${readableTime(last.at)}${last.note ? `: ${last.note}` : ""}`}
          </p>
        </div>
        {leaks.length > 0 && (
          <Panel title="Mend it">
            <ul className="grid gap-2">
              {leaks.map(({ id, name, cause, repair }) => (
                <li key={id} data-repair={id}>
                  <strong className="font-semibold">{name}.</strong> {cause} <span className="block">{repair}</span>
                </li>
              ))}
            </ul>
            <p className="mt-2">Then test again: this camera counts as proved when a test finds nothing.</p>
          </Panel>
        )}
        <Panel title="How">
          <Segments label="Kind of test" value={way} options={WAYS} onChoose={setWay} />
          <ol className="mt-3 grid list-decimal gap-2 pl-5">
            {GUIDES[way].map((words) => (
              <li key={words}>{words}</li>
            ))}
          </ol>
          <p className="mt-3 border-action border-l-4 pl-2 text-[0.93rem]">
            Never look at the sun through any hole.{" "}
            {way === "sheet" &&
              "Gloves or tongs, eye protection and fresh air at the trays; follow each product’s safety data sheet."}
            {way === "lamp" && "Bulbs get hot: use a cool lamp, and none near fresh paint."}
          </p>
        </Panel>
      </div>
      <div className="grid content-start gap-6">
        <Panel title="What did you see?">
          <ul className="grid gap-1">
            {leakFaults.map((fault) => (
              <li key={fault.id} className="border-line border-b py-1">
                <Check
                  label={`${fault.name}: ${way === "lamp" ? fault.lamp : fault.sheet}`}
                  checked={found.includes(fault.id)}
                  onCheck={(checked) =>
                    setFound(checked ? [...found, fault.id] : found.filter((each) => each !== fault.id))
                  }
                />
              </li>
            ))}
          </ul>
          <label className="mt-3 block text-[0.87rem] text-quiet" htmlFor="light-note">
            Note (may stay empty)
          </label>
          <input
            id="light-note"
            className="entry"
            maxLength={200}
            value={note}
            onChange={(event) => setNote(event.target.value)}
          />
          <p className="mt-3 flex flex-wrap gap-2">
            <Button look="action" disabled={found.length > 0} onClick={() => keep([])}>
              No light: it is tight
            </Button>
            <Button disabled={found.length === 0} onClick={() => keep(found)}>
              Keep what I saw
            </Button>
          </p>
        </Panel>
        {(camera.lightTests?.length ?? 0) > 0 && (
          <Panel title="Tests so far">
            <ul className="grid gap-1 text-[0.93rem]" data-tests>
              {[...(camera.lightTests ?? []).entries()].reverse().map(([number, test]) => (
                <li key={number} className="flex flex-wrap justify-between gap-x-3 border-line border-b py-0.5">
                  <span>{readableTime(test.at)}</span>
                  <span>{test.way === "lamp" ? "lamp" : "sheet"}</span>
                  <span className="grow text-right">
                    {test.faults.length === 0
                      ? "tight"
                      : test.faults.map((id) => leakFaults.find((leak) => leak.id === id)?.name ?? id).join(", ")}
                  </span>
                </li>
              ))}
            </ul>
          </Panel>
        )}
      </div>
    </div>
  );
}
