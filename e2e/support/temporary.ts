import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";

const folders: string[] = [];

afterAll(() => {
  for (const folder of folders.splice(0)) rmSync(folder, { recursive: true, force: true });
});

/** A folder that is there until the tests of this file are over. */
export function temporaryFolder(): string {
  const folder = mkdtempSync(join(tmpdir(), "still-box-test-"));
  folders.push(folder);
  return folder;
}
