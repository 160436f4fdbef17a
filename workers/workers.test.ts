import { line } from "../core/basis/drawing/index.ts";
import { layOut, PAPERS, type Paper } from "../core/make/cutsheet/index.ts";
import { cutsheetPdf } from "./jobs/cutsheetPdf/cutsheetPdf.ts";
import { joined } from "./testing.ts";
import { jobClient } from "./transport/jobClient.ts";
import type { Job, JobPort } from "./transport/protocol.ts";

const square: Job<number, number> = async (input, { report, cancelled }) => {
  for (let step = 1; step <= 4; step++) {
    await new Promise((resolve) => setTimeout(resolve, 5));
    if (cancelled()) break;
    report(step / 4);
  }
  if (input < 0) throw new Error("negative");
  return { output: input * input, transfer: [] };
};

describe("jobs over a message channel", () => {
  test("results come to the run that asked, with progress", async () => {
    const { client, close } = joined(square);
    const shares: number[] = [];
    const [a, b] = await Promise.all([client.run(3, { onProgress: (share) => shares.push(share) }), client.run(4)]);
    expect([a, b]).toEqual([
      { ok: true, value: 9 },
      { ok: true, value: 16 },
    ]);
    expect(shares).toEqual([0.25, 0.5, 0.75, 1]);
    close();
  });

  test("a job that throws and a run that is cancelled settle with a reason", async () => {
    const { client, close } = joined(square);
    const failed = await client.run(-1);
    expect(!failed.ok && failed.error).toEqual({ reason: "failed", message: expect.stringContaining("negative") });
    const stop = new AbortController();
    const run = client.run(5, { signal: stop.signal });
    stop.abort();
    const cancelled = await run;
    expect(!cancelled.ok && cancelled.error.reason).toBe("cancelled");
    expect(await client.run(6)).toEqual({ ok: true, value: 36 });
    const early = await client.run(7, { signal: AbortSignal.abort() });
    expect(!early.ok && early.error.reason).toBe("cancelled");
    const late = new AbortController();
    expect(await client.run(8, { signal: late.signal })).toEqual({ ok: true, value: 64 });
    late.abort();
    expect(await client.run(9)).toEqual({ ok: true, value: 81 });
    close();
  });

  test("when the worker dies every run settles, and the next one opens a new worker", async () => {
    const listeners: Record<string, (event: never) => void> = {};
    let opened = 0;
    const client = jobClient<number, number>(() => {
      opened++;
      return {
        postMessage: () => undefined,
        addEventListener: (type: string, listener: (event: never) => void) => {
          listeners[type] = listener;
        },
      } as JobPort;
    });
    const run = client.run(1);
    listeners.error?.({} as never);
    const settled = await run;
    expect(!settled.ok && settled.error.reason).toBe("worker-died");
    void client.run(2);
    expect(opened).toBe(2);
  });
});

describe("cut-sheet PDF", () => {
  const [a4] = PAPERS as readonly [Paper, ...Paper[]];
  const part = {
    id: "x",
    name: "Part",
    width: 100,
    height: 50,
    of: "card" as const,
    marks: [line("cut", { x: 0, y: 0 }, { x: 100, y: 50 })],
  };
  const order = {
    pages: layOut([part], a4, { camera: "Tin × ½", date: "1 May 2026" }),
    title: "Tin",
    createdAt: "2026-05-01T10:00:00Z",
  };

  test("the same input gives the same bytes; its page is A4 and asks not to be scaled", async () => {
    const { client, close } = joined(cutsheetPdf);
    const [one, two] = await Promise.all([client.run(order), client.run(order)]);
    if (!one.ok || !two.ok) throw new Error("no PDF");
    expect(Buffer.from(one.value)).toEqual(Buffer.from(two.value));
    const text = Buffer.from(one.value).toString("latin1");
    expect(text).toMatch(/MediaBox \[0 0 595\.2\d+ 841\.8\d+\]/);
    expect(text).toContain("/PrintScaling /None");
    close();
  });
});
