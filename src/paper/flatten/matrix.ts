import { combined, IDENTITY, type Matrix, moved } from "./drawn";

/** The transforms that our drawings use: translate, rotate and scale, by attribute or by style. */
export function matrixOf(attribute: string, css: string): Matrix {
  const all = [...`${attribute} ${css === "none" ? "" : css}`.matchAll(/(\w+)\(([^)]*)\)/g)];
  if (all.length === 0) return IDENTITY;
  return all.reduce<Matrix>((sum, [, name, inside]) => {
    const [a = 0, b, c] = inside!
      .split(/[\s,]+/)
      .filter(Boolean)
      .map(Number.parseFloat);
    return combined(sum, one(name!, a, b, c));
  }, IDENTITY);
}

function one(name: string, a: number, b: number | undefined, c: number | undefined): Matrix {
  switch (name) {
    case "translate":
      return moved(a, b ?? 0);
    case "translateX":
      return moved(a, 0);
    case "translateY":
      return moved(0, a);
    case "scale":
      return [a, 0, 0, b ?? a, 0, 0];
    case "rotate": {
      const [sin, cos] = [Math.sin((a * Math.PI) / 180), Math.cos((a * Math.PI) / 180)];
      const turn: Matrix = [cos, sin, -sin, cos, 0, 0];
      return b === undefined ? turn : combined(combined(moved(b, c ?? 0), turn), moved(-b, -(c ?? 0)));
    }
    default:
      return IDENTITY;
  }
}
