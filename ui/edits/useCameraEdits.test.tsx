/** @jest-environment ./scripts/jest-browser.cjs */
import "fake-indexeddb/auto";
import { cleanup, render, waitFor } from "@testing-library/react/pure";
import { createMemoryRouter, RouterProvider } from "react-router";
import { type Camera, fieldValue, withField } from "../../core/camera/container/index.ts";
import { changesBetween } from "../../core/document/index.ts";
import { testCamera } from "../../core/testing/cameras.ts";
import { theDb } from "../../storage/engine/db.ts";
import {
  addCamera,
  cameraRef,
  deletedCameras,
  editRecord,
  getEdited,
  historyState,
  recoverUnsaved,
  removeCamera,
  takeBack,
} from "../../storage/index.ts";
import { cameraAction, readCameraAction } from "./cameraAction.ts";
import { deliver } from "./sendAction.ts";
import { type CameraEdits, useCameraEdits } from "./useCameraEdits.ts";
import { leaveWaiting } from "./waiting.ts";

const CAMERA: Camera = { ...testCamera("flat-box"), id: "shed" };
const depth = (mm: number) => (camera: Camera) => withField(camera, "container.depth", mm);
const tick = (id: string) => (camera: Camera) => ({
  ...camera,
  making: { ...camera.making, done: [...(camera.making?.done ?? []), id] },
});

/** The action waits here until it is let go. */
let gate: Promise<void> = Promise.resolve();

/** What the page last drawn holds. */
const hands: { now: CameraEdits | null } = { now: null };

/** A first drawing that is thrown away, as when a part of the page is not there yet. */
const first: { isThrownAway: boolean } = { isThrownAway: false };

function Page() {
  hands.now = useCameraEdits(CAMERA);
  if (first.isThrownAway) {
    first.isThrownAway = false;
    throw Promise.resolve();
  }
  return <p>{String(fieldValue(hands.now.camera, "container.depth"))}</p>;
}

/** A page that holds the camera, another one to go to, and the action both send to. */
function openPage() {
  hands.now = null;
  const router = createMemoryRouter([
    { path: "/", Component: Page },
    { path: "/elsewhere", element: <p>elsewhere</p> },
    {
      path: "/cameras/:id/edits",
      action: async ({ params, request }) => {
        const asked = readCameraAction(await request.json());
        if (asked === null) throw new Error("no edit");
        await gate;
        const answer = await cameraAction(params.id ?? "", asked);
        deliver(request, answer);
        return answer;
      },
    },
  ]);
  render(<RouterProvider router={router} />);
  const hand = (): CameraEdits => {
    if (hands.now === null) throw new Error("no hand");
    return hands.now;
  };
  return { router, hand };
}

async function storedDepth(): Promise<number | null> {
  const found = await getEdited("cameras", "shed");
  return found.ok ? fieldValue(found.value, "container.depth") : null;
}

beforeEach(async () => {
  gate = Promise.resolve();
  await Promise.all([theDb().cameras.clear(), theDb().edits.clear(), theDb().notes.clear()]);
  await addCamera(CAMERA);
});
afterEach(cleanup);

test("an edit shows at once, is noted until it is stored, and can be undone", async () => {
  const { hand } = openPage();
  hand().edit("depth", depth(90));
  await waitFor(() => expect(fieldValue(hand().camera, "container.depth")).toBe(90));
  expect(hand().saveState).toBe("saving");
  await waitFor(async () => expect(await theDb().notes.count()).toBe(1));
  await waitFor(() => expect(hand().saveState).toBe("saved"));
  expect(await storedDepth()).toBe(90);
  await waitFor(async () => expect(await theDb().notes.count()).toBe(0));
  hand().send({ type: "undo" });
  await waitFor(() => expect(fieldValue(hand().camera, "container.depth")).toBe(70));
  expect(await historyState([cameraRef("shed")])).toEqual({ undo: null, redo: "depth" });
});

test("an edit in hand when the page is left is stored all the same, and its note is struck out on the answer", async () => {
  const { router, hand } = openPage();
  let open: () => void = () => undefined;
  gate = new Promise((resolve) => {
    open = resolve;
  });
  hand().edit("depth", depth(95));
  await router.navigate("/elsewhere");
  await waitFor(async () => expect(await theDb().notes.count()).toBe(1));
  expect(await storedDepth()).toBe(70);
  open();
  await waitFor(async () => expect(await storedDepth()).toBe(95));
  await waitFor(async () => expect(await theDb().notes.count()).toBe(0));
});

