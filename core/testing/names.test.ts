import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";

const EXPORTED = /^export (?:function\*?|const|interface|type|class) (\w+)/gm;

/** Files of the core that people wrote, without tests and lists of exports. */
const files = readdirSync("core", { recursive: true, encoding: "utf8" }).filter(
  (path) => path.endsWith(".ts") && !/\.test\.ts$|(^|\/)index\.ts$|generated\/|^testing\//.test(path),
);

test("no two exports of the core have one name", () => {
  const places = new Map<string, string[]>();
  for (const file of files) {
    for (const [, name = ""] of readFileSync(join("core", file), "utf8").matchAll(EXPORTED)) {
      places.set(name, [...(places.get(name) ?? []), file]);
    }
  }
  expect(places.size).toBeGreaterThan(400);
  expect([...places].filter(([, all]) => all.length > 1)).toEqual([]);
});
