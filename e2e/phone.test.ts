import { spawn } from "node:child_process";
import { createHash, X509Certificate } from "node:crypto";
import { mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from "node:fs";
import { createServer, get } from "node:https";
import type { AddressInfo } from "node:net";
import { createServer as createPlainServer } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fingerprintOf, makeCertificate, type PhoneCertificate } from "../server/phone/authority.ts";
import { keptCertificate, ownAddresses } from "../server/phone/keptCertificate.ts";
import { phonePage } from "../server/phone/phonePage.ts";
import { phoneWords } from "../server/phone/servePhone.ts";
import { launch } from "./support/launch.ts";
import { PATIENCE } from "./support/patience.ts";
import { startServer } from "./support/server.ts";

const NOW = new Date();
const made = makeCertificate(["127.0.0.1", "192.168.7.20"], "shed.local", NOW);

/** Asks a server with this certificate under an address; what became of it. */
async function asked({ certificate, key }: PhoneCertificate, ca: string | undefined, host: string): Promise<string> {
  const server = createServer({ cert: certificate, key }, (_, response) => response.end("here")).listen(0, "127.0.0.1");
  await new Promise((resolve) => server.once("listening", resolve));
  const { port } = server.address() as AddressInfo;
  const answer = await new Promise<string>((resolve) => {
    get(
      { host: "127.0.0.1", port, servername: "", ca, agent: false, checkServerIdentity: identityOf(host) },
      (response) => {
        response.on("data", (bytes: Buffer) => resolve(bytes.toString()));
      },
    ).on("error", (error: NodeJS.ErrnoException) => resolve(error.code ?? error.message));
  });
  server.close();
  return answer;
}

const identityOf =
  (host: string) =>
  (_: string, { raw }: { raw: Buffer }) =>
    new X509Certificate(raw).checkIP(host) === undefined
      ? Object.assign(new Error(), { code: "OTHER_ADDRESS" })
      : undefined;

test("who trusts the authority reaches this machine at its addresses; nobody else, and no other address", async () => {
  const kept = await made;
  expect(await asked(kept, kept.authority, "127.0.0.1")).toBe("here");
  expect(await asked(kept, kept.authority, "192.168.7.20")).toBe("here");
  expect(await asked(kept, kept.authority, "192.168.7.21")).toBe("OTHER_ADDRESS");
  expect(await asked(kept, undefined, "127.0.0.1")).toMatch(/UNABLE_TO_VERIFY|SELF_SIGNED/);
});

test("the authority may vouch for these addresses and this name alone, for 90 days, and for no authority below it", async () => {
  const { authority, certificate, until } = await made;
  const own = new X509Certificate(authority);
  expect(own.ca).toBe(true);
  expect(new X509Certificate(certificate).ca).toBe(false);
  expect(new X509Certificate(certificate).verify(own.publicKey)).toBe(true);
  expect((Date.parse(until) - NOW.getTime()) / 86_400_000).toBe(90);
  // RFC 5280, 4.2.1.10, worked by hand: 2.5.29.30, critical, [0] permitted: each address with a mask of all ones, [7]; the name, [2].
  const der = own.raw.toString("hex");
  const constraints = /0603551d1e0101ff04..(.*)/.exec(der)?.[1] ?? "";
  for (const address of ["7f000001", "c0a80714"]) expect(constraints).toContain(`300a8708${address}ffffffff`);
  expect(constraints).toContain(`300c820a${Buffer.from("shed.local").toString("hex")}`);
  // Path length 0: 2.5.29.19, critical.
  expect(der).toContain("0603551d130101ff040830060101ff020100");
});

test("it is kept with its owner alone, made anew where addresses change or it ends soon, and a spoilt file is no reason to stop", async () => {
  const folder = mkdtempSync(join(tmpdir(), "still-box-phone-"));
  process.env.XDG_DATA_HOME = folder;
  try {
    const first = await keptCertificate(["10.0.0.4"], NOW);
    const path = join(folder, "still-box", "phone", "certificate.json");
    expect(statSync(path).mode & 0o777).toBe(0o600);
    expect(statSync(join(folder, "still-box", "phone")).mode & 0o777).toBe(0o700);
    expect(await keptCertificate(["10.0.0.4"], NOW)).toEqual(first);
    expect(JSON.parse(readFileSync(path, "utf8")).until).toBe(first.until);
    const later = new Date(NOW.getTime() + 84 * 86_400_000);
    const second = await keptCertificate(["10.0.0.4"], later);
    expect(second.certificate).not.toBe(first.certificate);
    expect((await keptCertificate(["10.0.0.5"], later)).addresses).toEqual(["10.0.0.5"]);
    writeFileSync(path, "{");
    expect((await keptCertificate(["10.0.0.5"], NOW)).addresses).toEqual(["10.0.0.5"]);
  } finally {
    delete process.env.XDG_DATA_HOME;
    rmSync(folder, { recursive: true });
  }
});

