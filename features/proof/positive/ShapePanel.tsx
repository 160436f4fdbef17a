import type { Negative } from "../../../core/document/index.ts";
import type { ProofSettings } from "../../../core/negative/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Check } from "../../../ui/controls/Check.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";

type Projection = NonNullable<ProofSettings["projection"]>;

const WAYS: readonly { readonly id: Projection; readonly name: string; readonly words: string }[] = [
  { id: "lay", name: "As it lay", words: "The sheet itself, upright and right-reading." },
  {
    id: "straight",
    name: "Straight",
    words: "Straight things stay straight, up to 60° to each side. Drag to look about.",
  },
  {
    id: "round",
    name: "Round",
    words: "As off an upright cylinder: posts stay upright, a can’s whole view fits. Drag to look about.",
  },
  { id: "even", name: "Even", words: "A degree is as long everywhere. Drag to look about." },
];

/** How the sheet is laid flat, evened and sharpened: what the camera's own geometry knows. */
export function ShapePanel({
  negative,
  grid,
  onGrid,
  loupe,
  onLoupe,
  onSet,
}: {
  readonly negative: Negative;
  readonly grid: boolean;
  readonly onGrid: (on: boolean) => void;
  readonly loupe: boolean;
  readonly onLoupe: (on: boolean) => void;
  readonly onSet: (change: Partial<ProofSettings>) => void;
}) {
  const { settings } = negative;
  const known = Boolean(settings.camera);
  const projection = settings.projection ?? "lay";
  const { azimuth = 0, elevation = 0 } = settings.towards ?? {};
  return (
    <Panel title="Shape and light">
      {!known && (
        <p className="mb-2 text-[0.9rem]">Say on Scan which shot this is: its camera tells how to unbend it.</p>
      )}
      <Segments
        label="How it is laid flat"
        value={projection}
        options={known ? WAYS : WAYS.slice(0, 1)}
        onChoose={(id) => onSet({ projection: id })}
      />
      <p className="mt-1 text-[0.87rem] text-quiet">{WAYS.find(({ id }) => id === projection)?.words}</p>
      {projection !== "lay" && (
        <p className="flex flex-wrap items-center gap-2 text-[0.9rem]" data-towards={`${azimuth} ${elevation}`}>
          Looking {Math.round(Math.abs(azimuth))}° {azimuth < 0 ? "left" : "right"}, {Math.round(Math.abs(elevation))}°{" "}
          {elevation < 0 ? "down" : "up"}
          <Button look="quiet" onClick={() => onSet({ towards: { azimuth: 0, elevation: 0 } })}>
            Straight ahead
          </Button>
        </p>
      )}
      <Check label="Grid of straight lines" checked={grid} onCheck={onGrid} />
      {known && (
        <>
          <Check
            label="Even light: take out the fall-off, up to 4 stops"
            checked={settings.evenLight ?? false}
            onCheck={(evenLight) => onSet({ evenLight })}
          />
          {settings.evenLight && (
            <p className="text-[0.87rem] text-quiet">
              What got less than a sixteenth of the light is left out, not invented.
            </p>
          )}
          <Check
            label="Sharpen by the known hole"
            checked={settings.sharpen ?? false}
            onCheck={(sharpen) => onSet({ sharpen })}
          />
          {settings.sharpen && (
            <>
              <p className="text-[0.87rem] text-quiet">
                It gives back contrast that this hole took away, as far as the sheet’s grain lets it: at most four
                times. What the hole never drew stays lost, and a moved camera stays moved.
              </p>
              <Check label="Loupe: before and after" checked={loupe} onCheck={onLoupe} />
            </>
          )}
        </>
      )}
    </Panel>
  );
}
