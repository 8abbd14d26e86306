import { readFileSync } from "node:fs";
import { join } from "node:path";
import { initWasm, Resvg } from "@resvg/resvg-wasm";
import { MAX_PIXELS } from "@/core/lesson/picture-wish";
import { group, moved, type Picture } from "./flatten/drawn";
import { toSvg } from "./svg";

let ready: Promise<void> | undefined;
const start = () => {
  ready ??= initWasm(readFileSync(join(process.cwd(), "node_modules/@resvg/resvg-wasm/index_bg.wasm")));
  return ready;
};

const NO_FONTS = { loadSystemFonts: false };

/**
 * Writes a picture as a PNG file.
 * @param longest its longer side, in pixels, at most 4,000
 * @param ground a background colour, or none for a transparent picture
 */
export async function toPng(picture: Picture, longest: number, ground: string | null): Promise<Uint8Array> {
  await start();
  const side = Math.max(1, Math.min(MAX_PIXELS, Math.round(longest)));
  const mode = picture.width >= picture.height ? "width" : "height";
  const renderer = new Resvg(toSvg(picture, { ground, letters: "outlines" }), {
    fitTo: { mode, value: side },
    font: NO_FONTS,
  });
  try {
    const image = renderer.render();
    try {
      return image.asPng();
    } finally {
      image.free();
    }
  } finally {
    renderer.free();
  }
}

/** Margin kept around what is drawn, in pixels. */
const MARGIN = 12;

/** The scale at which a picture is looked through for what is drawn in it. */
const LOOK = 0.5;

/** Crops a picture to what is drawn in it, with a small margin; an empty one stays as it is. */
export async function cropped(picture: Picture): Promise<Picture> {
  await start();
  const box = drawnIn(picture);
  if (!box) return picture;
  const [x, y] = [Math.max(0, box.left - MARGIN), Math.max(0, box.top - MARGIN)];
  const width = Math.min(picture.width, box.right + MARGIN) - x;
  const height = Math.min(picture.height, box.bottom + MARGIN) - y;
  return { width, height, drawn: [group(picture.drawn, { matrix: moved(-x, -y) })] };
}

type Edges = { left: number; top: number; right: number; bottom: number };

/**
 * The edges of what is drawn in a picture; null if nothing is. They are those of its painted pixels: the box that the
 * library works out leaves parts of letters out.
 */
function drawnIn(picture: Picture): Edges | null {
  const renderer = new Resvg(toSvg(picture, { ground: null, letters: "outlines" }), {
    fitTo: { mode: "zoom", value: LOOK },
    font: NO_FONTS,
  });
  const image = renderer.render();
  const { width, height, pixels } = image;
  const found: Edges = { left: width, top: height, right: 0, bottom: 0 };
  for (let y = 0; y < height; y += 1) {
    for (let x = 0; x < width; x += 1) {
      // The fourth byte of a pixel says how much of it is painted.
      if (pixels[(y * width + x) * 4 + 3] === 0) continue;
      found.left = Math.min(found.left, x);
      found.right = Math.max(found.right, x + 1);
      found.top = Math.min(found.top, y);
      found.bottom = y + 1;
    }
  }
  image.free();
  renderer.free();
  if (found.bottom === 0) return null;
  const { left, top, right, bottom } = found;
  return { left: left / LOOK, top: top / LOOK, right: right / LOOK, bottom: bottom / LOOK };
}
