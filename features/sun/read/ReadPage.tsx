import { Link } from "react-router";
import { buttonClass } from "../../../ui/controls/Button.tsx";
import { SunPages } from "../SunPages.tsx";
import type { SunData } from "../sunData.ts";
import { useSun } from "../useSun.ts";
import { ReadOf } from "./ReadOf.tsx";

/** Sun, Read: the finished sheet, how its camera really stood, and the weather it tells. */
export function ReadPage({ loaded }: { readonly loaded: SunData }) {
  const sun = useSun(loaded);
  const { trail, camera } = sun;
  return (
    <main className="mx-auto max-w-[1500px] px-4 pb-16 sm:px-6" data-sun="read">
      <SunPages sun={sun} />
      {trail === null || camera === null ? (
        <div className="grid justify-items-start gap-3">
          <p>
            {trail === null
              ? "A sheet is read beside its plan: where it stood, from when to when."
              : "The camera of this plan is gone. Bring it back on the Shelf."}
          </p>
          <Link to="/sun" className={buttonClass("action")}>
            To the plans
          </Link>
        </div>
      ) : (
        <ReadOf key={trail.id} stored={trail} camera={camera} />
      )}
    </main>
  );
}
