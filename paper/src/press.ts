import type { Scene } from '@corkscrew/diagram';
import { showable, widthOf, type Face } from './face.ts';
import { SIZES, type Ink, type Page, type PageItem, type Pages } from './page.ts';
import { cutTo, wrap, wrapTo } from './text.ts';

interface TextStyle {
  readonly face: Face;
  readonly size: number;
  readonly ink?: Ink;
  readonly anchor?: 'start' | 'middle' | 'end';
}

/** What stands at the head of every page. */
export interface Head {
  readonly title: string;
  /** Up to two lines at the right. */
  readonly right: readonly string[];
}

const RULE = 'M';
/** Between the letters of two lines, as a share of their size. */
const LEADING = 1.28;

/** Sets things on pages from the top down, and begins the next one where there is no more room. */
export class Press {
  readonly width: number;
  readonly height: number;
  readonly margin: number;
  y: number;
  private readonly done: { items: PageItem[] }[] = [];
  private readonly outline: { title: string; page: number }[] = [];
  private readonly lacks = new Set<string>();
  private head: Head | null = null;

  constructor(
    private readonly title: string,
    private readonly paper: keyof typeof SIZES,
    /** What stands at the foot of every page, at the left and the right. */
    private readonly foot: { readonly left: string; readonly right: string },
  ) {
    ({ width: this.width, height: this.height, margin: this.margin } = SIZES[paper]);
    this.y = this.margin;
  }

  get left(): number {
    return this.margin;
  }
  get right(): number {
    return this.width - this.margin;
  }
  get inner(): number {
    return this.width - 2 * this.margin;
  }
  /** How far down things may stand. */
  get bottom(): number {
    return this.height - this.margin - 16;
  }
  get room(): number {
    return this.bottom - this.y;
  }
  get pageCount(): number {
    return this.done.length;
  }

  /** A new page with a head of its own from here on. */
  begin(head: Head | null, section?: string): void {
    this.head = head;
    this.nextPage();
    this.firstPage = this.at;
    if (section !== undefined) this.outline.push({ title: section, page: this.done.length - 1 });
  }
  /** The next page, where what comes does not fit on this one. Says whether one was begun. */
  need(height: number): boolean {
    if (this.done.length > 0 && height <= this.room) return false;
    this.nextPage();
    return true;
  }
  nextPage(): void {
    this.done.push({ items: [] });
    this.at = this.done.length - 1;
    this.y = this.margin;
    if (this.head) this.setHead(this.head);
    this.under.push(this.y);
  }

  private setHead({ title, right }: Head): void {
    const size = this.width < 400 ? 18 : 30;
    const small = this.width < 400 ? 7.5 : 10.5;
    const beside = Math.max(0, ...right.map((r) => widthOf(this.clean(r, 'item'), 'item', small)));
    const lines = wrapTo(
      this.clean(title, 'head'),
      'head',
      size,
      this.inner - Math.min(beside, this.inner / 2) - 14,
      2,
    );
    const tall = lines.length * size * 1.02;
    lines.forEach((l, i) =>
      this.put(l, this.left, this.y + size * 0.86 + i * size * 1.02, { face: 'head', size }),
    );
    right
      .slice(0, 3)
      .forEach((r, i, all) =>
        this.put(
          cutTo(this.clean(r, 'item'), 'item', small, this.inner / 2),
          this.right,
          this.y + tall - 3 - (all.length - 1 - i) * small * 1.35,
          { face: 'item', size: small, anchor: 'end' },
        ),
      );
    this.y += tall + 4;
    this.rule(0.6);
    this.y += 3.2;
    this.rule(2.2);
    this.y += 12;
  }

  /** How many pages something would take on a paper of this size. */
  tried(set: (trial: Press) => void): number {
    const trial = new Press(this.title, this.paper, this.foot);
    set(trial);
    return trial.pageCount;
  }

  /** A line across the page where things stand now. */
  rule(width = 0.75, ink: Ink = 'black', from = this.left, to = this.right): void {
    this.path(`${RULE}${n(from)} ${n(this.y)}H${n(to)}`, { stroke: ink, width });
  }

