import { Link } from "react-router";
import type { Camera } from "../../../core/camera/container/index.ts";

/** What there is to do for a camera that stays out for months. */
export function TrailNote({ camera }: { readonly camera: Camera }) {
  return (
    <div className="sheet grid gap-2 p-4" data-trail>
      <p className="font-semibold text-[2rem] leading-tight">Weeks to months</p>
      <p>
        This camera draws the sun’s trails: nothing to count. Take the tape off on a day you note, and put it on again
        when you take the camera down.
      </p>
      <p>
        <Link to={`/cameras/${encodeURIComponent(camera.id)}/make/build`} className="underline underline-offset-4">
          How to put it up, and take it down
        </Link>
      </p>
    </div>
  );
}
