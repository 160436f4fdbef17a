// How long `/api/solve` takes while pictures are measured.
import { encode } from "fast-png";
import { quantile, row } from "./report.mjs";

const PICTURES = 18;

/** Latency of solving alone, and while the pool of pictures is full, ms. */
export async function serverFigures(_browser, address) {
  const solve = async () => {
    const start = performance.now();
    const answer = await fetch(`${address}/api/solve`, {
      method: "POST",
      body: JSON.stringify({ hole: { diameter: 0.3 }, film: { distance: 60, width: 127, height: 101.6 } }),
    });
    await answer.arrayBuffer();
    return performance.now() - start;
  };
  for (let i = 0; i < 20; i++) await solve();
  const alone = [];
  for (let i = 0; i < 100; i++) alone.push(await solve());
  const data = new Uint8Array(6000 * 4000).fill(90);
  const picture = encode({ width: 6000, height: 4000, data, channels: 1, depth: 8 });
  let left = PICTURES;
  const pictures = Array.from({ length: PICTURES }, async () => {
    const answer = await fetch(`${address}/api/hole?dpi=4800`, { method: "POST", body: picture });
    await answer.arrayBuffer();
    left--;
  });
  const beside = [];
  while (left > 0) beside.push(await solve());
  await Promise.all(pictures);
  row("/api/solve alone: median, p95", [0.5, 0.95].map((q) => `${quantile(alone, q).toFixed(1)} ms`).join(", "), "–");
  row(
    `/api/solve beside ${PICTURES} pictures of 24 Mpx: median, p95`,
    [0.5, 0.95].map((q) => `${quantile(beside, q).toFixed(1)} ms`).join(", "),
    "≤ 50 ms p95",
  );
}
