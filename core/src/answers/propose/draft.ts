import type { PlayerId } from '../../alignment/library.ts';
import type { Point } from '../../geometry/vec.ts';
import type { Action, ActionOf, Cue, Frame, Read } from '../../play/document.ts';
import type { NewAction } from '../../play/change.ts';
import { renameReferences } from '../../play/references.ts';
import { freshIds } from '../../play/tree.ts';
import { whoDoes } from '../told.ts';
import { farFromRim, type Scene } from './scene.ts';
import { behindArc } from '../../court/queries.ts';

/** What coaches call an answer. */
export type RecipeKey =
  | 'pullUp'
  | 'mid'
  | 'roll'
  | 'shortRoll'
  | 'pop'
  | 'ghost'
  | 'slip'
  | 'lower'
  | 'reject'
  | 'curl'
  | 'fade'
  | 'backCut'
  | 'outlet'
  | 'swing'
  | 'keep'
  | 'lob'
  | 'highLow'
  | 'rescreen'
  | 'turn'
  | 'seal'
  | 'dribbleAt'
  | 'dive'
  | 'flash';

/** One way to answer: a whole frame, ready to be an ending. */
export interface Draft {
  readonly recipe: RecipeKey;
  readonly frame: Frame;
  /** What of it is new, in order: the rest is as it was drawn. */
  readonly fresh: readonly string[];
  /** The last pass or shot of it: the look. */
  readonly look: string;
}

/** Men are to move at least so far (ft). */
const STEP = 0.5;

/** A frame in the making: what others do in the drawn one stays, what the two men do is said anew. */
export class Drafting {
  readonly #scene: Scene;
  readonly #ids: string[];
  readonly #copies = new Map<string, string>();
  readonly #kept: Action[];
  readonly #added: Action[] = [];
  readonly #parent: string | null;
  #at: { action: string; event: 'used' | 'start' | 'catch' | 'end' };

  /** It goes on from the frame as that is drawn: who runs in it runs on. */
  readonly goesOn: boolean;

