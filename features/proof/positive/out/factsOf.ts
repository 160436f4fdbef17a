import type { Negative } from "../../../../core/document/index.ts";
import { opticalModel } from "../../../../core/light/solve/index.ts";
import type { PictureFacts } from "../../../../workers/codecs/write/pictureFacts.ts";
import { negativeName } from "../../negativeName.ts";
import type { Proof } from "../../useProof.ts";

/** What is written into a negative's file. */
export function factsOf(negative: Negative, proof: Pick<Proof, "shots" | "cameras">): PictureFacts {
  const shot = proof.shots.find(({ id }) => id === negative.exposureId) ?? null;
  const camera = proof.cameras.find(({ id }) => id === negative.cameraId) ?? null;
  const model = negative.settings.camera ? opticalModel(negative.settings.camera) : null;
  return {
    camera: shot?.cameraName ?? camera?.name ?? "A camera made by hand",
    subject: negativeName(negative, proof),
    fNumber: model === null ? (shot?.fNumber ?? null) : model.distance / model.aperture.diameter,
    seconds: shot?.seconds ?? null,
    iso: negative.settings.medium.iso,
    openedAt: shot?.openedAt ?? null,
  };
}
