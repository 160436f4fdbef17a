const base = require("./jest.config.cjs");
const { slowness } = require("./scripts/machine-speed.cjs");

const slow = slowness();

module.exports = {
  ...base,
  roots: ["<rootDir>/e2e"],
  testTimeout: 120_000 * slow,
  // For waits inside tests (e2e/support/patience).
  globals: { SLOWNESS: slow },
  // Every file has a server and a browser of its own, and waits a good part of its time: three at a time on two cores.
  maxWorkers: 3,
};
