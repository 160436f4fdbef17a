import { EmptyProof } from "../EmptyProof.tsx";
import { NegativeStrip } from "../NegativeStrip.tsx";
import { ProofPages } from "../ProofPages.tsx";
import type { ProofData } from "../proofData.ts";
import { useProof } from "../useProof.ts";
import { PositiveOf } from "./PositiveOf.tsx";

/** Proof, Positive: the negative as a picture, upright and the right way round. */
export function PositivePage({ loaded }: { readonly loaded: ProofData }) {
  const proof = useProof(loaded);
  const { negative } = proof;
  return (
    <main className="mx-auto max-w-[84rem] px-4 pb-16 sm:px-6" data-proof="positive">
      <ProofPages />
      <NegativeStrip proof={proof} />
      {negative === null ? <EmptyProof /> : <PositiveOf key={negative.id} proof={proof} negative={negative} />}
    </main>
  );
}
