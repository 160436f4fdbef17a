import { type Camera, cameraKind, fieldValue, sheetRoom, withField, withHoleOpposite } from "../container/index.ts";
import type { Case, Verdict } from "./verdict.ts";

/** Turns what can't be built into verdicts with the nearest size that can. */
export function buildable({ camera, faults, words }: Case): readonly Verdict[] {
  const room = sheetRoom(camera.container, cameraKind(camera));
  const { film } = camera.chambers[0];
  const spareAcross = Math.max(0, (room.width - film.width) / 2);
  const spareUp = Math.max(0, (room.height - film.height) / 2);
  const nearest = (value: number, limit: number): number => Math.min(limit, Math.max(-limit, value));
  return faults.flatMap(({ field, message }): readonly Verdict[] => {
    const value = fieldValue(camera, field) ?? 0;
    const mend = (title: string, label: string, apply: (camera: Camera) => Camera): Verdict[] => [
      { id: `fault-${field}`, weight: "stop", title, sentence: message, fix: { label, apply } },
    ];
    switch (field) {
      case "film.width": {
        const width = Math.floor(room.width);
        return mend("The sheet is too long", `Trim the sheet to ${words(width)} long`, (c) =>
          withField(c, field, width),
        );
      }
      case "film.height": {
        const height = Math.floor(room.height);
        return mend("The sheet is too high", `Trim the sheet to ${words(height)} high`, (c) =>
          standing(withField(c, field, height)),
        );
      }
      case "film.x":
      case "film.slide":
        return mend("The sheet meets a wall or the hole", "Move the sheet back", (c) =>
          withField(c, field, nearest(value, spareAcross)),
        );
      case "film.y":
        return mend("The sheet does not stand in the container", "Move the sheet inside", (c) =>
          withField(c, field, nearest(value, spareUp)),
        );
      case "hole.x":
      case "hole.above":
        return mend("The hole is outside its face", "Move the hole opposite the sheet", withHoleOpposite);
      case "hole.openingDiameter":
        return mend("The opening is smaller than the hole", "Leave the opening out", (c) => withField(c, field, null));
      default:
        return [];
    }
  });
}

function standing(camera: Camera): Camera {
  const { film } = camera.chambers[0];
  return withField(
    camera,
    "film.y",
    camera.container.shape === "box" ? 0 : (film.height - camera.container.height) / 2,
  );
}
