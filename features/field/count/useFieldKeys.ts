import { useEffect, useRef } from "react";
import { tinykeys } from "tinykeys";

/** Space opens and closes the hole, unless a control has the key. */
export function useFieldKeys(onSpace: () => void): void {
  const latest = useRef(onSpace);
  latest.current = onSpace;
  useEffect(() => {
    const space = (event: KeyboardEvent): void => {
      if (event.target instanceof HTMLElement && event.target.closest("input, select, textarea, button, a, summary"))
        return;
      event.preventDefault();
      latest.current();
    };
    return tinykeys(window, { Space: space });
  }, []);
}
