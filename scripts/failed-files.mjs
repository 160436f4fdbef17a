// Names the files of a run of Jest in which a test failed, a line each. Ends with 1 where they are none or more than four:
// then the fault is no matter of a slow machine.
import { readFileSync } from "node:fs";
import { relative } from "node:path";

const { testResults } = JSON.parse(readFileSync(process.argv[2], "utf8"));
const failed = testResults.filter(({ status }) => status === "failed").map(({ name }) => relative(process.cwd(), name));
if (failed.length === 0 || failed.length > 4) process.exit(1);
console.log(failed.join("\n"));
