import { isCovered } from './draft.ts';
import { grewFrom, saveName, type Extent } from './extent.ts';
import {
  keeping,
  step,
  type Answered,
  type At,
  type Effect,
  type Happening,
  type Keeping,
} from './machine.ts';
import { opening, taking, type Found, type Theirs } from './opening.ts';

/**
 * A world in small: a server, a browser's store, and tabs on one play, in which messages are late, answers are
 * lost and tabs die. A document is the list of the changes in it, so that what is lost can be counted.
 */
export type Doc = readonly number[];

const same = (a: Doc, b: Doc): boolean => a.length === b.length && a.every((x, i) => x === b[i]);
const RULES = { same, print: (d: Doc) => d.join() };
const holds = (a: Doc, b: Doc): boolean => b.every((x) => a.includes(x));

interface Message {
  readonly from: number;
  readonly says: { readonly wanted: string } | { readonly at: At<Doc>; readonly to: string | null } | 'lost';
}
interface Tab {
  k: Keeping<Doc> | null;
  frozen: boolean;
  /** A save is due at some time. */
  waits: boolean;
  inbox: Message[];
}
interface Letter {
  readonly tab: number;
  readonly me: string;
  readonly save: string;
  readonly doc: Doc;
  readonly extent: Extent;
  answer: Answered<Doc> | null;
}

export class World {
  readonly server = {
    doc: [] as Doc,
    revision: 1,
    save: null as string | null,
    trashed: false,
    full: false,
    refuses: false,
    answered: new Map<string, number>(),
    history: [[]] as Doc[],
  };
  readonly store = new Map<string, Found<Doc>>();
  readonly tabs: Tab[];
  readonly letters: Letter[] = [];
  lock: number | null = null;
  /** Tabs that wait for the lock, in the order they asked. */
  private queue: number[] = [];
  made: number[] = [];
  /** What must never happen, and did. */
  readonly faults: string[] = [];
  /** Somebody else changed the play, or a tab was held up or died in the middle of asking: then there may be two versions. */
  divided = false;
  conflicts = 0;
  offers = 0;
  /** Changes that the coach let go. */
  private letGoOf = new Set<number>();
  private sittings = 0;

  constructor(tabs = 2) {
    this.tabs = Array.from({ length: tabs }, () => ({ k: null, frozen: false, waits: false, inbox: [] }));
  }

  private awake(i: number): Keeping<Doc> | null {
    const tab = this.tabs[i]!;
    return tab.frozen ? null : tab.k;
  }

  private happens(i: number, h: Happening<Doc>): void {
    const tab = this.tabs[i]!;
    if (!tab.k) return;
    const before = tab.k;
    const [next, effects] = step(before, h, RULES);
    tab.k = next;
    for (const e of effects) this.does(i, next, e);
    if (next.status === 'conflict' && before.status !== 'conflict' && next.pen === 'mine')
      this.clashes(next.doc, next.theirs!);
    if (next.status === 'saved' && next.pen === 'mine' && !this.server.history.some((d) => same(d, next.doc)))
      this.faults.push('it says saved, and the server never had it');
  }

  private clashes(mine: Doc, theirs: Theirs<Doc>): void {
    this.conflicts += 1;
    if (holds(mine, theirs.doc)) this.faults.push('a conflict with nothing of anybody else in it');
    if (!this.divided) this.faults.push('a coach in conflict with himself');
  }

  private does(i: number, k: Keeping<Doc>, e: Effect<Doc>): void {
    switch (e.do) {
      case 'keep':
        this.keep(k.me, e.doc, e.extent, e.asked);
        return;
      case 'drop':
        this.drop(e.extent);
        return;
      case 'yield': {
        const own = this.store.get(e.me);
        const others = [...this.store.values()].filter((d) => d.sitting !== e.me);
        if (own && isCovered(own, e.extent) && (e.saved || others.some((d) => isCovered(own, d))))
          this.store.delete(e.me);
        return;
      }
      case 'send':
        this.letters.push({ tab: i, me: k.me, save: e.save, doc: e.doc, extent: e.extent, answer: null });
        return;
      case 'wait':
        this.tabs[i]!.waits = true;
        return;
      case 'tell':
        this.post(i, { at: e.at, to: e.to });
        return;
      case 'ask':
        this.post(i, { wanted: k.me });
        this.queue.push(i);
        this.grant();
        return;
      case 'release':
        this.letGo(i);
        return;
      case 'offer':
        this.offers += 1;
        if (!this.divided) this.faults.push('a version offered beside, of a coach who has made only one');
    }
  }

  private keep(me: string, doc: Doc, extent: Extent, asked: boolean): void {
    this.store.set(me, {
      ...extent,
      covers: { ...extent.covers, [me]: extent.count },
      sitting: me,
      doc,
      asked,
    });
  }

  private drop(by: Extent): void {
    for (const [s, d] of this.store) if (isCovered(d, by)) this.store.delete(s);
  }

  private letGo(i: number): void {
    if (this.lock === i) this.lock = null;
    this.grant();
  }

