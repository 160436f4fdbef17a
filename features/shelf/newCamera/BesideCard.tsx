import { useEffect, useMemo, useRef, useState } from "react";
import type { Quad } from "../../../core/basis/plane/index.ts";
import { type CardTrouble, faceBesideCard } from "../../../core/camera/besideCard/index.ts";
import type { DesignField } from "../../../core/camera/container/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { CornerHandle, type PicturePlace } from "../../../ui/drawing/CornerHandle.tsx";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { useRested } from "../../../ui/page/useRested.ts";
import { Overlay } from "../../../ui/seldom/Overlay.tsx";
import { type FaceSide, insideSizes, markedTo, START } from "./faceSizes.ts";

const NAMES = ["top left", "top right", "bottom right", "bottom left"] as const;
type Corners = readonly [PicturePlace, PicturePlace, PicturePlace, PicturePlace];
const TROUBLE: Readonly<Record<CardTrouble, string>> = {
  "card-crossed": "The card’s corners go round clockwise, from its upper left.",
  "face-crossed": "The container’s corners go round clockwise, from its upper left.",
  "card-too-small": "The card is too small in this picture: go nearer.",
  "no-rectangle": "These are not two rectangles in one plane: look at the corners again.",
};

/** A container measured from a photograph with a bank card in it: four corners of each are marked. */
export function BesideCard({
  round,
  wall,
  onSizes,
  onClose,
}: {
  readonly round: boolean;
  /** How thick its wall is, mm. */
  readonly wall: number;
  readonly onSizes: (sizes: Readonly<Partial<Record<DesignField, number>>>) => void;
  readonly onClose: () => void;
}) {
  const words = useLengthWords();
  const [url, setUrl] = useState<string | null>(null);
  const [size, setSize] = useState<{ readonly width: number; readonly height: number } | null>(null);
  const [side, setSide] = useState<FaceSide>("front");
  const [marks, setMarks] = useState<{ readonly card: Corners; readonly face: Corners } | null>(null);
  const [refused, setRefused] = useState(false);
  const [held, setHeld] = useState<PicturePlace | null>(null);
  const frame = useRef<HTMLDivElement>(null);
  const [shown, setShown] = useState(600);
  // The fit is a twentieth of a second of work: it waits until the hand rests.
  const marked = useRested(marks, false);
  useEffect(() => () => void (url !== null && URL.revokeObjectURL(url)), [url]);
  const measured = useMemo(() => {
    if (marked === null || size === null) return null;
    const quad = (corners: Corners): Quad => corners.map(([x, y]) => ({ x, y })) as unknown as Quad;
    return faceBesideCard(quad(marked.card), quad(marked.face), size, markedTo(size.width / shown));
  }, [marked, size, shown]);
  const take = (file: File): void => {
    setUrl(URL.createObjectURL(file));
    setSize(null);
    setMarks(null);
    setRefused(false);
  };
  const perPixel = (): number => (size?.width ?? 1) / Math.max(1, frame.current?.clientWidth ?? 1);
  const move = (of: "card" | "face", index: number, [x, y]: PicturePlace): void => {
    if (marks === null || size === null) return;
    const to: PicturePlace = [Math.min(size.width, Math.max(0, x)), Math.min(size.height, Math.max(0, y))];
    setHeld(to);
    setMarks({ ...marks, [of]: marks[of].map((corner, i) => (i === index ? to : corner)) as unknown as Corners });
  };
  const sizes = measured?.ok ? insideSizes(measured.value, { round, side, wall }) : [];
  const radius = Math.max(size?.width ?? 0, size?.height ?? 0) / 70;
  const use = (): void => {
    onSizes(Object.fromEntries(sizes.map(({ field, inside }) => [field, inside])));
    if (round || side === "side") {
      onClose();
      return;
    }
    // The front tells no depth: its side is asked for next.
    setSide("side");
    setUrl(null);
    setMarks(null);
  };
  return (
    <Overlay title="Measure by a photograph" wide onClose={onClose}>
      <div className="grid gap-x-6 gap-y-3 md:grid-cols-[minmax(0,1fr)_19rem]" data-beside-card={side}>
        <div className="grid content-start gap-2 md:order-2">
          <p className="text-[0.93rem]">
            {round
              ? "Stand any bank card beside the can, level with its middle. Photograph both from the front, an arm’s length away."
              : `Lean any bank card against its ${side}. Photograph both from there, an arm’s length away.`}
          </p>
          <p className="text-[0.87rem] text-quiet">Cover the card’s number. The picture stays on this page.</p>
          {!round && (
            <Segments
              label="Which face it shows"
              value={side}
              options={[
                { id: "front", name: "the front" },
                { id: "side", name: "the side" },
              ]}
              onChoose={setSide}
            />
          )}
          <label className={PICK}>
            Take or choose a photograph
            <input
              type="file"
              accept="image/*"
              capture="environment"
              className="sr-only"
              aria-label="Photograph of the container beside a card"
              onChange={(event) => {
                const [file] = event.target.files ?? [];
                event.target.value = "";
                if (file) take(file);
              }}
            />
          </label>
          {refused && (
            <p role="alert" className="text-action">
              This file is no picture that the browser can show: JPEG, PNG or WebP.
            </p>
          )}
          {marks !== null && (
            <p className="text-[0.87rem] text-quiet">
              Blue: the card, where its edges would meet if its corners were not round. Red: the container’s{" "}
              {round ? "outline" : "face"}, outside. Drag the rings, or move them by the arrow keys.
            </p>
          )}
          {measured !== null && !measured.ok && (
            <p role="alert" className="text-action">
              {TROUBLE[measured.error]}
            </p>
          )}
          {sizes.length > 0 && (
            <div aria-live="polite" data-measured={sizes.map(({ outside }) => outside.toFixed(2)).join(" ")}>
              {sizes.map(({ name, outside, error }) => (
                <p key={name}>
                  {name} <b>{words(outside, 0)}</b> ± {words(Math.max(0.5, error), 1)}
                </p>
              ))}
              <p className="text-[0.87rem] text-quiet">Outside; the wall is taken off twice.</p>
            </div>
          )}
          {sizes.length > 0 && (
            <Button look="action" className="justify-self-start" disabled={marked !== marks} onClick={use}>
              Use these sizes
            </Button>
          )}
        </div>
        {url !== null && !refused && (
          <div
            ref={frame}
            className="relative mx-auto w-full self-start border border-ink md:order-1"
            style={size === null ? {} : { maxWidth: `calc(76vh * ${size.width / size.height})` }}
          >
            <img
              src={url}
              alt=""
              className="block w-full"
              onError={() => setRefused(true)}
              onLoad={({ currentTarget: { naturalWidth: width, naturalHeight: height } }) => {
                setSize({ width, height });
                setShown(Math.max(1, frame.current?.clientWidth ?? 1));
                const at = ([x, y]: PicturePlace): PicturePlace => [x * width, y * height];
                setMarks({ card: cornersOf(START.card, at), face: cornersOf(START.face, at) });
              }}
            />
            {size !== null && marks !== null && (
              // biome-ignore lint/a11y/useSemanticElements: no HTML element groups the parts of an SVG drawing
              <svg
                viewBox={`0 0 ${size.width} ${size.height}`}
                className="absolute inset-0 h-full w-full touch-none"
                role="group"
                aria-label="Corners of the card and of the container"
              >
                {(["card", "face"] as const).map((of) => (
                  <g key={of}>
                    <polygon
                      points={marks[of].map(([x, y]) => `${x},${y}`).join(" ")}
                      fill="none"
                      stroke={INKS[of]}
                      strokeWidth={radius / 6}
                    />
                    {marks[of].map((corner, index) => (
                      <CornerHandle
                        key={NAMES[index]}
                        name={`${of === "card" ? "card" : "container"}, ${NAMES[index]}`}
                        corner={corner}
                        radius={radius}
                        ink={INKS[of]}
                        perPixel={perPixel}
                        onMove={(to) => move(of, index, to)}
                        onHold={(is) => setHeld(is ? corner : null)}
                      />
                    ))}
                  </g>
                ))}
              </svg>
            )}
            {held !== null && size !== null && <Magnified url={url} at={held} size={size} />}
          </div>
        )}
      </div>
    </Overlay>
  );
}

