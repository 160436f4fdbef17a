import type { Negative } from "../../../core/document/index.ts";
import { listNegatives, useLive } from "../../../storage/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { readableDay } from "../../../ui/format/localTime.ts";

const NONE: readonly Negative[] = [];
const readNegatives = (): Promise<readonly Negative[]> => listNegatives();

/** Scans of this camera that Proof has already: a sheet goes on the glass once. */
export function ScansOfProof({
  camera,
  onPicture,
}: {
  readonly camera: string;
  readonly onPicture: (sum: string, name: string) => void;
}) {
  const { value: negatives } = useLive(NONE, readNegatives);
  const own = negatives.filter(({ cameraId }) => cameraId === camera);
  if (own.length === 0) return null;
  return (
    <>
      <h2 className="mt-2 font-semibold">Taken in for Proof</h2>
      <div className="flex flex-wrap gap-2" data-from-proof>
        {own.map(({ id, picture, name = "a scan", at }) => (
          <Button key={id} onClick={() => onPicture(picture, name)}>
            Read {name}
            {at === undefined ? "" : `, ${readableDay(at)}`}
          </Button>
        ))}
      </div>
    </>
  );
}
