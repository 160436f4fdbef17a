import { EmptyProof } from "../EmptyProof.tsx";
import { NegativeStrip } from "../NegativeStrip.tsx";
import { ProofPages } from "../ProofPages.tsx";
import type { ProofData } from "../proofData.ts";
import { useProof } from "../useProof.ts";
import { JudgeOf } from "./JudgeOf.tsx";

/** Proof, Judge: what a negative says of its time, and what else it shows. */
export function JudgePage({ loaded }: { readonly loaded: ProofData }) {
  const proof = useProof(loaded);
  return (
    <main className="mx-auto max-w-[80rem] px-4 pb-16 sm:px-6" data-proof="judge">
      <ProofPages />
      <NegativeStrip proof={proof} />
      {proof.negative === null ? (
        <EmptyProof />
      ) : (
        <JudgeOf key={proof.negative.id} proof={proof} negative={proof.negative} />
      )}
    </main>
  );
}
