// A kind of camera is one file: no other file names one, nor asks which shape a container has or how its sheet is mounted.
// Everywhere the records are asked (`kindRecord`, `shapeOf`, `mountOf`); only core/camera tells the shapes and the mounts apart.
// Tests and demonstration data may name kinds.
import { readdirSync, readFileSync } from "node:fs";
import ts from "typescript";

const FOLDERS = ["app", "catalogue", "wording", "core", "features", "storage", "ui", "workers"];
const KINDS = "core/camera/kinds/";
const ALLOWED = [/\.test\.tsx?$/, /^core\/testing\//, /^catalogue\/demo\//, /\/generated\//];

/** Every string that is the `id` of a record in the folder of kinds, and every shape and mount there. */
function namesOf(property) {
  const found = new Set();
  for (const file of readdirSync(KINDS)) {
    for (const [, name] of readFileSync(KINDS + file, "utf8").matchAll(new RegExp(`^  ${property}: "([^"]+)"`, "gm"))) {
      found.add(name);
    }
  }
  return found;
}

const kinds = namesOf("id");
const shapes = namesOf("shape");
const mounts = namesOf("mount");
if (kinds.size < 2 || shapes.size < 2 || mounts.size < 2) throw new Error("no kinds found: has their form changed?");

function filesIn(folder) {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = `${folder}/${entry.name}`;
    if (entry.isDirectory()) return filesIn(path);
    return /\.tsx?$/.test(path) ? [path] : [];
  });
}

/** Whether a string stands where a container's shape is asked: `x.shape === "…"`, `case "…"` under `switch (x.shape)`. */
function asksShape(node) {
  const isShape = (each) => /(^|\.)shape$/.test(each.getText());
  const { parent } = node;
  if (ts.isBinaryExpression(parent)) return [parent.left, parent.right].some(isShape);
  return ts.isCaseClause(parent) && isShape(parent.parent.parent.expression);
}

const faults = [];
for (const path of FOLDERS.flatMap(filesIn)) {
  if (path.startsWith(KINDS) || ALLOWED.some((allowed) => allowed.test(path))) continue;
  const inCamera = path.startsWith("core/camera/");
  const source = ts.createSourceFile(path, readFileSync(path, "utf8"), ts.ScriptTarget.Latest, true);
  const visit = (node) => {
    if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) {
      // In core/camera a word that is a shape's too is the shape's.
      const what =
        kinds.has(node.text) && !(inCamera && shapes.has(node.text))
          ? "names a kind of camera"
          : !inCamera && mounts.has(node.text)
            ? "names how a sheet is mounted"
            : !inCamera && shapes.has(node.text) && asksShape(node)
              ? "asks which shape a container has"
              : null;
      if (what !== null) {
        const { line } = source.getLineAndCharacterOfPosition(node.getStart());
        faults.push(`${path}:${line + 1} ${what}: "${node.text}". Ask its record instead.`);
      }
    }
    if (ts.isAsExpression(node) && node.type.kind === ts.SyntaxKind.NeverKeyword) {
      const { line } = source.getLineAndCharacterOfPosition(node.getStart());
      faults.push(`${path}:${line + 1} “as never” hides what the compiler would say.`);
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
}
if (faults.length > 0) {
  console.error(faults.join("\n"));
  process.exit(1);
}
