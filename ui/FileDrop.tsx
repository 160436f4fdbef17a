import type { ReactNode } from "react";
import { useDropzone } from "react-dropzone";
import { cx } from "./cx.ts";

/** A place to drop files on, and the way to pick them: `children` get a function that opens the browser's own picker. */
export function FileDrop({
  as: Place,
  label,
  named,
  accept,
  className,
  onFiles,
  children,
}: {
  readonly as: "main" | "fieldset";
  /** What the place is called, where it needs a name. */
  readonly label?: string | undefined;
  /** What the hidden file entry is called. */
  readonly named: string;
  /** Kinds of file the picker offers; what is dropped is judged by what is in it. */
  readonly accept: string;
  readonly className: string;
  readonly onFiles: (files: readonly File[]) => void;
  readonly children: (pick: () => void) => ReactNode;
}) {
  const { getRootProps, getInputProps, open, isDragActive } = useDropzone({
    onDrop: (files) => onFiles(files),
    noClick: true,
    noKeyboard: true,
    // The browser's classic picker: the newer one can't be reached by every assistive tool.
    useFsAccessApi: false,
  });
  const { role: _, tabIndex: __, ...root } = getRootProps();
  return (
    <Place aria-label={label} {...root} className={cx(className, isDragActive && "bg-kraft-pale")}>
      {children(open)}
      <input {...getInputProps({ accept, "aria-label": named, tabIndex: -1, className: "sr-only", style: {} })} />
    </Place>
  );
}
