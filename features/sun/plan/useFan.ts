import { useEffect, useRef, useState } from "react";
import type { SunRequest } from "../../../core/sun/index.ts";
import { latestOnly } from "../../../ui/edits/latestOnly.ts";
import { sunClient } from "../../../workers/jobs/sun/sun.client.ts";
import type { FanReport } from "../../../workers/jobs/sun/sun.ts";

/** A fan and what it was reckoned for. */
export interface Fan {
  readonly request: SunRequest;
  readonly report: FanReport;
}

/**
 * The fan of a plan, from the worker; the last one stands until the next is there. One is reckoned at a time: a hand that
 * moves sixty times a second does not leave sixty fans waiting behind it.
 */
export function useFan(
  request: SunRequest,
  seed: number,
): { readonly fan: Fan | null; readonly failed: string | null } {
  const [fan, setFan] = useState<Fan | null>(null);
  const [failed, setFailed] = useState<string | null>(null);
  const here = useRef(true);
  const [ask] = useState(() =>
    latestOnly(async (asked: { readonly request: SunRequest; readonly seed: number }) => {
      const done = await sunClient.run({ kind: "fan", ...asked });
      if (!here.current) return;
      if (!done.ok) setFailed(done.error.message);
      else if (done.value.kind === "fan") {
        setFan({ request: asked.request, report: done.value.fan });
        setFailed(null);
      }
    }),
  );
  useEffect(() => {
    here.current = true;
    return () => {
      here.current = false;
    };
  }, []);
  useEffect(() => ask({ request, seed }), [ask, request, seed]);
  return { fan, failed };
}
