import { describe, expect, it } from 'vitest';
import type { FromWorker, ToWorker } from './kinds.ts';
import { Questions, type WorkerLike } from './service.ts';

/** A worker that does nothing by itself: the test says what it says. */
class Puppet implements WorkerLike {
  onmessage: WorkerLike['onmessage'] = null;
  onerror: WorkerLike['onerror'] = null;
  readonly heard: ToWorker[] = [];
  ended = false;
  postMessage(message: ToWorker): void {
    this.heard.push(message);
  }
  terminate(): void {
    this.ended = true;
  }
  say(message: FromWorker): void {
    this.onmessage?.({ data: message } as MessageEvent<FromWorker>);
  }
  die(): void {
    this.onerror?.({} as ErrorEvent);
  }
  get asked(): number[] {
    return this.heard.flatMap((m) => ('kind' in m ? [m.id] : []));
  }
}

const room = (size = 1) => {
  const workers: Puppet[] = [];
  const questions = new Questions(() => {
    const made = new Puppet();
    workers.push(made);
    return made;
  }, size);
  const ask = (key: string, priority: 'now' | 'soon' | 'later' = 'soon', onPart?: (part: unknown) => void) =>
    questions.ask('line', {} as never, { key, priority, ...(onPart ? { onPart: onPart as never } : {}) });
  return { workers, ask };
};

describe('asking', () => {
  it('one worker answers one question at a time, the most urgent first, else in the order asked', async () => {
    const { workers, ask } = room();
    const all = [ask('a'), ask('b', 'later'), ask('c'), ask('d', 'now')];
    const [worker] = workers;
    for (const id of [1, 4, 3, 2]) {
      expect(worker!.asked.at(-1)).toBe(id);
      worker!.say({ id, answer: `to ${id}` });
    }
    expect(await Promise.all(all.map((q) => q.answer))).toEqual(['to 1', 'to 2', 'to 3', 'to 4']);
    expect(workers).toHaveLength(1);
  });
  it('several workers answer beside each other; none is started before it is needed', () => {
    const { workers, ask } = room(3);
    expect(workers).toHaveLength(0);
    for (const key of ['a', 'b', 'c', 'd']) ask(key);
    expect(workers.map((w) => w.asked)).toEqual([[1], [2], [3]]);
    workers[1]!.say({ id: 2, answer: 1 });
    expect(workers[1]!.asked).toEqual([2, 4]);
  });
  it('the same question is asked once, and answered from what is kept afterwards', async () => {
    const { workers, ask } = room();
    const [a, b] = [ask('a'), ask('a')];
    workers[0]!.say({ id: 1, answer: { findings: [] } });
    expect(await a.answer).toBe(await b.answer);
    expect(await ask('a').answer).toBe(await a.answer);
    expect(workers[0]!.asked).toEqual([1]);
  });
  it('what is asked more urgently by another is more urgent', () => {
    const { workers, ask } = room();
    ask('a');
    ask('b');
    ask('c', 'later');
    ask('c', 'now');
    workers[0]!.say({ id: 1, answer: 1 });
    expect(workers[0]!.asked).toEqual([1, 3]);
  });
  it('tells parts on the way to all who ask', async () => {
    const { workers, ask } = room();
    const heard: unknown[] = [];
    const a = ask('a', 'now', (p) => heard.push(['a', p]));
    ask('a', 'now', (p) => heard.push(['b', p]));
    workers[0]!.say({ id: 1, part: 'half' });
    workers[0]!.say({ id: 1, answer: 'whole' });
    expect(heard).toEqual([
      ['a', 'half'],
      ['b', 'half'],
    ]);
    expect(await a.answer).toBe('whole');
  });
});

describe('leaving', () => {
  it('one that waits is never asked; one that is worked at is called off, and the next begins when it stops', async () => {
    const { workers, ask } = room();
    const [a, b] = [ask('a'), ask('b')];
    ask('c');
    b.cancel();
    a.cancel();
    expect(await a.answer).toBeNull();
    expect(await b.answer).toBeNull();
    expect(workers[0]!.heard.at(-1)).toEqual({ id: 1, cancel: true });
    workers[0]!.say({ id: 1, left: true });
    expect(workers[0]!.asked).toEqual([1, 3]);
  });
  it('others who ask the same still get their answer', async () => {
    const { workers, ask } = room();
    const [a, b] = [ask('a'), ask('a')];
    a.cancel();
    a.cancel();
    workers[0]!.say({ id: 1, answer: 7 });
    expect(await a.answer).toBeNull();
    expect(await b.answer).toBe(7);
  });
  it('asked again while it is being called off it is a question of its own', async () => {
    const { workers, ask } = room();
    ask('a').cancel();
    const again = ask('a');
    workers[0]!.say({ id: 1, left: true });
    expect(workers[0]!.asked).toEqual([1, 2]);
    workers[0]!.say({ id: 2, answer: 'a' });
    expect(await again.answer).toBe('a');
  });
  it('an answer that comes too late is kept all the same', async () => {
    const { workers, ask } = room();
    ask('a').cancel();
    workers[0]!.say({ id: 1, answer: 'late' });
    expect(await ask('a').answer).toBe('late');
  });
});

describe('what goes wrong', () => {
  it('a worker that dies is replaced, and its question asked again', async () => {
    const { workers, ask } = room();
    const a = ask('a');
    workers[0]!.die();
    expect(workers[0]!.ended).toBe(true);
    expect(workers[1]!.asked).toEqual([1]);
    workers[1]!.say({ id: 1, answer: 'a' });
    expect(await a.answer).toBe('a');
  });
  it('a question that ends every worker is told as failed, and the others go on', async () => {
    const { workers, ask } = room();
    const a = ask('a');
    const b = ask('b');
    const failed = expect(a.answer).rejects.toThrow('It could not be worked out.');
    workers[0]!.die();
    // The one that ended a worker waits behind the others.
    expect(workers[1]!.asked).toEqual([2]);
    workers[1]!.say({ id: 2, answer: 'b' });
    workers[1]!.die();
    await failed;
    expect(await b.answer).toBe('b');
  });
  it('a question that can’t be answered fails with what was wrong; nothing of it is kept', async () => {
    const { workers, ask } = room();
    const a = ask('a');
    workers[0]!.say({ id: 1, failed: 'no such frame' });
    await expect(a.answer).rejects.toThrow('no such frame');
    ask('a');
    expect(workers[0]!.asked).toEqual([1, 2]);
  });
  it('what a worker says of a question that is over is not heard', async () => {
    const { workers, ask } = room();
    const a = ask('a');
    workers[0]!.say({ id: 1, answer: 'a' });
    const b = ask('b');
    workers[0]!.say({ id: 1, answer: 'again' });
    workers[0]!.say({ id: 2, answer: 'b' });
    expect([await a.answer, await b.answer]).toEqual(['a', 'b']);
  });
});
