// Measures the text of a page: what is cut off, overlaps another, or leaves its box.
(within) => {
  const SLACK = 1.5;
  // a line's box is higher than its letters
  const LETTERS = 0.22;
  // what is higher than this is a part of the page that goes on below
  const PAGE = 200;
  // a constant, a key of the catalogue, an id
  const RAW = /\b[A-Z]+_[A-Z]|\b[a-z]+\.[a-z]+[A-Z]|\b[0-9a-f]{8}-[0-9a-f]{4}-/;
  const faults = new Set();
  const short = (text) => text.trim().replace(/\s+/g, ' ').slice(0, 48);

  const isClear = (colour) => colour === 'transparent' || /, 0\)$|\/ 0\)$/.test(colour);
  const isDrawn = (style) =>
    !isClear(style.backgroundColor) ||
    ['Top', 'Right', 'Bottom', 'Left'].every(
      (edge) =>
        parseFloat(style[`border${edge}Width`]) > 0 &&
        style[`border${edge}Style`] === 'solid' &&
        !isClear(style[`border${edge}Color`]),
    );

  /** What of a line is seen, or nothing; a fault where something that does not scroll cuts it off. */
  function seen(line, element, text) {
    const box = {
      left: line.left,
      top: line.top,
      right: line.right,
      bottom: line.bottom,
    };
    const letters = (line.bottom - line.top) * LETTERS;
    let drawn = element.closest('svg') !== null;
    for (let at = element; at && at !== document.documentElement; at = at.parentElement) {
      const style = getComputedStyle(at);
      const edge = at.getBoundingClientRect();
      if (edge.width <= 1 || edge.height <= 1) {
        return null; // for readers of the screen only
      }
      const allowed = at.closest('[data-shortened]') !== null;
      const cuts = (overflow) => overflow === 'hidden' || overflow === 'clip';
      if (at.tagName !== 'BODY' && style.display !== 'inline' && !allowed) {
        if (
          cuts(style.overflowX) &&
          (box.right > edge.right + SLACK || box.left < edge.left - SLACK)
        ) {
          faults.add(`cut off: ${short(text)}`);
        }
        if (
          cuts(style.overflowY) &&
          (box.bottom - letters > edge.bottom + SLACK || box.top + letters < edge.top - SLACK)
        ) {
          faults.add(`cut off below: ${short(text)}`);
        }
      }
      if (style.overflowX !== 'visible' || style.overflowY !== 'visible') {
        box.left = Math.max(box.left, edge.left);
        box.right = Math.min(box.right, edge.right);
        box.top = Math.max(box.top, edge.top);
        box.bottom = Math.min(box.bottom, edge.bottom);
        if (box.right - box.left < 1 || box.bottom - box.top < 1) {
          return null;
        }
      }
      if (!drawn && style.display !== 'inline' && isDrawn(style)) {
        drawn = true;
        const isPage = edge.height > PAGE;
        if (
          box.right > edge.right + SLACK ||
          box.left < edge.left - SLACK ||
          (!isPage &&
            (box.bottom - letters > edge.bottom + SLACK || box.top + letters < edge.top - SLACK))
        ) {
          faults.add(
            `leaves its box: ${short(text)} (${at.tagName} ${Math.round(edge.width)}x${Math.round(edge.height)})`,
          );
        }
      }
    }
    const drawing = element.closest('svg');
    if (drawing) {
      const edge = drawing.getBoundingClientRect();
      if (box.right > edge.right + SLACK || box.left < edge.left - SLACK) {
        faults.add(`leaves its drawing: ${short(text)}`);
      }
    }
    return box;
  }

  /** Text of different layers may lie over each other: the page scrolls below what is fixed. */
  function layerOf(element) {
    for (let at = element; at; at = at.parentElement) {
      const { position } = getComputedStyle(at);
      if (position === 'fixed' || position === 'sticky') {
        return at;
      }
    }
    return document.body;
  }

  /** Whether something opaque that is not around it lies over the middle of a line. */
  function isCovered(box, element) {
    const x = (box.left + box.right) / 2;
    const y = (box.top + box.bottom) / 2;
    let over = document.elementFromPoint(x, y);
    for (; over && !over.contains(element); over = over.parentElement) {
      if (element.contains(over)) {
        return false;
      }
      if (!isClear(getComputedStyle(over).backgroundColor)) {
        return layerOf(over) === layerOf(element);
      }
    }
    return false;
  }

  const lines = [];
  const roots = [...document.querySelectorAll(within)].filter(
    (one) => !one.parentElement.closest(within),
  );
  for (const root of roots) {
    for (const one of root.querySelectorAll('[aria-label], [title]')) {
      const said = one.getAttribute('aria-label') ?? one.getAttribute('title');
      if (RAW.test(said)) {
        faults.add(`raw name: ${short(said)}`);
      }
    }
    const walker = document.createTreeWalker(root, NodeFilter.SHOW_TEXT);
    while (walker.nextNode()) {
      const node = walker.currentNode;
      const element = node.parentElement;
      const style = getComputedStyle(element);
      if (
        !node.data.trim() ||
        style.visibility === 'hidden' ||
        !element.checkVisibility({ opacityProperty: true })
      ) {
        continue;
      }
      const isToBeWhole = element.closest('[data-shortened]') === null;
      if (
        isToBeWhole &&
        style.textOverflow === 'ellipsis' &&
        element.scrollWidth > element.clientWidth + 1
      ) {
        faults.add(`cut off with dots: ${short(node.data)}`);
      }
      if (RAW.test(node.data)) {
        faults.add(`raw name: ${short(node.data)}`);
      }
      const range = document.createRange();
      range.selectNodeContents(node);
      const layer = layerOf(element);
      for (const line of range.getClientRects()) {
        const box = seen(line, element, node.data);
        const isWhole = box && box.bottom - box.top > 0.9 * (line.bottom - line.top);
        if (isWhole && isCovered(box, element)) {
          faults.add(`covered: ${short(node.data)}`);
        }
        if (box) {
          const letters = (box.bottom - box.top) * LETTERS;
          lines.push({
            node,
            layer,
            ...box,
            top: box.top + letters,
            bottom: box.bottom - letters,
          });
        }
      }
    }
  }
  for (const [i, one] of lines.entries()) {
    for (const other of lines.slice(i + 1)) {
      const across = Math.min(one.right, other.right) - Math.max(one.left, other.left);
      const down = Math.min(one.bottom, other.bottom) - Math.max(one.top, other.top);
      if (one.node !== other.node && one.layer === other.layer && across > SLACK && down > SLACK) {
        faults.add(`overlap: ${short(one.node.data)} | ${short(other.node.data)}`);
      }
    }
  }
  return [...faults];
}
