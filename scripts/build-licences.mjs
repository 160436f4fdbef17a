// The licences of everything that is shipped: build/client/licences.txt, from the packages as they are installed.
import { existsSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";

const { packages } = JSON.parse(readFileSync("package-lock.json", "utf8"));
/** Tools of the build that leave something of theirs in what is shipped. */
const SHIPPED = /^node_modules\/(workbox-(core|precaching|routing|strategies)|tailwindcss|ajv)$/;
const said = (folder, name) => readdirSync(folder).find((file) => name.test(file));
const parts = Object.entries(packages)
  .filter(
    ([path, { dev, devOptional, optional }]) =>
      path !== "" && existsSync(path) && (SHIPPED.test(path) || !(dev || devOptional || optional)),
  )
  .map(([path, { version, license }]) => {
    const file = said(path, /^(licen[cs]e|copying|ofl)/i);
    const text =
      file === undefined
        ? `Under ${license}; the package holds no text of it.`
        : readFileSync(join(path, file), "utf8");
    return { name: path.replace(/^.*node_modules\//, ""), version, license, text: text.trim() };
  });
// One text for all packages that have the same.
const byText = grouped(parts);
const written = [...byText].map(
  ([text, all]) =>
    `${all.map(({ name, version, license }) => `${name} ${version} (${license})`).join("\n")}\n\n${text}\n`,
);
const own = `Still Box\n\n${readFileSync("LICENSE", "utf8").trim()}\n`;
writeFileSync("build/client/licences.txt", [own, ...written].join(`\n${"-".repeat(72)}\n\n`));
console.log(`licences: ${parts.length} packages, ${byText.size} texts`);

function grouped(all) {
  const groups = new Map();
  for (const each of all) groups.set(each.text, [...(groups.get(each.text) ?? []), each]);
  return groups;
}
