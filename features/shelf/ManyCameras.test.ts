import { onBoards } from "./ManyCameras.tsx";

const self = (width: number): number => width;

test("a board takes what has room on it, in order; one that is wider than any board stands alone", () => {
  expect(onBoards([240, 240, 300, 240], self, 760)).toEqual([
    [240, 240],
    [300, 240],
  ]);
  expect(onBoards([240, 240, 280], self, 760)).toEqual([[240, 240, 280]]);
  expect(onBoards([900, 240], self, 760)).toEqual([[900], [240]]);
  expect(onBoards([], self, 760)).toEqual([]);
});
