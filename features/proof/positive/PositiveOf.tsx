import { useEffect, useMemo, useState } from "react";
import type { Negative } from "../../../core/document/index.ts";
import type { Finish, ProofSettings, Tone } from "../../../core/negative/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { EditButtons } from "../../../ui/edits/EditButtons.tsx";
import { isTyping } from "../../../ui/edits/isTyping.ts";
import { useRecordEdits } from "../../../ui/edits/useRecordEdits.ts";
import { frameOf } from "../frameOf.ts";
import type { Proof } from "../useProof.ts";
import { FinishPanel } from "./FinishPanel.tsx";
import { ContactPanel } from "./out/ContactPanel.tsx";
import { CopyPanel } from "./out/CopyPanel.tsx";
import { ExportPanel } from "./out/ExportPanel.tsx";
import { PositivePicture } from "./PositivePicture.tsx";
import { SeenBeside } from "./SeenBeside.tsx";
import { ShapePanel } from "./ShapePanel.tsx";
import { TonePanel } from "./TonePanel.tsx";
import { tonesOf } from "./tonesOf.ts";
import type { Tool } from "./tool.ts";
import { useDrawing } from "./useDrawing.ts";

/** Pixels across of the positive on the screen; finer while its sharpness is looked at. */
const ACROSS = { usual: 900, sharp: 1500 } as const;

/** One negative as a positive: tones, shape, sharpness, dust, and out. */
export function PositiveOf({ negative: stored, proof }: { readonly negative: Negative; readonly proof: Proof }) {
  const { record: negative, edit, undo, redo } = useRecordEdits("negatives", stored);
  const { settings, finish = {} } = negative;
  const [tool, setTool] = useState<Tool>("look");
  const [compare, setCompare] = useState(false);
  const [grid, setGrid] = useState(false);
  const [loupe, setLoupe] = useState(false);
  const across = settings.sharpen ? ACROSS.sharp : ACROSS.usual;
  const drawing = useDrawing(negative, across);
  const { drawn } = drawing;
  const soft = useMemo(() => ({ ...negative, settings: { ...negative.settings, sharpen: false } }), [negative]);
  const before = useDrawing(loupe && settings.sharpen ? soft : null, across);
  const set = (change: Partial<ProofSettings>, stroke?: string): void =>
    edit((now) => ({ ...now, settings: { ...now.settings, ...change } }), stroke);
  const setFinish = (change: Partial<Finish>, stroke?: string): void =>
    edit((now) => ({ ...now, finish: { ...now.finish, ...change } }), stroke);
  const tones = useMemo(() => (drawn === null ? [] : tonesOf(drawn.tones, negative)), [drawn, negative]);
  const frame = useMemo(() => frameOf(settings, drawn?.width ?? across), [settings, drawn, across]);
  useComparing(setCompare);
  const setTone = (tone: Tone, stroke: string): void => set({ tone: { ...tone } }, stroke);
  const [first] = tones;
  return (
    <div className="grid gap-x-8 gap-y-6 lg:grid-cols-[minmax(0,1.7fr)_minmax(19rem,1fr)]" data-positive={negative.id}>
      <div className="grid content-start gap-2">
        <div className="flex flex-wrap items-center gap-2">
          <EditButtons undo={undo} redo={redo} />
          <Button
            aria-pressed={compare}
            onPointerDown={() => setCompare(true)}
            onPointerUp={() => setCompare(false)}
            onPointerLeave={() => setCompare(false)}
            title="Hold it, or hold C"
          >
            {settings.medium.positive ? "Hold to see the plain scan" : "Hold to see the plain inversion"}
          </Button>
          <p role="status" data-drawing={drawing.working === null ? "done" : "working"} className="text-[0.9rem]">
            {drawing.working !== null && drawing.working > 0 && settings.sharpen
              ? `Sharpening: ${Math.round(100 * drawing.working)} %`
              : ""}
          </p>
          {drawing.working !== null && settings.sharpen && (
            <Button
              look="quiet"
              onClick={() => {
                drawing.cancel();
                set({ sharpen: false });
              }}
            >
              Stop
            </Button>
          )}
        </div>
        {drawing.trouble !== null && (
          <p role="alert" className="text-action">
            {drawing.trouble}
          </p>
        )}
        {drawn === null ? (
          drawing.trouble === null && <p role="status">Drawing the positive …</p>
        ) : (
          <PositivePicture
            drawn={drawn}
            before={loupe && settings.sharpen ? before.drawn : null}
            tones={tones}
            negative={negative}
            frame={frame}
            tool={tool}
            compare={compare}
            grid={grid}
            loupe={loupe}
            onTowards={(towards, stroke) => set({ towards }, stroke)}
            onSpot={(spot) => setFinish({ spots: [...(finish.spots ?? []), spot] })}
            onCrop={(crop, stroke) => setFinish({ crop }, stroke)}
            onBalance={(balance) => {
              setFinish({ balance });
              setTool("look");
            }}
          />
        )}
        {drawn !== null && proof.shot?.view && (
          <SeenBeside kept={proof.shot.view} negative={negative} drawn={drawn} tones={tones} />
        )}
      </div>
      <div className="grid content-start gap-5">
        {drawn !== null && first !== undefined && (
          <TonePanel
            drawn={drawn}
            medium={settings.medium}
            tone={first}
            onTone={setTone}
            onFound={() => set({ tone: {} })}
          />
        )}
        <ShapePanel negative={negative} grid={grid} onGrid={setGrid} loupe={loupe} onLoupe={setLoupe} onSet={set} />
        <FinishPanel negative={negative} drawn={drawn} tool={tool} onTool={setTool} onFinish={setFinish} onSet={set} />
        <ExportPanel negative={negative} proof={proof} />
        {/* Nothing is printed from what is a positive already. */}
        {!settings.medium.positive && <ContactPanel negative={negative} drawn={drawn} />}
        <CopyPanel negative={negative} proof={proof} />
      </div>
    </div>
  );
}

/** While C is held down the plain inversion shows. */
function useComparing(compare: (on: boolean) => void): void {
  useEffect(() => {
    const down = (event: KeyboardEvent): void => {
      if (event.key.toLowerCase() === "c" && !event.repeat && !event.ctrlKey && !event.metaKey && !isTyping(event)) {
        compare(true);
      }
    };
    const up = (event: KeyboardEvent): void => {
      if (event.key.toLowerCase() === "c") compare(false);
    };
    window.addEventListener("keydown", down);
    window.addEventListener("keyup", up);
    return () => {
      window.removeEventListener("keydown", down);
      window.removeEventListener("keyup", up);
    };
  }, [compare]);
}
