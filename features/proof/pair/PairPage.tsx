import { EmptyProof } from "../EmptyProof.tsx";
import { NegativeStrip } from "../NegativeStrip.tsx";
import { ProofPages } from "../ProofPages.tsx";
import type { ProofData } from "../proofData.ts";
import { useProof } from "../useProof.ts";
import { PairOf } from "./PairOf.tsx";
import { PairOfSheets } from "./PairOfSheets.tsx";
import { viewsOfHoles } from "./twoViews.ts";

/** Proof, Pair: two pictures of one thing from two places, seen as one with depth. */
export function PairPage({ loaded }: { readonly loaded: ProofData }) {
  const proof = useProof(loaded);
  const { negative, camera } = proof;
  const two = camera !== null && camera.chambers[0].holes.length === 2;
  return (
    <main className="mx-auto max-w-[80rem] px-4 pb-16 sm:px-6" data-proof="pair">
      <ProofPages />
      <NegativeStrip proof={proof} />
      {negative === null ? (
        <EmptyProof />
      ) : two ? (
        <PairOf key={negative.id} views={viewsOfHoles(negative, camera)} />
      ) : (
        <PairOfSheets key={negative.id} stored={negative} proof={proof} />
      )}
    </main>
  );
}
