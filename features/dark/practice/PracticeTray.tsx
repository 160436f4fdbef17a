import { useEffect, useRef, useState } from "react";
import type { PracticeEvent, PracticeSetup } from "../../../core/simulate/darkroom/index.ts";
import { practiceClient } from "../../../workers/jobs/practice/practice.client.ts";
import type { PracticeExposure } from "../../../workers/jobs/practice/practiceSheet.ts";

/** The sheet in its tray, drawn by a worker frame by frame: the next is asked for when the last has come. */
export function PracticeTray({
  exposure,
  setup,
  events,
  at,
  lit,
}: {
  readonly exposure: PracticeExposure;
  readonly setup: PracticeSetup;
  readonly events: readonly PracticeEvent[];
  readonly at: number;
  /** Whether the white lamp is on: then it is seen in full. */
  readonly lit: boolean;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [client, setClient] = useState<ReturnType<typeof practiceClient> | null>(null);
  const [failed, setFailed] = useState<string | null>(null);
  const wanted = useRef({ exposure, setup, events, at });
  wanted.current = { exposure, setup, events, at };
  const sent = useRef<PracticeExposure | null>(null);
  const busy = useRef(false);
  useEffect(() => {
    const made = practiceClient();
    sent.current = null;
    busy.current = false;
    setClient(made);
    return () => made.close();
  }, []);
  // Each look of the clock asks for a frame, unless one is on its way.
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is drawn is read through the ref; these say when it is another
  useEffect(() => {
    if (client === null || busy.current) return;
    const draw = async (): Promise<void> => {
      busy.current = true;
      const { exposure: sheet, ...frame } = wanted.current;
      const anew = sent.current !== sheet;
      const done = await client.run({ ...frame, ...(anew ? { exposure: sheet } : {}) });
      busy.current = false;
      if (!done.ok) {
        setFailed(done.error.message);
        return;
      }
      sent.current = sheet;
      const { width, height, rgba } = done.value;
      const target = canvas.current;
      const context = target?.getContext("2d");
      if (!target || !context) return;
      if (target.width !== width || target.height !== height) Object.assign(target, { width, height });
      context.putImageData(new ImageData(rgba, width, height), 0, 0);
      target.dataset.frames = String(Number(target.dataset.frames ?? 0) + 1);
      // What changed while it was drawn is drawn too.
      const { exposure: other, ...now } = wanted.current;
      if (other !== sheet || now.at !== frame.at || now.setup !== frame.setup) void draw();
    };
    void draw();
  }, [client, exposure, setup, events, at]);
  const { width, height } = exposure;
  return (
    <div className="border-4 border-ink bg-tape p-2">
      <canvas
        ref={canvas}
        width={width}
        height={height}
        role="img"
        aria-label="The practice sheet in its tray"
        data-practice-sheet
        className="mx-auto block max-h-[55vh]"
        style={{
          aspectRatio: `${width} / ${height}`,
          width: `min(100%, calc(55vh * ${width / height}))`,
          // The red lamp shows less than the white one does.
          filter: lit ? "none" : "brightness(0.6)",
        }}
      />
      {failed && <p role="alert">The sheet can’t be drawn: {failed}.</p>}
    </div>
  );
}
