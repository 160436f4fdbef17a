import type { Count } from "../../../core/document/index.ts";
import { readShot } from "../count/logShot.ts";
import { readLogAction } from "./logAction.ts";

const COUNT: Count = {
  id: "one",
  cameraId: "shed",
  openedMs: 1,
  closedMs: 2,
  pauses: [],
  targetSeconds: 26,
  medium: "rc-graded",
  iso: 6,
  fNumber: 226,
  light: "Full sun",
  words: { subject: "", note: "" },
};
const SHOT = {
  count: COUNT,
  seconds: "26 s",
  openedAt: "2026-06-13T16:20:00+01:00",
  light: "Full sun",
  subject: "",
  where: "",
  weather: "",
  note: "",
};

test("a shot that is sent is one with all its entries; anything else is none", () => {
  expect(readShot(SHOT)).toEqual(SHOT);
  for (const name of Object.keys(SHOT)) {
    const { [name as keyof typeof SHOT]: _, ...without } = SHOT;
    expect(readShot(without)).toBeNull();
  }
  expect(readShot({ ...SHOT, count: { ...COUNT, iso: "6" } })).toBeNull();
  expect(readShot({ ...SHOT, count: { ...COUNT, fNumber: Number.NaN } })).toBeNull();
  for (const none of [null, 3, "shot", []]) expect(readShot(none)).toBeNull();
});

test("the log changes, deletes and takes back, and nothing else", () => {
  const gone = { type: "delete", id: "a", label: "The shot is deleted." };
  const edit = { type: "edit", id: "a", label: "wind", changes: [{ path: ["note"], before: "", after: "wind" }] };
  for (const asked of [gone, edit, { type: "take back", step: 4 }]) expect(readLogAction(asked)).toEqual(asked);
  for (const wrong of [
    { id: 3 },
    { label: 4 },
    { label: "x".repeat(2000) },
    { changes: {} },
    { changes: [{ path: "note" }] },
  ]) {
    expect(readLogAction({ ...edit, ...wrong })).toBeNull();
  }
  for (const none of [
    null,
    "delete",
    { type: "delete" },
    { ...gone, id: 3 },
    { type: "take back", step: "4" },
    { type: "burn", id: "a" },
  ]) {
    expect(readLogAction(none)).toBeNull();
  }
});
