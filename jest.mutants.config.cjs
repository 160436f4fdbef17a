const base = require("./jest.config.cjs");

module.exports = {
  ...base,
  roots: ["core", "catalogue"].map((folder) => `<rootDir>/${folder}`),
  // A mutant is run against its room's own tests, not against every drawing that rests on it.
  testPathIgnorePatterns: [
    "/node_modules/",
    "core/(bench|make|basis|negative|sun|darkroom|learning)/",
    "core/testing/",
  ],
};
