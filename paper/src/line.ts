import {
  beatOf,
  blockWords,
  captionOf,
  childrenOf,
  compile,
  courtFor,
  endingWords,
  lineThrough,
  looksIn,
  mainLine,
  PLAYERS,
  walkLine,
  inBounds,
  type Beat,
  type Compiled,
  type Court,
  type Frame,
  type FrameWalk,
  type LookIn,
  type Play,
  type Teller,
} from '@corkscrew/core';
import { frameScene, type Scale, type Scene } from '@corkscrew/diagram';

/** One frame as it is set: its number and time, what it is called and what is said under it. */
export interface FrameCell {
  readonly frame: Frame;
  readonly no: string;
  readonly title: string;
  readonly time: string;
  readonly caption: string;
  readonly scene: (scale: Scale) => Scene;
}

/** An ending under what they do: from its fork to the next one, or to its end. */
export interface EndingCells {
  readonly label: string;
  readonly cells: readonly FrameCell[];
}

/** A look of a play, the frame it stands in, and when the ball is there for it; null where that is not told. */
export interface PlayLook extends LookIn {
  readonly frame: string;
  readonly seconds: number | null;
}

/** A play laid out as a score: the frames before the first fork, then its endings in the order they are drawn. */
export class PlayLines {
  readonly court: Court;
  private readonly timed = new Map<string, Compiled>();
  private readonly walked = new Map<string, FrameWalk[]>();
  private readonly cells = new Map<string, FrameCell>();

  constructor(
    readonly play: Play,
    readonly t: Teller,
  ) {
    this.court = courtFor(play);
  }

  /** A line in time, by any frame of it. */
  line(frame: string): Compiled {
    const leaf = lineThrough(this.play, frame).at(-1)!.id;
    let known = this.timed.get(leaf);
    if (!known) this.timed.set(leaf, (known = compile(this.play, leaf, this.court, this.play.level)));
    return known;
  }

  get leaf(): string {
    return mainLine(this.play).at(-1)!.id;
  }

  /** Somebody stands out of bounds: the floor is drawn with room for him. */
  get wide(): boolean {
    return !PLAYERS.every((p) => inBounds(this.court, this.play.start.places[p]));
  }

  trunk(): FrameCell[] {
    const line = mainLine(this.play);
    const roots = this.play.frames.filter((f) => f.parent === null);
    if (roots.length > 1) return [];
    const fork = line.findIndex((f) => isFork(this.play, f.id));
    return line.slice(0, fork < 0 ? line.length : fork + 1).map((f) => this.cell(f));
  }

  endings(): EndingCells[] {
    const out: EndingCells[] = [];
    const follow = (parent: string | null, before: string): void => {
      const heads =
        parent === null ? this.play.frames.filter((f) => f.parent === null) : childrenOf(this.play, parent);
      heads.forEach((head, k) => {
        const label = [before, endingWords(head, k, this.t)].filter(Boolean).join(' › ');
        const cells: FrameCell[] = [];
        let at: Frame | undefined = head;
        while (at) {
          cells.push(shorter(this.cell(at), label));
          if (isFork(this.play, at.id)) break;
          [at] = childrenOf(this.play, at.id);
        }
        out.push({ label, cells });
        const last = cells.at(-1)!.frame.id;
        if (isFork(this.play, last)) follow(last, label);
      });
    };
    const roots = this.play.frames.filter((f) => f.parent === null);
    const fork = roots.length > 1 ? null : mainLine(this.play).find((f) => isFork(this.play, f.id))?.id;
    if (fork !== undefined) follow(fork, '');
    return out;
  }

  cell(frame: Frame): FrameCell {
    let known = this.cells.get(frame.id);
    if (!known) this.cells.set(frame.id, (known = this.cellOf(frame)));
    return known;
  }

  private cellOf(frame: Frame): FrameCell {
    const walks = this.walksTo(frame.id);
    const at = walks.findIndex((w) => w.frame.id === frame.id);
    const walk = walks[at]!;
    const start = this.line(frame.id).timeline.bars.find((b) => b.frame === frame.id)?.start ?? 0;
    const caption = frame.caption?.trim() || captionOf(this.court, walk, walks.slice(0, at), this.t);
    return {
      frame,
      no: String(at + 1),
      title: frame.title ?? '',
      time: start.toFixed(1),
      caption: caption || (at === 0 ? 'The set.' : ''),
      scene: once((scale) =>
        frameScene({ court: this.court, walk, next: walks[at + 1], scale, detail: scale.mark > 0.42 }),
      ),
    };
  }

  walksTo(frame: string): FrameWalk[] {
    const line = lineThrough(this.play, frame);
    const leaf = line.at(-1)!.id;
    let known = this.walked.get(leaf);
    if (!known) this.walked.set(leaf, (known = walkLine(this.play, line)));
    return known;
  }

  /** The line as drawn on its staves. */
  beat(): Beat {
    const { timeline } = this.line(this.leaf);
    const words = blockWords(this.court, this.walksTo(this.leaf), this.t);
    return beatOf(timeline, (id) => words.get(id) ?? '');
  }

  /** Every look of the play in the coach's order, with when it comes. */
  looks(): PlayLook[] {
    const seen = new Set<string>();
    return this.play.frames.flatMap((f) =>
      looksIn(this.play, f.id, this.court, (leaf) => this.line(leaf).timeline).flatMap((l) => {
        const { flights } = this.line(l.leaf).timeline;
        const flight = flights.find((x) => x.action === l.look.after);
        const key = `${l.look.after ?? l.look.id} ${l.look.player} ${l.leaf}`;
        if (seen.has(key)) return [];
        seen.add(key);
        const seconds = flight ? (flight.receiver === null ? flight.release : flight.arrive) : null;
        return [{ ...l, frame: f.id, seconds }];
      }),
    );
  }
}

/** A picture is drawn once for each size it is asked for in. */
function once(draw: (scale: Scale) => Scene): (scale: Scale) => Scene {
  const known = new Map<string, Scene>();
  return (scale) => {
    const key = `${scale.ppf} ${scale.depth} ${scale.margin}`;
    let scene = known.get(key);
    if (!scene) known.set(key, (scene = draw(scale)));
    return scene;
  };
}

/** A frame under what they do need not say that again. */
const shorter = (cell: FrameCell, label: string): FrameCell => {
  const said = `${label}: `;
  const again = cell.title.toLowerCase().startsWith(said.toLowerCase());
  const title = again ? cell.title.slice(said.length) : cell.title;
  return { ...cell, title: /^x\d/.test(title) ? title : title.charAt(0).toUpperCase() + title.slice(1) };
};

const isFork = (play: Play, id: string): boolean => {
  const children = childrenOf(play, id);
  return children.length > 1 || children[0]?.read !== undefined;
};
