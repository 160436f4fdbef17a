import { type ChildProcess, spawn, spawnSync } from "node:child_process";
import { createServer, type Server } from "node:net";
import { tmpdir } from "node:os";
import { resolve } from "node:path";

const DEMO = resolve(__dirname, "../bin/demo");

/** Runs bin/demo from another folder with no standard input until it prints what is waited for. */
function demo(port: number, until: RegExp): Promise<{ child: ChildProcess; said: string }> {
  return new Promise((settle, fail) => {
    const child = spawn(DEMO, [], {
      cwd: tmpdir(),
      env: { ...process.env, PORT: String(port) },
      stdio: ["ignore", "pipe", "pipe"],
    });
    let said = "";
    const listen = (chunk: Buffer): void => {
      said += chunk.toString();
      if (until.test(said)) settle({ child, said });
    };
    child.stdout?.on("data", listen);
    child.stderr?.on("data", listen);
    child.on("exit", (code) => fail(new Error(`bin/demo ended with ${code}: ${said}`)));
  });
}

async function answers(address: string): Promise<boolean> {
  for (let attempt = 0; attempt < 80; attempt++) {
    if (
      await fetch(address).then(
        (answer) => answer.ok,
        () => false,
      )
    )
      return true;
    await new Promise((again) => setTimeout(again, 100));
  }
  return false;
}

describe("bin/demo", () => {
  test("from any folder: prints its address, serves the demonstration, is quick when nothing changed", async () => {
    const started = Date.now();
    const { child, said } = await demo(46_871, /http:\/\/localhost:\d+/);
    try {
      expect(said).toContain("http://localhost:46871");
      expect(said).not.toMatch(/Installing|Building/);
      expect(await answers("http://localhost:46871/")).toBe(true);
      expect((await (await fetch("http://localhost:46871/api/demo")).json()).cameras).toHaveLength(10);
      expect(Date.now() - started).toBeLessThan(20_000);
    } finally {
      child.kill();
    }
  });

  test("a port in use, or no port at all, is said in words", async () => {
    const holder: Server = createServer();
    await new Promise<void>((ready) => holder.listen(46_872, ready));
    for (const port of ["46872", "nowhere"]) {
      const { status, stderr } = spawnSync(DEMO, [], {
        cwd: tmpdir(),
        env: { ...process.env, PORT: port },
        encoding: "utf8",
      });
      expect(status).toBe(1);
      expect(stderr).toMatch(/port .* is in use \(or no port number\); set PORT to another/);
    }
    holder.close();
  });
});
