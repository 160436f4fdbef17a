const { relative } = require("node:path");

/** Prints the files that took longest, so that one sees where the time of a run goes. */
module.exports = class Slowest {
  onRunComplete(_, { testResults }) {
    if (testResults.length < 20) return;
    const spans = testResults.map(({ testFilePath, perfStats }) => ({
      testFilePath,
      ms: perfStats.end - perfStats.start,
    }));
    const slowest = spans.sort((a, b) => b.ms - a.ms).slice(0, 10);
    const lines = slowest.map(
      ({ testFilePath, ms }) => `${(ms / 1000).toFixed(1).padStart(7)} s  ${relative(process.cwd(), testFilePath)}`,
    );
    process.stderr.write(`The ten slowest files of ${testResults.length}:\n${lines.join("\n")}\n`);
  }
};
