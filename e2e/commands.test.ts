import { type ChildProcess, spawn, spawnSync } from "node:child_process";
import { type AddressInfo, createServer, type Server } from "node:net";
import { tmpdir } from "node:os";
import { resolve } from "node:path";
import { PATIENCE } from "./support/patience.ts";

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

/** Holds a port the system has free: any number written here may just be some other program's. */
async function takePort(): Promise<{ port: number; holder: Server }> {
  const holder = createServer();
  await new Promise<void>((ready, fail) => holder.once("error", fail).listen(0, ready));
  return { port: (holder.address() as AddressInfo).port, holder };
}

async function answers(address: string): Promise<boolean> {
  const given = Date.now() + PATIENCE;
  while (Date.now() < given) {
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
  test("from any folder: prints its address, serves the demonstration, builds nothing when nothing changed", async () => {
    const { port, holder } = await takePort();
    await new Promise((closed) => holder.close(closed));
    const { child, said } = await demo(port, /http:\/\/localhost:\d+/);
    try {
      expect(said).toContain(`http://localhost:${port}`);
      expect(said).not.toMatch(/Installing|Building/);
      expect(await answers(`http://localhost:${port}/`)).toBe(true);
      expect((await (await fetch(`http://localhost:${port}/api/demo`)).json()).cameras).toHaveLength(12);
    } finally {
      child.kill();
    }
  });

  test("a port in use, or no port at all, is said in words", async () => {
    const taken = await takePort();
    for (const port of [String(taken.port), "nowhere"]) {
      const { status, stderr } = spawnSync(DEMO, [], {
        cwd: tmpdir(),
        env: { ...process.env, PORT: port },
        encoding: "utf8",
      });
      expect(status).toBe(1);
      expect(stderr).toMatch(/port .* is in use \(or no port number\); set PORT to another/);
    }
    taken.holder.close();
  });
});