const PICK =
  "inline-flex min-h-11 cursor-pointer items-center justify-self-start border-[1.5px] border-ink bg-card px-3 font-medium has-[:focus-visible]:outline-2 has-[:focus-visible]:outline-action";

function cornersOf(shares: Corners, at: (share: PicturePlace) => PicturePlace): Corners {
  return shares.map(at) as unknown as Corners;
}

const INKS = { card: "var(--sb-ray)", face: "var(--sb-action)" } as const;

/** Times as large, and how large the round glass is, px of the screen. */
const GLASS = { times: 3, side: 120 } as const;

/** What lies under a finger, larger, in the corner where it is not. */
function Magnified({
  url,
  at: [x, y],
  size,
}: {
  readonly url: string;
  readonly at: PicturePlace;
  readonly size: { readonly width: number; readonly height: number };
}) {
  const frame = useRef<HTMLDivElement>(null);
  const [shown, setShown] = useState(400);
  useEffect(() => setShown(frame.current?.parentElement?.clientWidth ?? 400), []);
  const unit = (GLASS.times * shown) / size.width;
  return (
    <div
      ref={frame}
      className={`pointer-events-none absolute top-2 overflow-hidden border-2 border-ink ${x > size.width / 2 ? "left-2" : "right-2"}`}
      style={{ width: GLASS.side, height: GLASS.side }}
      aria-hidden="true"
    >
      <img
        src={url}
        alt=""
        className="absolute max-w-none"
        style={{
          width: size.width * unit,
          left: GLASS.side / 2 - x * unit,
          top: GLASS.side / 2 - y * unit,
        }}
      />
      <span className="absolute top-1/2 left-0 h-px w-full bg-action" />
      <span className="absolute top-0 left-1/2 h-full w-px bg-action" />
    </div>
  );
}
