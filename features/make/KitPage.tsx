import { Download } from "lucide-react";
import { useMemo, useState } from "react";
import { useOutletContext } from "react-router";
import { recipes } from "../../catalogue/recipes.ts";
import { formatTime } from "../../core/basis/units/index.ts";
import { planOf, type Recipe, roomOf, throughTrays } from "../../core/darkroom/recipe/index.ts";
import { GIVEN_AT, USUAL_Q10 } from "../../core/darkroom/temperature/index.ts";
import type { Trail } from "../../core/document/index.ts";
import { billOfMaterials } from "../../core/make/cutsheet/index.ts";
import { type Hanging, kitPages } from "../../core/make/kit/index.ts";
import { USUAL_TIMES } from "../../core/make/steps/index.ts";
import { listRecords, useLive } from "../../storage/index.ts";
import { Button } from "../../ui/controls/Button.tsx";
import { CountField } from "../../ui/controls/entries/CountField.tsx";
import { Panel } from "../../ui/controls/Panel.tsx";
import { readableDay } from "../../ui/format/localTime.ts";
import { sayDay } from "../../ui/format/sayDay.ts";
import { useLengthWords } from "../../ui/format/UnitContext.ts";
import { saidBill } from "../../wording/make/billWords.ts";
import { kitTexts } from "../../wording/make/kitWords.ts";
import { MakeActions } from "./MakeActions.tsx";
import type { MakeInHand } from "./makeData.ts";
import { PagesView } from "./print/PagesView.tsx";
import { PaperChoice } from "./print/PaperChoice.tsx";
import { usePdf } from "./print/usePdf.ts";
import { stepsOf } from "./stepsOf.ts";
import { useCutOrderWithCode } from "./useCutOrder.ts";

/** What a group develops in. */
const TRAYS = recipes[0] as Recipe;

/** Whole numbers a group is set up with, and what each may be. */
const COUNTS = [
  { id: "count", name: "People", least: 1, most: 100, usual: 15 },
  { id: "atOnce", name: "In the darkroom at once", least: 1, most: 20, usual: USUAL_TIMES.atOnce },
  { id: "load", name: "Loading, minutes", least: 1, most: 60, usual: USUAL_TIMES.load },
  { id: "develop", name: "Developing, minutes", least: 1, most: 120, usual: USUAL_TIMES.develop },
  { id: "outside", name: "Outside between, minutes", least: 0, most: 600, usual: USUAL_TIMES.outside },
] as const;
type Count = (typeof COUNTS)[number]["id"];

const NO_TRAILS: readonly Trail[] = [];
const readTrails = (): Promise<readonly Trail[]> => listRecords("trails");

/** A planned trail as the group's list has it. */
function hangingOf({ who = "", where = "", from, to }: Trail): Hanging {
  return { who, where, from: sayDay(from), to: sayDay(to) };
}

/** Papers for a group that builds this camera together. */
export function KitPage() {
  const { camera, today, printer } = useOutletContext<MakeInHand>();
  const words = useLengthWords();
  const [counts, setCounts] = useState<Readonly<Record<Count, number>>>(
    () => Object.fromEntries(COUNTS.map(({ id, usual }) => [id, usual])) as Record<Count, number>,
  );
  const [opens, setOpens] = useState("14:00");
  const [shown, setShown] = useState(0);
  const { busy, savePdf } = usePdf(today);
  const { value: trails } = useLive(NO_TRAILS, readTrails);
  const { paper } = printer;
  const { order: cut, waits } = useCutOrderWithCode(camera);
  const pages = useMemo(() => {
    const [hour = 14, minute = 0] = opens.split(":").map(Number);
    const { count, ...times } = counts;
    return kitPages({
      cut,
      count,
      paper,
      steps: stepsOf(cut),
      shopping: saidBill(billOfMaterials(cut, count), words),
      pack: saidBill(billOfMaterials(cut, 1), words),
      times,
      opens: hour * 60 + minute,
      date: readableDay(today),
      texts: kitTexts,
      hangings: trails.filter(({ cameraId }) => cameraId === camera.id).map(hangingOf),
    });
  }, [camera.id, cut, words, counts, opens, paper, today, trails]);
  // What is made for a trail is not developed: nobody queues at a darkroom.
  const trail = cut.plan.purpose === "trail";
  // The same plan as that of the trays in Dark.
  const way = useMemo(
    () => throughTrays(planOf(TRAYS, GIVEN_AT, USUAL_Q10), counts.atOnce, roomOf(TRAYS)),
    [counts.atOnce],
  );
  const papers = [...new Set(pages.map(({ caption }) => caption.replace(/, (continued|\d+ of \d+)$/, "")))];
  return (
    <>
      <MakeActions>
        <div className="flex flex-wrap items-end gap-2">
          <PaperChoice />
          <Button
            look="action"
            onClick={() => void savePdf(pages, `${camera.name}, group kit`, `${camera.name} group kit ${paper.id}`)}
            disabled={busy || waits}
          >
            <Download size={16} aria-hidden /> {busy ? "Drawing…" : "PDF of the kit"}
          </Button>
        </div>
      </MakeActions>
      <div className="mt-4 grid gap-6 lg:grid-cols-[minmax(0,1fr)_20rem]">
        <PagesView pages={pages} shown={Math.min(shown, pages.length - 1)} onShow={setShown} />
        <div className="grid content-start gap-6">
          <Panel title="The group">
            <div className="grid gap-3">
              {COUNTS.filter(({ id }) => id === "count" || !trail).map(({ id, name, least, most }) => (
                <CountField
                  key={id}
                  label={name}
                  name={id}
                  value={counts[id]}
                  least={least}
                  most={most}
                  onTake={(count) => setCounts({ ...counts, [id]: count })}
                />
              ))}
              {!trail && way && (
                <p className="text-[0.87rem] text-quiet" data-trays>
                  Through one set of trays {counts.atOnce} {counts.atOnce === 1 ? "sheet takes" : "sheets take"}{" "}
                  {formatTime(Math.round(way.washed.from))} to the wash, none waiting in its bath ({TRAYS.name}).
                </p>
              )}
              {!trail && (
                <label className="block text-[0.87rem] text-quiet">
                  The darkroom opens at
                  <input
                    type="time"
                    name="opens"
                    className="entry"
                    value={opens}
                    onChange={(event) => event.target.value && setOpens(event.target.value)}
                  />
                </label>
              )}
            </div>
          </Panel>
          <Panel title="What is in it">
            <ol className="grid list-decimal gap-1 pl-5">
              {papers.map((title) => (
                <li key={title}>{title}</li>
              ))}
            </ol>
          </Panel>
          <Panel title="With a group">
            <p className="text-[0.93rem]">
              {trail
                ? "One standard camera, a named place and a date for each: so it gets put up. Initials go on every sheet."
                : "One standard camera, one tested time. Initials go on every sheet. One adult processes; follow the safety data sheets and your local rules."}
            </p>
          </Panel>
        </div>
      </div>
    </>
  );
}
