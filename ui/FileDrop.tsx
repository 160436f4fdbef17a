import { lazy, type ReactNode, Suspense, useCallback, useRef, useState } from "react";
import { cx } from "./cx.ts";
import type { Dropzone } from "./Dropzone.tsx";

/** Fetched after the place is drawn: nobody drops anything in the first moment. */
const DropzoneLater = lazy(() => import("./Dropzone.tsx").then((module) => ({ default: module.DropzoneEntry })));

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
  return (
    <Place
      {...zone?.place}
      data-drop={zone && "ready"}
      aria-label={label}
      className={cx(className, zone?.over && "bg-kraft-pale")}
    >
      {children(pick)}
      <Suspense fallback={null}>
        <DropzoneLater named={named} accept={accept} multiple={multiple} onFiles={onFiles} onZone={take} />
      </Suspense>
    </Place>
  );
}
