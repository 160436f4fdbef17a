import { readFileSync } from "node:fs";
import { DOCUMENTS, documentFor } from "./documents.ts";

const of = (path: string) => documentFor(new URL(path, "http://localhost"));

test.each([
  ["/", "/"],
  ["/cameras/thistle-hat-box", "/cameras/any"],
  ["/cameras/bean%20rows/", "/cameras/any"],
  ["/cameras/9/make/hole?way=scan", "/cameras/any/make/hole"],
  ["/label/thistle-hat-box", "/label/any"],
  ["/compare?one=a&other=b", "/compare"],
  ["/log?view=says", "/log"],
  ["/method.data?_routes=routes%2Fmethod", "/method.data"],
  ["/api/solve", null],
  ["/nowhere", null],
])("%s is answered by %s", (path, stored) => expect(of(path)).toBe(stored));

test("every page of the app has its stored document", () => {
  const routes = readFileSync("app/routes.ts", "utf8");
  const paths = [...routes.matchAll(/route\("([^"]+)"/g)].map(([, path]) => path as string);
  const places = paths.filter(
    (path) => !/^(api|schema)\/|edits$/.test(path) && !["hole", "build", "light-test", "kit"].includes(path),
  );
  expect(places.length).toBeGreaterThan(6);
  for (const path of places) expect(DOCUMENTS).toContain(`/${path.replace(":id", "any")}`);
});
