import { Link } from "react-router";
import { buttonClass } from "../../../ui/controls/Button.tsx";
import { SunPages } from "../SunPages.tsx";
import type { SunData } from "../sunData.ts";
import { useSun } from "../useSun.ts";
import { PutUpOf } from "./PutUpOf.tsx";

/** Sun, Put up: from the loaded can to the scanned sheet, step by step, with the letter and the label. */
export function PutUpPage({ loaded }: { readonly loaded: SunData }) {
  const sun = useSun(loaded);
  const { trail, camera } = sun;
  return (
    <main className="mx-auto max-w-[1500px] px-4 pb-16 sm:px-6" data-sun="put-up">
      <SunPages sun={sun} />
      {trail === null ? (
        <div className="grid justify-items-start gap-3">
          <p>There is no plan yet. Where it will stand and look is planned first.</p>
          <Link to="/sun" className={buttonClass("action")}>
            Plan one
          </Link>
        </div>
      ) : (
        <PutUpOf key={trail.id} stored={trail} camera={camera} />
      )}
    </main>
  );
}
