import { useNavigate } from "react-router";
import { allMedia, mediumById } from "../../../catalogue/media.ts";
import type { Camera } from "../../../core/camera/container/index.ts";
import type { CameraName } from "../../../storage/index.ts";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { IsoField } from "../../../ui/controls/entries/IsoField.tsx";
import { Term } from "../../../ui/words/Term.tsx";

/** Which camera, what is in it, how fast that is. */
export function SetupRow({
  cameras,
  camera,
  mediumId,
  iso,
  loaded,
  onMedium,
  onIso,
}: {
  readonly cameras: readonly CameraName[];
  readonly camera: Camera;
  readonly mediumId: string;
  readonly iso: number;
  /** Whether what is in it is noted: then the load says what it is. */
  readonly loaded: boolean;
  readonly onMedium: (id: string) => void;
  readonly onIso: (iso: number) => void;
}) {
  const navigate = useNavigate();
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)_4.5rem] gap-3">
      <Choice
        label="Camera"
        value={camera.id}
        options={cameras}
        onChoose={(id) => void navigate(`/field?camera=${encodeURIComponent(id)}`)}
      />
      {loaded ? (
        <p className="col-span-2">
          <span className="block text-[0.87rem] text-quiet">In it</span>
          {mediumById(mediumId).name}, <Term id="iso">ISO</Term> {iso}
        </p>
      ) : (
        <>
          <Choice label="Paper or film" value={mediumId} options={allMedia()} onChoose={onMedium} />
          <IsoField name="iso" value={iso} onTake={onIso} />
        </>
      )}
    </div>
  );
}
