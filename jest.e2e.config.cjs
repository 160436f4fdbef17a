const { availableParallelism } = require("node:os");
const base = require("./jest.config.cjs");
const { slowness } = require("./scripts/machine-speed.cjs");

const slow = slowness();

module.exports = {
  ...base,
  // A library of certificates has a Set of its own.
  sandboxInjectedGlobals: base.sandboxInjectedGlobals.filter((name) => name !== "Set"),
  roots: ["<rootDir>/e2e"],
  globalSetup: "<rootDir>/e2e/support/stage/start.ts",
  globalTeardown: "<rootDir>/e2e/support/stage/end.ts",
  testEnvironment: "<rootDir>/e2e/support/stage/environment.ts",
  testSequencer: "<rootDir>/scripts/slow-first.cjs",
  // A bound for what hangs, not a measure: each wait inside a test has its own.
  testTimeout: 480_000 * slow,
  // For waits inside tests (e2e/support/patience).
  globals: { SLOWNESS: slow },
  // A file waits part of its time: three at a time on two cores took 235 s where two took 271; more than four only get in each other’s way.
  maxWorkers: Math.min(4, Math.max(3, availableParallelism())),
};
