import { useEffect, useMemo, useRef } from "react";
import { type DropzoneRootProps, useDropzone } from "react-dropzone";

/** What the place round a file entry needs of it. */
export interface Dropzone {
  /** For the element on which files are dropped. */
  readonly place: DropzoneRootProps;
  /** Whether files hang over it now. */
  readonly over: boolean;
  /** Opens the browser's own picker. */
  readonly open: () => void;
}

/**
 * The hidden entry behind a {@link FileDrop}. What kind a file is its reader finds out and says; so files of any kind may
 * be dropped, and only the picker is told which are meant.
 */
export function DropzoneEntry({
  named,
  accept,
  multiple,
  onFiles,
  onZone,
}: {
  readonly named: string;
  readonly accept: string;
  readonly multiple: boolean;
  readonly onFiles: (files: readonly File[]) => void;
  /** Told whenever what the place needs is another. */
  readonly onZone: (zone: Dropzone) => void;
}) {
  const latest = useRef(onFiles);
  latest.current = onFiles;
  const taken = useMemo(() => ({ onDrop: (files: File[]) => latest.current(files) }), []);
  const { getRootProps, getInputProps, isDragActive, open } = useDropzone({
    onDrop: taken.onDrop,
    noClick: true,
    noKeyboard: true,
  });
  useEffect(() => {
    // Not its role and its key: the place is no button.
    const { ref, onDragEnter, onDragOver, onDragLeave, onDrop } = getRootProps();
    onZone({
      place: { ref, onDragEnter, onDragOver, onDragLeave, onDrop } as DropzoneRootProps,
      over: isDragActive,
      open,
    });
  }, [getRootProps, isDragActive, open, onZone]);
  return <input {...getInputProps({ accept, multiple, "aria-label": named, className: "sr-only", style: {} })} />;
}
