import { useEffect, useMemo, useRef, useState } from "react";
import type { Result } from "../../../core/basis/units/index.ts";
import { CARD_APART, type EyePicture, parallaxPixels } from "../../../core/negative/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { fileName, saveFile } from "../../../ui/files/saveFile.ts";
import { isoWithOffset } from "../../../ui/format/localTime.ts";
import { notify } from "../../../ui/notices/notify.ts";
import { Slider } from "../../../ui/seldom/Slider.tsx";
import { movingPair, STANDS } from "../../../workers/codecs/write/movingPair.ts";
import { picturePdfClient } from "../../../workers/jobs/picturePdf/picturePdf.client.ts";
import { bytesOfCanvas } from "../canvasFile.ts";
import { sheetWords } from "../negativeName.ts";
import { imageOf, type PairWay, pairImage, windowed } from "./pairPictures.ts";
import type { TwoViews } from "./twoViews.ts";
import { useEyes } from "./useEyes.ts";

const WAYS: readonly { readonly id: PairWay; readonly name: string; readonly words: string }[] = [
  { id: "anaglyph", name: "Red and cyan", words: "For red and cyan glasses, red before the left eye." },
  {
    id: "half",
    name: "Softer",
    words: "For the same glasses, with a little of either picture in the other: the eyes quarrel less.",
  },
  {
    id: "parallel",
    name: "Parallel",
    words: "Look through the screen, as into the distance: the left picture for the left eye.",
  },
  {
    id: "crossed",
    name: "Crossed",
    words: "Squint until three pictures stand side by side: the middle one has depth.",
  },
  { id: "moving", name: "Moving", words: "To and fro between both eyes: depth without glasses." },
];
/** Size of a card, mm. */
const CARD = { width: 178, height: 89 } as const;

/** Two pictures of one thing, in five ways; or why there is no pair. */
export function PairOf({ views }: { readonly views: Result<TwoViews, string> }) {
  return views.ok ? <Pair views={views.value} /> : <NoPair why={views.error} />;
}

function NoPair({ why }: { readonly why: string }) {
  return (
    <p role="alert" className="text-action">
      {why}
    </p>
  );
}

function Pair({ views }: { readonly views: TwoViews }) {
  const eyes = useEyes(views);
  const [way, setWay] = useState<PairWay>("anaglyph");
  const [near, setNear] = useState<number | null>(null);
  const ready = eyes !== null && typeof eyes !== "string" ? eyes : null;
  const usual = Math.max(0.5, (30 * (ready?.base ?? 65)) / 1000);
  const metres = near ?? usual;
  const pair = useMemo(
    () => (ready === null ? null : windowed(ready, parallaxPixels(ready.base, 1000 * metres, ready.scale))),
    [ready, metres],
  );
  if (typeof eyes === "string") return <NoPair why={eyes} />;
  if (ready === null || pair === null) return <p role="status">Separating the two pictures …</p>;
  const named = sheetWords(views.left.negative);
  const png = async (): Promise<void> => {
    saveFile(fileName(`pair ${named} ${way}`, ".png"), await bytesOf(pairImage(pair, way), "image/png"), "image/png");
  };
  const gif = async (): Promise<void> =>
    saveFile(fileName(`pair ${named}`, ".gif"), await movingPair(...pair), "image/gif");
  return (
    <div className="grid gap-4" data-pair={way}>
      <Segments
        label="How to look at it"
        value={way}
        options={WAYS}
        onChoose={setWay}
        className="flex-wrap justify-self-start"
      />
      <p className="text-[0.9rem] text-quiet">{WAYS.find(({ id }) => id === way)?.words}</p>
      <PairCanvas pair={pair} way={way} />
      <Slider
        label="What lies on the window, metres"
        low="near things stand before the window"
        high={`${metres.toFixed(1)} m lies on it`}
        least={0.3}
        most={Math.max(20, Math.ceil(2 * usual))}
        step={0.1}
        value={metres}
        say={(value) => `${value.toFixed(1)} metres`}
        onSlide={setNear}
      />
      <p className="text-[0.87rem] text-quiet">
        Taken {Math.round(ready.base)} mm apart: from {((30 * ready.base) / 1000).toFixed(1)} m on both pictures join
        with ease (common practice: thirty times as far). Separated and aligned by the camera’s measures; the picture
        itself is not searched.
      </p>
      <div className="flex flex-wrap gap-2">
        <Button look="action" onClick={() => void (way === "moving" ? gif() : png())}>
          {way === "moving" ? "Save as GIF" : "Save as PNG"}
        </Button>
        <Button onClick={() => void saveCard(pair, named)}>Card at true size (PDF)</Button>
      </div>
    </div>
  );
}

function PairCanvas({ pair, way }: { readonly pair: readonly [EyePicture, EyePicture]; readonly way: PairWay }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const draw = (image: ImageData): void => {
      const element = canvas.current;
      if (element === null) return;
      element.width = image.width;
      element.height = image.height;
      element.getContext("2d")?.putImageData(image, 0, 0);
    };
    draw(pairImage(pair, way));
    if (way !== "moving") return;
    const both = pair.map(imageOf);
    let turn = 0;
    const timer = setInterval(() => draw(both[++turn % 2] as ImageData), STANDS);
    return () => clearInterval(timer);
  }, [pair, way]);
  return (
    <canvas
      ref={canvas}
      role="img"
      aria-label="The pair"
      data-pair-picture
      className="mx-auto block max-h-[60vh] max-w-full border border-ink bg-board"
    />
  );
}

async function bytesOf(image: ImageData, type: "image/png" | "image/jpeg"): Promise<Uint8Array<ArrayBuffer>> {
  const canvas = new OffscreenCanvas(image.width, image.height);
  canvas.getContext("2d")?.putImageData(image, 0, 0);
  return bytesOfCanvas(canvas, type);
}

/** A card to look at through a viewer: like points 63 mm apart. */
async function saveCard(pair: readonly [EyePicture, EyePicture], named: string): Promise<void> {
  const files = await Promise.all(pair.map((eye) => bytesOf(imageOf(eye), "image/png")));
  const [{ width, height }] = pair;
  const mm = Math.min(CARD_APART - 1, ((CARD.height - 8) * width) / height);
  const high = (mm * height) / width;
  const made = await picturePdfClient.run({
    pages: [
      {
        ...CARD,
        items: [
          ...files.map((file, index) => ({
            kind: "picture" as const,
            // The middles of both pictures, and so all like points on the window, are so far apart.
            x: CARD.width / 2 + (index - 0.5) * CARD_APART - mm / 2,
            y: (CARD.height - high) / 2,
            width: mm,
            height: high,
            file,
          })),
          {
            kind: "words" as const,
            x: 4,
            y: CARD.height - 2,
            size: 2.2,
            words: `${CARD_APART} mm between like points: print without scaling.`,
          },
        ],
      },
    ],
    title: "A pair on a card",
    createdAt: isoWithOffset(new Date()),
  });
  if (made.ok) saveFile(fileName(`pair ${named} card`, ".pdf"), made.value, "application/pdf");
  else notify(made.error.message, { urgent: true });
}
