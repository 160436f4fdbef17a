import type { Result } from "../../core/basis/units/index.ts";
import type { Negative } from "../../core/document/index.ts";
import type { Fault } from "../../core/light/solve/index.ts";
import { askScan } from "../../ui/files/askScan.ts";
import { proofClient } from "../../workers/jobs/proof/proof.client.ts";
import type { ProofOrder, ProofReport } from "../../workers/jobs/proof/proofJob.ts";
import type { RunOptions } from "../../workers/transport/jobClient.ts";

type Without<T, K extends PropertyKey> = T extends unknown ? Omit<T, K> : never;
/** What is asked of a negative's scan; the file goes along by itself. */
export type ProofQuestion = Without<ProofOrder, "key" | "bytes" | "settings"> & {
  readonly settings?: ProofOrder["settings"];
};

/** Why there is no answer; `null`: it was given up. */
export type ProofFailure = string | null;

/** Asks the worker about a negative, and sends it the scan when it holds another. */
export async function askProof<K extends ProofQuestion["kind"]>(
  negative: Pick<Negative, "picture" | "settings">,
  question: Extract<ProofQuestion, { readonly kind: K }>,
  options?: RunOptions,
): Promise<Result<Extract<ProofReport, { readonly kind: K }>, ProofFailure>> {
  const order = { settings: negative.settings, ...question } as Parameters<
    typeof askScan<ProofOrder, ProofReport, Fault>
  >[2];
  const done = await askScan<ProofOrder, ProofReport, Fault>(proofClient, negative.picture, order, words, options);
  return done as Result<Extract<ProofReport, { readonly kind: K }>, ProofFailure>;
}

function words({ path, message }: Fault): string {
  const what = path === "/scan" ? "This scan" : path.slice(1).replace(/\//g, ", ");
  return `${what} ${message}.`;
}
