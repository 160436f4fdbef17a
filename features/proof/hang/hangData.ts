import { type HangSettings, hangChoices } from "../../../storage/index.ts";
import { type ProofData, readProof } from "../proofData.ts";

/** What Hang shows. */
export interface HangData extends ProofData {
  readonly hang: HangSettings;
}

/** Reads the negatives, and how they were hung last. */
export async function readHang(): Promise<HangData> {
  const [proof, hang] = await Promise.all([readProof(), hangChoices.read()]);
  return { ...proof, hang };
}
