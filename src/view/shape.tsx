import { createElement } from "react";

/** A shape of a drawing as plain data, with the attributes as SVG names them. */
export type Shape = {
  tag: "circle" | "path" | "polygon" | "rect" | "text";
  attributes: Readonly<Record<string, string | number>>;
  text?: string;
};

/** Shapes drawn by React, where they stand in a drawing that it keeps. */
export function Shapes({ shapes }: { shapes: readonly Shape[] }) {
  return shapes.map(({ tag, attributes, text }, index) =>
    createElement(tag, { key: index, ...propsOf(attributes) }, text),
  );
}

/** React has names of its own for attributes of two words. */
const propsOf = (attributes: Shape["attributes"]) =>
  Object.fromEntries(
    Object.entries(attributes).map(([name, value]) => [
      name === "class" ? "className" : name.replace(/-(.)/g, (_, letter: string) => letter.toUpperCase()),
      value,
    ]),
  );

const SVG = "http://www.w3.org/2000/svg";

/** The same shapes as elements of the document, where a drawing is made without React. */
export function elementsOf(shapes: readonly Shape[]): SVGElement[] {
  return shapes.map(({ tag, attributes, text }) => {
    const element = document.createElementNS(SVG, tag);
    for (const name in attributes) element.setAttribute(name, String(attributes[name]));
    if (text !== undefined) element.textContent = text;
    return element;
  });
}
