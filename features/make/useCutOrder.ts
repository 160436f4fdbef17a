import { useEffect, useMemo, useState } from "react";
import type { Camera } from "../../core/camera/container/index.ts";
import type { CutOrder } from "../../core/make/cutsheet/index.ts";
import { useLengthWords } from "../../ui/format/UnitContext.ts";
import { notify } from "../../ui/notices/notify.ts";
import { useExperience } from "../../ui/records/useExperience.ts";
import { cutOrder } from "./cutOrder.ts";

/** What the papers of a camera are drawn from, followed as the log learns. */
export function useCutOrder(camera: Camera, code: CutOrder["code"] = null): CutOrder {
  const words = useLengthWords();
  const log = useExperience();
  return useMemo(() => cutOrder(camera, words, code, log), [camera, words, code, log]);
}

type CodeOf = (camera: Camera) => CutOrder["code"];

/** The same with its label's code; `waits` while the part that makes the code is on its way. Where it can't be fetched, that is said. */
export function useCutOrderWithCode(camera: Camera): { readonly order: CutOrder; readonly waits: boolean } {
  const [codeOf, setCodeOf] = useState<CodeOf | null>(null);
  useEffect(() => {
    let gone = false;
    const take = (made: CodeOf): void => {
      if (!gone) setCodeOf(() => made);
    };
    import("./labelCode.ts").then(
      ({ labelCode }) => take(labelCode),
      () => {
        take(() => null);
        notify("The label goes without its code: a part of Still Box can’t be fetched. Load the page anew.", {
          urgent: true,
        });
      },
    );
    return () => {
      gone = true;
    };
  }, []);
  const code = useMemo(() => codeOf?.(camera) ?? null, [codeOf, camera]);
  return { order: useCutOrder(camera, code), waits: codeOf === null };
}
