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

/** Crops a picture to what is drawn in it, with a small margin; an empty one stays as it is. */
export async function cropped(picture: Picture): Promise<Picture> {
  await start();
  const renderer = new Resvg(toSvg(picture, { ground: null, letters: "outlines" }), { font: NO_FONTS });
  const box = renderer.innerBBox();
  renderer.free();
  if (!box || !(box.width > 0) || !(box.height > 0)) return picture;
  const [x, y] = [Math.max(0, box.x - MARGIN), Math.max(0, box.y - MARGIN)];
  const width = Math.min(picture.width, box.x + box.width + MARGIN) - x;
  const height = Math.min(picture.height, box.y + box.height + MARGIN) - y;
  return { width, height, drawn: [group(picture.drawn, { matrix: moved(-x, -y) })] };
}
