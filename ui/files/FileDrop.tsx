import { type DragEvent, type ReactNode, Suspense, useCallback, useEffect, useRef, useState } from "react";
import { cx } from "../controls/cx.ts";
import { lazyPart } from "../page/lazyPart.tsx";
import type { Dropzone } from "./Dropzone.tsx";

/** Fetched when somebody is there: the first screen does without. */
const DropzoneLater = lazyPart(() => import("./Dropzone.tsx").then((module) => ({ default: module.DropzoneEntry })));

/** What is heard of somebody who is there; files that are dragged in from elsewhere too. */
const SIGNS = ["pointermove", "pointerdown", "keydown", "dragenter"] as const;

/** Whether there was any sign of somebody since the app was opened. */
let heard = false;

function useSomebodyThere(): boolean {
  const [there, setThere] = useState(heard);
  useEffect(() => {
    if (there) return;
    const hear = (): void => {
      heard = true;
      setThere(true);
    };
    for (const sign of SIGNS) window.addEventListener(sign, hear);
    return () => {
      for (const sign of SIGNS) window.removeEventListener(sign, hear);
    };
  }, [there]);
  return there;
}

/** A place to drop files on, and the way to pick them: `children` get a function that opens the browser's own picker. */
export function FileDrop({
  as: Place,
  label,
  named,
  accept,
  multiple = false,
  className,
  onFiles,
  children,
}: {
  readonly as: "main" | "fieldset";
  /** What the place is called, where it needs a name. */
  readonly label?: string | undefined;
  /** What the hidden file entry is called. */
  readonly named: string;
  readonly accept: string;
  /** Whether several can be picked at once. */
  readonly multiple?: boolean;
  readonly className: string;
  readonly onFiles: (files: readonly File[]) => void;
  readonly children: (pick: () => void) => ReactNode;
}) {
  const there = useSomebodyThere();
  const [zone, setZone] = useState<Dropzone | null>(null);
  /** Pressed before the entry was there. */
  const wanted = useRef(false);
  const take = useCallback((there: Dropzone) => {
    setZone(there);
    if (wanted.current) there.open();
    wanted.current = false;
  }, []);
  const pick = (): void => {
    wanted.current = zone === null;
    zone?.open();
  };
  // Dropped before the entry is there: the browser would leave the page for the file.
  const early = {
    onDragOver: (event: DragEvent) => event.preventDefault(),
    onDrop: (event: DragEvent) => {
      event.preventDefault();
      onFiles([...event.dataTransfer.files]);
    },
  };
  return (
    <Place
      {...(zone?.place ?? early)}
      data-drop={zone && "ready"}
      aria-label={label}
      className={cx(className, zone?.over && "bg-kraft-pale")}
    >
      {children(pick)}
      {there && (
        <Suspense fallback={null}>
          <DropzoneLater named={named} accept={accept} multiple={multiple} onFiles={onFiles} onZone={take} />
        </Suspense>
      )}
    </Place>
  );
}
