import { useEffect, useState } from 'react';
import type { Kind, Kinds } from './kinds.ts';
import { questions } from './questions.ts';
import type { AskOptions } from './service.ts';

/** What came back of a question on screen. */
interface Heard<K extends Kind> {
  /** The last answer there was; null before the first. */
  readonly answer: Kinds[K]['answer'] | null;
  /** It is of what is asked now. */
  readonly fresh: boolean;
  /** What is asked now could not be worked out. */
  readonly failed: boolean;
}

/** Asks whenever `key` changes, which says all that counts of what is asked; null asks nothing. A question nobody looks at any more is left. */
export function useAnswer<K extends Kind>(
  kind: K,
  asks: Kinds[K]['asks'] | null,
  { key, priority }: Pick<AskOptions<K>, 'key' | 'priority'>,
): Heard<K> {
  const [heard, setHeard] = useState<{ key: string; answer: Kinds[K]['answer'] | null; failed: boolean }>({
    key: '',
    answer: null,
    failed: false,
  });
  const nothing = asks === null;
  useEffect(() => {
    if (asks === null) return;
    const question = questions.ask(kind, asks, { key, priority });
    question.answer.then(
      (answer) => answer !== null && setHeard({ key, answer, failed: false }),
      () => setHeard((h) => ({ ...h, key, failed: true })),
    );
    return question.cancel;
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [kind, key, priority, nothing]);
  const now = heard.key === key;
  return { answer: heard.answer, fresh: now && !heard.failed, failed: now && heard.failed };
}
