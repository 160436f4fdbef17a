const base = require("./jest.config.cjs");

module.exports = {
  ...base,
  roots: ["<rootDir>/e2e"],
  testTimeout: 60_000,
  // Every file has a server and a browser of its own, and mostly waits: two at a time, also on one core.
  maxWorkers: 2,
};
