import { EmptyProof } from "../EmptyProof.tsx";
import { ProofPages } from "../ProofPages.tsx";
import { useProof } from "../useProof.ts";
import type { HangData } from "./hangData.ts";
import { Wall } from "./Wall.tsx";

/** Proof, Hang: positives arranged, captioned from the log, on paper. */
export function HangPage({ loaded }: { readonly loaded: HangData }) {
  const proof = useProof(loaded);
  return (
    <main className="mx-auto max-w-[80rem] px-4 pb-16 sm:px-6" data-proof="hang">
      <ProofPages />
      {proof.negatives.length === 0 ? <EmptyProof /> : <Wall proof={proof} loaded={loaded.hang} />}
    </main>
  );
}
