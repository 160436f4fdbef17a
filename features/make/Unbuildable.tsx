import { Link } from "react-router";
import type { DesignFault } from "../../core/camera/container/index.ts";
import { useLengthWords } from "../../ui/format/UnitContext.ts";
import { limitWords } from "../../wording/limits.ts";

/** What stands in the way of building a camera, and where it is mended; fetched where something does. */
export default function Unbuildable({ fault, bench }: { readonly fault: DesignFault; readonly bench: string }) {
  const words = useLengthWords();
  return (
    <p role="alert" className="mt-3 border-action border-l-4 bg-card p-3">
      This camera can’t be built yet: {limitWords(fault.limit, words)}{" "}
      <Link to={bench} className="underline underline-offset-4">
        Mend it on the Bench
      </Link>
    </p>
  );
}
