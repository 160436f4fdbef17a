import { fileURLToPath } from "node:url";
import { reactRouter } from "@react-router/dev/vite";
import tailwindcss from "@tailwindcss/vite";
import { type BuildEnvironmentOptions, defineConfig } from "vite";
import { firstScreenModules } from "./scripts/firstScreen.ts";

const nothing = fileURLToPath(new URL("./workers/emptyModule.ts", import.meta.url));
/** Parts of jsPDF that only its HTML import needs; we draw from our own scenes. */
const unusedByPdf = ["html2canvas", "canvg", "dompurify"];

/** What nearly every page but the Shelf is made of (what few use stands in `ui/seldom`): in one file, so that the list of files that every visit fetches stays short. */
const CONTROLS =
  /\/ui\/(controls|format)\/|\/node_modules\/(radix-ui|@radix-ui\/(?!react-(toast|toggle|slider|dialog|alert-dialog|popover|tooltip))[^/]+|@floating-ui|react-remove-scroll|react-remove-scroll-bar|react-style-singleton|use-callback-ref|use-sidecar|aria-hidden|lucide-react)\//;

/** What the pages of Dark share, and those that sound or shine red. */
const DARK = /\/(features\/dark\/[^/]+$|wording\/darkroomWords\.ts$|app\/intoTheDark\.ts$|ui\/dark\/)/;

/** Large packages that several workers use: each a file of its own, alike for all of them, and so written once. */
const SHARED_BY_WORKERS = [
  { name: "readsPdf", test: /\/node_modules\/@cantoo\// },
  { name: "writesPdf", test: /\/node_modules\/jspdf\// },
];
/** The package with all that it needs in one file. */
const readsPdf = fileURLToPath(new URL("./node_modules/@cantoo/pdf-lib/dist/pdf-lib.esm.min.js", import.meta.url));

/** The first screen's modules in one file, the controls in another; all else as the bundler divides it. */
async function firstScreenInOne(): Promise<NonNullable<BuildEnvironmentOptions["rolldownOptions"]>> {
  const modules = await firstScreenModules();
  const first = {
    name: "first",
    test: (id: string) => modules.has(id),
    includeDependenciesRecursively: false,
    priority: 1,
  };
  const controls = {
    name: "controls",
    test: (id: string) => !modules.has(id) && CONTROLS.test(id),
    includeDependenciesRecursively: false,
  };
  const dark = { ...controls, name: "dark", test: (id: string) => !modules.has(id) && DARK.test(id) };
  return {
    preserveEntrySignatures: "allow-extension",
    output: { codeSplitting: { groups: [first, controls, dark] } },
  };
}

export default defineConfig(async ({ command }) => ({
  plugins: [tailwindcss(), reactRouter()],
  resolve: {
    alias: { ...Object.fromEntries(unusedByPdf.map((name) => [name, nothing])), "@cantoo/pdf-lib": readsPdf },
  },
  worker: { format: "es" as const, rolldownOptions: { output: { codeSplitting: { groups: SHARED_BY_WORKERS } } } },
  ...(command === "build" && { environments: { client: { build: { rolldownOptions: await firstScreenInOne() } } } }),
}));
