// A production server with the demonstration cameras and a browser, for scripts that look at the running app.
import { spawn } from "node:child_process";
import { readFileSync } from "node:fs";
import puppeteer from "puppeteer-core";

// The browser itself, not the script that starts it: killed, it is gone.
const CHROMIUM = JSON.parse(readFileSync(new URL("chromium.json", import.meta.url), "utf8"));

/**
 * Starts both, hands them to `work`, ends both. Needs a build.
 *
 * @param demo which demonstration: `1` the whole season, `few` a handful of shots
 */
export async function onStage(port, work, demo = "few") {
  const address = `http://localhost:${port}`;
  const server = spawn(process.execPath, ["build/server/main.js"], {
    env: { ...process.env, NODE_ENV: "production", PORT: String(port), STILL_BOX_DEMO: demo },
    stdio: "ignore",
  });
  const browser = await puppeteer.launch({
    executablePath: process.env.CHROMIUM ?? CHROMIUM.path,
    args: CHROMIUM.flags,
  });
  try {
    for (let attempt = 0; attempt < 100; attempt++) {
      const up = await fetch(address).then(
        (answer) => answer.ok,
        () => false,
      );
      if (up) break;
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
    await work(browser, address);
  } finally {
    await browser.close();
    server.kill();
  }
}
