// What we write, looked at by programs of others; what they write, read by us. A program that is not installed is skipped
// with a word. Needs the packages of Debian named beside each.
import { spawnSync } from "node:child_process";
import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import sharp from "sharp";
import { bundled } from "../bench/core.mjs";

const folder = mkdtempSync(join(tmpdir(), "still-box-foreign-"));
const at = (name) => join(folder, name);
let failed = 0;
const say = (what, ok, why = "") => {
  if (!ok) failed++;
  console.log(`${ok ? "ok     " : "FAILED "} ${what}${why ? `: ${why}` : ""}`);
};

/** What a program says, or `null` where it is not installed. */
function asked(program, ...args) {
  const { error, stdout, stderr } = spawnSync(program, args, { encoding: "utf8", maxBuffer: 2 ** 26 });
  return error?.code === "ENOENT" ? null : `${stdout}${stderr}`;
}

function withProgram(program, packageName, work) {
  if (asked(program, "-version") === null) console.log(`skipped ${program}: not installed (${packageName})`);
  else work();
}

const ours = await bundled(
  "foreign",
  `export { thistleRow } from "./catalogue/demo/thistleRow.ts";
   export { cutParts, layOut, PAPERS } from "./core/make/cutsheet/index.ts";
   export { cutOrder } from "./features/make/cutOrder.ts";
   export { withExif, withPhysicalSize, withSrgb, withXmp } from "./core/basis/pngChunks/index.ts";
   export { cutsheetPdf } from "./workers/jobs/cutsheetPdf/cutsheetPdf.ts";
   export { iccSrgb } from "./workers/codecs/write/iccSrgb.ts";
   export { exifOf, plain, withJpegFacts, xmpOf } from "./workers/codecs/write/pictureFacts.ts";
   export { picturePdf } from "./workers/jobs/picturePdf/picturePdf.ts";
   export { plainTiff } from "./workers/codecs/write/writeScan.ts";
   export { pack } from "./workers/jobs/zip/pack.ts";
   export { packFiles } from "./workers/jobs/zip/pack.client.ts";
   export { joined } from "./workers/testing.ts";
   export { readScan } from "./workers/codecs/read/readScan.ts";
   export { pdfFiles } from "./workers/codecs/read/pdf/readPdf.ts";
   export { encode } from "fast-png";`,
);
const control = { report: () => {}, cancelled: () => false };
const FACTS = {
  camera: "Biscuit tin, Büchse",
  subject: "Bean rows – Grüße",
  fNumber: 225.8,
  seconds: 37,
  iso: 6,
  openedAt: "2026-05-01T10:00:00+01:00",
};
const NOW = "2026-05-01T10:00:00+01:00";

// Pictures.
const jpeg = await sharp({ create: { width: 400, height: 300, channels: 3, background: "#888" } })
  .withIccProfile("srgb")
  .jpeg()
  .toBuffer();
writeFileSync(at("a.jpg"), ours.withJpegFacts(new Uint8Array(jpeg), FACTS, ours.iccSrgb("colour"), 300));
for (const channels of [1, 2, 4]) {
  const samples = new Uint16Array(1200 * channels).fill(30_000);
  const fields = [
    [270, "ascii", ours.plain(FACTS.subject)],
    [700, "byte", [...new TextEncoder().encode(ours.xmpOf(FACTS))]],
    [34675, "undefined", ours.iccSrgb(channels === 4 ? "colour" : "grey")],
  ];
  writeFileSync(
    at(`a${channels}.tif`),
    ours.plainTiff({ width: 40, height: 30, channels, samples, most: 65_535 }, 300, fields),
  );
}
const png = ours.encode({ width: 40, height: 30, channels: 4, depth: 8, data: new Uint8Array(4800).fill(99) });
const said = ours.withXmp(
  ours.withExif(ours.withSrgb(png), ours.exifOf(FACTS, 300)),
  new TextEncoder().encode(ours.xmpOf(FACTS)),
);
writeFileSync(at("a.png"), ours.withPhysicalSize(said, 25.4 / 300));
const PICTURES = ["a.jpg", "a1.tif", "a2.tif", "a4.tif", "a.png"];
withProgram("exiftool", "libimage-exiftool-perl", () => {
  for (const name of PICTURES) {
    const words = asked("exiftool", "-validate", "-warning", "-a", at(name));
    say(`${name}: exiftool finds nothing wrong`, /Validate\s*: OK/.test(words), /Warning.*/.exec(words)?.[0]);
  }
});
withProgram("tiffinfo", "libtiff-tools", () => {
  for (const name of PICTURES.filter((each) => each.endsWith(".tif"))) {
    const words = asked("tiffinfo", at(name));
    say(`${name}: libtiff reads it without a warning`, /300, 300 pixels\/inch/.test(words) && !/warning/i.test(words));
  }
});

