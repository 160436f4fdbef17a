import { useEffect, useState } from "react";
import type { KeptView } from "../../core/document/index.ts";
import type { SweptView } from "../../core/viewfinder/index.ts";
import { readView } from "./keptView.ts";

/** What was seen, read from where it is kept; `null`: not yet, or not here. */
export function useKeptView(kept: KeptView | null): SweptView | null {
  const [read, setRead] = useState<{ readonly of: string; readonly view: SweptView | null } | null>(null);
  const of = kept?.picture ?? null;
  const across = kept?.across ?? 0;
  useEffect(() => {
    if (of === null) return;
    let gone = false;
    void readView({ picture: of, across }).then((view) => {
      if (!gone) setRead({ of, view });
    });
    return () => {
      gone = true;
    };
  }, [of, across]);
  return read?.of === of ? read.view : null;
}
