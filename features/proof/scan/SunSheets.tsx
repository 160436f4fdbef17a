import type { Camera } from "../../../core/camera/container/index.ts";
import type { Trail } from "../../../core/document/index.ts";
import { listRecords, pictureFile, useLive } from "../../../storage/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { notify } from "../../../ui/notices/notify.ts";
import type { ProofData } from "../proofData.ts";

const NONE: readonly Trail[] = [];
const readTrails = (): Promise<readonly Trail[]> => listRecords("trails");

/** Sheets whose scan was taken in to be read in Sun and is no negative here yet: it goes on the glass once. */
export function SunSheets({
  data,
  busy,
  onScan,
}: {
  readonly data: ProofData;
  readonly busy: boolean;
  readonly onScan: (file: File, camera: Camera) => void;
}) {
  const { value: trails } = useLive(NONE, readTrails);
  const known = new Set(data.negatives.map(({ picture }) => picture));
  const sheets = trails.flatMap(({ id, cameraId, reading }) => {
    const camera = data.cameras.find((each) => each.id === cameraId);
    return camera && reading && !known.has(reading.picture) ? [{ id, camera, picture: reading.picture }] : [];
  });
  const take = async (picture: string, camera: Camera): Promise<void> => {
    const file = await pictureFile(picture);
    if (file === null) notify("The scan is not in this browser any more.", { urgent: true });
    else onScan(file, camera);
  };
  return sheets.map(({ id, camera, picture }) => (
    <Button key={id} disabled={busy} onClick={() => void take(picture, camera)} data-from-sun>
      Sun sheet of {camera.name}
    </Button>
  ));
}
