import type { Act } from "../../core/thread/index.ts";
import { isHere, pageFor, wayTo } from "./wayTo.ts";

const act = (name: Act["name"], id: string | null = null): Act => ({
  name,
  station: "exposed",
  cameraId: "hat box",
  id,
  sheets: [],
});

test("an act leads to its page with its camera or its record; what it is not about is left out", () => {
  expect(wayTo(act("expose"))).toBe("/field?camera=hat%20box");
  expect(wayTo(act("build"))).toBe("/cameras/hat%20box/make/build");
  expect(wayTo(act("scan", "a&b"))).toBe("/proof?shot=a%26b");
  expect(wayTo(act("scan"))).toBe("/proof");
  expect(wayTo(act("judge", "n"))).toBe("/proof/judge?negative=n");
  expect(wayTo(act("take-down", "t"))).toBe("/sun/put-up?trail=t");
});

test("a page goes over to another camera: its own pages by their address, others by asking for it", () => {
  expect(pageFor("/cameras/tin/make/hole", "hat box")).toBe("/cameras/hat%20box/make/hole");
  expect(pageFor("/cameras/tin", "b")).toBe("/cameras/b");
  expect(pageFor("/proof/judge", "b")).toBe("/proof/judge?camera=b");
});

test("one is there where the page is open with what the act is about", () => {
  expect(isHere("/field?camera=a", "/field", "")).toBe(true);
  expect(isHere("/proof/judge?negative=n", "/proof/judge", "?negative=n")).toBe(true);
  expect(isHere("/proof/judge?negative=n", "/proof/judge", "?negative=m")).toBe(false);
  expect(isHere("/proof?shot=s", "/proof/judge", "?shot=s")).toBe(false);
});
