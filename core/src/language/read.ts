import type { Read } from '../play/document.ts';
import { isTermKey } from './dictionary.ts';
import { PLAIN, type Teller } from './teller.ts';

/** Of what is seen and has no word of its own. */
const OTHERS: Partial<Record<Read['does'], string>> = {
  none: 'No help comes',
  late: 'is late',
  sealed: 'is sealed',
  closed: 'It is not there',
};
/** What all of them do together. */
const TOGETHER: ReadonlySet<Read['does']> = new Set<Read['does']>(['switch', 'trap', 'rotation']);
/** What is no one man's doing. */
const OF_ALL: ReadonlySet<Read['does']> = new Set<Read['does']>([
  'switch',
  'trap',
  'none',
  'weakCorner',
  'top',
  'strongCorner',
  'rotation',
  'closed',
]);

/** A read in the words of a team: "x5 drops", "They switch". */
export function readWords(read: Read, t: Teller = PLAIN): string {
  const { does } = read;
  if (does === 'own') return read.note ?? 'Another answer';
  const key = [`coverage.${does === 'helps' ? 'help' : does}`, `read.${does}`].find(isTermKey);
  const said = key && isTermKey(key) ? t.words[key] : undefined;
  if (OF_ALL.has(does)) {
    if (!said) return OTHERS[does] ?? '';
    const words = TOGETHER.has(does) ? `they ${said.base}` : said.word;
    return `${words[0]!.toLocaleUpperCase()}${words.slice(1)}`;
  }
  return `${read.who?.length ? read.who.join(' and ') : 'The defender'} ${said?.third ?? OTHERS[does] ?? ''}`;
}
