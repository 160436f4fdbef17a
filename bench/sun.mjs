// Figures of Sun in Node: the fan of a year, what a hand's drag draws, the fit, a reading of 24 Mpx. CPU time, not wall time.
import { inflateSync } from "node:zlib";
import { bundled } from "./core.mjs";
import { quantile, row } from "./report.mjs";

/** CPU time of some work, ms, and what it gave. */
async function cpu(work) {
  const from = process.cpuUsage();
  const value = await work();
  const { user, system } = process.cpuUsage(from);
  return { ms: (user + system) / 1000, value };
}

export async function sunFigures() {
  const { sun, trailJob, fanLines, COLD_FRAMES } = await bundled(
    "sun",
    `export { COLD_FRAMES } from "./core/testing/coldFrames.ts"; export { sun } from "./workers/jobs/sun/sun.ts"; export { trailJob } from "./workers/jobs/trailReading/trailReading.ts";
     export { fanLines } from "./features/sun/plan/fanLines.ts";`,
  );
  const half = COLD_FRAMES;
  const year = { ...half, to: "2027-12-20" };
  const control = { report: () => {}, cancelled: () => false };
  const fans = [];
  let report = null;
  for (let i = 0; i < 7; i++) {
    const { ms, value } = await cpu(() => sun({ kind: "fan", request: year, seed: 1 }, control));
    fans.push(ms);
    report = value.output.fan;
  }
  row("fan of a year at 5 minutes, with verdicts: CPU, median", `${quantile(fans, 0.5).toFixed(0)} ms`, "≤ 300 ms");
  const drags = [];
  for (let i = 0; i < 40; i++) {
    const wanted = { ...year, aim: { azimuth: 170 + i / 4, elevation: i / 8, roll: 0 } };
    drags.push((await cpu(async () => fanLines({ request: year, report }, wanted))).ms);
  }
  row(
    "a drag’s ways laid anew, a year: CPU, median / p95",
    `${quantile(drags, 0.5).toFixed(1)} / ${quantile(drags, 0.95).toFixed(1)} ms`,
    "≤ 16 ms",
  );
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
  const made = await job({ kind: "simulate", request: half, dpi: 530, seed: 3, mishap: "none" }, control);
  const { file } = made.output.value;
  const { width, height } = half.film;
  const opened = await job({ kind: "open", key: "half", bytes: file, width, height }, control);
  const { corners, view } = opened.output.value;
  const mpx = ((view.width * view.step * view.height * view.step) / 1e6).toFixed(0);
  const kept = { key: "half", bytes: null, corners, request: half };
  const reading = await cpu(() => job({ ...kept, kind: "diary", shut: null }, control));
  row(`reading a scan of ${mpx} Mpx, half a year: CPU`, `${reading.ms.toFixed(0)} ms`, "≤ 5 s");
  const mishap = await cpu(() => job({ ...kept, kind: "mishap" }, control));
  row("looking for a knock or a shut can: CPU", `${mishap.ms.toFixed(0)} ms`, "");
}
