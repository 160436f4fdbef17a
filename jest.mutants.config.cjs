const base = require("./jest.config.cjs");

const folder = process.env.MUTANTS_OF;

module.exports = folder
  ? { ...base, roots: [`<rootDir>/${folder}`], reporters: ["default"] }
  : {
      ...base,
      roots: ["core", "catalogue"].map((each) => `<rootDir>/${each}`),
      // A mutant is run against its room's own tests, not against every drawing that rests on it.
      testPathIgnorePatterns: [
        "/node_modules/",
        "core/(bench|make|basis|negative|sun|darkroom|learning)/",
        "core/testing/",
      ],
    };
