import { EmptyProof } from "../EmptyProof.tsx";
import { NegativeStrip } from "../NegativeStrip.tsx";
import { ProofPages } from "../ProofPages.tsx";
import type { ProofData } from "../proofData.ts";
import { useProof } from "../useProof.ts";
import { PairOf } from "./PairOf.tsx";

/** Proof, Pair: the two pictures of a sheet from two holes, seen as one with depth. */
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
        <PairOf key={negative.id} negative={negative} camera={camera} />
      ) : (
        <p data-pair="one-hole">
          This sheet is not of a camera with two holes. A pair needs two pictures of one moment from two places: choose
          a sheet of such a camera, or design one on the Shelf.
        </p>
      )}
    </main>
  );
}
