/** A fixed numeric loop on the quiet machine that limits were set on, ms. */
const QUIET_MS = 60;

/**
 * How many times slower this machine is just now than a quiet one, at least 1, at most 8: limits of tests are scaled by
 * it. A neighbour may hold half of a processor for minutes.
 */
function slowness() {
  let worst = 0;
  for (let round = 0; round < 3; round++) {
    const start = performance.now();
    let sum = 0;
    for (let i = 1; i < 6_000_000; i++) sum += Math.sqrt(i) / (1 + (i % 7));
    if (!Number.isFinite(sum)) throw new Error("no number");
    worst = Math.max(worst, performance.now() - start);
  }
  return Math.min(8, Math.max(1, worst / QUIET_MS));
}

module.exports = { slowness };
