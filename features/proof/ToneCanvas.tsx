import { useEffect, useRef, useState } from "react";
import type { TintId, Tone } from "../../core/negative/index.ts";
import { type Drawn, paintDrawn } from "./paintDrawn.ts";
import { type ToneGl, toneGl } from "./toneGl.ts";

/** An upright picture by its tones: by WebGL 2 where there is one, else in plain code; both give the same. */
export function ToneCanvas({
  drawn,
  tones,
  tint,
  label,
  className,
}: {
  readonly drawn: Drawn;
  readonly tones: readonly Tone[];
  readonly tint: TintId;
  readonly label: string;
  readonly className?: string;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const engine = useRef<ToneGl | null>(null);
  const [plain, setPlain] = useState(() => sessionStorage.getItem(PLAIN) !== null);
  useEffect(() => {
    if (plain || canvas.current === null) return;
    engine.current = toneGl(canvas.current);
    if (engine.current === null) setPlain(true);
  }, [plain]);
  useEffect(() => {
    if (!plain) engine.current?.load(drawn);
  }, [drawn, plain]);
  useEffect(() => {
    if (canvas.current === null) return;
    if (plain) paintDrawn(canvas.current, drawn, tones, { tint });
    else engine.current?.paint(tones, tint);
  }, [drawn, tones, tint, plain]);
  return (
    <canvas
      // A canvas keeps the kind of drawing it was begun with.
      key={plain ? "plain" : "gl"}
      ref={canvas}
      width={drawn.width}
      height={drawn.height}
      role="img"
      aria-label={label}
      data-tones={plain ? "plain" : "gl"}
      className={className}
    />
  );
}

/** Set in a tab where pictures are to be drawn without WebGL: for machines that draw it wrongly, and for tests. */
const PLAIN = "still-box-plain-tones";
