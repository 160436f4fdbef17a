const esmPackages =
  "fast-png|iobuffer|papaparse|dexie-react-hooks|@stdlib|pure-rand|maxrects-packer|temporal-[^/]*|@zip\\.js|@noble";

module.exports = {
  testEnvironment: "node",
  // Looking up a global inside Jest's vm is slow; these stand in hot loops: a fifth of the sun's and an eighth of Proof's time.
  sandboxInjectedGlobals: [
    "Math",
    "Number",
    "Array",
    "Object",
    "Map",
    "Set",
    "Float64Array",
    "Float32Array",
    "Uint8Array",
    "Uint16Array",
    "Int32Array",
  ],
  // One worker fewer than cores is Jest's rule: half of a small machine would idle.
  maxWorkers: "100%",
  // Nothing here tests speed, and half of a shared machine may be missing for minutes.
  testTimeout: 60_000,
  reporters: ["default", "<rootDir>/scripts/slowest.cjs"],
  setupFilesAfterEnv: ["<rootDir>/scripts/jest-patience.cjs"],
  roots: ["core", "catalogue", "wording", "storage", "workers", "ui", "features", "app"].map(
    (folder) => `<rootDir>/${folder}`,
  ),
  testMatch: ["**/*.test.ts", "**/*.test.tsx"],
  transform: {
    "^.+\\.(t|j|mj)sx?$": [
      "@swc/jest",
      {
        jsc: {
          target: "es2022",
          parser: { syntax: "typescript", tsx: true },
          transform: { react: { runtime: "automatic" } },
        },
      },
    ],
  },
  // The package names these files for `import` alone; Jest asks as `require`.
  moduleNameMapper: { "^@zip\\.js/zip\\.js/(lib/.*)$": "<rootDir>/node_modules/@zip.js/zip.js/$1" },
  transformIgnorePatterns: [`/node_modules/(?!(${esmPackages})/)`],
};