// Pages.
const pictures = await ours.picturePdf(
  {
    pages: [
      {
        width: 200,
        height: 150,
        items: [
          { kind: "picture", x: 10, y: 10, width: 100, height: 75, file: new Uint8Array(readFileSync(at("a.png"))) },
          { kind: "words", x: 10, y: 100, size: 3, words: "Bean rows – Grüße" },
        ],
      },
    ],
    title: "A picture",
    createdAt: NOW,
  },
  control,
);
writeFileSync(at("pictures.pdf"), Buffer.from(pictures.output));
const DOCUMENTS = ["pictures.pdf"];
for (const camera of ours.thistleRow.cameras) {
  const order = ours.cutOrder(camera, (mm) => `${mm.toFixed(1)} mm`, `http://localhost:4600/cameras/${camera.id}`);
  const pages = ours.layOut(ours.cutParts(order), ours.PAPERS[0], { camera: camera.name, date: "1 May 2026" });
  const made = await ours
    .cutsheetPdf({ pages, title: `${camera.name}, cut sheet`, createdAt: NOW }, control)
    .catch((error) => error);
  if (made instanceof Error) say(`${camera.name}: cut sheet`, false, made.message);
  else {
    const name = `${camera.id}.pdf`;
    writeFileSync(at(name), Buffer.from(made.output));
    DOCUMENTS.push(name);
  }
}
withProgram("pdffonts", "poppler-utils", () => {
  for (const name of DOCUMENTS) {
    const fonts = asked("pdffonts", at(name)).split("\n").slice(2).filter(Boolean);
    // Columns: name, type, encoding, emb, sub, uni.
    const loose = fonts.filter((line) => !/\s(yes)\s+(yes|no)\s+(yes|no)\s+\d+\s+\d+\s*$/.test(line));
    say(`${name}: all ${fonts.length} fonts are embedded`, fonts.length > 0 && loose.length === 0, loose.join("; "));
    const info = asked("pdfinfo", at(name));
    say(`${name}: has a title`, /Title:\s+\S/.test(info), "");
  }
});

// Archives.
const packer = ours.joined(ours.pack);
const zip = await ours.packFiles(
  ["pictures/a", "archive.json"].map((name) => ({
    name,
    read: async () => ({ content: new Blob([name.repeat(9000)]), packed: name !== "archive.json" }),
  })),
  NOW,
  {},
  packer.client,
);
packer.close();
writeFileSync(at("all.zip"), new Uint8Array(await zip.value.arrayBuffer()));
withProgram("unzip", "unzip", () =>
  say("all.zip: unzip tests it", /No errors detected/.test(asked("unzip", "-t", at("all.zip")))),
);

// Scans of others: read as they were written, or refused.
const CONVERT = ["magick", "/usr/bin/convert-im6.q16", "convert"].find((each) =>
  /ImageMagick [67]/.test(asked(each, "-version") ?? ""),
);
if (CONVERT === undefined) console.log("skipped scans: no ImageMagick (imagemagick)");
else {
  // It may warn of a field and write the file all the same.
  const make = (name, ...how) =>
    spawnSync(CONVERT, [
      "-size",
      "200x150",
      "gradient:white-black",
      "-colorspace",
      "Gray",
      "-depth",
      "8",
      ...how,
      at(name),
    ]);
  const READ = {
    "plain.tif": ["-compress", "None"],
    "lzw.tif": ["-compress", "LZW"],
    "zip.tif": ["-compress", "Zip"],
    "turned.tif": ["-define", "tiff:fill-order=lsb", "-compress", "None"],
    "turned lzw.tif": ["-define", "tiff:fill-order=lsb", "-compress", "LZW"],
    "palette.tif": ["-type", "Palette", "-colors", "200"],
    "deep.tif": ["-depth", "16"],
    "plain.png": [],
    "deep.png": ["-depth", "16"],
    "palette.png": ["-type", "Palette", "-colors", "200"],
    "plain.jpg": ["-quality", "95"],
  };
  // What the program that makes a PDF of a scanner's TIFF writes (libtiff-tools); ImageMagick may not, in Debian.
  const PDF = { pdf: async () => ours.pdfFiles.read };
  make("scanner.tif", "-compress", "Zip");
  const FROM_TIFF = { "as zip.pdf": ["-z"], "as jpeg.pdf": ["-j", "-q", "95"], "as it is.pdf": ["-n"] };
  for (const [name, how] of Object.entries(FROM_TIFF)) {
    if (asked("tiff2pdf", ...how, "-o", at(name), at("scanner.tif")) !== null) READ[name] = null;
  }
  for (const [name, how] of Object.entries(READ)) {
    if (how !== null) make(name, ...how);
    const read = await ours.readScan(new Uint8Array(readFileSync(at(name))), PDF);
    const { samples, most, width } = read.ok ? read.value.picture : { samples: [], most: 1, width: 1 };
    const worst = Math.max(
      ...[0, 30, 75, 120, 149].map((y) => Math.abs(samples[y * width + 100] / most - (1 - y / 149))),
    );
    say(
      `${name}: read as it was written`,
      read.ok && worst < 0.02,
      read.ok ? `off by ${worst.toFixed(3)}` : read.error,
    );
  }
  const REFUSED = {
    "inks.tif": ["-colorspace", "CMYK"],
    "inks.jpg": ["-colorspace", "CMYK"],
    "lab.tif": ["-colorspace", "Lab"],
    "half.tif": ["-define", "quantum:format=floating-point", "-depth", "16"],
    "float.tif": ["-define", "quantum:format=floating-point", "-depth", "32"],
    "signed.tif": ["-define", "quantum:format=signed"],
    "line art.tif": ["-monochrome", "-compress", "Group4"],
    "line art.png": ["-monochrome"],
    "four.tif": ["-depth", "4"],
    "colours.tif": ["-colorspace", "YCbCr"],
    "other.gif": [],
    "other.bmp": [],
    "other.webp": [],
  };
  for (const [name, how] of Object.entries(REFUSED)) {
    make(name, ...how);
    const read = await ours.readScan(new Uint8Array(readFileSync(at(name))), PDF);
    say(`${name}: refused in words`, !read.ok, read.ok ? "read" : read.error);
  }
}
console.log(failed === 0 ? "all as they should be" : `${failed} not as they should be`);
process.exitCode = failed === 0 ? 0 : 1;
