import { fileURLToPath } from "node:url";
import { reactRouter } from "@react-router/dev/vite";
import tailwindcss from "@tailwindcss/vite";
import { defineConfig } from "vite";

const nothing = fileURLToPath(new URL("./workers/nothing.ts", import.meta.url));
/** Parts of jsPDF that only its HTML import needs; we draw from our own scenes. */
const unusedByPdf = ["html2canvas", "canvg", "dompurify"];

export default defineConfig({
  plugins: [tailwindcss(), reactRouter()],
  resolve: { alias: Object.fromEntries(unusedByPdf.map((name) => [name, nothing])) },
  worker: { format: "es" },
});
