import { useCallback, useEffect, useMemo, useState, useSyncExternalStore } from "react";
import { mediumById } from "../../../catalogue/media.ts";
import { planOf, type Recipe, roomOf } from "../../../core/darkroom/recipe/index.ts";
import { darkChoices, fieldChoices, useLive } from "../../../storage/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { darkAnswer, onRedLight, redLevel } from "../../../ui/dark/redLight.ts";
import { useDarkFirst } from "../../../ui/dark/useDarkFirst.tsx";
import { isSoundAwake, wakeSound } from "../../../ui/device/signals.ts";
import { useChoices } from "../../../ui/edits/useChoices.ts";
import { LiveNotice } from "../../../ui/notices/LiveNotice.tsx";
import { notify } from "../../../ui/notices/notify.ts";
import { LAMP_WORDS } from "../../../wording/darkroomWords.ts";
import { DarkPages } from "../DarkPages.tsx";
import { FlashRow } from "../FlashRow.tsx";
import { askedFor, isOnFilm } from "./askedFor.ts";
import { BottleCheck } from "./BottleCheck.tsx";
import { HandsRow } from "./HandsRow.tsx";
import { PlanOfSheets } from "./PlanOfSheets.tsx";
import { queueSheets, type SheetToDo } from "./queueSheets.ts";
import { RecipeForm } from "./RecipeForm.tsx";
import { RecipePanel } from "./RecipePanel.tsx";
import { RunScreen } from "./run/RunScreen.tsx";
import { useRunSignals } from "./run/useRunSignals.ts";
import { useRuns } from "./run/useRuns.ts";
import { SheetsToDo } from "./SheetsToDo.tsx";
import { sheetsOfShots } from "./sheetsOfShots.ts";
import { allRecipes, readTraysNow, type TraysData } from "./traysData.ts";

