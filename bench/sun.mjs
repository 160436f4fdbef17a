// Figures of Sun in Node: the fan of a year, what a hand's drag draws, the fit, a reading of 24 Mpx. CPU time, not wall time.
import { inflateSync } from "node:zlib";
import { bundled } from "./core.mjs";
import { quantile, row } from "./report.mjs";

const PLAN = {
  site: { latitude: 52.2, longitude: 0.1, height: 20, timeZone: "Europe/London" },
  hole: { diameter: 0.3 },
  film: { surface: "cylinder", radius: 50, distance: 100, width: 254, height: 203.2, y: -60 },
  aim: { azimuth: 180, elevation: 0, roll: 0 },
  from: "2026-12-21",
  to: "2027-12-20",
  horizon: [
    [90, 3],
    [180, 6],
    [270, 4],
  ],
};

/** CPU time of some work, ms, and what it gave. */
async function cpu(work) {
  const from = process.cpuUsage();
  const value = await work();
  const { user, system } = process.cpuUsage(from);
  return { ms: (user + system) / 1000, value };
}

export async function sunFigures() {
  const { sun, trailJob, fanLines } = await bundled(
    "sun",
    `export { sun } from "./workers/sun.ts"; export { trailJob } from "./workers/trailReading.ts";
     export { fanLines } from "./features/sun/plan/fanLines.ts";`,
  );
  const control = { report: () => {}, cancelled: () => false };
  const fans = [];
  let report = null;
  for (let i = 0; i < 7; i++) {
    const { ms, value } = await cpu(() => sun({ kind: "fan", request: PLAN, seed: 1 }, control));
    fans.push(ms);
    report = value.output.fan;
  }
  row("fan of a year at 5 minutes, with verdicts: CPU, median", `${quantile(fans, 0.5).toFixed(0)} ms`, "≤ 300 ms");
  const drags = [];
  for (let i = 0; i < 40; i++) {
    const wanted = { ...PLAN, aim: { azimuth: 170 + i / 4, elevation: i / 8, roll: 0 } };
    drags.push((await cpu(async () => fanLines({ request: PLAN, report }, wanted))).ms);
  }
  row(
    "a drag’s ways laid anew, a year: CPU, median / p95",
    `${quantile(drags, 0.5).toFixed(1)} / ${quantile(drags, 0.95).toFixed(1)} ms`,
    "≤ 16 ms",
  );
  const half = { ...PLAN, to: "2027-06-21" };
  const points = [80, 120, 160].flatMap((day) =>
    [0.2, 0.5, 0.8].map((part) => {
      const at = Math.floor(report.starts[day] + part * (report.starts[day + 1] - report.starts[day]));
      return { kind: "track", s: report.s[at], t: report.t[at], date: report.dates[day] };
    }),
  );
  const fit = await cpu(() =>
    sun({ kind: "fit", request: { ...half, aim: { azimuth: 174, elevation: 2, roll: -1 } }, points }, control),
  );
  row("fit of nine points: CPU", `${fit.ms.toFixed(0)} ms`, "≤ 500 ms");
  const job = trailJob({ inflate: async (zlib, most) => inflateSync(zlib, { maxOutputLength: most }) });
  const made = await job({ kind: "simulate", request: half, dpi: 530, seed: 3 }, control);
  const { file } = made.output.value;
  const opened = await job(
    { kind: "open", bytes: file.slice(), width: half.film.width, height: half.film.height },
    control,
  );
  const { corners, view } = opened.output.value;
  const mpx = ((view.width * view.step * view.height * view.step) / 1e6).toFixed(0);
  const reading = await cpu(() => job({ kind: "diary", bytes: file, corners, request: half }, control));
  row(`reading a scan of ${mpx} Mpx, half a year: CPU`, `${reading.ms.toFixed(0)} ms`, "≤ 5 s");
}
