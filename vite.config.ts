import { fileURLToPath } from "node:url";
import { reactRouter } from "@react-router/dev/vite";
import tailwindcss from "@tailwindcss/vite";
import { type BuildEnvironmentOptions, defineConfig } from "vite";
import { firstScreenModules } from "./scripts/firstScreen.ts";

const nothing = fileURLToPath(new URL("./workers/nothing.ts", import.meta.url));
/** Parts of jsPDF that only its HTML import needs; we draw from our own scenes. */
const unusedByPdf = ["html2canvas", "canvg", "dompurify"];

/** The first screen's modules in one file; all else as the bundler divides it. */
async function firstScreenInOne(): Promise<NonNullable<BuildEnvironmentOptions["rolldownOptions"]>> {
  const modules = await firstScreenModules();
  const group = { name: "first", test: (id: string) => modules.has(id), includeDependenciesRecursively: false };
  return { preserveEntrySignatures: "allow-extension", output: { codeSplitting: { groups: [group] } } };
}

export default defineConfig(async ({ command }) => ({
  plugins: [tailwindcss(), reactRouter()],
  resolve: { alias: Object.fromEntries(unusedByPdf.map((name) => [name, nothing])) },
  worker: { format: "es" as const },
  ...(command === "build" && { environments: { client: { build: { rolldownOptions: await firstScreenInOne() } } } }),
}));
