import type { MessagePort } from "node:worker_threads";
import { inflateSync } from "node:zlib";
import type { MeasurePicture, NegativeTrouble, SunTrouble } from "../app/serverContext.ts";
import { failure, type Result, success } from "../core/basis/units/index.ts";
import type { JudgeAnswer, ProofSettings } from "../core/negative/index.ts";
import { type SunRequest, sunAnswer } from "../core/sun/index.ts";
import type { Decoders } from "../workers/codecs/read/readScan.ts";
import { holeInFile } from "../workers/jobs/hole/holeJob.ts";
import { judgeInFile, type ProofAnswer, proofInFile } from "../workers/jobs/proof/proofFile.ts";
import { skyTools } from "../workers/jobs/sun/skyTools.ts";

interface Negative {
  readonly bytes: Uint8Array<ArrayBuffer>;
  readonly settings: ProofSettings;
}

/** The work that threads are for. */
export interface PictureJobs {
  readonly measure: MeasurePicture;
  readonly proof: (negative: Negative) => Promise<Result<ProofAnswer, NegativeTrouble>>;
  readonly judge: (negative: Negative) => Promise<Result<JudgeAnswer, NegativeTrouble>>;
  readonly sun: (request: SunRequest) => Promise<Result<Uint8Array<ArrayBuffer>, SunTrouble>>;
}

/** One piece of work, and told when the work begins: waiting in the queue does not count. */
export type PictureTask = {
  [K in keyof PictureJobs]: {
    readonly kind: K;
    readonly input: Parameters<PictureJobs[K]>[0];
    readonly begun: MessagePort;
  };
}[keyof PictureJobs];

const decoders: Decoders = { inflate: async (zlib, most) => inflateSync(zlib, { maxOutputLength: most }) };

const jobs: PictureJobs = {
  measure: async (order) => {
    const measured = await holeInFile(order, decoders);
    if (measured.ok) return success(measured.value.answer);
    const { error } = measured;
    return failure(error.kind === "file" ? error : { kind: "hole", refusal: error.refusal });
  },
  proof: async ({ bytes, settings }) => {
    const proof = await proofInFile(bytes, settings, decoders);
    return proof.ok ? proof : failure({ kind: "fault", fault: proof.error });
  },
  judge: async ({ bytes, settings }) => {
    const judged = await judgeInFile(bytes, settings, decoders);
    return judged.ok ? judged : failure({ kind: "fault", fault: judged.error });
  },
  // Written out here: half a million moments take longer to write than to reckon.
  sun: async (request) => success(new TextEncoder().encode(JSON.stringify(sunAnswer(request, skyTools)))),
};

/** One piece of work, in a thread of its own that can be ended from outside. */
export default async function work({ kind, input, begun }: PictureTask): Promise<unknown> {
  begun.postMessage(null);
  begun.close();
  return (jobs[kind] as (input: unknown) => ReturnType<PictureJobs[typeof kind]>)(input);
}
