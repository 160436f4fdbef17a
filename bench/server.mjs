// How long `/api/solve` takes while pictures are measured, and while negatives become positives.
import { encode } from "fast-png";
import { quantile, row } from "./report.mjs";

const PICTURES = 18;
const NEGATIVES = 6;

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
  const beside = await solvedBeside(solve, PICTURES, () =>
    fetch(`${address}/api/hole?dpi=4800`, { method: "POST", body: picture }),
  );
  const form = () => {
    const body = new FormData();
    body.append("scan", new Blob([picture]), "scan.png");
    body.append(
      "settings",
      JSON.stringify({ medium: { least: 0.05, most: 2.05, range: 110, iso: 6 }, sheet: { width: 254, height: 169.3 } }),
    );
    return body;
  };
  const besideProofs = await solvedBeside(solve, NEGATIVES, () =>
    fetch(`${address}/api/proof`, { method: "POST", body: form() }),
  );
  const said = (times) => [0.5, 0.95].map((q) => `${quantile(times, q).toFixed(1)} ms`).join(", ");
  row("/api/solve alone: median, p95", said(alone), "–");
  row(`/api/solve beside ${PICTURES} pictures of 24 Mpx: median, p95`, said(beside), "≤ 50 ms p95");
  row(`/api/solve beside ${NEGATIVES} proofs of 24 Mpx: median, p95`, said(besideProofs), "≤ 20 ms p95");
}

/** Latencies of solving, one after the other, while so many others are answered. */
async function solvedBeside(solve, count, ask) {
  let left = count;
  const others = Array.from({ length: count }, async () => {
    const answer = await ask();
    if (!answer.ok && answer.status !== 422) throw new Error(`${answer.status}: ${await answer.text()}`);
    await answer.arrayBuffer();
    left--;
  });
  const times = [];
  while (left > 0) times.push(await solve());
  await Promise.all(others);
  return times;
}
