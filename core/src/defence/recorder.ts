import { type Five, next, type None, type Seat } from '../geometry/five.ts';
import type { Blocked, CoverageSeen, Defended, DefenceEvent } from './defended.ts';
import { onRails, type Moving, type Rails } from './rails.ts';

/** What a recorder reads of a model in each step. */
export interface Bodies {
  readonly k: number;
  readonly t: number;
  readonly px: Five;
  readonly py: Five;
  readonly vx: Five;
  readonly vy: Five;
  readonly man: Five<Seat | None>;
  readonly attends: Five<Seat | None>;
  readonly hitUntil: Five;
  readonly hitKeeps: Five;
}

/** A run through a man counts from this long on (s); slower than this nobody runs through anybody (ft/s). */
const BLOCKED = { least: 0.2, speed: 4, cos: 0.55, near: 2.15 } as const;

/** Writes a simulation into arrays, and notes where a drawn run goes through a defender. */
export class Recorder {
  private readonly x: Float64Array;
  private readonly y: Float64Array;
  private readonly vx: Float64Array;
  private readonly vy: Float64Array;
  private readonly guards: Int8Array;
  private readonly attends: Int8Array;
  private readonly held: Float64Array;
  private readonly pushed = new Float64Array(25);
  private readonly since = new Float64Array(25);
  private readonly blocked: Blocked[] = [];
  private readonly his: Moving = { x: 0, y: 0, vx: 0, vy: 0 };

  constructor(
    private readonly rails: Rails,
    private readonly type: 'man' | 'zone',
  ) {
    const n = rails.steps * 5;
    this.x = new Float64Array(n);
    this.y = new Float64Array(n);
    this.vx = new Float64Array(n);
    this.vy = new Float64Array(n);
    this.held = new Float64Array(n);
    this.guards = new Int8Array(n);
    this.attends = new Int8Array(n);
  }

  record(w: Bodies): void {
    const from = w.k * 5;
    for (let d: Seat = 0; d < 5; d = next(d)) {
      const i = from + d;
      this.x[i] = w.px[d];
      this.y[i] = w.py[d];
      this.vx[i] = w.vx[d];
      this.vy[i] = w.vy[d];
      this.guards[i] = w.man[d];
      this.attends[i] = w.attends[d];
      this.held[i] = Math.max(0, w.hitUntil[d] - w.t) * (1 - w.hitKeeps[d]);
    }
    for (let j: Seat = 0; j < 5; j = next(j)) this.through(w, j);
  }

  /** Whom player j runs through in this step, and through whom he has got. */
  private through(w: Bodies, j: Seat): void {
    const { rails, pushed, since } = this;
    const { x, y, vx, vy } = onRails(rails, w.k, j, this.his);
    const v = Math.sqrt(vx * vx + vy * vy);
    for (let d: Seat = 0; d < 5; d = next(d)) {
      const at = j * 5 + d;
      let into = false;
      if (v > BLOCKED.speed) {
        const dx = w.px[d] - x;
        const dy = w.py[d] - y;
        const d2 = dx * dx + dy * dy;
        into = d2 < BLOCKED.near * BLOCKED.near && dx * vx + dy * vy > BLOCKED.cos * v * Math.sqrt(d2);
      }
      if (into) {
        if (pushed[at] === 0) since[at] = w.t;
        pushed[at] = pushed[at]! + rails.dt;
      } else if (pushed[at]! > 0) this.close(at);
    }
  }

  private close(at: number): void {
    const seconds = this.pushed[at]!;
    this.pushed[at] = 0;
    if (seconds >= BLOCKED.least)
      this.blocked.push({ player: Math.floor(at / 5), defender: at % 5, from: this.since[at]!, seconds });
  }

  done(events: readonly DefenceEvent[], coverages: readonly CoverageSeen[] = []): Defended {
    for (let at = 0; at < 25; at++) if (this.pushed[at]! > 0) this.close(at);
    this.blocked.sort((a, b) => a.from - b.from);
    return {
      type: this.type,
      rails: this.rails,
      x: this.x,
      y: this.y,
      vx: this.vx,
      vy: this.vy,
      guards: this.guards,
      attends: this.attends,
      held: this.held,
      events,
      coverages,
      blocked: this.blocked,
    };
  }
}
