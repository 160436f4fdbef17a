// All that people read in the app, one sentence a line, by place, with the words of each and how easy all of it reads:
// `npm run sentences`, or `npm run sentences -- features/field`. For one reading in one sitting.
import { readdirSync, readFileSync, statSync } from "node:fs";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import ts from "typescript";

/** Where what people read is written. */
const FOLDERS = ["app", "catalogue", "wording", "core", "features", "storage", "ui", "workers"];
/** Attributes that are read, or heard. */
const READ = new Set(["label", "title", "aria-label", "placeholder", "alt", "name", "low", "high", "note", "children"]);
/** Fewer words are a name, not a sentence. */
const LEAST_WORDS = 4;

/** Sentences of one file, in its order. */
export function sentencesIn(path, text) {
  const file = ts.createSourceFile(
    path,
    text,
    ts.ScriptTarget.Latest,
    true,
    path.endsWith("x") ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );
  const found = [];
  const take = (words, node) => {
    for (const sentence of split(words)) {
      if (!isRead(sentence)) continue;
      const { line } = file.getLineAndCharacterOfPosition(node.getStart(file));
      found.push({ path, line: line + 1, sentence, words: wordsOf(sentence).length });
    }
  };
  const visit = (node) => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isTypeNode(node)) return;
    if (ts.isJsxElement(node) || ts.isJsxFragment(node)) {
      // Text with figures between is one sentence.
      let words = "";
      for (const child of node.children) {
        if (ts.isJsxText(child)) words += child.text.replace(/\s+/g, " ");
        else if (ts.isJsxExpression(child)) {
          const own = child.expression && ts.isStringLiteral(child.expression) ? child.expression.text : "…";
          words += own;
        } else words += inline(child) ? `${plainText(child)}` : ". ";
      }
      take(words, node);
    }
    if (ts.isJsxAttribute(node)) {
      const name = node.name.getText(file);
      if (!READ.has(name)) {
        if (node.initializer && ts.isJsxExpression(node.initializer)) ts.forEachChild(node.initializer, visit);
        return;
      }
    }
    if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) take(node.text, node);
    else if (ts.isTemplateExpression(node)) {
      take([node.head.text, ...node.templateSpans.map(({ literal }) => `…${literal.text}`)].join(""), node);
    }
    ts.forEachChild(node, visit);
  };
  visit(file);
  return found;
}

const inline = (node) =>
  ts.isJsxElement(node) && ["Link", "strong", "em", "b", "a", "span"].includes(node.openingElement.tagName.getText());

function plainText(node) {
  if (ts.isJsxText(node)) return node.text.replace(/\s+/g, " ");
  return ts.isJsxElement(node) ? node.children.map(plainText).join("") : "…";
}

/** A text's sentences: a point within a figure or a name ends none. */
function split(text) {
  return (
    text
      .replace(/\s+/g, " ")
      // A figure that is filled in later.
      .replace(/\{\w+\}/g, "…")
      .split(/(?<=[.!?:;]”?)\s+(?=[A-Z“…0-9])/)
      .map((sentence) => sentence.trim())
      .filter(Boolean)
  );
}

/** Whether it is a sentence for people: not a class list, an address, a selector or a formula's source. */
function isRead(sentence) {
  if (wordsOf(sentence).length < LEAST_WORDS) return false;
  if (/[[\]{}<>=_#]|--|\bpx\b|:[a-z]|https?:|^\w+(-\w+)+ |\.(ts|json|svg|png)\b/.test(sentence)) return false;
  return /^[“…A-Z0-9±−]/.test(sentence);
}

function wordsOf(sentence) {
  return sentence.split(/\s+/).filter((word) => /[\p{L}\p{N}…]/u.test(word));
}

/** Syllables of an English word, about: groups of vowels, a silent e left out. */
function syllables(word) {
  const groups = word
    .toLowerCase()
    .replace(/(?:[^laeiouy]es|ed|[^laeiouy]e)$/, "")
    .match(/[aeiouy]+/g);
  return Math.max(1, groups?.length ?? 1);
}

/**
 * Flesch's reading ease: 206.835 − 1.015 words a sentence − 84.6 syllables a word; 60 to 70 is plain English.
 * R. Flesch, “A new readability yardstick”, Journal of Applied Psychology 32 (1948).
 */
export function readingEase(sentences) {
  const words = sentences.flatMap((sentence) => wordsOf(sentence));
  const sounds = words.reduce((sum, word) => sum + syllables(word), 0);
  return 206.835 - (1.015 * words.length) / sentences.length - (84.6 * sounds) / words.length;
}

/** All files of the app that people read. */
export function* sourceFiles(folder) {
  for (const name of readdirSync(folder).sort()) {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) {
      if (!["generated", "testing", "fixtures", "requests", "schemas"].includes(name)) yield* sourceFiles(path);
    } else if (/\.tsx?$/.test(name) && !/\.(test|d|worker)\.tsx?$/.test(name)) yield path;
  }
}

/** Every sentence of some folders, once each. */
export function allSentences(folders = FOLDERS) {
  const seen = new Set();
  return folders
    .flatMap((folder) => [...sourceFiles(folder)])
    .flatMap((path) => sentencesIn(path, readFileSync(path, "utf8")))
    .filter(({ sentence }) => !seen.has(sentence) && seen.add(sentence));
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  const asked = process.argv.slice(2);
  const all = allSentences(asked.length > 0 ? asked : FOLDERS);
  let place = "";
  for (const { path, line, sentence, words } of all) {
    const here = path.split("/").slice(0, 3).join("/");
    if (here !== place) console.log(`\n== ${here}`);
    place = here;
    console.log(`${String(words).padStart(3)}  ${sentence}   (${path.split("/").at(-1)}:${line})`);
  }
  const count = all.reduce((sum, { words }) => sum + words, 0);
  const ease = readingEase(all.map(({ sentence }) => sentence));
  console.log(`\n${all.length} sentences, ${count} words, reading ease ${ease.toFixed(1)} (60 to 70: plain English)`);
}
