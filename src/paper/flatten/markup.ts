import { type DefaultTreeAdapterMap, parseFragment } from "parse5";
import type { ReactElement } from "react";
import { renderToStaticMarkup } from "react-dom/server";

/** An element of a drawing's markup, or a text in it. */
export type Markup = { readonly text: string } | Element;
export type Element = {
  readonly tag: string;
  readonly attributes: Readonly<Record<string, string>>;
  readonly children: readonly Markup[];
};

export const isElement = (one: Markup): one is Element => "tag" in one;

/** Parses a drawing's markup: what the server would send to a browser. */
export function markupOf(drawing: ReactElement): Element[] {
  const { childNodes } = parseFragment(renderToStaticMarkup(drawing));
  return childNodes.flatMap(taken).filter(isElement);
}

function taken(node: DefaultTreeAdapterMap["childNode"]): Markup[] {
  if (node.nodeName === "#text") return [{ text: (node as DefaultTreeAdapterMap["textNode"]).value }];
  if (!("tagName" in node)) return [];
  return [
    {
      tag: node.tagName,
      attributes: Object.fromEntries(node.attrs.map(({ name, value }) => [name, value])),
      children: node.childNodes.flatMap(taken),
    },
  ];
}
