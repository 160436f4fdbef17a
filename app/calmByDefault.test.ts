import { DEFAULT_CONTRAST } from "../core/camera/container/index.ts";
import { kinds } from "../core/camera/kinds/index.ts";
import { optimum } from "../core/light/hole/index.ts";
import { inMm } from "../core/testing/cameras.ts";
import { readDesign } from "../features/bench/readings/reading.ts";
import { startForm } from "../features/shelf/newCamera/newCameraForm.ts";
import { readNewCamera } from "../features/shelf/newCamera/readNewCamera.ts";

test.each(kinds.map(({ id }) => id))(
  "a new %s as the form starts has no complaint that its own defaults cause",
  (kind) => {
    const { camera } = readNewCamera(
      startForm(kind, "mm", "Potting-shed find"),
      "mm",
      "new",
      "2026-05-01T10:00:00+01:00",
    );
    if (camera === null) throw new Error("no camera");
    const { verdicts } = readDesign(camera, optimum(DEFAULT_CONTRAST, 0.95), inMm);
    expect(verdicts.map(({ id, title, sentence }) => `${id}: ${title}. ${sentence}`)).toEqual([]);
  },
);
