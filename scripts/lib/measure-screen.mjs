/** Measures what stands on an open page: runs in the browser. Sizes are in CSS pixels. */
export function measureScreen() {
  const seen = (element) => element.checkVisibility({ opacityProperty: true, visibilityProperty: true });
  /** The visible part of an element, without what has scrolled out of its container. */
  const inSight = (element) => {
    let { left, right, top, bottom } = element.getBoundingClientRect();
    for (let part = element.parentElement; part; part = part.parentElement) {
      if (getComputedStyle(part).overflow === "visible") continue;
      const around = part.getBoundingClientRect();
      [left, right] = [Math.max(left, around.left), Math.min(right, around.right)];
      [top, bottom] = [Math.max(top, around.top), Math.min(bottom, around.bottom)];
    }
    return { left, right, top, bottom, width: right - left, height: bottom - top };
  };
  const scrolls = (element) => {
    for (let part = element.parentElement; part; part = part.parentElement) {
      const { overflowX, overflowY } = getComputedStyle(part);
      if (/auto|scroll/.test(overflowX) && part.scrollWidth > part.clientWidth + 1) return true;
      if (/auto|scroll/.test(overflowY) && part.scrollHeight > part.clientHeight + 1) return true;
    }
    return false;
  };
  const name = (element) =>
    (element.getAttribute("aria-label") ?? element.textContent ?? "").trim().slice(0, 40);

  /** The displayed size of a text: an SVG may be scaled on the page. */
  const sizeOf = (text) => {
    const size = Number.parseFloat(getComputedStyle(text).fontSize);
    const matrix = text.getScreenCTM?.();
    return matrix ? size * Math.hypot(matrix.b, matrix.d) : size;
  };
  const numerals = (place) => {
    const walker = document.createTreeWalker(place, NodeFilter.SHOW_TEXT);
    const sizes = [];
    while (walker.nextNode()) {
      const { data, parentElement } = walker.currentNode;
      // Raised numbers of a fraction are part of one numeral; words on buttons are no numerals.
      if (!/\d/.test(data) || !parentElement || !seen(parentElement)) continue;
      if (parentElement.closest("button, input, label, [data-small], h2, h3")) continue;
      const { width } = parentElement.getBoundingClientRect();
      if (width < 2) continue;
      const text = parentElement.closest("text") ?? parentElement;
      sizes.push({ size: sizeOf(text), data: data.trim() });
    }
    return sizes.sort((a, b) => a.size - b.size)[0] ?? null;
  };
  const smallest = (where) =>
    [...document.querySelectorAll(`[data-place="${where}"]`)]
      .map(numerals)
      .filter(Boolean)
      .sort((a, b) => a.size - b.size)[0] ?? null;

  // Under a dialog nothing is pressed or read.
  const page = document.querySelector("[role=dialog][data-state=open]") ?? document.body;
  const controls = [...page.querySelectorAll("button, input, select, a[href], [role=tab]")].filter(seen);
  const boxes = controls
    .map((control) => ({ control, box: inSight(control) }))
    .filter(({ box }) => box.width > 2 && box.height > 2 && box.bottom <= innerHeight);
  const overlapping = boxes.flatMap(({ control, box }, index) =>
    boxes
      .slice(index + 1)
      .filter((other) => !control.contains(other.control) && !other.control.contains(control))
      .filter(
        (other) =>
          Math.min(box.right, other.box.right) - Math.max(box.left, other.box.left) > 1 &&
          Math.min(box.bottom, other.box.bottom) - Math.max(box.top, other.box.top) > 1,
      )
      .map((other) => `${name(control)} × ${name(other.control)}`),
  );
  const out = controls
    .filter((control) => {
      const { left, right, top, bottom, width, height } = control.getBoundingClientRect();
      if (width < 2 || height < 2 || scrolls(control)) return false;
      const cut = inSight(control);
      const gone = left < -1 || top < -1 || right > innerWidth + 1 || bottom > innerHeight + 1;
      return gone || cut.width < width - 2 || cut.height < height - 2;
    })
    .map(name);
  // The boxes of words: where their letters are, without the line spacing.
  const words = [];
  const cutWords = [];
  const walker = document.createTreeWalker(page, NodeFilter.SHOW_TEXT);
  while (walker.nextNode()) {
    const { data, parentElement } = walker.currentNode;
    if (!data.trim() || !parentElement || !seen(parentElement)) continue;
    // What is out of sight with its part of a line comes when the line slides.
    if (parentElement.closest("script, style, option, [data-beyond]")) continue;
    // Text for screen readers only has a box of one pixel.
    if (parentElement.getBoundingClientRect().width <= 1) continue;
    // A word that may be cut ends in three dots.
    const { textOverflow, webkitLineClamp } = getComputedStyle(parentElement);
    if (textOverflow === "ellipsis" || webkitLineClamp !== "none" || parentElement.closest(".line-clamp-2"))
      continue;
    const range = document.createRange();
    range.selectNodeContents(walker.currentNode);
    const sight = inSight(parentElement);
    for (const { left, right, top, bottom } of range.getClientRects()) {
      const [middle, half] = [(top + bottom) / 2, Math.min(bottom - top, sizeOf(parentElement)) * 0.36];
      if (right - left < 2 || half < 1) continue;
      const box = {
        left: Math.max(left, sight.left),
        right: Math.min(right, sight.right, innerWidth),
        top: Math.max(middle - half, sight.top),
        bottom: Math.min(middle + half, sight.bottom, innerHeight),
      };
      const text = data.trim().slice(0, 30);
      const cut = box.right - box.left < right - left - 2 || box.bottom - box.top < 2 * half - 2;
      if (cut && !scrolls(parentElement)) cutWords.push(text);
      if (box.right > box.left && box.bottom > box.top) words.push({ element: parentElement, text, ...box });
    }
  }
  const meets = (a, b) =>
    Math.min(a.right, b.right) - Math.max(a.left, b.left) > 2 &&
    Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > 2;
  // A numeral is drawn once more over what lies on it.
  const onWords = words.flatMap((word, index) => [
    ...words
      .slice(index + 1)
      .filter((other) => other.element !== word.element && other.text !== word.text && meets(word, other))
      .map((other) => `"${word.text}" × "${other.text}"`),
    ...boxes
      .filter(
        ({ control, box }) =>
          !control.contains(word.element) && !word.element.contains(control) && meets(word, box),
      )
      .map(({ control }) => `"${word.text}" × ${name(control)}`),
  ]);
  const rail = [...document.querySelectorAll("footer button")].filter(seen).map((button) => {
    const { width, height } = button.getBoundingClientRect();
    return { size: Math.min(width, height), name: name(button) };
  });
  return {
    main: smallest("main"),
    side: smallest("side"),
    target: rail.sort((a, b) => a.size - b.size)[0] ?? null,
    overlapping: [...overlapping, ...onWords],
    out: [...out, ...cutWords],
    scroll: [
      document.documentElement.scrollWidth - innerWidth,
      document.documentElement.scrollHeight - innerHeight,
    ],
  };
}
