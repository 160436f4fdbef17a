import { useRef, useState } from "react";
import type { HoleAnswer, PixelPoint } from "../../../core/make/holeScan/index.ts";
import { holeClient } from "../../../workers/jobs/hole/hole.client.ts";
import type { HoleReport, HoleTrouble } from "../../../workers/jobs/hole/holeJob.ts";

/** A picture file as it was given. */
export interface PictureFile {
  readonly name: string;
  readonly bytes: Uint8Array<ArrayBuffer>;
}

/** A picture in hand, with what the maker said of it. */
export interface PictureInHand extends PictureFile {
  readonly dpi: number | null;
  readonly at: PixelPoint | null;
  readonly encoding: "linear" | "srgb" | null;
}

/** What came of measuring it. */
export type Outcome =
  | { readonly state: "measuring" }
  | { readonly state: "measured"; readonly report: HoleReport }
  | { readonly state: "refused"; readonly trouble: HoleTrouble }
  | { readonly state: "failed"; readonly message: string };

/** One picture after another, measured in the worker; only the newest answer counts. */
export interface Measuring {
  readonly inHand: PictureInHand | null;
  readonly outcome: Outcome | null;
  readonly open: (file: PictureFile) => void;
  /** Measures the picture in hand again, with something else said of it. */
  readonly again: (said: Partial<Omit<PictureInHand, "name" | "bytes">>) => void;
}

/**
 * @param offered a picture that came from the scanner; each is measured once, when it comes
 * @param onMeasured told of every picture whose hole was measured in mm
 */
export function useMeasuring(
  offered: PictureFile | null,
  onMeasured: (bytes: PictureFile["bytes"], answer: HoleAnswer) => void,
): Measuring {
  const [inHand, setInHand] = useState<PictureInHand | null>(null);
  const [outcome, setOutcome] = useState<Outcome | null>(null);
  const run = useRef(0);
  const taken = useRef<PictureFile | null>(null);
  const measure = async (next: PictureInHand): Promise<void> => {
    const mine = ++run.current;
    setInHand(next);
    setOutcome({ state: "measuring" });
    const { bytes, dpi, at, encoding } = next;
    const done = await holeClient.run({ bytes, dpi, at, encoding, views: true });
    if (mine !== run.current) return;
    if (!done.ok) setOutcome({ state: "failed", message: done.error.message });
    else if (done.value.ok) {
      setOutcome({ state: "measured", report: done.value.value });
      if (done.value.value.answer !== null) onMeasured(bytes, done.value.value.answer);
    } else setOutcome({ state: "refused", trouble: done.value.error });
  };
  const open = ({ name, bytes }: PictureFile): void =>
    void measure({ name, bytes, dpi: null, at: null, encoding: null });
  if (offered !== null && taken.current !== offered) {
    taken.current = offered;
    queueMicrotask(() => open(offered));
  }
  return {
    inHand,
    outcome,
    open,
    again: (said) => {
      if (inHand !== null) void measure({ ...inHand, ...said });
    },
  };
}
