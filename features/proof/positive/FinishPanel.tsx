import { useMemo } from "react";
import type { Negative } from "../../../core/document/index.ts";
import type { Finish, ProofSettings, TintId } from "../../../core/negative/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Check } from "../../../ui/controls/Check.tsx";
import { Disclosure } from "../../../ui/controls/Disclosure.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { Slider } from "../../../ui/seldom/Slider.tsx";
import type { DrawReport } from "../../../workers/jobs/proof/proofJob.ts";
import { type CropSide, croppedFull, croppedTo, WHOLE } from "./croppedTo.ts";
import type { Tool } from "./tool.ts";

const TINTS: readonly { readonly id: TintId; readonly name: string }[] = [
  { id: "neutral", name: "Neutral" },
  { id: "warm", name: "Warm" },
  { id: "blue", name: "Blue" },
];
const SIDES: readonly { readonly id: CropSide; readonly name: string }[] = [
  { id: "left", name: "left" },
  { id: "right", name: "right" },
  { id: "top", name: "top" },
  { id: "bottom", name: "bottom" },
];

/** The last touches: dust, tone of the paper, crop and turn, border; of a trail its colours. */
export function FinishPanel({
  negative,
  drawn,
  tool,
  onTool,
  onFinish,
  onSet,
}: {
  readonly negative: Negative;
  readonly drawn: DrawReport | null;
  readonly tool: Tool;
  readonly onTool: (tool: Tool) => void;
  readonly onFinish: (change: Partial<Finish>, stroke?: string) => void;
  readonly onSet: (change: Partial<ProofSettings>) => void;
}) {
  const { finish = {}, settings } = negative;
  const spots = finish.spots ?? [];
  const isPositive = settings.medium.positive === true;
  const crop = finish.crop ?? WHOLE;
  const full = useMemo(() => (drawn === null ? null : croppedFull(drawn)), [drawn]);
  return (
    <Panel title="Finish">
      <div className="flex flex-wrap items-center gap-2">
        <Button aria-pressed={tool === "brush"} onClick={() => onTool(tool === "brush" ? "look" : "brush")}>
          {tool === "brush" ? "Put the brush down" : "Brush for dust"}
        </Button>
        {spots.length > 0 && (
          <>
            <span data-spots={spots.length} className="text-[0.9rem]">
              {spots.length} filled
            </span>
            <Button look="quiet" onClick={() => onFinish({ spots: [] })}>
              None of them
            </Button>
          </>
        )}
      </div>
      {tool === "brush" && (
        <p className="text-[0.87rem] text-quiet">
          Press on a speck: it is filled from around. A small brush, for dust only.
        </p>
      )}
      <Segments
        label="Tone of the paper"
        className="mt-2"
        value={finish.tint ?? "neutral"}
        options={TINTS}
        onChoose={(tint) => onFinish({ tint })}
      />
      {isPositive && (
        <>
          <Check label="Right-reading" checked={!finish.mirrored} onCheck={(right) => onFinish({ mirrored: !right })} />
          <p className="text-[0.87rem] text-quiet">
            In the hand a direct positive is the wrong way round, left to right: nothing turns that but a scan.
          </p>
        </>
      )}
      <Check
        label="Border with the camera’s name"
        checked={finish.border ?? false}
        onCheck={(border) => onFinish({ border })}
      />
      <Check
        label="Months-long sheet: keep its colours"
        checked={settings.colour ?? false}
        onCheck={(colour) => onSet({ colour })}
      />
      {settings.colour && (
        <div className="flex flex-wrap items-center gap-2">
          <Button aria-pressed={tool === "balance"} onClick={() => onTool(tool === "balance" ? "look" : "balance")}>
            {tool === "balance" ? "Press on a grey place" : "Pick a place that was grey"}
          </Button>
          {finish.balance && (
            <Button look="quiet" onClick={() => onFinish({ balance: [0, 0, 0] })}>
              Colours as found
            </Button>
          )}
        </div>
      )}
      <Disclosure title="Crop and turn" name="crop">
        <Button aria-pressed={tool === "crop"} onClick={() => onTool(tool === "crop" ? "look" : "crop")}>
          {tool === "crop" ? "Let the edges go" : "Take hold of the edges"}
        </Button>
        {full !== null && !finish.turn && (
          <Button onClick={() => onFinish({ crop: full })}>Cut to the largest full rectangle</Button>
        )}
        <Slider
          label="Turn, degrees"
          low="anticlockwise"
          high="clockwise"
          least={-10}
          most={10}
          step={0.1}
          value={finish.turn ?? 0}
          say={(value) => `${value.toFixed(1)}°`}
          onSlide={(turn) => onFinish({ turn }, "turn")}
        />
        {SIDES.map(({ id, name }) => (
          <Slider
            key={id}
            label={`Cut off at the ${name}, percent`}
            low={`Cut off at the ${name}`}
            high={`${Math.round(100 * crop[id])} %`}
            least={0}
            most={90}
            step={0.5}
            value={100 * crop[id]}
            say={(value) => `${value} %`}
            onSlide={(value) => onFinish({ crop: croppedTo(crop, id, value / 100) }, `crop ${id}`)}
          />
        ))}
        <Button look="quiet" onClick={() => onFinish({ crop: WHOLE, turn: 0 })}>
          All of it, unturned
        </Button>
      </Disclosure>
    </Panel>
  );
}
