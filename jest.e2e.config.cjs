const base = require("./jest.config.cjs");

module.exports = {
  ...base,
  roots: ["<rootDir>/e2e"],
  testTimeout: 60_000,
  maxWorkers: 1,
};