  private grant(): void {
    if (this.lock === null) this.lock = this.queue.shift() ?? null;
  }

  private post(from: number, says: Message['says']): void {
    this.tabs.forEach((tab, i) => {
      if (i !== from && tab.k) tab.inbox.push({ from, says });
    });
  }

  private serve(letter: Pick<Letter, 'save' | 'doc' | 'extent'>): Answered<Doc> {
    const s = this.server;
    const theirs: Theirs<Doc> = { doc: s.doc, revision: s.revision, save: s.save, trashed: s.trashed };
    const again = s.answered.get(letter.save);
    if (again !== undefined) return { is: 'kept', revision: again };
    if (s.full) return { is: 'full', why: 'full' };
    if (s.refuses) return { is: 'refused', why: 'refused' };
    if (s.trashed) return { is: 'trashed', theirs };
    if (letter.extent.revision !== s.revision)
      return same(s.doc, letter.doc) ? { is: 'kept', revision: s.revision } : { is: 'clash', theirs };
    if (
      !holds(
        letter.doc,
        s.doc.filter((t) => !this.letGoOf.has(t)),
      )
    )
      this.faults.push('somebody’s change was overwritten in silence');
    this.write(letter.doc, letter.save);
    s.answered.set(letter.save, s.revision);
    return { is: 'kept', revision: s.revision };
  }

  private write(doc: Doc, save: string): void {
    Object.assign(this.server, { doc, save, revision: this.server.revision + 1 });
    this.server.history.push(doc);
  }

  // What may happen, each a thing that can happen at any time.

  open(i: number): void {
    const tab = this.tabs[i]!;
    if (tab.k) return;
    Object.assign(tab, { frozen: false, waits: false, inbox: [] });
    const me = `s${this.sittings++}`;
    const holder = this.tabs[this.lock ?? -1]?.k;
    if (holder && !this.tabs[this.lock!]!.frozen) {
      tab.k = keeping(me, 'theirs', holder.pen === 'mine' ? holder : { ...holder, doc: holder.base });
      return;
    }
    if (this.lock !== null) return;
    this.lock = i;
    this.start(i, me, []);
  }

  /** Puts on a tab what the server and the dead tabs' drafts come to. */
  private start(i: number, me: string, more: readonly Found<Doc>[]): void {
    const { start, offers, settled } = this.reckon(me, more);
    const { doc, extent, is, from } = start!;
    const s = this.server;
    const theirs =
      is === 'conflict' || is === 'trashed'
        ? { doc: s.doc, revision: s.revision, save: s.save, trashed: s.trashed }
        : null;
    const now = { doc, extent, status: is, why: '', theirs };
    this.tabs[i]!.k = keeping(me, 'mine', now);
    if (from) this.keep(me, doc, extent, false);
    for (const d of [...settled, ...(from ? [from] : [])]) if (d.sitting !== me) this.store.delete(d.sitting);
    this.post(i, { at: now, to: null });
    if (is === 'unsaved') this.tabs[i]!.waits = true;
    if (is === 'conflict') this.clashes(doc, theirs!);
    this.offers += offers.length;
    if (offers.length > 0 && !this.divided)
      this.faults.push('a version offered beside, of a coach who has made only one');
  }

  private reckon(me: string, more: readonly Found<Doc>[]) {
    const alive = new Set(this.tabs.flatMap((t) => t.k?.me ?? []));
    const dead = [...this.store.values()].filter((d) => d.sitting === me || !alive.has(d.sitting));
    return opening(me, { ...this.server }, [...dead, ...more], RULES);
  }

  edit(i: number): void {
    const k = this.awake(i);
    if (!k) return;
    const token = this.made.length + 1;
    this.made.push(token);
    this.happens(i, { is: 'edited', doc: [...k.doc, token], meant: (d) => [...d, token] });
  }

  due(i: number): void {
    if (!this.awake(i) || !this.tabs[i]!.waits) return;
    this.tabs[i]!.waits = false;
    this.happens(i, { is: 'due' });
  }

  /** A message comes, or the oldest of many. */
  hear(i: number): void {
    const k = this.awake(i);
    const message = k && this.tabs[i]!.inbox.shift();
    if (!message) return;
    if (message.says === 'lost') this.happens(i, { is: 'lost' });
    else if ('wanted' in message.says) this.happens(i, { is: 'wanted', by: message.says.wanted });
    else {
      // The lock may have been taken meanwhile: then nothing was given.
      const to = this.lock === i ? message.says.to : null;
      this.happens(i, { is: 'heard', at: message.says.at, to });
    }
  }

  /** A tab that asked for the pen gets no answer: it takes it, from a tab that is held up or gone. */
  take(i: number): void {
    const k = this.awake(i);
    if (k?.pen !== 'asked') return;
    // The lock is his already, its last holder gone without a word; or its holder is held up.
    if (this.lock !== i && !(this.lock !== null && this.tabs[this.lock]!.frozen)) return;
    while (this.tabs[i]!.inbox.length > 0) this.hear(i);
    const now = this.tabs[i]!.k!;
    if (now.pen !== 'asked') return;
    const from = this.lock === i ? null : this.tabs[this.lock!]!;
    from?.inbox.unshift({ from: i, says: 'lost' });
    this.queue = this.queue.filter((t) => t !== i);
    this.lock = i;
    this.happens(i, { is: 'took', at: this.newest(now) });
  }

