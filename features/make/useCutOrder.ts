import { useEffect, useMemo, useState } from "react";
import type { Camera } from "../../core/camera/container/index.ts";
import type { CutOrder } from "../../core/make/cutsheet/index.ts";
import { useLengthWords } from "../../ui/format/UnitContext.ts";
import { useExperience } from "../../ui/records/useExperience.ts";
import { cutOrder } from "./cutOrder.ts";

/** What the papers of a camera are drawn from, followed as the log learns; without a label's code. */
export function useCutOrder(camera: Camera): CutOrder {
  return useOrder(camera, null);
}

/** The same with its label's code. @returns the order; its code is `null` until the part that makes it has come */
export function useCutOrderWithCode(camera: Camera): CutOrder {
  const [codeOf, setCodeOf] = useState<((camera: Camera) => CutOrder["code"]) | null>(null);
  useEffect(() => {
    let gone = false;
    void import("./labelCode.ts").then(({ labelCode }) => !gone && setCodeOf(() => labelCode));
    return () => {
      gone = true;
    };
  }, []);
  const code = useMemo(() => codeOf?.(camera) ?? null, [codeOf, camera]);
  return useOrder(camera, code);
}

function useOrder(camera: Camera, code: CutOrder["code"]): CutOrder {
  const words = useLengthWords();
  const log = useExperience();
  return useMemo(() => cutOrder(camera, words, code, log), [camera, words, code, log]);
}
