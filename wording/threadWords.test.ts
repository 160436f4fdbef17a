import type { Act } from "../core/thread/index.ts";
import { actWords, stationWords } from "./threadWords.ts";

const act = (name: Act["name"], ...sheets: readonly string[]): Act => ({
  name,
  station: "developed",
  cameraId: "c",
  id: null,
  sheets,
});

test("one sheet is the sheet, several are counted; a station says its sheets where it has any", () => {
  expect(actWords(act("develop", "a"))).toBe("Develop the sheet");
  expect(actWords(act("judge", "a", "b", "c"))).toBe("Judge 3 sheets");
  expect(actWords(act("expose"))).toBe("Take a picture");
  expect(stationWords({ name: "loaded", count: 0, of: 9 })).toBe("Loaded 0 of 9");
  expect(stationWords({ name: "scanned", count: 0, of: null })).toBe("Scanned");
  expect(stationWords({ name: "scanned", count: 2, of: null })).toBe("Scanned 2");
  expect(stationWords({ name: "built", count: null, of: null })).toBe("Built");
});
