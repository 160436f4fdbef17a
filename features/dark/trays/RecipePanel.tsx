import { formatTime, plainNumber } from "../../../core/basis/units/index.ts";
import type { PlannedStep, Recipe } from "../../../core/darkroom/recipe/index.ts";
import { GIVEN_AT, temperatureDoubt } from "../../../core/darkroom/temperature/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { Disclosure } from "../../../ui/controls/Disclosure.tsx";
import { QuantityField } from "../../../ui/controls/entries/QuantityField.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { removeUndoable } from "../../../ui/edits/undoable.ts";
import { Term } from "../../../ui/words/Term.tsx";
import { BATH_WORDS, darkroomCautions, LAMP_WORDS } from "../../../wording/darkroomWords.ts";
import type { TermId } from "../../../wording/glossary.ts";

/** Temperatures that are taken, °C, and factors for ten degrees. */
const CELSIUS = { least: 5, most: 40 } as const;
const Q10 = { least: 1, most: 10 } as const;

/** The recipe of the day, bath by bath, with its times at the developer's temperature. */
export function RecipePanel({
  recipes,
  recipe,
  plan,
  own,
  celsius,
  q10,
  onRecipe,
  onCelsius,
  onQ10,
  onWrite,
}: {
  readonly recipes: readonly Recipe[];
  readonly recipe: Recipe;
  readonly plan: readonly PlannedStep[];
  /** Whether it is one of the maker's own. */
  readonly own: boolean;
  readonly celsius: number;
  readonly q10: number;
  readonly onRecipe: (recipe: Recipe) => void;
  readonly onCelsius: (celsius: number) => void;
  readonly onQ10: (q10: number) => void;
  readonly onWrite: (recipe: Recipe | "new") => void;
}) {
  const doubt = plan.some(({ byTemperature }) => byTemperature) ? temperatureDoubt(celsius) : null;
  const cautions = darkroomCautions.filter(({ id }) => plan.some((step) => step.cautions?.includes(id)));
  return (
    <Panel title="Recipe">
      <div className="grid grid-cols-[minmax(0,1fr)_6.5rem] items-start gap-3">
        <Choice
          label="Recipe"
          value={recipe.id}
          options={recipes.map(({ id, name }) => ({ id, name }))}
          onChoose={(id) => {
            const next = recipes.find((each) => each.id === id);
            if (next !== undefined) onRecipe(next);
          }}
        />
        <QuantityField
          label="Developer, °C"
          name="developer-celsius"
          value={celsius}
          show={(value) => String(value)}
          read={plainNumber}
          take={(value) => {
            if (value === null || value < CELSIUS.least || value > CELSIUS.most)
              return `From ${CELSIUS.least} to ${CELSIUS.most} °C.`;
            onCelsius(value);
            return null;
          }}
        />
      </div>
      {recipe.note && <p className="mt-2">{recipe.note}</p>}
      {doubt && (
        <p role="alert" className="mt-2 border-action border-l-4 pl-3">
          {doubt}
        </p>
      )}
      {plan.length > 0 && (
        <ol className="mt-3" data-plan>
          {plan.map((step) => (
            <li
              key={step.id}
              className="grid grid-cols-[minmax(0,1fr)_auto] items-baseline gap-x-4 border-line border-t py-1.5"
            >
              <span className="flex min-h-[3.75rem] items-center font-semibold">
                <BathName step={step} />
              </span>
              <span className="font-semibold text-[1.3rem]" data-step={step.id}>
                {step.byEye ? "by eye, " : ""}
                {formatTime(Math.round(step.planned))}
              </span>
              <span className="col-span-2 text-[0.93rem] text-quiet">
                {step.byTemperature && celsius !== GIVEN_AT ? `${formatTime(step.seconds)} at ${GIVEN_AT} °C. ` : ""}
                {BATH_WORDS[step.bath]} · {LAMP_WORDS[step.lamp]}
              </span>
            </li>
          ))}
        </ol>
      )}
      {cautions.length > 0 && (
        <ul className="mt-2 list-disc border-action border-l-4 py-1 pl-7 text-[0.95rem]" data-cautions>
          {cautions.map(({ id, words }) => (
            <li key={id}>{words}</li>
          ))}
        </ul>
      )}
      <Disclosure title="Where this comes from, and your own recipes" name="recipe">
        <p className="mb-2">
          Source: {recipe.source || "your own"}. Time at T °C: time at {GIVEN_AT} °C × Q^(({GIVEN_AT} − T)/10); Q is
          from memory, and your developer’s data sheet counts.
        </p>
        <div className="mb-3 max-w-[9rem]">
          <QuantityField
            label="Q for ten degrees"
            name="q10"
            value={q10}
            show={(value) => String(value)}
            read={plainNumber}
            take={(value) => {
              if (value === null || value < Q10.least || value > Q10.most) return `From ${Q10.least} to ${Q10.most}.`;
              onQ10(value);
              return null;
            }}
          />
        </div>
        <div className="flex flex-wrap gap-2">
          {own && <Button onClick={() => onWrite(recipe)}>Change this one</Button>}
          <Button
            onClick={() =>
              onWrite({ ...recipe, id: crypto.randomUUID(), name: `${recipe.name}, mine`, source: "your own" })
            }
          >
            Copy it as mine
          </Button>
          <Button onClick={() => onWrite("new")}>Write a new one</Button>
          {own && (
            <Button
              look="quiet"
              onClick={() => void removeUndoable("recipes", recipe.id, `“${recipe.name}” is thrown away.`)}
            >
              Throw it away
            </Button>
          )}
        </div>
      </Disclosure>
    </Panel>
  );
}

/** Baths whose name is a word of the craft. */
const TERMS: Readonly<Partial<Record<PlannedStep["bath"], TermId>>> = {
  developer: "developer",
  stop: "stop-bath",
  fixer: "fixer",
};

function BathName({ step: { bath, name } }: { readonly step: PlannedStep }) {
  const term = TERMS[bath];
  return term === undefined ? name : <Term id={term}>{name}</Term>;
}
