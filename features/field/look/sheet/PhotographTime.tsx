import { useMemo } from "react";
import { formatTime } from "../../../../core/basis/units/index.ts";
import type { Camera } from "../../../../core/camera/container/index.ts";
import { useLengthWords } from "../../../../ui/format/UnitContext.ts";
import { useExperience } from "../../../../ui/records/useExperience.ts";
import type { Photograph } from "../../../../workers/jobs/photograph/photograph.ts";
import { companionOf, numberOf } from "../../expose/others/companions.ts";
import { placeOf } from "../../placeOf.ts";
import type { LookData } from "../lookData.ts";

/** The time by the light of the photograph that is looked through, as Expose reckons it. */
export function PhotographTime({
  camera,
  photograph,
  data: { kit, counts },
}: {
  readonly camera: Camera;
  readonly photograph: Photograph;
  readonly data: LookData;
}) {
  const log = useExperience();
  const words = useLengthWords();
  const { load, meters } = kit;
  const next = useMemo(() => {
    const source = { by: "photograph", photograph, file: null, spots: [] } as const;
    return companionOf({ camera, load }, counts, { source, meters, log, words });
  }, [camera, load, counts, photograph, meters, log, words]);
  if (typeof next === "string") return null;
  const place = placeOf({ place: next.place, number: numberOf(camera, next.place) });
  return (
    <p className="font-semibold text-[1.2rem]" data-photograph-time>
      {formatTime(next.seconds)} by the light of this photograph
      <span className="block font-normal text-[0.87rem] text-quiet">
        {[next.medium.name, place && `for ${place}`].filter(Boolean).join(", ")}. The light goes along to the time; mark
        places in it there.
      </span>
    </p>
  );
}
