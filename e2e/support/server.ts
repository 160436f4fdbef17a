import { type ChildProcess, spawn } from "node:child_process";
import { readFileSync } from "node:fs";
import { createServer } from "node:net";
import { PATIENCE } from "./patience.ts";

/** A running production server of its own. */
export interface TestServer {
  readonly address: string;
  /** Memory of its process, bytes. */
  memory(): number;
  /** Ends it; afterwards nothing answers there. */
  stop(): Promise<void>;
}

/**
 * Starts the built app on a free port, without the demonstration, with a handful of its cameras or with its whole season;
 * pages are kept for offline use only where that is tested.
 */
export async function startServer(
  demo: boolean | "season",
  offline = false,
  more: NodeJS.ProcessEnv = {},
): Promise<TestServer> {
  const port = await freePort();
  const child: ChildProcess = spawn(process.execPath, ["build/server/main.js"], {
    env: {
      ...process.env,
      NODE_ENV: "production",
      PORT: String(port),
      STILL_BOX_DEMO: demo === "season" ? "1" : demo ? "few" : "",
      STILL_BOX_OFFLINE: offline ? "1" : "0",
      ...more,
    },
    stdio: "ignore",
  });
  const ended = new Promise<void>((resolve) => child.once("exit", () => resolve()));
  const stop = (): Promise<void> => {
    child.kill("SIGKILL");
    return ended;
  };
  const address = `http://localhost:${port}`;
  // The first start on a machine reads a thousand files from a disk that others may be using.
  const given = Date.now() + 3 * PATIENCE;
  while (Date.now() < given) {
    try {
      if ((await fetch(`${address}/icon.svg`)).ok) return { address, stop, memory: () => memoryOf(child.pid) };
    } catch {
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  }
  await stop();
  throw new Error("the server did not start");
}

/** Resident memory of a process as Linux counts it. */
function memoryOf(pid: number | undefined): number {
  const [, kb] = /^VmRSS:\s+(\d+)/m.exec(readFileSync(`/proc/${pid}/status`, "utf8")) ?? [];
  return 1024 * Number(kb);
}

function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const probe = createServer().listen(0, () => {
      const address = probe.address();
      probe.close(() => resolve(typeof address === "object" && address ? address.port : 0));
    });
  });
}
