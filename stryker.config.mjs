// Planted faults: of one folder with its own tests (`MUTANTS_OF=core/learning npm run mutants`), or of the core's light and
// camera rooms (`npm run mutants -- --mutate "core/light/rays/*.ts"`). Long; not part of bin/test.
const folder = process.env.MUTANTS_OF;

export default {
  packageManager: "npm",
  testRunner: "jest",
  jest: { configFile: "jest.mutants.config.cjs", enableFindRelatedTests: true },
  coverageAnalysis: "perTest",
  mutate: [
    ...(folder ? [`${folder}/**/*.ts`] : ["core/light/**/*.ts", "core/camera/**/*.ts"]),
    "!**/*.test.ts",
    "!**/index.ts",
  ],
  ignorePatterns: ["build", "docs", "e2e", "bench", ".react-router", ".stryker-tmp", "reports"],
  // Words are read by people; what is wrong in them no test needs to know.
  mutator: { excludedMutations: ["StringLiteral"] },
  reporters: ["clear-text", "progress", "json"],
  jsonReporter: { fileName: "coverage/mutants.json" },
  clearTextReporter: { allowColor: false, reportTests: false, logTests: false },
  // Constants are worked out once for all tests: their mutants would each need all of them.
  ignoreStatic: true,
  concurrency: 2,
  // The first run is of all tests, with every mutant in the code: long on a machine that does other work too.
  dryRunTimeoutMinutes: 20,
  tempDirName: ".cache/stryker",
  cleanTempDir: "always",
};
