import type { FromWorker, Kind, Kinds, ToWorker } from './kinds.ts';
import { Lately } from './lately.ts';

/** Sooner first: what the coach looks at, then what he asked for, then what he may ask next. */
type Priority = 'now' | 'soon' | 'later';
const RANK: Readonly<Record<Priority, number>> = { now: 0, soon: 1, later: 2 };

/** What of a worker the service uses. */
export interface WorkerLike {
  postMessage(message: ToWorker): void;
  terminate(): void;
  onmessage: ((e: MessageEvent<FromWorker>) => void) | null;
  onerror: ((e: ErrorEvent) => void) | null;
}

export interface AskOptions<K extends Kind> {
  /** What is asked, by its content: an equal key is the same question and has the same answer. */
  readonly key: string;
  readonly priority: Priority;
  /** What comes on the way. */
  readonly onPart?: (part: Kinds[K]['part']) => void;
}

/** A question on its way: its answer, null when it was left, and how to leave it. */
export interface Asked<K extends Kind> {
  readonly answer: Promise<Kinds[K]['answer'] | null>;
  readonly cancel: () => void;
}

interface Asker {
  readonly onPart: ((part: never) => void) | undefined;
  readonly done: (answer: unknown) => void;
  readonly fail: (e: Error) => void;
}
interface Question {
  readonly id: number;
  readonly kind: Kind;
  readonly key: string;
  readonly asks: Kinds[Kind]['asks'];
  rank: number;
  readonly askers: Set<Asker>;
  /** How often a worker has died of it. */
  crashes: number;
}
interface Seat {
  worker: WorkerLike | null;
  at: Question | null;
}

/** Answers kept: of a line each is some hundred kilobytes. */
const KEPT = 24;
/** A question that has ended so many workers is told as failed. */
const CRASHES = 2;

/**
 * The one way to the workers. A question has an id, a kind, a priority and a key by its content; it can be left,
 * tells parts on the way, and is answered from what is kept when nothing it depends on has changed. Several who ask
 * the same share one answer. A worker that dies is replaced, and its question asked again.
 */
export class Questions {
  readonly #spawn: () => WorkerLike;
  readonly #seats: Seat[];
  readonly #kept = new Lately<unknown>(KEPT);
  #waiting: Question[] = [];
  #next = 1;

  constructor(spawn: () => WorkerLike, size: number) {
    this.#spawn = spawn;
    this.#seats = Array.from({ length: size }, () => ({ worker: null, at: null }));
  }

  ask<K extends Kind>(kind: K, asks: Kinds[K]['asks'], options: AskOptions<K>): Asked<K> {
    const key = `${kind} ${options.key}`;
    const kept = this.#kept.get(key) as Kinds[K]['answer'] | undefined;
    if (kept !== undefined) return { answer: Promise.resolve(kept), cancel: () => undefined };
    const question = this.#sameAs(key) ?? this.#enqueue(kind, key, asks, RANK[options.priority]);
    question.rank = Math.min(question.rank, RANK[options.priority]);
    let asker: Asker;
    const answer = new Promise<Kinds[K]['answer'] | null>((done, fail) => {
      asker = { onPart: options.onPart as Asker['onPart'], done: done as Asker['done'], fail };
      question.askers.add(asker);
    });
    this.#work();
    return {
      answer,
      cancel: () => {
        if (!question.askers.delete(asker)) return;
        asker.done(null);
        if (question.askers.size === 0) this.#leave(question);
      },
    };
  }

  #sameAs(key: string): Question | undefined {
    return [...this.#waiting, ...this.#seats.flatMap((s) => s.at ?? [])].find(
      (q) => q.key === key && q.askers.size > 0,
    );
  }

  #enqueue(kind: Kind, key: string, asks: Question['asks'], rank: number): Question {
    const question = { id: this.#next++, kind, key, asks, rank, askers: new Set<Asker>(), crashes: 0 };
    this.#waiting.push(question);
    return question;
  }

  /** Nobody waits for it any more. */
  #leave(question: Question): void {
    this.#waiting = this.#waiting.filter((q) => q !== question);
    const seat = this.#seats.find((s) => s.at === question);
    seat?.worker?.postMessage({ id: question.id, cancel: true });
  }

  /** Gives the first of those who wait to whoever is free. */
  #work(): void {
    for (const seat of this.#seats) {
      if (seat.at || this.#waiting.length === 0) continue;
      const next = this.#waiting.reduce((a, b) => (b.rank < a.rank ? b : a));
      this.#waiting = this.#waiting.filter((q) => q !== next);
      seat.at = next;
      seat.worker ??= this.#hire(seat);
      seat.worker.postMessage({ id: next.id, kind: next.kind, asks: next.asks });
    }
  }

  #hire(seat: Seat): WorkerLike {
    const worker = this.#spawn();
    worker.onmessage = ({ data }) => this.#hear(seat, data);
    worker.onerror = () => this.#died(seat);
    return worker;
  }

  #hear(seat: Seat, message: FromWorker): void {
    const question = seat.at;
    if (question?.id !== message.id) return;
    if ('part' in message) {
      for (const a of question.askers) a.onPart?.(message.part as never);
      return;
    }
    seat.at = null;
    if ('answer' in message) {
      this.#kept.set(question.key, message.answer);
      for (const a of question.askers) a.done(message.answer);
    } else if ('failed' in message) {
      for (const a of question.askers) a.fail(new Error(message.failed));
    } else if (question.askers.size > 0) {
      // Somebody asked the same again while it was being left.
      this.#waiting.push(question);
    }
    this.#work();
  }

  #died(seat: Seat): void {
    const question = seat.at;
    seat.worker?.terminate();
    seat.worker = null;
    seat.at = null;
    if (question && question.askers.size > 0) {
      question.crashes += 1;
      if (question.crashes < CRASHES) this.#waiting.push(question);
      else for (const a of question.askers) a.fail(new Error('It could not be worked out.'));
    }
    this.#work();
  }
}
