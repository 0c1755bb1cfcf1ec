import {
  canonical,
  isWithin,
  keeping,
  opening,
  printOf,
  sameDocument,
  step,
  taking,
  type At,
  type Draft,
  type Effect,
  type Extent,
  type Happening,
  type Keeping,
  type Meant,
  type Play,
  type Rules,
} from '@corkscrew/core';
import { nanoid } from 'nanoid';
import { Unreachable } from '../app/api.ts';
import { currentTeam } from '../app/team.ts';
import { deliverSoon } from './deliver.ts';
import { dropCovered, openDrafts, putDraft, removeDraft, yieldDraft } from './drafts.ts';
import { ask, findDrafts } from './find.ts';
import { sendSave } from './send.ts';
import { alive, Channel, live, Pen, type Move, type Said } from './tabs.ts';

/** Another version of a play that this device kept, or something of it that can't be read. */
export interface Offer {
  readonly draft: Draft;
  /** Null when it can't be read. */
  readonly play: Play | null;
}

/** What whoever shows a kept play is told. */
export interface Shown {
  readonly kept: Keeping<Play>;
  /** How it came, where the document is not the shower's own doing. */
  readonly move: Move | 'opened';
  /** When the server last said that it has the play. */
  readonly savedAt: string | null;
  readonly offers: readonly Offer[];
  /** This device can't keep changes: it is full, or forbids it. */
  readonly unkept: boolean;
}

/** How the machine compares plays. */
const RULES: Rules<Play> = { same: sameDocument, print: (play) => printOf(canonical(play)) };

/** Milliseconds: a holder that is silent this long loses the pen; one that let go is waited for a little. */
const SILENT = 3000;
const GRACE = 300;

/**
 * Keeps one play: carries out on this device, between tabs and with the server, what the machine in the core
 * decides. It lives until it is closed and nothing is on its way any more, whatever is on the screen meanwhile.
 */
export class Keeper {
  readonly id: string;
  private readonly team = currentTeam();
  /** Without the sign that sets off a further name of the same sitting. */
  private readonly me = nanoid(12).replaceAll('_', 'x');
  private readonly endLife = live(this.me);
  private readonly pen: Pen;
  private readonly channel: Channel;
  private kept!: Keeping<Play>;
  private offers: readonly Offer[] = [];
  private savedAt: string | null = null;
  /** This device could not write the last draft. */
  private unkept = false;
  private move: Move = null;
  /** The document last told, or heard of, among the tabs. */
  private told: Play | null = null;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private readonly watch: ReturnType<typeof setInterval>;
  private given: At<Play> | null = null;
  private waiting: (() => void)[] = [];
  private asking: AbortController | null = null;
  private heardFirst: ((said: Said & { is: 'at' }) => void) | null = null;
  private closing: (() => void) | null = null;
  private show: (shown: Shown) => void = () => undefined;

  private constructor(id: string) {
    this.id = id;
    this.pen = new Pen(this.team, id, () => this.happens({ is: 'lost' }));
    this.channel = new Channel(this.team, id, (said) => this.hear(said));
    window.addEventListener('online', this.online);
    this.watch = setInterval(() => void this.lookAfter(), SILENT);
  }

  /** Opens a play: what the server has, what this device kept, or what another tab is at. Throws when there is nothing anywhere. */
  static async open(id: string): Promise<Keeper> {
    const keeper = new Keeper(id);
    try {
      await openDrafts().catch(() => undefined);
      await keeper.begin();
      return keeper;
    } catch (error) {
      keeper.end();
      throw error;
    }
  }

  get state(): Shown {
    return { ...this.shown(null), move: 'opened' };
  }
  get isMine(): boolean {
    return this.kept.pen === 'mine';
  }

  /** Whoever shows the play is told whenever something of it changes. */
  onChange(show: (shown: Shown) => void): void {
    this.show = show;
  }

  /** The play was changed here. `meant` does the change again, should another tab have gone on meanwhile. */
  edited(doc: Play, meant: Meant<Play>, move: Move = 'did'): void {
    this.move = move;
    this.happens({ is: 'edited', doc, meant });
    this.move = null;
  }

  /** Does something that only the tab with the pen can do, once it is here. */
  whenMine(then: () => void): void {
    if (this.isMine) return then();
    this.waiting.push(then);
    this.happens({ is: 'wants' });
  }

  /** What the coach says of a play that was changed, or thrown away, elsewhere. */
  chose(what: 'mine' | 'theirs' | 'restored'): void {
    this.whenMine(() => this.happens({ is: 'chose', what }));
  }

  /** An offer is done with: it is on the desk, a play of its own, or not wanted. */
  async forget(offer: Offer): Promise<void> {
    await removeDraft(offer.draft);
    this.offers = this.offers.filter((o) => o !== offer);
    this.tell(null);
  }

