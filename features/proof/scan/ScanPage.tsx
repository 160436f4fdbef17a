import { PROOF_CAUTIONS } from "../../../wording/proofWords.ts";
import { NegativeStrip } from "../NegativeStrip.tsx";
import { ProofPages } from "../ProofPages.tsx";
import type { ProofData } from "../proofData.ts";
import { useProof } from "../useProof.ts";
import { AddPanel } from "./AddPanel.tsx";
import { ScanOf } from "./ScanOf.tsx";

/** Proof, Scan: scans are taken in, matched to their shots, and the sheet is found in each. */
export function ScanPage({ loaded }: { readonly loaded: ProofData }) {
  const proof = useProof(loaded);
  const { negative } = proof;
  return (
    <main className="mx-auto max-w-[80rem] px-4 pb-16 sm:px-6" data-proof="scan">
      <ProofPages />
      <NegativeStrip proof={proof} />
      <AddPanel data={proof} asked={proof.askedShot} onAdded={proof.choose} />
      {negative !== null && <ScanOf key={negative.id} negative={negative} proof={proof} />}
      <section aria-label="Before the lid goes down" className="mt-6 grid gap-x-8 gap-y-2 text-[0.9rem] sm:grid-cols-3">
        {PROOF_CAUTIONS.map(({ title, words }) => (
          <div key={title}>
            <h2 className="stamp">{title}</h2>
            <p className="text-quiet">{words}</p>
          </div>
        ))}
      </section>
    </main>
  );
}
