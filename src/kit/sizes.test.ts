import { readdirSync, readFileSync } from "node:fs";
import { expect, test } from "vitest";

/** A size of type or a radius that is not one of the kit's (src/app/globals.css); an em grows with the words it stands in. */
const ELSEWHERE =
  /(?<![\w-])(?:text-(?:xs|sm|md|lg|\d?xl)(?![\w-])|text-\[[^\]]*(?:px|rem|v[hw])[^\]]*\]|rounded(?:-[trbl]{1,2})?(?:-(?:xs|sm|md|lg|\d?xl))?(?=["` ])|rounded(?:-[trbl]{1,2})?-\[[^\]]*(?:px|rem)[^\]]*\])/g;

test("sizes of type and radii come from the kit, on screens and in drawings", () => {
  const files = ["src/kit", "src/view", "src/screen", "src/app"].flatMap((room) =>
    readdirSync(room, { recursive: true, encoding: "utf8" })
      .filter((file) => file.endsWith(".tsx"))
      .map((file) => `${room}/${file}`),
  );
  const found = files.flatMap((file) =>
    // Classes stand in quotes: a word of a comment is none.
    (readFileSync(file, "utf8").match(/"[^"\n]*"|`[^`]*`/g) ?? []).flatMap((text) =>
      (text.match(ELSEWHERE) ?? []).map((size) => `${file}: ${size}`),
    ),
  );
  expect(found).toEqual([]);
  expect("h-4 text-lg".match(ELSEWHERE)).toEqual(["text-lg"]);
  expect('"rounded px-2 rounded-[7px] text-[22px]"'.match(ELSEWHERE)).toHaveLength(3);
});
