import { connect, type Socket } from "node:net";
import { encode as encodePng } from "fast-png";
import { header, jpeg, pixels, png, resized, tiff } from "../../workers/codecs/read/hostilePictures.ts";
import { asked } from "../support/answers.ts";
import { stage } from "../support/maker.ts";

const { address, server } = stage(false);

/** What comes back for a request written by hand. */
function raw(request: string): Promise<string> {
  const { port } = new URL(address());
  return new Promise((resolve, reject) => {
    const socket = connect(Number(port), "localhost", () => socket.write(request));
    let answer = "";
    socket.setEncoding("utf8");
    socket.on("data", (part) => {
      answer += part;
    });
    socket.on("close", () => resolve(answer));
    socket.on("error", reject);
  });
}

const HOST = "Host: localhost\r\nConnection: close\r\n\r\n";

describe("requests that are none", () => {
  test.each([
    ["another site’s address", `GET http://elsewhere.example/ HTTP/1.1\r\n${HOST}`, 400],
    ["an asterisk", `OPTIONS * HTTP/1.1\r\n${HOST}`, 400],
    ["a host that can’t be one", "GET / HTTP/1.1\r\nHost: a b:[\r\nConnection: close\r\n\r\n", 400],
    ["no host", "GET / HTTP/1.1\r\nConnection: close\r\n\r\n", 400],
    ["a broken escape", `GET /cameras/%ZZ HTTP/1.1\r\n${HOST}`, 400],
    ["two slashes", `GET //elsewhere.example/%2e%2e HTTP/1.1\r\n${HOST}`, 400],
    ["a file above the folder", `GET /assets/..%2f..%2fserver/main.js HTTP/1.1\r\n${HOST}`, 400],
    ["an asset that is not there", `GET /assets/nothing-here.js HTTP/1.1\r\n${HOST}`, 404],
  ] as const)("%s: %#", async (_name, request, status) => {
    const answer = await raw(request);
    expect(answer).toMatch(new RegExp(`^HTTP/1.1 ${status} `));
    expect(answer).not.toMatch(/routes\/|at .*\.js:\d+/);
  });

  test.each([
    ["POST", "/"],
    ["PUT", "/method"],
    ["DELETE", "/cameras/one/edits"],
    ["POST", "/method.data"],
    ["PATCH", "/api/solve"],
    ["POST", "/api/demo"],
  ])("%s %s: 405 with what is allowed, no word of routes", async (method, path) => {
    const answer = await fetch(address() + path, { method });
    expect(answer.status).toBe(405);
    expect(answer.headers.get("allow")).toBe(path === "/api/solve" ? "POST" : "GET, HEAD");
    const text = await answer.text();
    expect(text).not.toMatch(/routes\/|action/);
    // Routes for programs answer as they do to everything else.
    if (path.startsWith("/api/")) expect(JSON.parse(text).errors).toEqual([{ path: "", message: expect.any(String) }]);
  });

  test("an address that leads nowhere is 404, and tells neither route nor stack", async () => {
    for (const path of ["/nowhere", "/cameras", "/api/nothing", "/schema/constructor", "/nowhere.data"]) {
      const answer = await fetch(address() + path);
      expect([path, answer.status]).toEqual([path, 404]);
      expect(await answer.text()).not.toMatch(/routes\/\w+\.tsx|at \w+ \(|node_modules/);
    }
  });
});

describe("what a browser is told", () => {
  test.each(["/", "/method", "/cameras/one", "/field", "/nowhere", "/api/solve", "/icon.svg"])("%s", async (path) => {
    const { headers } = await fetch(address() + path);
    const policy = headers.get("content-security-policy") ?? "";
    expect(policy).toMatch(/default-src 'self'/);
    expect(policy).toMatch(/script-src 'self' 'nonce-[\w+/=]{24}'(;|$)/);
    expect(policy).toMatch(/frame-ancestors 'none'/);
    expect(policy).not.toMatch(/unsafe|\*|https?:/);
    expect(headers.get("x-content-type-options")).toBe("nosniff");
    expect(headers.get("referrer-policy")).toBe("no-referrer");
    expect(headers.get("cross-origin-opener-policy")).toBe("same-origin");
    expect(headers.get("cross-origin-resource-policy")).toBe("same-origin");
    expect(headers.get("permissions-policy")).toMatch(/camera=\(\)/);
    expect(headers.get("x-powered-by")).toBeNull();
  });

  test("a nonce is used once, and every script and style of a page bears it", async () => {
    const [one, other] = await Promise.all([fetch(`${address()}/method`), fetch(`${address()}/method`)]);
    const nonceOf = ({ headers }: Response) =>
      /'nonce-([^']+)'/.exec(headers.get("content-security-policy") ?? "")?.[1];
    expect(nonceOf(one)).not.toBe(nonceOf(other));
    const html = await one.text();
    const inline = [...html.matchAll(/<(script|style)(?![^>]*\ssrc=)([^>]*)>/g)].map(([, , attributes]) => attributes);
    expect(inline.length).toBeGreaterThan(2);
    for (const attributes of inline) expect(attributes).toContain(`nonce="${nonceOf(one)}"`);
    expect(html).not.toMatch(/<[^>]+ style="/);
  });

  test("files whose names change with what is in them are kept, pages are asked for again", async () => {
    const page = await fetch(`${address()}/`);
    expect(page.headers.get("cache-control")).toBe("no-cache");
    const asset = /\/assets\/[\w-]+\.js/.exec(await page.text())?.[0] ?? "";
    expect((await fetch(address() + asset)).headers.get("cache-control")).toBe("public, max-age=31536000, immutable");
  });
});

