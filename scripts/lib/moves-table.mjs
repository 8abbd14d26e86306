import { readdirSync, readFileSync } from "node:fs";
import ts from "typescript";

const SCENE = new URL("../../src/core/scene/", import.meta.url);
const FOLDER = new URL("slices/", SCENE);

/** The moves as the slices document them, in the order of their files: what each does, with an example. */
export function documentedMoves() {
  const slices = readdirSync(FOLDER).filter((file) => file.endsWith(".ts"));
  return [...slices.sort().map((file) => new URL(file, FOLDER)), new URL("own.ts", SCENE)].flatMap((file) =>
    movesIn(file.pathname, readFileSync(file, "utf8")),
  );
}

function movesIn(name, text) {
  const file = ts.createSourceFile(name, text, ts.ScriptTarget.Latest, true);
  const found = [];
  const visit = (node) => {
    if (ts.isCallExpression(node) && node.expression.getText() === "move") {
      const [doc] = ts.getJSDocCommentsAndTags(node).filter(ts.isJSDoc);
      const [comment] = doc ? [doc] : leadingDoc(text, node);
      found.push({ do: node.arguments[0].text, ...comment });
    }
    ts.forEachChild(node, visit);
  };
  visit(file);
  return found;
}

/** The comment before a move in a list, which the compiler does not hand out as documentation. */
function leadingDoc(text, node) {
  const [range] = (ts.getLeadingCommentRanges(text, node.getFullStart()) ?? []).slice(-1);
  if (!range) return [];
  const lines = text
    .slice(range.pos, range.end)
    .replace(/^\/\*\*|\*\/$/g, "")
    .split("\n")
    .map((line) => line.replace(/^\s*\*?\s?/, "").trim())
    .filter(Boolean);
  const example = lines.find((line) => line.startsWith("@example"));
  const about = lines.filter((line) => !line.startsWith("@example")).join(" ");
  return [{ about, example: example?.replace("@example", "").trim() }];
}

const [BEGIN, END] = ["<!-- moves: npm run docs -->", "<!-- end of moves -->"];

/** The text of the file format's page with its table of moves as the slices have it. */
export function withMovesTable(page) {
  const rows = documentedMoves().map(({ example, about }) => [`\`${example}\``, about.replace(/\.$/, "")]);
  const all = [["move", "what it does"], ...rows];
  const widths = [0, 1].map((column) => Math.max(...all.map((row) => [...row[column]].length)));
  const pad = (row) =>
    `| ${row.map((cell, i) => cell + " ".repeat(widths[i] - [...cell].length)).join(" | ")} |`;
  const rule = `| ${widths.map((width) => "-".repeat(width)).join(" | ")} |`;
  const table = [pad(all[0]), rule, ...all.slice(1).map(pad)].join("\n");
  const [before, after] = [page.indexOf(BEGIN), page.indexOf(END)];
  if (before < 0 || after < 0) throw new Error("The page has no place for the table of moves.");
  return `${page.slice(0, before + BEGIN.length)}\n\n${table}\n\n${page.slice(after)}`;
}
