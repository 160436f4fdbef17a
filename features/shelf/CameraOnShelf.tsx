import { useMemo } from "react";
import { Link } from "react-router";
import { mediumById } from "../../catalogue/media.ts";
import { formatFNumber } from "../../core/basis/units/index.ts";
import { silhouette } from "../../core/bench/shelfDrawing/index.ts";
import { type Camera, cameraKind, holeDiameter, lightProof } from "../../core/camera/container/index.ts";
import { kindRecord } from "../../core/camera/kinds/index.ts";
import type { Thread } from "../../core/thread/index.ts";
import { SvgScene } from "../../ui/drawing/SvgScene.tsx";
import { useLengthWords } from "../../ui/format/UnitContext.ts";
import { ThreadOnTag } from "../../ui/thread/ThreadLine.tsx";
import { useThreads } from "../../ui/thread/useThreads.ts";
import { wayTo } from "../../ui/thread/wayTo.ts";
import { actWords, stationWords } from "../../wording/threadWords.ts";
import type { OnShelf } from "./shelfData.ts";

/** Width of a tag and its margins, pixels. */
const NARROWEST = 240;

/** How much of a board a camera takes, px. */
export function widthOnShelf(camera: Camera, pixel: number): number {
  return Math.max(NARROWEST, silhouette(camera, 3 * pixel).bounds.width / pixel + 24);
}

/** One camera standing on the board, with its tag. */
function CameraOnShelf({
  camera,
  pixel,
  tallest,
  shelf,
  thread,
}: {
  readonly camera: Camera;
  readonly pixel: number;
  readonly tallest: number;
  readonly shelf: OnShelf;
  /** Where it stands on its way; missing: not known yet. */
  readonly thread: Thread | undefined;
}) {
  const page = `/cameras/${encodeURIComponent(camera.id)}`;
  const shots = shelf.shots.get(camera.id) ?? 0;
  const loaded = thread?.stations.find(({ name }) => name === "loaded");
  const words = useLengthWords();
  const scene = useMemo(() => silhouette(camera, 3 * pixel), [camera, pixel]);
  const [width, height] = [scene.bounds.width / pixel, scene.bounds.height / pixel];
  const { film } = camera.chambers[0];
  const diameter = holeDiameter(camera);
  const medium = mediumById(film.medium);
  const { name: kind, silhouette: drawn } = kindRecord(cameraKind(camera));
  return (
    <li className="grow list-none basis-60" style={{ minWidth: Math.max(NARROWEST, width + 24) }}>
      <Link to={page} tabIndex={-1} aria-hidden="true" className="block no-underline">
        <div className="flex items-end justify-center px-6" style={{ height: tallest + 16 }}>
          <div className="relative shrink-0" style={{ width, height }}>
            <SvgScene scene={scene} pixel={pixel} title={camera.name} />
            {shelf.loaded.has(camera.id) && (
              // The collar of tape round the lid: it keeps the light out, and says that something is in it.
              <span
                data-collar
                className="absolute inset-x-0 h-2.5 bg-tape"
                style={{ top: `${100 * Math.max(0.08, drawn.lid)}%` }}
              />
            )}
          </div>
        </div>
        <svg className="block h-3 w-full" preserveAspectRatio="none" viewBox="0 0 100 12" aria-hidden="true">
          <rect width="100" height="12" fill="var(--sb-kraftPale)" />
          <path d="M0 .5H100M0 11.5H100" stroke="var(--sb-kraft)" strokeWidth="1" vectorEffect="non-scaling-stroke" />
        </svg>
      </Link>
      <Tag>
        <Link to={page} className="block no-underline hover:[&_b]:underline">
          <b className="block font-semibold text-[1.05rem]">{camera.name}</b>
          <span className="block text-[0.87rem] text-quiet">{kind}</span>
          <span className="mt-1 block text-[0.93rem]">
            {typeof diameter === "number" && `${words(diameter, 3)} hole · ${formatFNumber(film.distance / diameter)}`}
          </span>
          <span className="block text-[0.87rem] text-quiet">
            {loaded != null && loaded.of !== null && `${stationWords(loaded)} · `}
            {medium.name} · {shots === 0 ? "no shots yet" : `${shots} shot${shots === 1 ? "" : "s"} logged`}
          </span>
          <span className="block text-[0.87rem] text-quiet">{PROOF[lightProof(camera).state]}</span>
        </Link>
        <div className="mt-1 min-h-[3.3rem] border-line border-t pt-1">
          {thread && (
            <>
              <ThreadOnTag thread={thread} />
              <Link
                to={wayTo(thread.next)}
                data-next={thread.next.name}
                className="mt-0.5 block py-0.5 font-semibold text-[0.87rem] underline-offset-4 hover:underline"
              >
                {actWords(thread.next)}
              </Link>
            </>
          )}
        </div>
      </Tag>
    </li>
  );
}

const PROOF = { untested: "not proved light-tight", proved: "proved light-tight", leaks: "leaks light" } as const;

/** A parcel tag hung from the board by its hole. */
function Tag({ children }: { readonly children: React.ReactNode }) {
  return (
    <div className="relative mx-auto mt-3 w-[13.5rem] border border-line bg-card px-3 pt-5 pb-2.5 [clip-path:polygon(0.9rem_0,calc(100%-0.9rem)_0,100%_0.9rem,100%_100%,0_100%,0_0.9rem)]">
      <span
        className="absolute top-1.5 left-1/2 size-2.5 -translate-x-1/2 rounded-full border border-kraft bg-board"
        aria-hidden="true"
      />
      {children}
    </div>
  );
}

/** Cameras side by side, each with where it stands on its way. */
export function Board({
  cameras,
  ...rest
}: {
  readonly cameras: readonly Camera[];
  readonly pixel: number;
  readonly tallest: number;
  readonly shelf: OnShelf;
}) {
  const threads = useThreads(cameras);
  return cameras.map((camera) => (
    <CameraOnShelf key={camera.id} camera={camera} thread={threads.get(camera.id)} {...rest} />
  ));
}
