import { Columns2, Copy, Download, Redo2, Trash2, Undo2 } from "lucide-react";
import { memo, useState } from "react";
import { Link } from "react-router";
import { type Camera, cameraKind } from "../../../core/camera/container/index.ts";
import { kindRecord } from "../../../core/camera/kinds/index.ts";
import type { HistoryState } from "../../../storage/index.ts";
import { Button, buttonClass } from "../../../ui/controls/Button.tsx";
import { cx } from "../../../ui/controls/cx.ts";
import { useConnectionTrouble } from "../../../ui/device/useConnectionTrouble.ts";
import type { CameraEdits } from "../../../ui/edits/useCameraEdits.ts";
import { ConfirmDialog } from "../../../ui/seldom/ConfirmDialog.tsx";
import type { EditDesign } from "./edit.ts";

/** Name, kind, state of saving, and {@link HeaderTools}. */
export function BenchHeader({
  camera,
  design,
  history,
  onEdit,
  onExport,
}: {
  readonly camera: Camera;
  readonly design: CameraEdits;
  readonly history: HistoryState;
  readonly onEdit: EditDesign;
  readonly onExport: () => void;
}) {
  const [name, setName] = useState<string | null>(null);
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
      <div className="min-w-0 grow basis-56">
        <h1 className="sr-only">{camera.name}</h1>
        <p className="stamp">{kindRecord(cameraKind(camera)).name}</p>
        <input
          aria-label="Name of the camera"
          aria-invalid={name?.trim() === ""}
          className="w-full border-0 border-transparent border-b bg-transparent font-semibold text-[1.7rem] leading-tight hover:border-line focus:border-ink"
          maxLength={80}
          value={name ?? camera.name}
          onChange={(event) => {
            setName(event.target.value);
            const text = event.target.value.trim();
            if (text !== "") onEdit("name", (now) => ({ ...now, name: text }));
          }}
          onBlur={() => setName(null)}
        />
        {name?.trim() === "" && (
          <p role="alert" className="text-[0.83rem] text-action">
            A camera needs a name: 1 to 80 letters. “{camera.name}” is kept until you type one.
          </p>
        )}
      </div>
      <SaveMark design={design} />
      <HeaderTools id={camera.id} name={camera.name} history={history} send={design.send} onExport={onExport} />
    </div>
  );
}

/** What can be done with the camera as a whole; not drawn again while only its measures change. */
const HeaderTools = memo(function HeaderTools({
  id,
  name,
  history,
  send,
  onExport,
}: {
  readonly id: string;
  readonly name: string;
  readonly history: HistoryState;
  readonly send: CameraEdits["send"];
  readonly onExport: () => void;
}) {
  return (
    <div className="flex flex-wrap gap-1 print:hidden">
      <Button
        onClick={() => send({ type: "undo" })}
        disabled={history.undo === null}
        title={history.undo ? `Undo: ${history.undo}` : "Nothing to undo"}
      >
        <Undo2 size={16} aria-hidden /> Undo
      </Button>
      <Button
        onClick={() => send({ type: "redo" })}
        disabled={history.redo === null}
        title={history.redo ? `Redo: ${history.redo}` : "Nothing to redo"}
      >
        <Redo2 size={16} aria-hidden /> Redo
      </Button>
      <Button look="quiet" onClick={() => send({ type: "duplicate" })}>
        <Copy size={15} aria-hidden /> <span className="max-sm:sr-only">Duplicate</span>
      </Button>
      <Link to={`/compare?one=${encodeURIComponent(id)}`} className={buttonClass("quiet")}>
        <Columns2 size={15} aria-hidden /> <span className="max-sm:sr-only">Compare</span>
      </Link>
      <Button look="quiet" onClick={onExport}>
        <Download size={15} aria-hidden /> <span className="max-sm:sr-only">File</span>
      </Button>
      <ConfirmDialog
        title={`Delete ${name}?`}
        words="The design goes; its shots stay in the log. Take a file first if you may want the design again."
        yes="Delete the camera"
        no="Keep it"
        onYes={() => send({ type: "delete" })}
        more={<Button onClick={onExport}>Take a file first</Button>}
      >
        <Button look="quiet" aria-label="Delete this camera">
          <Trash2 size={15} aria-hidden />
        </Button>
      </ConfirmDialog>
    </div>
  );
});

function SaveMark({ design }: { readonly design: CameraEdits }) {
  const { saveState } = design;
  const failed = typeof saveState === "object";
  const trouble = useConnectionTrouble();
  const saved = trouble === "memory" ? "On this page only: save it as a file" : "Saved in this browser";
  const text = failed ? saveState.message : saveState === "saving" ? "Saving…" : saved;
  return (
    <p
      role="status"
      data-save={failed ? "failed" : saveState}
      className={cx("max-w-80 text-[0.87rem]", failed ? "text-action" : "text-quiet")}
    >
      {text}
      {failed && (
        <button type="button" className="ml-2 underline underline-offset-4" onClick={design.retry}>
          Try again
        </button>
      )}
    </p>
  );
}
