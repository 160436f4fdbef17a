// Prints the figures of DESIGN's bars. Needs a build (`npm run build`) and Chromium; `--no-browser`: the core's alone.
import { execFileSync } from "node:child_process";
import { onStage } from "../scripts/stage.mjs";
import { backupFigures } from "./backup.mjs";
import { bigArchive } from "./bigArchive.mjs";
import { browserFigures } from "./browser.mjs";
import { coreFigures } from "./core.mjs";
import { lighthouseFigures } from "./lighthouse.mjs";
import { lookInBrowser } from "./lookBrowser.mjs";
import { manyFigures } from "./many.mjs";
import { proofInBrowser } from "./proofBrowser.mjs";
import { routeFigures } from "./routes.mjs";
import { serverFigures } from "./server.mjs";
import { sunFigures } from "./sun.mjs";
import { sunInBrowser } from "./sunBrowser.mjs";

await coreFigures();
execFileSync(process.execPath, ["bench/proof.mjs"], { stdio: "inherit" });
await sunFigures();
routeFigures();
if (!process.argv.includes("--no-browser")) {
  await onStage(4690, browserFigures);
  await onStage(4694, sunInBrowser);
  await onStage(4695, proofInBrowser);
  await onStage(4698, lookInBrowser);
  await onStage(4699, lighthouseFigures);
  await onStage(4692, bigArchive);
  await onStage(4696, manyFigures);
  await onStage(4697, backupFigures);
  await onStage(4693, serverFigures);
}