  /** Sends what is not sent yet and ends once that is answered; what can't be sent stays a draft. */
  close(): Promise<void> {
    const done = new Promise<void>((end) => (this.closing = end));
    clearTimeout(this.timer);
    if (this.kept.pen === 'mine') this.happens({ is: 'due' });
    this.endIfIdle();
    return done;
  }

  private async begin(): Promise<void> {
    if (await this.pen.take({ ifAvailable: true })) return this.start();
    const first = new Promise<At<Play> | null>((done) => {
      this.heardFirst = (said) => done(said.at);
      setTimeout(() => done(null), SILENT);
    });
    this.channel.say({ is: 'hello', from: this.me });
    const now = await first;
    this.heardFirst = null;
    if (now) {
      this.kept = keeping(this.me, 'theirs', now);
      return;
    }
    await this.pen.take({ steal: true });
    return this.start(true);
  }

  /** Begins with the pen, from the server and the drafts of sittings that are over, or silent. */
  private async start(silent = false): Promise<void> {
    const isAlive = silent ? () => false : await alive();
    // Drafts first: one that is delivered just now is then with the server when that is asked.
    const found = await this.drafts((d) => !isAlive(d.sitting));
    const { answer, at, problem } = await ask(this.id);
    const { start, offers, settled } = opening(this.me, answer, found.read, RULES);
    if (!start) throw problem ?? new Unreachable();
    const theirs =
      typeof answer === 'object' && start.is !== 'saved' && start.is !== 'unsaved' ? answer : null;
    const { doc, extent, from } = start;
    this.savedAt = at;
    this.kept = keeping(this.me, 'mine', { doc, extent, status: start.is, why: '', theirs });
    // Old drafts go once what was in them is written anew; where this device fails, they stay.
    if (!from || (await this.write(doc, extent, false)))
      for (const d of from ? [...settled, from] : settled)
        await removeDraft(found.drafts.get(d.sitting)!).catch(() => undefined);
    this.offers = [
      ...offers.map((o) => ({ draft: found.drafts.get(o.sitting)!, play: o.doc })),
      ...found.broken.map((draft) => ({ draft, play: null })),
    ];
    // Slow to open, it may have lost the pen meanwhile.
    if (!this.pen.isHere) this.happens({ is: 'lost' });
    else this.channel.say({ is: 'at', at: plain(this.kept), to: null, move: null });
    if (start.is === 'unsaved') this.wait(0);
  }

  /** This device's drafts of the play, but for those of this sitting's present name. */
  private drafts(which: (d: Draft) => boolean) {
    const me = (this.kept as Keeping<Play> | undefined)?.me ?? this.me;
    return findDrafts(this.team, this.id, (d) => d.sitting !== me && which(d));
  }

  private happens(h: Happening<Play>): void {
    if (!(this.kept as Keeping<Play> | undefined)) return;
    const before = this.kept;
    const [next, effects] = step(before, h, RULES);
    this.kept = next;
    for (const e of effects) this.does(e);
    if (next.pen === 'mine' && before.pen !== 'mine') this.flush();
    if (next !== before)
      this.tell(next.doc === before.doc || h.is === 'edited' ? null : (this.move ?? 'did'));
    this.endIfIdle();
  }

  private does(e: Effect<Play>): void {
    const failed = () => undefined;
    switch (e.do) {
      case 'keep':
        void this.write(e.doc, e.extent, e.asked);
        return;
      case 'drop':
        void dropCovered(this.team, this.id, e.extent).catch(failed);
        return;
      case 'yield':
        void yieldDraft(this.team, this.id, e.me, e.extent, e.saved).catch(failed);
        return;
      case 'send':
        void sendSave(e.doc, e.save, e.extent).then(({ answer, at }) => {
          this.savedAt = at ?? this.savedAt;
          this.happens({ is: 'answered', save: e.save, answer });
        });
        return;
      case 'wait':
        return this.wait(e.ms);
      case 'tell':
        this.channel.say({
          ...{ is: 'at', at: e.at, to: e.to },
          move: this.move ?? (e.at.doc === this.told ? null : 'did'),
        });
        this.told = e.at.doc;
        return;
      case 'ask':
        void this.askForPen();
        return;
      case 'release':
        return this.pen.release();
      case 'offer':
        void this.lookForOffers();
    }
  }

  /** Writes the draft; says whether this device could, and tells when it can't, or can again. */
  private async write(doc: Play, extent: Extent, asked: boolean): Promise<boolean> {
    const sitting = this.kept.me;
    const written = await putDraft({
      ...{ ...extent, team: this.team, play: this.id, sitting },
      covers: { ...extent.covers, [sitting]: extent.count },
      ...(asked ? { asked } : {}),
      text: JSON.stringify(doc),
    }).then(
      () => true,
      () => false,
    );
    if (written === this.unkept) {
      this.unkept = !written;
      this.tell(null);
    }
    return written;
  }