  /** A tab that follows finds that nobody has the pen any more, and goes on by itself. */
  lookAfter(i: number): void {
    if (this.awake(i)?.pen !== 'theirs' || this.lock !== null) return;
    this.lock = i;
    this.happens(i, { is: 'wants' });
    this.queue = this.queue.filter((t) => t !== i);
    this.take(i);
  }

  /** What a tab goes on from that takes the pen: of the silent one’s draft, its own view, the server. */
  private newest(now: Keeping<Doc>): At<Doc> {
    const drafts = [...this.store.values()].filter((d) => d.sitting !== now.me);
    return taking({ ...now, doc: now.base }, { ...this.server }, drafts, RULES);
  }

  kill(i: number): void {
    const tab = this.tabs[i]!;
    if (!tab.k) return;
    if (tab.k.pen === 'asked') this.divided = true;
    Object.assign(tab, { k: null, frozen: false, inbox: [] });
    this.queue = this.queue.filter((t) => t !== i);
    this.letGo(i);
  }

  freeze(i: number): void {
    if (!this.tabs[i]!.k) return;
    this.divided = true;
    this.tabs[i]!.frozen = true;
  }
  thaw(i: number): void {
    this.tabs[i]!.frozen = false;
  }

  arrive(n: number): void {
    const letter = this.letters[n % Math.max(1, this.letters.length)];
    if (letter && letter.answer === null) letter.answer = this.serve(letter);
  }
  answer(n: number, lost: boolean): void {
    const at = n % Math.max(1, this.letters.length);
    const letter = this.letters[at];
    if (!letter || (letter.answer === null && !lost)) return;
    const tab = this.tabs[letter.tab]!;
    if (tab.frozen) return;
    this.letters.splice(at, 1);
    if (tab.k?.sent?.save !== letter.save) return;
    this.happens(letter.tab, {
      is: 'answered',
      save: letter.save,
      answer: lost ? { is: 'unreachable' } : letter.answer!,
    });
  }

  /** Somebody else changes the play, on another device. */
  elsewhere(): void {
    if (this.server.trashed) return;
    const token = this.made.length + 1;
    this.made.push(token);
    this.divided = true;
    this.write([...this.server.doc, token], saveName('elsewhere', token));
  }
  trash(): void {
    this.server.trashed = true;
  }
  trouble(full: boolean): void {
    this.server.full = full;
    this.server.refuses = !full;
  }
  well(): void {
    Object.assign(this.server, { full: false, refuses: false });
  }

  choose(i: number, what: 'mine' | 'theirs' | 'restored'): void {
    const k = this.awake(i);
    if (k?.pen !== 'mine' || !k.theirs) return;
    if (k.status === 'trashed') {
      this.server.trashed = false;
      this.happens(i, { is: 'chose', what: 'restored' });
    } else if (k.status === 'conflict' && what !== 'restored') {
      // Keeping mine over theirs, or letting mine go, is the coach's word: theirs stays a version, mine a copy.
      if (what === 'mine') for (const t of k.theirs.doc) this.letGoOf.add(t);
      else this.server.history.push(k.doc);
      this.happens(i, { is: 'chose', what });
    }
  }

  /** From any page: a draft of a sitting that is over is sent. */
  deliver(): void {
    const alive = new Set(this.tabs.flatMap((t) => t.k?.me ?? []));
    const draft = [...this.store.values()].find((d) => !alive.has(d.sitting));
    if (!draft) return;
    const answer = this.serve({ save: saveName(draft.sitting, draft.count), doc: draft.doc, extent: draft });
    if (answer.is === 'kept') this.drop(draft);
    else if (answer.is === 'clash' && grewFrom(draft, answer.theirs.save, answer.theirs.doc.join()))
      this.store.set(draft.sitting, {
        ...draft,
        revision: answer.theirs.revision,
        ground: answer.theirs.doc.join(),
      });
  }

  /** Everything is well again, and all that waits is done. */
  heal(): void {
    this.well();
    this.tabs.forEach((_, i) => this.thaw(i));
    for (let round = 0; round < 60; round++) {
      for (let i = 0; i < this.tabs.length; i++) {
        this.hear(i);
        this.take(i);
        this.lookAfter(i);
        this.due(i);
      }
      this.arrive(0);
      this.answer(0, false);
    }
  }

  /** Changes that are nowhere: not with the server, not on the device, not on a screen. */
  lost(): number[] {
    const all = new Set([
      ...this.server.history.flat(),
      ...[...this.store.values()].flatMap((d) => d.doc),
      ...this.tabs.flatMap((t) => t.k?.doc ?? []),
    ]);
    return this.made.filter((t) => !all.has(t));
  }
}