test("what another tab did comes in; lists of both are merged", async () => {
  const { hand } = openPage();
  hand().edit("tick a step", tick("opaque"));
  await editRecord(
    "cameras",
    "shed",
    { label: "wall", changes: [{ path: ["container", "wall"], before: 1, after: 2 }] },
    "2026-05-01T10:00:00Z",
  );
  await editRecord(
    "cameras",
    "shed",
    { label: "tick", changes: [{ path: ["making"], after: { done: ["hole"] } }] },
    "2026-05-01T10:00:00Z",
  );
  await waitFor(() => expect(hand().camera.making?.done).toEqual(expect.arrayContaining(["opaque", "hole"])));
  await waitFor(() => expect(hand().saveState).toBe("saved"));
  const found = await getEdited("cameras", "shed");
  expect(found.ok && [...(found.value.making?.done ?? [])].sort()).toEqual(["hole", "opaque"]);
  expect(found.ok && found.value.container.wall).toBe(2);
});

test("a full disk is said and the edit stays on the screen; when there is room, trying again stores it", async () => {
  const { hand } = openPage();
  const put = jest
    .spyOn(theDb().table("cameras"), "put")
    .mockRejectedValue(Object.assign(new Error("full"), { name: "QuotaExceededError" }));
  hand().edit("depth", depth(88));
  await waitFor(() => expect(hand().saveState).toMatchObject({ reason: "full" }));
  expect(fieldValue(hand().camera, "container.depth")).toBe(88);
  put.mockRestore();
  hand().retry();
  await waitFor(() => expect(hand().saveState).toBe("saved"));
  expect(await storedDepth()).toBe(88);
});

test("an edit of a page that was killed is there at the next start", async () => {
  const { hand } = openPage();
  gate = new Promise(() => undefined);
  hand().edit("depth", depth(77));
  await waitFor(async () => expect(await theDb().notes.count()).toBe(1));
  await recoverUnsaved("2026-05-01T10:00:00Z");
  expect(await storedDepth()).toBe(77);
});

test.each([
  ["at once", false],
  ["when its page is drawn anew before it stands", true],
])(
  "an edit that still can’t be stored at the next start is on the screen %s, and stored when there is room",
  async (_, anew) => {
    const full = () => Promise.reject(Object.assign(new Error("full"), { name: "QuotaExceededError" }));
    const put = jest.spyOn(theDb().table("cameras"), "put").mockImplementation(full as never);
    const [change] = changesBetween(CAMERA, depth(88)(CAMERA));
    if (change === undefined) throw new Error("no change");
    await theDb().notes.put({
      id: "dead",
      name: "cameras" as const,
      recordId: "shed",
      label: "depth",
      changes: [change],
      at: "2026-05-01T10:00:00Z",
    });
    leaveWaiting((await recoverUnsaved("2026-05-01T10:00:00Z")).waiting);
    first.isThrownAway = anew;
    const { hand } = openPage();
    await waitFor(() => expect(hand().saveState).toMatchObject({ reason: "full" }));
    expect(fieldValue(hand().camera, "container.depth")).toBe(88);
    // Noted anew by this page: another one that starts now would find it once.
    await waitFor(async () => expect((await theDb().notes.toArray()).map(({ id }) => id)).not.toContain("dead"));
    expect(await theDb().notes.count()).toBe(1);
    put.mockRestore();
    hand().retry();
    await waitFor(() => expect(hand().saveState).toBe("saved"));
    expect(await storedDepth()).toBe(88);
  },
);

test("a camera deleted in another tab, and brought back: the edit in hand goes with it", async () => {
  const { hand } = openPage();
  gate = new Promise(() => undefined);
  hand().edit("depth", depth(91));
  await waitFor(async () => expect(await theDb().notes.count()).toBe(1));
  await removeCamera("shed", "2026-05-01T10:00:00Z");
  await waitFor(() => expect(hand().saveState).toMatchObject({ reason: "missing" }));
  const [removed] = await deletedCameras();
  await takeBack(removed?.step ?? Number.NaN, "2026-05-01T10:00:00Z");
  await recoverUnsaved("2026-05-01T10:00:00Z");
  expect(await storedDepth()).toBe(91);
});

test("only edits of a camera are taken for such", () => {
  const changes = [{ path: ["name"], before: "a", after: "b" }];
  expect(readCameraAction({ type: "edit", label: "name", changes })).toEqual({ type: "edit", label: "name", changes });
  for (const wrong of [
    null,
    "edit",
    { type: "burn" },
    { type: "edit", label: 3, changes },
    { type: "edit", label: "x".repeat(500), changes },
    { type: "edit", label: "name", changes: [null] },
    { type: "edit", label: "name", changes: [{ path: "name" }] },
    { type: "edit", label: "name", changes, stroke: 4 },
  ]) {
    expect(readCameraAction(wrong)).toBeNull();
  }
  expect(readCameraAction({ type: "undo" })).toEqual({ type: "undo" });
});
