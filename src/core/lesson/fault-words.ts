import type * as z from "../zod";
import { withArticle } from "./article";

/** What one item of each list of a lesson is called. */
const PIECES: Readonly<Record<string, string>> = {
  boards: "board",
  removed: "removed board",
  stair: "step",
  beats: "move",
  opening: "opening move",
  views: "view",
  items: "problem",
  cards: "card",
  sheets: "sheet",
  parts: "part",
};

/** Fields whose name is not plain enough for a message. */
const FIELDS: Readonly<Record<string, string>> = {
  forClass: "class",
  climbEvery: "pause between the parts of a step",
  beats: "moves",
  opening: "opening moves",
  id: "name",
  do: "kind",
};

type Issue = z.core.$ZodIssue;
type Path = readonly PropertyKey[];

/**
 * Where a document goes wrong, and how, as a teacher finds it: "In board 2, step 3, move 1: the ink of “mark” is missing."
 * @param document what was read
 * @param issue the first thing that Zod says of it
 */
export function faultWords(document: unknown, issue: Issue): string {
  const { path, what } = innermost(issue, []);
  const last = path.at(-1);
  // Messages of our own schemas are written for teachers and do not name the field; Zod's own are about code.
  const own = what.message === "" || /^Invalid/.test(what.message) ? null : what.message;
  const field = own && typeof last === "string" && !Object.hasOwn(PIECES, last) ? [fieldWords(last)] : [];
  const where = [...pieces(path), ...field].join(", ");
  const why = own ?? `${sentence(document, path, what)}.`;
  return where === "" ? `${why.charAt(0).toUpperCase()}${why.slice(1)}` : `In ${where}: ${why}`;
}

/** Among the options of a union, take the one that comes nearest: it fails deepest inside. */
function innermost(issue: Issue, before: Path): { path: Path; what: Issue } {
  const path = [...before, ...issue.path];
  if (issue.code === "invalid_union") {
    const tries = issue.errors.flatMap(([first]) => (first ? [innermost(first, path)] : []));
    const nearest = tries.toSorted((a, b) => b.path.length - a.path.length)[0];
    if (nearest && nearest.path.length > path.length) return nearest;
  }
  if ((issue.code === "invalid_element" || issue.code === "invalid_key") && issue.issues[0]) {
    return innermost(issue.issues[0], path);
  }
  return { path, what: issue };
}

/** A place in a lesson: board 2, step 3, move 1. */
const pieces = (path: Path): string[] =>
  path.flatMap((part, i) => {
    const piece = typeof part === "number" ? PIECES[String(path[i - 1])] : undefined;
    return piece ? [`${piece} ${Number(part) + 1}`] : [];
  });

/** What is wrong with the value at a path. */
function sentence(document: unknown, path: Path, issue: Issue): string {
  const last = path.at(-1);
  const value = valueAt(document, path);
  if (typeof last === "number") {
    const list = path.at(-2);
    // A list in a list, as the moves of one moment are.
    if (typeof list !== "string" || Object.hasOwn(PIECES, list)) return `it ${fault(issue, value, false)}`;
    const of = holder(document, path.slice(0, -1));
    return `${ordinal(last + 1)} of the ${fieldWords(list)}${of} ${fault(issue, value, false)}`;
  }
  if (issue.code === "invalid_union" && issue.discriminator && typeof value === "string") {
    return `“${value.slice(0, 30)}” is not ${withArticle(thingOf(path))} that this Yellow Stair knows`;
  }
  const field = fieldWords(String(last));
  return `the ${field}${holder(document, path)} ${fault(issue, value, /[^s]s$/.test(field))}`;
}

/** What a list holds, for an item of unknown kind. */
function thingOf(path: Path): string {
  const list = path.findLast((part, i) => typeof part === "string" && i < path.length - 1);
  if (list === "views") return "view";
  return list === "conditions" ? "condition" : list === "beats" || list === "opening" ? "move" : "kind";
}

/** The part, and the move, view or condition, that contains a field: " in “until” of “chart”". */
function holder(document: unknown, path: Path): string {
  let inside = "";
  for (let length = path.length - 1; length > 0; length -= 1) {
    const value = valueAt(document, path.slice(0, length));
    const key = path[length - 1]!;
    if (isObject(value) && path.at(-1) !== "do" && path.at(-1) !== "kind") {
      const name = ["do", "kind"]
        .map((one) => (Object.hasOwn(value, one) ? value[one] : null))
        .find((one) => typeof one === "string");
      if (typeof name === "string" && name.length <= 30) return `${inside} of “${name}”`;
    }
    if (Object.hasOwn(PIECES, String(path[length - 2]))) return inside;
    if (inside === "" && typeof key === "string") inside = ` in “${key.slice(0, 40)}”`;
  }
  return inside;
}

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === "object" && value !== null;

function valueAt(document: unknown, path: Path): unknown {
  return path.reduce<unknown>(
    (value, part) =>
      isObject(value) && Object.hasOwn(value, part)
        ? (value as Record<PropertyKey, unknown>)[part]
        : undefined,
    document,
  );
}

/** The name of a field as words: "rowNames" are row names. */
const fieldWords = (field: string): string =>
  (Object.hasOwn(FIELDS, field) ? FIELDS[field] : undefined) ??
  field
    .slice(0, 40)
    .replace(/([a-z])([A-Z])/g, "$1 $2")
    .toLowerCase();

const ORDINALS = [
  "first",
  "second",
  "third",
  "fourth",
  "fifth",
  "sixth",
  "seventh",
  "eighth",
  "ninth",
  "tenth",
];
const ordinal = (n: number): string => (ORDINALS[n - 1] ? `the ${ORDINALS[n - 1]}` : `number ${n}`);

const SHAPES: Readonly<Record<string, string>> = {
  string: "should be text in quotation marks",
  number: "should be a number, without quotation marks",
  int: "should be a whole number, without quotation marks",
  boolean: "should be true or false",
  array: "should be a list",
  tuple: "should be a list",
  object: "should be a part with fields of its own",
};

/** What is wrong with a value, as the end of a sentence about it. */
function fault(issue: Issue, value: unknown, many: boolean): string {
  const [is, has, does] = many ? ["are", "have", "do"] : ["is", "has", "does"];
  if (value === undefined) return `${is} missing`;
  switch (issue.code) {
    case "invalid_type":
      return SHAPES[issue.expected] ?? `${is} not as ${many ? "they" : "it"} should be`;
    case "invalid_value": {
      const values = issue.values
        .slice(0, 12)
        .map((one) => (typeof one === "string" ? `“${one}”` : String(one)));
      return values.length === 1 ? `should be ${values[0]}` : `should be one of ${values.join(", ")}`;
    }
    case "too_small":
      if (issue.origin !== "string" && issue.origin !== "array") return `should be at least ${issue.minimum}`;
      return Number(issue.minimum) === 1
        ? `${is} empty`
        : `should have at least ${issue.minimum} ${unitOf(issue.origin)}`;
    case "too_big":
      return issue.origin === "string" || issue.origin === "array"
        ? `${has} more than ${issue.maximum} ${unitOf(issue.origin)}`
        : `should be at most ${issue.maximum}`;
    case "invalid_union":
      return issue.discriminator
        ? `${does} not say of what kind ${many ? "they are" : "it is"}`
        : `${is} not as ${many ? "they" : "it"} should be`;
    default:
      return `${is} not written as ${many ? "they" : "it"} should be`;
  }
}

const unitOf = (origin: string) => (origin === "string" ? "characters" : "entries");
