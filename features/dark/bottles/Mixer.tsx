import { useState } from "react";
import { parseNumber, plainNumber, type Result, success } from "../../../core/basis/units/index.ts";
import { type Chemical, USUAL_BOTTLES } from "../../../core/darkroom/bottle/index.ts";
import { dilutionWords, mixStock, mixVolume, parseDilution } from "../../../core/darkroom/dilution/index.ts";
import type { Bottle } from "../../../core/document/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { QuantityField } from "../../../ui/controls/entries/QuantityField.tsx";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { saveUndoable } from "../../../ui/edits/undoable.ts";
import { isoWithOffset } from "../../../ui/format/localTime.ts";
import { darkroomCautions } from "../../../wording/darkroomWords.ts";

const CHEMICALS: readonly { readonly id: Chemical; readonly name: string }[] = [
  { id: "developer", name: "Developer" },
  { id: "stop", name: "Stop" },
  { id: "fixer", name: "Fixer" },
];
/** What can be measured out, ml. */
const AMOUNT = { least: 1, most: 100_000 } as const;

/** Dilution both ways: so much working solution wanted, or so much stock there. One press notes the bottle. */
export function Mixer() {
  const [chemical, setChemical] = useState<Chemical>("developer");
  const [water, setWater] = useState(USUAL_BOTTLES.developer.water);
  const [by, setBy] = useState<"volume" | "stock">("volume");
  const [amount, setAmount] = useState(500);
  const [name, setName] = useState("");
  const mixed = by === "volume" ? mixVolume(water, amount) : mixStock(water, amount);
  const take = async (): Promise<void> => {
    const label = CHEMICALS.find(({ id }) => id === chemical)?.name ?? "";
    const { capacityCm2, keepsDays } = USUAL_BOTTLES[chemical];
    const bottle: Bottle = {
      id: crypto.randomUUID(),
      name: name.trim() || `${label} ${dilutionWords(water)}`,
      chemical,
      water,
      volumeMl: mixed.volume,
      capacityCm2,
      keepsDays,
      mixedAt: isoWithOffset(new Date()),
      usedCm2: 0,
      clips: [],
      emptiedAt: null,
    };
    if (await saveUndoable("bottles", bottle, `${bottle.name} is noted.`)) setName("");
  };
  return (
    <Panel title="Mix">
      <div className="grid gap-3">
        <Segments
          label="What is mixed"
          value={chemical}
          options={CHEMICALS}
          onChoose={(id) => {
            setChemical(id);
            setWater(USUAL_BOTTLES[id].water);
          }}
        />
        <div className="grid grid-cols-2 gap-3">
          <QuantityField
            key={chemical}
            label="Dilution"
            name="dilution"
            value={water}
            show={dilutionWords}
            read={parseDilution}
            take={(value) => {
              if (value === null) return "Write it like 1+9, or 0 for stock as it is.";
              setWater(value);
              return null;
            }}
          />
          <QuantityField
            label={by === "volume" ? "Wanted, ml" : "Stock I have, ml"}
            name="amount"
            value={amount}
            show={millilitres}
            read={readMillilitres}
            take={(value) => {
              if (value === null || value < AMOUNT.least || value > AMOUNT.most)
                return `From ${AMOUNT.least} ml to ${AMOUNT.most / 1000} l, such as 500.`;
              setAmount(value);
              return null;
            }}
          />
        </div>
        <Segments
          label="What is known"
          value={by}
          options={[
            { id: "volume", name: "So much is wanted" },
            { id: "stock", name: "So much stock I have" },
          ]}
          onChoose={setBy}
        />
        <p className="font-semibold text-[clamp(1.9rem,7.5vw,3.2rem)] leading-tight" role="status" data-mixed>
          {millilitres(mixed.stock)} ml stock + {millilitres(mixed.water)} ml water
        </p>
        <p>
          {dilutionWords(water)} makes {millilitres(mixed.volume)} ml. Water first, then the stock.
        </p>
        <ul className="border-action border-l-4 pl-3 text-[0.95rem]" data-cautions>
          {darkroomCautions
            .filter(({ id }) => id === "gloves" || id === chemical)
            .map(({ id, words }) => (
              <li key={id}>{words}</li>
            ))}
        </ul>
        <div className="grid grid-cols-[minmax(0,1fr)_auto] items-end gap-3">
          <TextEntry
            label="Name on the bottle (may stay empty)"
            value={name}
            maxLength={60}
            onChange={(event) => setName(event.target.value)}
          />
          <Button look="action" onClick={() => void take()}>
            Mixed: note it
          </Button>
        </div>
      </div>
    </Panel>
  );
}

/** Millilitres to what a measuring jug shows. */
function millilitres(value: number): string {
  return String(Number(value.toFixed(value < 100 ? 1 : 0)));
}

/** Reads millilitres: `500`, `500 ml`, `1.5 l`. */
function readMillilitres(text: string): Result<number> {
  const unit = /^(.*?)\s*(ml|l|litres?|liters?)$/i.exec(text.trim());
  if (unit === null) return plainNumber(text);
  const parsed = parseNumber(unit[1] ?? "");
  if (!parsed.ok) return parsed;
  return success(parsed.value.value * (/^ml$/i.test(unit[2] ?? "") ? 1 : 1000));
}
