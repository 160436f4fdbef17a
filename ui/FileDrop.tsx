import { type DragEvent, type ReactNode, useRef, useState } from "react";
import { cx } from "./cx.ts";

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
  const [over, setOver] = useState(false);
  const picker = useRef<HTMLInputElement>(null);
  return (
    <Place
      aria-label={label}
      className={cx(className, over && "bg-kraft-pale")}
      onDragOver={(event: DragEvent) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event: DragEvent) => {
        event.preventDefault();
        setOver(false);
        onFiles([...event.dataTransfer.files]);
      }}
    >
      {children(() => picker.current?.click())}
      <input
        ref={picker}
        type="file"
        accept={accept}
        multiple={multiple}
        className="sr-only"
        aria-label={named}
        tabIndex={-1}
        onChange={(event) => {
          // The list empties itself when the entry is cleared for the next choice.
          onFiles([...(event.target.files ?? [])]);
          event.target.value = "";
        }}
      />
    </Place>
  );
}
