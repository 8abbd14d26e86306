import { readFileSync } from "node:fs";
import { join } from "node:path";
import postcss, { type Rule } from "postcss";
import { compile } from "tailwindcss";

/** The declarations of a class, in the order of precedence; some apply only to elements that are not first. */
type Said = {
  readonly declarations: readonly (readonly [string, string])[];
  readonly order: number;
  readonly notFirst: boolean;
};

/** The style sheet of the application, asked class by class. */
export type StyleSheet = {
  /** The declarations of several classes together, the later and more specific last. */
  readonly of: (classes: readonly string[], isFirst: boolean) => readonly (readonly [string, string])[];
  readonly variable: (name: string) => string | undefined;
  /** The style sheet as text, with all classes that were asked for. */
  readonly text: () => string;
};

const ROOT = process.cwd();

/** Next generates the names of the page's typefaces; on paper they have their real names. */
const FAMILIES = { "--font-andika": "andika", "--font-figtree": "figtree" } as const;

let loaded: Promise<StyleSheet> | undefined;

/** The style sheet that the screen has, read once. */
export const styleSheet = (): Promise<StyleSheet> => {
  loaded ??= load();
  return loaded;
};

async function load(): Promise<StyleSheet> {
  const css = readFileSync(join(ROOT, "src/app/globals.css"), "utf8");
  const tailwind = await compile(css, {
    loadStylesheet: async (id) => {
      const path = join(ROOT, "node_modules/tailwindcss/index.css");
      return { path: id, base: ROOT, content: readFileSync(path, "utf8") };
    },
  });
  // Tailwind emits only the variables that its classes need; drawings also name colours directly.
  const theme = new Map<string, string>();
  postcss
    .parse(css)
    .walkAtRules("theme", (rule) => rule.walkDecls(({ prop, value }) => void theme.set(prop, value)));
  const asked = new Set<string>();
  let classes = new Map<string, Said[]>();
  let variables = new Map<string, string>();
  const read = () => {
    const sheet = postcss.parse(tailwind.build([...asked]));
    classes = new Map();
    variables = new Map([...theme, ...Object.entries(FAMILIES)]);
    let order = 0;
    sheet.walkDecls(/^--/, ({ prop, value, parent }) => {
      if ((parent as Rule).selector?.includes(":root") && !(prop in FAMILIES)) variables.set(prop, value);
    });
    sheet.walkAtRules("property", (rule) => {
      rule.walkDecls("initial-value", ({ value }) => void variables.set(rule.params, value));
    });
    sheet.walkRules((rule) => {
      const match = /^\.((?:\\.|[\w-])+)(:not\(:first-child\))?$/.exec(rule.selector);
      // Rules for certain window sizes or for hovering do not apply to pictures.
      if (!match || (rule.parent?.type === "atrule" && (rule.parent as postcss.AtRule).name === "media"))
        return;
      const name = match[1]!.replace(/\\(.)/g, "$1");
      const declarations = (rule.nodes ?? []).flatMap((node) =>
        node.type === "decl" ? [[node.prop, node.value] as const] : [],
      );
      order += 1;
      classes.set(name, [
        ...(classes.get(name) ?? []),
        { declarations, order, notFirst: match[2] !== undefined },
      ]);
    });
  };
  read();
  return {
    of: (names, isFirst) => {
      const fresh = names.filter((name) => !asked.has(name));
      if (fresh.length > 0) {
        for (const name of fresh) asked.add(name);
        read();
      }
      return names
        .flatMap((name) => classes.get(name) ?? [])
        .filter(({ notFirst }) => !(notFirst && isFirst))
        .sort((a, b) => a.order - b.order)
        .flatMap(({ declarations }) => declarations);
    },
    variable: (name) => variables.get(name),
    text: () => `${tailwind.build([...asked])}`,
  };
}