/** The trays: what is developed how, and then the one screen that stands beside them. */
export function TraysPage({ loaded }: { readonly loaded: TraysData }) {
  const live = useLive(loaded.now, readTraysNow);
  const { running, own, bottles, done, waiting, areas } = live.value;
  const recipes = useMemo(() => allRecipes(own), [own]);
  const [first] = useState(() => askedFor(loaded, recipes));
  const { chosen, choose } = useChoices(darkChoices, loaded.dark);
  const heard = useChoices(fieldChoices, loaded.heard);
  const { sound } = heard.chosen;
  // What the sheets that wait are developed by, until another recipe is chosen.
  const [asksFor, setAsksFor] = useState(first.recipeId);
  const recipe = recipes.find(({ id }) => id === (asksFor ?? chosen.recipe)) ?? (recipes[0] as Recipe);
  const { developerAt: celsius, q10, trayRoom, speech, darkTap } = chosen;
  const [sheets, setSheets] = useState(first.sheets);
  const [bottleIds, setBottleIds] = useState<Readonly<Record<string, string | null>>>({});
  const [postFlashed, setPostFlashed] = useState(false);
  const [writing, setWriting] = useState<Recipe | "new" | null>(null);
  const [away, setAway] = useState(false);
  const [quiet, setQuiet] = useState(false);
  const [woken, setWoken] = useState(0);

  const plan = useMemo(() => planOf(recipe, celsius, q10), [recipe, celsius, q10]);
  const room = useMemo(() => ({ ...roomOf(recipe), ...trayRoom }), [recipe, trayRoom]);
  const film = recipe.medium === "film";
  const offered = useMemo(() => {
    const alike = waiting.filter((shot) => isOnFilm(shot) === film);
    return sheetsOfShots(alike, areas, film);
  }, [waiting, areas, film]);
  const runs = useRuns(running, room);
  useRunSignals(runs.going, runs.now, sound && !quiet, speech && !quiet, woken);
  const busy = runs.going.length + runs.waiting.length + runs.unfixed.length > 0;
  const { darkFirst, question } = useDarkFirst();
  const red = useSyncExternalStore(onRedLight, redLevel, () => null) !== null;
  const asked = useSyncExternalStore(onRedLight, darkAnswer, () => null) === "asked";
  useEffect(() => {
    if (!busy) setAway(false);
  }, [busy]);

  const develop = (next: Recipe): void => {
    setAsksFor(null);
    choose({ recipe: next.id }, "The recipe");
    // What was ticked for paper does not go through film's baths.
    if (next.medium !== recipe.medium) setSheets([]);
  };

  const begin = useCallback(async () => {
    wakeSound();
    const failed = await queueSheets({
      recipe,
      plan,
      celsius,
      q10,
      byClock: darkTap === "clock",
      sheets,
      postFlashed,
      bottleIds,
    });
    if (failed === null) {
      setSheets([]);
      setPostFlashed(false);
    } else notify(failed, { urgent: true });
  }, [recipe, plan, celsius, q10, darkTap, sheets, postFlashed, bottleIds]);

  // By daylight the trays are only planned: what light would fog is not worked on at a bright screen.
  if (busy && !away && !asked && (red || runs.lamp.lamp === "white")) {
    return (
      <RunScreen
        runs={runs}
        pausedSignals={quiet}
        onPause={setQuiet}
        onTouch={() => {
          if (isSoundAwake()) return;
          wakeSound();
          setWoken((times) => times + 1);
        }}
        onLeave={() => setAway(true)}
      />
    );
  }
  return (
    <main className="wet mx-auto max-w-3xl px-4 pb-24">
      <DarkPages />
      <LiveNotice live={live} />
      {question}
      {busy && (
        <Button
          look="action"
          className="mb-4 w-full text-[1.3rem]"
          onClick={() => darkFirst({ run: () => setAway(false), what: "a sheet comes out" })}
        >
          Back to the trays: {runs.going.length} on the way
        </Button>
      )}
      {writing !== null ? (
        <RecipeForm
          recipe={writing === "new" ? null : writing}
          isStored={writing !== "new" && own.some(({ id }) => id === writing.id)}
          onDone={(kept) => {
            setWriting(null);
            if (kept !== null) develop(kept);
          }}
        />
      ) : (
        <div className="grid gap-5">
          <RecipePanel
            recipes={recipes}
            recipe={recipe}
            plan={plan}
            own={own.some(({ id }) => id === recipe.id)}
            celsius={celsius}
            q10={q10}
            onRecipe={develop}
            onCelsius={(value) => choose({ developerAt: value }, "The temperature")}
            onQ10={(value) => choose({ q10: value }, "Q")}
            onWrite={setWriting}
          />
          {plan.length > 0 && (
            <>
              <SheetsToDo offered={offered} sheets={sheets} onSheets={setSheets} />
              {!film && (
                <FlashRow
                  when="after"
                  medium={mediumOf(sheets, waiting)}
                  done={done}
                  sound={sound}
                  flashed={postFlashed}
                  onFlashed={setPostFlashed}
                />
              )}
              <BottleCheck plan={plan} bottles={bottles} sheets={sheets} chosen={bottleIds} onChoose={setBottleIds} />
              <PlanOfSheets
                plan={plan}
                count={Math.max(1, sheets.length)}
                room={room}
                onRoom={(bath, count) => choose({ trayRoom: { ...trayRoom, [bath]: count } }, "What the trays hold")}
              />
              <HandsRow dark={chosen} sound={sound} onDark={choose} onSound={heard.choose} />
              <p className={film ? "border-action border-l-4 pl-3" : ""} data-lamp={plan[0]?.lamp}>
                {film
                  ? "Film bears no light: this red screen is too much for it too. Make it black before the film comes out: then a tap anywhere moves on, and sound, voice and buzzing tell you the rest. Hold it for three seconds to have it back."
                  : `Until the fixer: ${LAMP_WORDS.red}.`}
              </p>
              <Button
                look="action"
                className="w-full text-[1.4rem]"
                disabled={sheets.length === 0}
                onClick={() => darkFirst({ run: () => void begin(), what: "the first sheet comes out of its box" })}
              >
                {sheets.length === 0 ? "Say first what goes in" : "To the trays"}
              </Button>
            </>
          )}
        </div>
      )}
    </main>
  );
}

/** The paper of the first chosen sheet that the log knows; else the usual one. */
function mediumOf(sheets: readonly SheetToDo[], waiting: TraysData["now"]["waiting"]): string {
  const ids = sheets.flatMap(({ exposureIds }) => exposureIds);
  return mediumById(waiting.find(({ id }) => ids.includes(id))?.medium).id;
}
