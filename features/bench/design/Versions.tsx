import { memo, useState } from "react";
import { mediumById } from "../../../catalogue/media.ts";
import { formatFNumber } from "../../../core/basis/units/index.ts";
import {
  atVersion,
  type Camera,
  solveRequest,
  withoutVersion,
  withVersion,
} from "../../../core/camera/container/index.ts";
import { fNumber } from "../../../core/light/exposure/index.ts";
import { opticalModel } from "../../../core/light/solve/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { readableTime } from "../../../ui/format/localTime.ts";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import type { EditDesign } from "./edit.ts";
import { newVersion } from "./newVersion.ts";

/** States of a design kept under a name, to go back to. Going back can be undone like any edit. */
export const Versions = memo(function Versions({
  camera,
  onEdit,
}: {
  readonly camera: Camera;
  readonly onEdit: EditDesign;
}) {
  const words = useLengthWords();
  const [name, setName] = useState("");
  const keep = (): void => {
    onEdit("version", (now) => withVersion(now, newVersion(now, name)));
    setName("");
  };
  return (
    <Panel title="Versions">
      <div className="flex flex-wrap items-end gap-2">
        <label className="text-[0.87rem] text-quiet">
          Keep the design as it is now, as
          <input
            className="entry block w-64"
            name="version-name"
            maxLength={80}
            placeholder={`Version ${(camera.versions?.length ?? 0) + 1}`}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
        </label>
        <Button onClick={keep}>Keep it</Button>
      </div>
      <ul className="mt-2">
        {[...(camera.versions ?? [])].reverse().map((version) => {
          const then = atVersion(camera, version.id);
          const { film } = then.chambers[0];
          const { distance, aperture } = opticalModel(solveRequest(then, mediumById(film.medium)));
          return (
            <li
              key={version.id}
              data-version
              className="flex flex-wrap items-baseline gap-x-4 border-line border-b py-1.5"
            >
              <strong className="font-semibold">{version.name}</strong>
              <span className="text-[0.87rem] text-quiet">
                {readableTime(version.at)} · {words(film.width)} × {words(film.height)}, {words(distance)} from the
                hole, {formatFNumber(fNumber(distance, aperture.diameter))}
              </span>
              <span className="ml-auto flex gap-1">
                <Button
                  className="min-h-8 py-0.5"
                  onClick={() => onEdit(`back to ${version.name}`, (now) => atVersion(now, version.id))}
                >
                  Go back to it
                </Button>
                <Button
                  look="quiet"
                  className="min-h-8 py-0.5"
                  aria-label={`Forget ${version.name}`}
                  onClick={() => onEdit("version", (now) => withoutVersion(now, version.id))}
                >
                  Forget
                </Button>
              </span>
            </li>
          );
        })}
      </ul>
    </Panel>
  );
});
