import { createElement } from "react";

/** A shape of a drawing as plain data, with the attributes as SVG names them. */
export type Shape = {
  tag: "circle" | "path" | "polygon" | "rect" | "text";
  attributes: Readonly<Record<string, string | number>>;
  text?: string;
};

/** Shapes rendered by React, as part of a drawing that it maintains. */
export function Shapes({ shapes }: { shapes: readonly Shape[] }) {
  return shapes.map(({ tag, attributes, text }, index) =>
    createElement(tag, { key: index, ...propsOf(attributes) }, text),
  );
}

/** React has names of its own for attributes of two words. */
const propsOf = (attributes: Shape["attributes"]) => {
  const props: Record<string, string | number> = {};
  for (const name in attributes) props[propOf(name)] = attributes[name]!;
  return props;
};

/** Found once for each attribute: a chart has hundreds of shapes. */
const known = new Map([["class", "className"]]);

function propOf(name: string): string {
  const prop = known.get(name) ?? name.replace(/-(.)/g, (_, letter: string) => letter.toUpperCase());
  known.set(name, prop);
  return prop;
}

const SVG = "http://www.w3.org/2000/svg";

/**
 * Updates the DOM elements of shapes to other shapes, in a drawing made without React. A text at the end of both stays,
 * and is completed by the returned function: a numeral waits a frame for its weight, so that its ground need not wait
 * for it. Everything else changes at once.
 */
export function redraw(drawing: Element, was: readonly Shape[], shapes: readonly Shape[]): () => void {
  const [before, now] = [was.at(-1), shapes.at(-1)];
  const { lastElementChild: text } = drawing;
  if (!text || before?.tag !== "text" || now?.tag !== "text") {
    drawing.replaceChildren(...shapes.map(elementOf));
    return () => {};
  }
  // Removing and inserting it would lay it out again.
  for (const other of [...drawing.children]) if (other !== text) other.remove();
  drawing.prepend(...shapes.slice(0, -1).map(elementOf));
  return () => change(text, before, now);
}

function change(element: Element, was: Shape, shape: Shape): void {
  for (const name in was.attributes) if (!(name in shape.attributes)) element.removeAttribute(name);
  for (const name in shape.attributes) {
    const value = shape.attributes[name];
    if (was.attributes[name] !== value) element.setAttribute(name, String(value));
  }
  if (was.text !== shape.text) element.textContent = shape.text ?? "";
}

function elementOf({ tag, attributes, text }: Shape): SVGElement {
  const element = document.createElementNS(SVG, tag);
  for (const name in attributes) element.setAttribute(name, String(attributes[name]));
  if (text !== undefined) element.textContent = text;
  return element;
}