  private wait(ms: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => this.happens({ is: 'due' }), this.closing ? 0 : ms);
  }

  private hear(said: Said): void {
    switch (said.is) {
      case 'hello':
        if (this.pen.isHere && (this.kept as Keeping<Play> | undefined) && this.isMine)
          this.channel.say({ is: 'at', at: plain(this.kept), to: null, move: null });
        return;
      case 'bye':
        void this.lookAfter();
        return;
      case 'wanted':
        return this.happens({ is: 'wanted', by: said.from });
      case 'at':
        if (this.heardFirst) return this.heardFirst(said);
        return this.heard(said);
    }
  }

  private heard({ at, to, move }: Said & { is: 'at' }): void {
    if (!(this.kept as Keeping<Play> | undefined)) return;
    // What is told anew only for its status is the document that is shown already.
    const same = [this.kept.doc, this.kept.base].find((d) => sameDocument(d, at.doc));
    const now = same ? { ...at, doc: same } : at;
    if (to === this.kept.me && !this.pen.isHere) this.given = now;
    this.told = now.doc;
    this.move = move;
    this.happens({ is: 'heard', at: now, to: this.pen.isHere ? to : null });
    this.move = null;
  }

  /** Asks the holder for the pen; takes it when he is gone, or silent. */
  private async askForPen(): Promise<void> {
    this.given = null;
    this.asking?.abort();
    const asking = (this.asking = new AbortController());
    if (!this.pen.isHere) {
      this.channel.say({ is: 'wanted', from: this.kept.me });
      const patience = setTimeout(() => asking.abort(), SILENT);
      const came = await this.pen.take({ signal: asking.signal });
      clearTimeout(patience);
      if (this.asking !== asking || this.kept.pen !== 'asked') return;
      if (!came && !(await this.pen.take({ steal: true }))) return;
      if (came && !this.given) await new Promise((done) => setTimeout(done, GRACE));
      if (this.kept.pen !== 'asked') return;
    }
    if (this.given) return this.happens({ is: 'heard', at: this.given, to: this.kept.me });
    const { read } = await this.drafts(() => true);
    const { answer } = await ask(this.id).catch(() => ({ answer: 'unreachable' as const }));
    const view = { ...plain(this.kept), doc: this.kept.base };
    this.happens({ is: 'took', at: taking(view, answer, read, RULES) });
  }

  /** While another tab has the pen: when that is gone, this one goes on, and saves what it left. */
  private readonly lookAfter = async (): Promise<void> => {
    if ((this.kept as Keeping<Play> | undefined)?.pen !== 'theirs' || this.closing) return;
    if (await this.pen.take({ ifAvailable: true })) this.happens({ is: 'wants' });
  };

  private flush(): void {
    const waiting = this.waiting;
    this.waiting = [];
    for (const then of waiting) then();
  }

  /** A draft of this tab's own was left behind, since others went on without it. */
  private async lookForOffers(): Promise<void> {
    const isAlive = await alive();
    const own = (d: Draft) => d.sitting.startsWith(this.me) && d.sitting !== this.kept.me;
    const { read, drafts, broken } = await this.drafts((d) => own(d) || !isAlive(d.sitting));
    this.offers = [
      ...read
        .filter((d) => !isWithin(d, this.kept.extent))
        .map(({ sitting, doc }) => ({ draft: drafts.get(sitting)!, play: doc })),
      ...broken.map((draft) => ({ draft, play: null })),
    ];
    this.tell(null);
  }

  private shown(move: Move): Shown {
    const { kept, savedAt, offers, unkept } = this;
    return { kept, move, savedAt, offers, unkept };
  }

  private tell(move: Move): void {
    this.show(this.shown(move));
  }

  private readonly online = (): void => this.happens({ is: 'due' });

  private endIfIdle(): void {
    if (!this.closing || this.kept.sent) return;
    const { pen, status, failed } = this.kept;
    // Changed while the last save was on its way: one more; but what fails is left to be sent from any page.
    if (pen === 'mine' && status === 'unsaved' && failed === 0) return this.wait(0);
    if (pen === 'asked') return;
    this.end();
    deliverSoon();
  }

  private end(): void {
    clearTimeout(this.timer);
    clearInterval(this.watch);
    window.removeEventListener('online', this.online);
    const had = this.pen.isHere;
    this.pen.release();
    if (had) this.channel.say({ is: 'bye', from: this.me });
    this.channel.close();
    this.endLife();
    this.closing?.();
    this.closing = null;
    this.show = () => undefined;
  }
}

const plain = ({ doc, extent, status, why, theirs }: At<Play>): At<Play> => ({
  ...{ doc, extent, status, why, theirs },
});