  /** The page on which the last head was begun, from 0. */
  firstPage = 0;
  private at = -1;
  /** Back to a page that was begun: things are set on it from under its head on. */
  goTo(page: number): void {
    this.at = page;
    this.y = this.under[page]!;
  }
  private readonly under: number[] = [];
  private get items(): PageItem[] {
    if (this.done.length === 0) this.nextPage();
    return this.done[this.at]!.items;
  }
  clean(text: string, face: Face): string {
    return showable(text, face, this.lacks);
  }

  /** A text as it is, its letters standing on `y`. */
  put(text: string, x: number, y: number, style: TextStyle): void {
    const shown = this.clean(text, style.face);
    if (shown.trim() !== '') this.items.push({ is: 'text', x: r(x), y: r(y), text: shown, ...style });
  }
  /** A text within a width, cut where it is longer. */
  line(text: string, x: number, y: number, width: number, style: TextStyle): void {
    this.put(cutTo(this.clean(text, style.face), style.face, style.size, width), x, y, style);
  }
  lines(text: string, face: Face, size: number, width: number, most = Infinity): string[] {
    const clean = text
      .split('\n')
      .map((l) => this.clean(l, face))
      .join('\n');
    return most === Infinity ? wrap(clean, face, size, width) : wrapTo(clean, face, size, width, most);
  }
  /** A text over several lines from the top `y`; returns how tall it is. */
  block(
    text: string,
    x: number,
    y: number,
    width: number,
    style: TextStyle & { readonly most?: number },
  ): number {
    const { most = Infinity, ...rest } = style;
    const lines = this.lines(text, style.face, style.size, width, most);
    lines.forEach((l, i) => this.put(l, x, y + style.size * (0.95 + i * LEADING), rest));
    return lines.length * style.size * LEADING;
  }
  path(
    d: string,
    style: { fill?: Ink; stroke?: Ink; width?: number; dash?: string; cap?: 'round' | 'butt' },
  ): void {
    this.items.push({ is: 'path', d, ...style });
  }
  scene(scene: Scene, x: number, y: number, width: number): number {
    const scale = width / scene.width;
    // The letters of a diagram that no font has are told as well.
    for (const i of scene.items) if (i.shape === 'text') this.clean(i.text, 'item');
    this.items.push({ is: 'scene', scene, x: r(x), y: r(y), scale });
    return scene.height * scale;
  }
  /** A frame's number in its box. */
  box(no: string, x: number, y: number, size = 14): void {
    this.path(`M${n(x)} ${n(y)}h${n(size)}v${n(size)}h${n(-size)}Z`, { stroke: 'black', width: 0.9 });
    this.put(no, x + size / 2, y + size * 0.74, { face: 'item', size: size * 0.68, anchor: 'middle' });
  }

  /** All that was set, each page with its foot. */
  finish(outline = this.outline): Pages {
    const { width, height } = this;
    const size = width < 400 ? 6.5 : 8.5;
    const count = this.done.length;
    const pages = this.done.map(({ items }, i): Page => {
      const y = height - this.margin;
      const number = count > 1 ? ` · ${i + 1} of ${count}` : '';
      const right = `${this.clean(this.foot.right, 'label')}${number}`;
      const left = cutTo(
        this.clean(this.foot.left, 'label'),
        'label',
        size,
        this.inner - widthOf(right, 'label', size) - 20,
      );
      return {
        ...{ width, height },
        items: [
          ...items,
          {
            is: 'path',
            d: `M${n(this.left)} ${n(y - size - 4)}H${n(this.right)}`,
            stroke: 'black',
            width: 0.6,
          },
          ...(left === '' ? [] : [{ is: 'text', x: this.left, y, text: left, size, face: 'label' } as const]),
          { is: 'text', x: this.right, y, text: right, size, face: 'label', anchor: 'end' },
        ],
      };
    });
    return { title: this.title, pages, outline, lacks: [...this.lacks] };
  }
}

const r = (x: number): number => Math.round(x * 100) / 100;
/** A number of a path. */
export const n = (x: number): string => String(r(x));
