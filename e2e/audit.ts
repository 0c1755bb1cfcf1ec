/**
 * Runs in the page: every text a person can see, checked for being cut off, outside the window, too
 * small, too faint, or on top of another. Pictures for the eye only (aria-hidden) are left out.
 */
export function audit(): string[] {
  const problems: string[] = [];
  const boxes: { text: string; rect: DOMRect; el: Element }[] = [];
  const canvas = document.createElement('canvas').getContext('2d', { willReadFrequently: true })!;
  const rgba = (colour: string): [number, number, number, number] => {
    canvas.clearRect(0, 0, 1, 1);
    canvas.fillStyle = colour;
    canvas.fillRect(0, 0, 1, 1);
    const d = canvas.getImageData(0, 0, 1, 1).data;
    return [d[0]!, d[1]!, d[2]!, d[3]! / 255];
  };
  const luminance = ([r, g, b]: readonly number[]) => {
    const f = (v: number) => (v / 255 <= 0.03928 ? v / 255 / 12.92 : ((v / 255 + 0.055) / 1.055) ** 2.4);
    return 0.2126 * f(r!) + 0.7152 * f(g!) + 0.0722 * f(b!);
  };
  const behind = (el: Element): number[] => {
    for (let e: Element | null = el; e; e = e.parentElement) {
      const c = rgba(getComputedStyle(e).backgroundColor);
      if (c[3] > 0.95) return c;
    }
    return [255, 255, 255];
  };
  // A sheet that was opened over the screen covers what is under it on purpose.
  const layer = (el: Element | null) => el?.closest('[data-over]') ?? null;
  const covered = (el: Element, rect: DOMRect): boolean => {
    const top = layer(document.elementFromPoint(rect.x + rect.width / 2, rect.y + rect.height / 2));
    return top !== null && !top.contains(el);
  };
  // A window too low for all of it scrolls as a whole.
  const pageHeight = document.documentElement.scrollHeight;
  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    const text = node.textContent!.trim();
    const el = node.parentElement!;
    const drawing = el.closest<SVGSVGElement>('svg');
    if (text && drawing && !el.closest('[aria-hidden="true"]') && el instanceof SVGGraphicsElement) {
      const size = parseFloat(getComputedStyle(el).fontSize) * (el.getScreenCTM()?.a ?? 1);
      if (size < 11.4) problems.push(`${size.toFixed(1)}px is too small: "${text}"`);
    }
    if (
      !text ||
      el.closest('svg, option, script, style, .visually-hidden, [aria-hidden="true"]') ||
      !el.checkVisibility({ visibilityProperty: true })
    )
      continue;
    const range = document.createRange();
    range.selectNodeContents(node);
    const rect = range.getBoundingClientRect();
    if (rect.width < 1) continue;
    const style = getComputedStyle(el);
    const say = (what: string) => problems.push(`${what}: "${text.slice(0, 40)}"`);
    if (parseFloat(style.fontSize) < 11.5) say(`${style.fontSize} is too small`);

    // Cut off: by the window, or by an ancestor that neither scrolls nor marks the cut with dots.
    let seen = true;
    for (let e: Element | null = el; e && e !== document.body; e = e.parentElement) {
      const s = getComputedStyle(e);
      const box = e.getBoundingClientRect();
      const scrolls = /auto|scroll/.test(s.overflowY) || /auto|scroll/.test(s.overflowX);
      if (scrolls && (rect.bottom > box.bottom + 1 || rect.top < box.top - 1 || rect.right > box.right + 1))
        seen = false;
      if (
        !scrolls &&
        s.overflow !== 'visible' &&
        s.textOverflow !== 'ellipsis' &&
        seen &&
        (rect.right > box.right + 1 || rect.bottom > box.bottom + 2 || rect.left < box.left - 1)
      ) {
        const dotted =
          el.closest('[style*="ellipsis"]') !== null ||
          getComputedStyle(el).textOverflow === 'ellipsis' ||
          getComputedStyle(el.parentElement!).textOverflow === 'ellipsis';
        if (!dotted) say('cut off');
      }
    }
    if (!seen || covered(el, rect)) continue;
    if (rect.left < -1 || rect.top + scrollY < -1 || rect.bottom + scrollY > pageHeight + 1)
      say('outside the window');
    if (rect.left > innerWidth || (rect.right > innerWidth + 1 && style.textOverflow !== 'ellipsis'))
      say('outside the window');

    const large = parseFloat(style.fontSize) >= 24;
    const [a, b] = [luminance(rgba(style.color)), luminance(behind(el))];
    const contrast = (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
    if (contrast < (large ? 3 : 4.5)) say(`contrast ${contrast.toFixed(2)}`);
    if (style.textOverflow !== 'ellipsis') boxes.push({ text: text.slice(0, 30), rect, el });
  }
  for (let i = 0; i < boxes.length; i++) {
    for (let j = i + 1; j < boxes.length; j++) {
      const [p, q] = [boxes[i]!, boxes[j]!];
      if (p.el === q.el || p.el.contains(q.el) || q.el.contains(p.el)) continue;
      if (layer(p.el) !== layer(q.el)) continue;
      const w = Math.min(p.rect.right, q.rect.right) - Math.max(p.rect.left, q.rect.left);
      const h = Math.min(p.rect.bottom, q.rect.bottom) - Math.max(p.rect.top, q.rect.top);
      if (w > 2 && h > 4) problems.push(`on top of each other: "${p.text}" and "${q.text}"`);
    }
  }
  if (document.documentElement.scrollWidth > innerWidth + 1)
    problems.push(`the page is ${document.documentElement.scrollWidth} wide in a window of ${innerWidth}`);
  return problems;
}
