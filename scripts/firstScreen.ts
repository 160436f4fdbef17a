// Which modules the Shelf needs before anyone can touch it: in one file they pack a twentieth tighter than in forty,
// and the list of routes, which names the files of each, gets shorter too.
import { type OutputChunk, rolldown } from "rolldown";

/** Fetched whole by every page and seldom changed: these keep files of their own. */
const LIBRARIES = /^(react|react-dom|react-router|dexie)(\/|$)/;

/** Paths of the modules that the frame and the Shelf load at once, as the bundler leaves them after dropping what is unused. */
export async function firstScreenModules(): Promise<ReadonlySet<string>> {
  const bundle = await rolldown({
    input: ["app/root.tsx", "app/routes/shelf.tsx"],
    external: [LIBRARIES, /\.css$/],
    platform: "browser",
    logLevel: "silent",
    transform: { define: { "process.env.NODE_ENV": '"production"', "import.meta.env.SSR": "false" } },
  });
  const { output } = await bundle.generate();
  await bundle.close();
  const chunks = new Map(output.filter((file) => file.type === "chunk").map((chunk) => [chunk.fileName, chunk]));
  const atOnce = new Set<OutputChunk>();
  const take = (file: string): void => {
    const chunk = chunks.get(file);
    if (chunk === undefined || atOnce.has(chunk)) return;
    atOnce.add(chunk);
    chunk.imports.forEach(take);
  };
  for (const { isEntry, fileName } of chunks.values()) if (isEntry) take(fileName);
  return new Set([...atOnce].flatMap(({ moduleIds }) => moduleIds));
}
