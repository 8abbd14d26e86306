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

/**
 * Makes the elements of a drawing, which show some shapes, show others, where a drawing is made without React. What
 * is new or gone is so at once. From the last one backwards a shape of the same tag stays, and becomes what it has to
 * be with the function given back: a numeral waits a frame for its weight, so that its ground need not wait for it.
 */
export function redraw(drawing: Element, was: readonly Shape[], shapes: readonly Shape[]): () => void {
  const elements = [...drawing.children];
  let kept = 0;
  while (kept < Math.min(was.length, shapes.length) && was.at(-1 - kept)!.tag === shapes.at(-1 - kept)!.tag)
    kept += 1;
  for (const element of elements.slice(0, was.length - kept)) element.remove();
  drawing.prepend(...shapes.slice(0, shapes.length - kept).map(elementOf));
  return () => {
    for (let i = 1; i <= kept; i += 1) change(elements.at(-i)!, was.at(-i)!, shapes.at(-i)!);
  };
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
