import { useCallback, useEffect, useMemo, useState, useSyncExternalStore } from "react";
import { mediumById } from "../../../catalogue/media.ts";
import { LAMP_WORDS } from "../../../catalogue/words/darkroomWords.ts";
import { planOf, type Recipe, roomOf } from "../../../core/darkroom/recipe/index.ts";
import { useLive } from "../../../storage/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { keepDark } from "../../../ui/dark/keepDark.ts";
import { darkAnswer, onRedLight, redLevel } from "../../../ui/dark/redLight.ts";
import { useDarkFirst } from "../../../ui/dark/useDarkFirst.tsx";
import { isSoundAwake, wakeSound } from "../../../ui/device/signals.ts";
import { LiveNotice } from "../../../ui/notices/LiveNotice.tsx";
import { notify } from "../../../ui/notices/notify.ts";
import { DarkPages } from "../DarkPages.tsx";
import { FlashRow } from "../FlashRow.tsx";
import { askedFor, isOnFilm } from "./askedFor.ts";
import { BottleCheck } from "./BottleCheck.tsx";
import { HandsRow } from "./HandsRow.tsx";
import { PlanOfSheets } from "./PlanOfSheets.tsx";
import { queueSheets, type SheetToDo } from "./queueSheets.ts";
import { RecipeForm } from "./RecipeForm.tsx";
import { RecipePanel } from "./RecipePanel.tsx";
import { RunScreen } from "./RunScreen.tsx";
import { SheetsToDo } from "./SheetsToDo.tsx";
import { sheetsOfShots } from "./sheetsOfShots.ts";
import { allRecipes, readTraysNow, type TraysData } from "./traysData.ts";
import { useRunSignals } from "./useRunSignals.ts";
import { useRuns } from "./useRuns.ts";

/** The trays: what is developed how, and then the one screen that stands beside them. */
export function TraysPage({ loaded }: { readonly loaded: TraysData }) {
  const { settings } = loaded;
  const live = useLive(loaded.now, readTraysNow);
  const { running, own, bottles, done, waiting, areas } = live.value;
  const recipes = useMemo(() => allRecipes(own), [own]);
  const [first] = useState(() => askedFor(loaded, recipes));
  const [recipeId, setRecipeId] = useState(first.recipeId);
  const recipe = recipes.find(({ id }) => id === recipeId) ?? (recipes[0] as Recipe);
  const [celsius, setCelsius] = useState(settings.developerAt);
  const [q10, setQ10] = useState(settings.q10);
  const [trayRoom, setTrayRoom] = useState(settings.trayRoom);
  const [hands, setHands] = useState({ sound: settings.sound, speech: settings.speech, tap: settings.darkTap });
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
  useRunSignals(runs.going, runs.now, hands.sound && !quiet, hands.speech && !quiet, woken);
  const busy = runs.going.length + runs.waiting.length + runs.unfixed.length > 0;
  const { darkFirst, question } = useDarkFirst();
  const red = useSyncExternalStore(onRedLight, redLevel, () => null) !== null;
  const asked = useSyncExternalStore(onRedLight, darkAnswer, () => null) === "asked";
  useEffect(() => {
    if (!busy) setAway(false);
  }, [busy]);

  const choose = (next: Recipe): void => {
    setRecipeId(next.id);
    keepDark("recipe", next.id, "Which recipe it is");
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
      byClock: hands.tap === "clock",
      sheets,
      postFlashed,
      bottleIds,
    });
    if (failed === null) {
      setSheets([]);
      setPostFlashed(false);
    } else notify(failed, { urgent: true });
  }, [recipe, plan, celsius, q10, hands.tap, sheets, postFlashed, bottleIds]);

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
            if (kept !== null) choose(kept);
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
            onRecipe={choose}
            onCelsius={setCelsius}
            onQ10={setQ10}
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
                  sound={hands.sound}
                  flashed={postFlashed}
                  onFlashed={setPostFlashed}
                />
              )}
              <BottleCheck plan={plan} bottles={bottles} sheets={sheets} chosen={bottleIds} onChoose={setBottleIds} />
              <PlanOfSheets
                plan={plan}
                count={Math.max(1, sheets.length)}
                room={room}
                onRoom={(bath, count) => {
                  const changed = { ...trayRoom, [bath]: count };
                  setTrayRoom(changed);
                  keepDark("trayRoom", changed, "What the trays hold");
                }}
              />
              <HandsRow hands={hands} onHands={setHands} />
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
