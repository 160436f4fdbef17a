import { failure, type Result, success } from "../../core/basis/units/index.ts";
import type { Negative } from "../../core/document/index.ts";
import { readPicture } from "../../storage/index.ts";
import type { RunOptions } from "../../workers/jobClient.ts";
import { proofClient } from "../../workers/proof.client.ts";
import type { ProofOrder, ProofReport } from "../../workers/proof.ts";

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
  const { picture: key } = negative;
  const order = { settings: negative.settings, ...question, key } as unknown as Without<ProofOrder, "bytes">;
  let done = await proofClient.run({ ...order, bytes: null } as ProofOrder, options);
  if (done.ok && done.value.ok && done.value.value.kind === "send") {
    const picture = await readPicture(key);
    if (picture === null) return failure("The scan of this negative is not in this browser.");
    done = await proofClient.run({ ...order, bytes: picture.bytes } as ProofOrder, options);
  }
  if (!done.ok) return failure(done.error.reason === "cancelled" ? null : done.error.message);
  if (!done.value.ok) return failure(words(done.value.error));
  return success(done.value.value as Extract<ProofReport, { readonly kind: K }>);
}

function words({ path, message }: { readonly path: string; readonly message: string }): string {
  const what = path === "/scan" ? "This scan" : path.slice(1).replace(/\//g, ", ");
  return `${what} ${message}.`;
}
