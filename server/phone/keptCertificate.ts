import { chmod, mkdir, readFile, rename, writeFile } from "node:fs/promises";
import { homedir, hostname, networkInterfaces } from "node:os";
import { join } from "node:path";
import { DAY_MS } from "../../core/basis/units/index.ts";
import { makeCertificate, type PhoneCertificate } from "./authority.ts";

/** One that ends sooner is made anew, ms: nobody wants it to end in the field. */
const SOON = 7 * DAY_MS;

/** Where it is kept: in its owner's own data, outside of the project. */
function folder(): string {
  return join(process.env.XDG_DATA_HOME || join(homedir(), ".local", "share"), "still-box", "phone");
}

/** This machine's addresses in its network, IPv4; itself where there is none. */
export function ownAddresses(): readonly string[] {
  const all = Object.values(networkInterfaces()).flatMap((each) => each ?? []);
  const outside = all.filter(({ family, internal }) => family === "IPv4" && !internal).map(({ address }) => address);
  return outside.length > 0 ? [...new Set(outside)].sort() : ["127.0.0.1"];
}

/** The certificate for this machine's addresses: the one that is kept, or, where it ends soon or the addresses are others, a new one. */
export async function keptCertificate(
  addresses: readonly string[] = ownAddresses(),
  now: Date = new Date(),
): Promise<PhoneCertificate> {
  const path = join(folder(), "certificate.json");
  // What can't be read is made anew.
  const kept = await readFile(path, "utf8")
    .then((text) => JSON.parse(text) as PhoneCertificate)
    .catch(() => null);
  const good =
    kept !== null && kept.addresses.join() === addresses.join() && Date.parse(kept.until) - now.getTime() > SOON;
  if (good) return kept;
  const made = await makeCertificate(addresses, `${hostname().split(".")[0]?.toLowerCase() || "still-box"}.local`, now);
  await mkdir(folder(), { recursive: true, mode: 0o700 });
  // Its owner alone may read it, also where the folder was there before.
  await chmod(folder(), 0o700);
  await writeFile(`${path}.new`, JSON.stringify(made), { mode: 0o600 });
  await rename(`${path}.new`, path);
  return made;
}
