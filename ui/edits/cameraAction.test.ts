import "fake-indexeddb/auto";
import type { Camera } from "../../core/camera/container/index.ts";
import { testCamera } from "../../core/testing/cameras.ts";
import { changeAsStep, getEdited } from "../../storage/index.ts";
import { cameraAction } from "./cameraAction.ts";

const NOW = "2026-05-01T10:00:00+01:00";
const FOUND: Camera = { ...testCamera("flat-box"), id: "found" };

test("Undo of what brought a camera to the shelf leads away from its page; Redo brings it there again", async () => {
  const kept = await changeAsStep("cameras", "found", (stored) => stored ?? FOUND, { label: "found", now: NOW });
  expect(kept.ok).toBe(true);
  expect(await cameraAction("found", { type: "undo" })).toEqual({ failed: null, stored: null, go: "/" });
  expect((await getEdited("cameras", "found")).ok).toBe(false);
  const again = await cameraAction("found", { type: "redo" });
  expect(again).toMatchObject({ failed: null, stored: { id: "found" }, go: null });
});

test("Undo with nothing to take back stays where it is", async () => {
  const answer = await cameraAction("found", { type: "redo" });
  expect(answer).toMatchObject({ failed: null, stored: { id: "found" }, go: null });
});
