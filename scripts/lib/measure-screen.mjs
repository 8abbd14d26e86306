/** What stands on a page that is open: runs in the browser. Sizes are in CSS pixels. */
export function measureScreen() {
  const seen = (element) => element.checkVisibility({ opacityProperty: true, visibilityProperty: true });
  /** What of an element is in sight: what has scrolled out of its part of the page is not. */
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

  /** How high a text is drawn: an SVG may stand on the page in another size than its own. */
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

  const controls = [...document.querySelectorAll("button, input, select, a[href], [role=tab]")].filter(seen);
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
  const rail = [...document.querySelectorAll("footer button")].filter(seen).map((button) => {
    const { width, height } = button.getBoundingClientRect();
    return { size: Math.min(width, height), name: name(button) };
  });
  return {
    main: smallest("main"),
    side: smallest("side"),
    target: rail.sort((a, b) => a.size - b.size)[0] ?? null,
    overlapping,
    out,
    scroll: [
      document.documentElement.scrollWidth - innerWidth,
      document.documentElement.scrollHeight - innerHeight,
    ],
  };
}