test("the page names the secure address and the fingerprint that the terminal shows, too", async () => {
  const kept = await made;
  const fingerprint = fingerprintOf(kept);
  expect(fingerprint).toMatch(/^([0-9A-F]{2}:){31}[0-9A-F]{2}$/);
  const page = phonePage({ address: "https://10.0.0.4:4601", fingerprint, until: kept.until, nonce: "n" });
  expect(page).toContain('href="https://10.0.0.4:4601/"');
  expect(page).toContain(fingerprint);
  const words = phoneWords(kept, 4600);
  expect(words).toContain("http://127.0.0.1:4600/phone");
  expect(words).toContain(fingerprint);
  expect(words.split("\n").length).toBeGreaterThan(10);
  for (const address of ownAddresses()) expect(address).toMatch(/^\d+(\.\d+){3}$/);
});

test("a browser that trusts it has the camera, the sensors and the app without a network, under https", async () => {
  const folder = mkdtempSync(join(tmpdir(), "still-box-phone-"));
  const server = await startServer(true, true, { STILL_BOX_PHONE: "1", XDG_DATA_HOME: folder });
  const { port } = new URL(server.address);
  const kept = JSON.parse(
    readFileSync(join(folder, "still-box", "phone", "certificate.json"), "utf8"),
  ) as PhoneCertificate;
  // The browser is told to trust the key of the authority's certificate, as a phone is by its settings.
  const key = new X509Certificate(kept.certificate).publicKey.export({ type: "spki", format: "der" });
  const browser = await launch({ trusts: createHash("sha256").update(key).digest("base64") });
  try {
    const page = await browser.newPage();
    await page.goto(`${server.address}/phone`);
    expect(await page.$eval("[data-fingerprint]", (element) => element.textContent)).toBe(fingerprintOf(kept));
    expect(await (await fetch(`${server.address}/phone/authority.crt`)).text()).toBe(kept.authority);
    await page.goto(`https://${kept.addresses[0]}:${Number(port) + 1}/field/look`);
    await page.waitForSelector("[data-finder]", { timeout: PATIENCE });
    const secure = await page.evaluate(async () => ({
      context: window.isSecureContext,
      camera: typeof navigator.mediaDevices?.getUserMedia,
      worker: Boolean((await navigator.serviceWorker.ready).active),
    }));
    expect(secure).toEqual({ context: true, camera: "function", worker: true });
    // By the plain address of the network none of it is there, and the page says why.
    await page.goto(`http://${kept.addresses[0]}:${port}/field/look`);
    await page.waitForSelector("[data-finder]", { timeout: PATIENCE });
    if (kept.addresses[0] !== "127.0.0.1") {
      expect(await page.evaluate(() => window.isSecureContext)).toBe(false);
      await page.waitForFunction(
        () => /plain http, so the camera/.test(document.querySelector("[data-insecure]")?.textContent ?? ""),
        { timeout: PATIENCE },
      );
      await page.evaluate(() =>
        [...document.querySelectorAll("button")]
          .find(({ innerText }) => innerText === "Look through the phone")
          ?.click(),
      );
      await page.waitForFunction(() => /https/.test(document.querySelector("[data-refused]")?.textContent ?? ""), {
        timeout: PATIENCE,
      });
    }
  } finally {
    await browser.close();
    await server.stop();
    rmSync(folder, { recursive: true });
  }
});

test("where another program has the secure port, the phone's server says so and ends", async () => {
  const folder = mkdtempSync(join(tmpdir(), "still-box-phone-"));
  const other = createPlainServer().listen(0, "0.0.0.0");
  await new Promise((resolve) => other.once("listening", resolve));
  const taken = String((other.address() as AddressInfo).port);
  try {
    const { status, stderr } = await runToItsEnd({
      STILL_BOX_PHONE: "1",
      PORT: "0",
      PHONE_PORT: taken,
      XDG_DATA_HOME: folder,
    });
    expect(stderr).toMatch(/No https for a phone: .*EADDRINUSE.* Set PHONE_PORT to another/);
    expect(status).toBe(1);
  } finally {
    other.close();
    rmSync(folder, { recursive: true });
  }
});

/** Starts the built server and waits for its end. */
async function runToItsEnd(
  settings: Readonly<Record<string, string>>,
): Promise<{ readonly status: number | null; readonly stderr: string }> {
  const child = spawn(process.execPath, ["build/server/main.js"], { env: { ...process.env, ...settings } });
  let stderr = "";
  child.stderr.on("data", (bytes: Buffer) => {
    stderr += bytes.toString();
  });
  const status = await new Promise<number | null>((resolve) => child.once("exit", resolve));
  return { status, stderr };
}
