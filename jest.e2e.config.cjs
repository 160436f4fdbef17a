const { availableParallelism } = require("node:os");
const base = require("./jest.config.cjs");
const { slowness } = require("./scripts/machine-speed.cjs");

const slow = slowness();

module.exports = {
  ...base,
  roots: ["<rootDir>/e2e"],
  testSequencer: "<rootDir>/scripts/slow-first.cjs",
  testTimeout: 180_000 * slow,
  // For waits inside tests (e2e/support/patience).
  globals: { SLOWNESS: slow },
  // Every file has a server and a browser of its own, and waits part of its time: three at a time on two cores took 235 s where two took 271; more than four only get in each other’s way.
  maxWorkers: Math.min(4, Math.max(3, availableParallelism())),
};