  /** `from`: the frame that is done otherwise; `anew`: what of it goes. With `null` nothing is: it goes on from there. */
  constructor(scene: Scene, from: Frame, anew: ((a: Action) => boolean) | null) {
    this.#scene = scene;
    this.#ids = freshIds(scene.play, 'a', 60);
    this.goesOn = anew === null;
    this.#at = { action: scene.at.action, event: shownBy(scene) };
    if (!anew) {
      this.#parent = from.id;
      this.#kept = [];
      return;
    }
    this.#parent = from.parent;
    const kept = from.actions.filter((a) => !anew(a));
    for (const a of kept) this.#copies.set(a.id, this.#ids.shift()!);
    const gone = new Set(from.actions.filter((a) => !kept.includes(a)).map((a) => a.id));
    const { actions } = renameReferences({ ...from, actions: kept }, (id) => this.#copies.get(id) ?? id);
    this.#kept = actions.map((a): Action => ({ ...untied(a, gone), id: this.#copies.get(a.id)! }));
    this.#at = { ...this.#at, action: this.#copies.get(scene.at.action) ?? scene.at.action };
  }

  /** The id under which a drawn action stands in it. */
  copyOf(id: string): string {
    return this.#copies.get(id) ?? id;
  }

  do(action: NewAction): string {
    const id = this.#ids.shift()!;
    this.#added.push({ ...action, id } as Action);
    return id;
  }
  cut(by: PlayerId, path: readonly Point[], more: Partial<ActionOf<'cut'>> = {}): string {
    return this.do({ by, does: 'cut', path: way(path), tempo: 'sprint', ...more } as NewAction);
  }
  dribble(by: PlayerId, path: readonly Point[], more: Partial<ActionOf<'dribble'>> = {}): string {
    return this.do({ by, does: 'dribble', path: way(path), tempo: 'sprint', ...more } as NewAction);
  }
  pass(by: PlayerId, to: PlayerId, more: { kind?: ActionOf<'pass'>['kind']; cue?: Cue } = {}): string {
    return this.do({ by, does: 'pass', to, ...more } as NewAction);
  }
  /** The shot of one who has the ball at a place. */
  shot(by: PlayerId, at: Point): string {
    const { court } = this.#scene;
    const far = farFromRim(this.#scene, at);
    const kind = far < 6 ? 'layup' : behindArc(court, at) ? 'three' : far < 11 ? 'floater' : 'jumper';
    return this.do({ by, does: 'shot', kind });
  }
  /** The read is of this action of the frame itself. */
  readAt(action: string): void {
    this.#at = { action, event: 'start' };
  }

  done(recipe: RecipeKey, look: string): Draft {
    const { reaction, at, defence } = this.#scene;
    const who = whoDoes(defence, at, reaction);
    const read: Read = { does: reaction, at: this.#at, ...(who.length > 0 ? { who } : {}) };
    return {
      recipe,
      look,
      fresh: this.#added.map((a) => a.id),
      frame: {
        id: freshIds(this.#scene.play, 'f', 1)[0]!,
        parent: this.#parent,
        read,
        actions: [...this.#kept, ...this.#added],
      },
    };
  }
}

/** What is done there shows at its use; against a zone when the ball comes. */
const shownBy = ({ at }: Scene): 'used' | 'catch' | 'end' =>
  at.kind !== 'zone' ? 'used' : at.by === at.user ? 'end' : 'catch';

export const way = (path: readonly Point[]): Point[] =>
  path.map(({ x, y }) => ({ x: Math.round(x * 4) / 4, y: Math.round(y * 4) / 4 }));

/** What waited for something that is gone starts with the frame. */
function untied(a: Action, gone: ReadonlySet<string>): Action {
  const { cue, ...rest } = a;
  return cue && (gone.has(cue.on) || cue.on === 'read' || cue.and?.some((c) => gone.has(c.on)))
    ? (rest as Action)
    : a;
}

const MOVES: ReadonlySet<Action['does']> = new Set(['cut', 'screen', 'seal', 'hold'] as const);

/** After the use: what was drawn before it stays, and what the others do besides; the two men's and the ball's ways are said anew. */
export function afterUse(scene: Scene): Drafting {
  const { used, use, at } = scene;
  const from = use ? used.actions.indexOf(use) : used.actions.findIndex((a) => a.id === at.action) + 1;
  return new Drafting(scene, used, (a) => {
    const i = used.actions.indexOf(a);
    if (a.id === at.action || i < from) return false;
    return a.by === at.by || a.by === at.user || !MOVES.has(a.does);
  });
}

/** From the use on, with the user's way as it is drawn: an ending of that frame where the ball does nothing more in it. */
export function fromUse(scene: Scene): Drafting {
  const { used, use, set, at } = scene;
  if (at.kind === 'zone') {
    const caught = set.actions.findIndex((a) => a.id === at.action);
    const on = (a: Action): boolean => set.actions.indexOf(a) > caught && !MOVES.has(a.does);
    return new Drafting(scene, set, set.actions.some(on) ? on : null);
  }
  const i = use ? used.actions.indexOf(use) : -1;
  const rests = used.actions.every((a, k) => k <= i || MOVES.has(a.does));
  return use && rests && at.kind !== 'handoff' ? new Drafting(scene, used, null) : afterUse(scene);
}

/** Before the use: the screen itself is done otherwise, or not at all. What the others do in the frame of the use comes with it. */
export function insteadOf(scene: Scene): Drafting {
  const { set, at } = scene;
  const i = set.actions.findIndex((a) => a.id === at.action);
  return new Drafting(scene, set, (a) => {
    const k = set.actions.indexOf(a);
    if (a.id === at.action) return true;
    return k > i && (a.by === at.by || a.by === at.user || !MOVES.has(a.does));
  });
}

/** Whether a path leads anywhere. */
export const leads = (from: Point, path: readonly Point[]): boolean =>
  path.some((p) => Math.hypot(p.x - from.x, p.y - from.y) >= STEP);
