import { Random } from './random.ts';

/** Asks a service; a real one over the network, or one in this process. */
export type Ask = (path: string, init: RequestInit) => Promise<Response>;

/** What came of asking for nonsense. */
export interface Fuzzed {
  readonly requests: number;
  /** Answers that say the service itself failed, with what was asked. */
  readonly failures: readonly string[];
  /** Refusals without a sentence. */
  readonly mute: readonly string[];
}

const METHODS = ['GET', 'PUT', 'POST', 'PATCH', 'DELETE', 'OPTIONS', 'HEAD'];
const ODD_TEXTS = [
  '',
  '\0',
  'a\0b',
  '\ud83c',
  '🏀',
  '../..',
  '%',
  "'; drop table plays;--",
  'x'.repeat(5000),
  '-1',
  '1e400',
  'null',
];
const ODD_NUMBERS = [0, -1, 1.5, 2 ** 31, 2 ** 53, 1e308, -1e308];
const TYPES = [
  'application/json',
  'text/plain',
  'application/x-www-form-urlencoded',
  'multipart/form-data',
  'application/json; charset=utf-16',
  '',
];

/** Any JSON at all, odd values more often than not. */
function anyJson(random: Random, depth = 0): unknown {
  switch (random.below(depth > 4 ? 5 : 7)) {
    case 0:
      return random.of(ODD_TEXTS);
    case 1:
      return random.of(ODD_NUMBERS);
    case 2:
      return random.of([true, false, null]);
    case 3:
      return random.below(1000);
    case 4:
      return `t${random.below(1000)}`;
    case 5:
      return Array.from({ length: random.below(4) }, () => anyJson(random, depth + 1));
    default:
      return Object.fromEntries(
        Array.from({ length: random.below(5) }, () => [
          random.of([
            'revision',
            'sitting',
            'save',
            'document',
            'name',
            'school',
            'defences',
            'format',
            'version',
            'id',
            '__proto__',
            'constructor',
            'a\0',
          ]),
          anyJson(random, depth + 1),
        ]),
      );
  }
}

const word = (random: Random): string =>
  encodeURIComponent(
    random.of([...ODD_TEXTS.filter((t) => t !== '\ud83c'), 'fuzz-1', 'fuzz-2', 'demo-horns-kite']),
  );

const path = (random: Random): string =>
  random.of([
    () => '/api/plays',
    () => `/api/plays?trash=${word(random)}`,
    () => `/api/plays/${word(random)}`,
    () => `/api/plays/${word(random)}/restore`,
    () => `/api/plays/${word(random)}/versions`,
    () => `/api/plays/${word(random)}/versions/${random.of([...ODD_NUMBERS.map(String), word(random)])}`,
    () => '/api/team',
    () => `/api/${word(random)}`,
    () => '/api/plays/%',
    () => '/api/plays/%00',
  ])();

/** A body: broken text, any JSON, or something that looks like a save of this document. */
function bodyOf(random: Random, document: unknown): string {
  const kind = random.below(5);
  if (kind === 0) return random.of(ODD_TEXTS);
  if (kind === 1) return JSON.stringify(anyJson(random)).slice(0, random.below(200));
  if (kind === 2) return `${'['.repeat(random.below(20_000))}1`;
  if (kind === 3) return JSON.stringify(anyJson(random));
  return JSON.stringify({
    revision: random.of([...ODD_NUMBERS, 0, 1]),
    sitting: random.of([...ODD_TEXTS, 's']),
    ...(random.next() < 0.5 ? { save: random.of([...ODD_TEXTS, `s-${random.below(50)}`]) } : {}),
    document: random.next() < 0.5 ? document : anyJson(random),
  });
}

/** Asks for so much nonsense; what a client sends must never make the service fail. */
export async function fuzzRequests(
  ask: Ask,
  count: number,
  seed: number,
  documents: readonly object[],
): Promise<Fuzzed> {
  const random = new Random(seed);
  const failures: string[] = [];
  const mute: string[] = [];
  for (let n = 0; n < count; n++) {
    const method = random.of(METHODS);
    const where = path(random);
    const bare = method === 'GET' || method === 'HEAD';
    const document = { ...random.of(documents), id: random.of(['fuzz-1', 'fuzz-2']) };
    const init: RequestInit = {
      method,
      headers: { 'Content-Type': random.of(TYPES) },
      ...(bare ? {} : { body: bodyOf(random, document) }),
    };
    const told = `${method} ${where}`;
    const answer = await ask(where, init).catch((e: unknown) => e as Error);
    if (answer instanceof Error) {
      failures.push(`${told}: ${answer.message}`);
      continue;
    }
    if (answer.status >= 500) failures.push(`${told}: ${answer.status}`);
    else if (answer.status >= 400 && method !== 'HEAD') {
      const problem = (await answer.json().catch(() => null)) as { detail?: unknown } | null;
      if (typeof problem?.detail !== 'string') mute.push(`${told}: ${answer.status}`);
    } else await answer.arrayBuffer();
  }
  return { requests: count, failures, mute };
}
