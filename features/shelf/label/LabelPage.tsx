import { useMemo } from "react";
import { Link, useLocation, useNavigate } from "react-router";
import { cameraKind } from "../../../core/camera/container/index.ts";
import { kindRecord } from "../../../core/camera/kinds/index.ts";
import { Button, buttonClass } from "../../../ui/controls/Button.tsx";
import { changeUndoable } from "../../../ui/edits/undoable.ts";
import { isoWithOffset } from "../../../ui/format/localTime.ts";
import { readDesign } from "../../../workers/codecs/designLink.ts";
import { CameraSketch } from "../newCamera/CameraSketch.tsx";

/** Somebody else's camera, as its label's link describes it: to look at, and to keep if one likes. */
export function LabelPage({ id }: { readonly id: string }) {
  const { hash } = useLocation();
  const navigate = useNavigate();
  const read = useMemo(() => readDesign(hash.slice(1), id, isoWithOffset(new Date())), [hash, id]);
  if (!read.ok) {
    return (
      <main className="mx-auto max-w-xl p-8" role="alert">
        <h1 className="mb-3 font-semibold text-2xl">
          {hash.length > 1 ? "This label can’t be read" : "This camera is not on this shelf"}
        </h1>
        <p className="mb-4">
          {hash.length > 1
            ? read.error
            : "The label was printed before labels carried their design. It is on the shelf of whoever made it."}
        </p>
        <Link className="underline underline-offset-4" to="/">
          Back to the Shelf
        </Link>
      </main>
    );
  }
  const camera = read.value;
  const keep = async (): Promise<void> => {
    const kept = await changeUndoable("cameras", id, (stored) => stored ?? camera, `${camera.name} is on the shelf.`);
    if (kept) await navigate(`/cameras/${encodeURIComponent(id)}`);
  };
  return (
    <main className="mx-auto grid max-w-[1500px] gap-x-10 gap-y-6 px-4 pt-5 pb-16 sm:px-6 lg:grid-cols-[minmax(0,24rem)_minmax(0,1fr)]">
      <div>
        <p className="stamp">From a label</p>
        <h1 className="font-semibold text-[1.7rem] leading-tight">{camera.name}</h1>
        <p className="mt-1 text-quiet">{kindRecord(cameraKind(camera)).name}</p>
        <p className="mt-3 max-w-prose">
          The label carries this design, and nothing is on your shelf yet. If you found the camera outdoors: it may be
          at work. Leave it where it is, and shut; light spoils the picture.
        </p>
        <div className="mt-4 mb-6 flex flex-wrap gap-2">
          <Button look="action" onClick={() => void keep()}>
            Keep it on my shelf
          </Button>
          <Link to="/" className={buttonClass("plain")}>
            Only looked
          </Link>
        </div>
      </div>
      <CameraSketch camera={camera} stale={false} />
    </main>
  );
}