/** Sends a beginning and waits for whatever comes back, or for the end. */
function begun(start: string, more = new Uint8Array()): Promise<string> {
  const { port } = new URL(address());
  return new Promise((resolve) => {
    const socket = connect(Number(port), "localhost", () => {
      socket.write(start);
      socket.write(more);
    });
    let answer = "";
    socket.setEncoding("utf8");
    socket.on("data", (part) => {
      answer += part;
      if (answer.includes("\r\n\r\n")) socket.destroy();
    });
    socket.on("error", () => undefined);
    socket.on("close", () => resolve(answer));
    unfinished.push(socket);
  });
}

const unfinished: Socket[] = [];
afterEach(() => {
  for (const socket of unfinished.splice(0)) socket.destroy();
});

describe("bodies that never end", () => {
  const MIB = 2 ** 20;
  const start = `POST /api/hole?dpi=4800 HTTP/1.1\r\nHost: localhost\r\nContent-Length: ${64 * MIB}\r\n\r\n`;

  test("together they hold no more than 256 MiB; who comes after is asked to come again, and others are answered", async () => {
    const bodies = Array.from({ length: 5 }, () => begun(start, new Uint8Array(60 * MIB)));
    expect(await Promise.race(bodies)).toMatch(/^HTTP\/1.1 503 [\s\S]*retry-after: 10/i);
    expect((await fetch(`${address()}/method`)).status).toBe(200);
  });

  test("what says that it is too large is refused before it comes, and held nowhere", async () => {
    const rest = server().memory();
    const head = `POST /api/proof HTTP/1.1\r\nHost: localhost\r\nContent-Length: ${248 * MIB}\r\n\r\n`;
    const answers = await Promise.all(Array.from({ length: 8 }, () => begun(head)));
    for (const answer of answers) expect(answer).toMatch(/^HTTP\/1.1 413 /);
    const sending = Array.from({ length: 8 }, () => begun(head, new Uint8Array(120 * MIB)));
    for (const answer of await Promise.all(sending)) expect(answer).toMatch(/^HTTP\/1.1 413 /);
    expect(server().memory() - rest).toBeLessThan(300 * MIB);
  });

  const patient = process.env.FAULT_ROUNDS === undefined ? test.skip : test;
  patient(
    "who sends no whole header within 10 s, or no whole body within 60 s, is dropped",
    async () => {
      const answers = await Promise.all([begun("POST /api/hole HTTP/1.1\r\nHost: loc"), begun(start)]);
      for (const answer of answers) expect(answer).toMatch(/^HTTP\/1.1 408 /);
    },
    120_000,
  );
});

describe("pictures made to hang", () => {
  const post = (body: Uint8Array<ArrayBuffer>) => asked(`${address()}/api/hole?dpi=4800`, { method: "POST", body });

  test.each([
    [
      "a TIFF with a field of 200 million rationals",
      () =>
        tiff([
          [256, 3, 1, 9],
          [257, 3, 1, 9],
          [282, 5, 200_000_000, 8],
        ]),
    ],
    ["a JPEG of 1.2 kB that says 7700 × 7700", () => resized(jpeg(), 7700, 7700)],
    ["a PNG of 1 × 59,000,000", () => png(header(1, 59_000_000), ["IDAT", pixels])],
  ])("%s: 422 with the reason", async (_name, bytes) => {
    const answer = await post(bytes());
    expect(answer.status).toBe(422);
    expect((await answer.json()).errors[0].message).toMatch(/damaged|ends too early|at most/);
  });

  test("over 64 MiB: 413", async () => {
    const answer = await post(new Uint8Array(64 * 2 ** 20 + 1));
    expect([answer.status, (await answer.json()).errors[0].message]).toEqual([413, "is larger than 64 MiB"]);
  });

  test("many large pictures at once: some wait, some are asked to come again; /api/solve answers meanwhile", async () => {
    // Quickly sent, slowly read: 6 million pixels of one grey.
    const data = new Uint8Array(3000 * 2000).fill(90);
    const picture = Uint8Array.from(encodePng({ width: 3000, height: 2000, data, channels: 1, depth: 8 }));
    const statuses: number[] = [];
    const pictures = Promise.all(
      Array.from({ length: 40 }, async () => {
        const answer = await post(picture);
        if (answer.status === 503) expect(answer.headers.get("retry-after")).toBe("10");
        statuses.push(answer.status);
      }),
    );
    // Solved while all of them are under way.
    let solved = 0;
    while (statuses.length < 40) {
      const answer = await asked(`${address()}/api/solve`, {
        method: "POST",
        body: JSON.stringify({ hole: { diameter: 0.3 }, film: { distance: 60, width: 127, height: 101.6 } }),
      });
      expect(answer.status).toBe(200);
      await answer.arrayBuffer();
      solved++;
    }
    await pictures;
    expect(solved).toBeGreaterThan(5);
    expect(new Set(statuses)).toEqual(new Set([422, 503]));
  });
});
