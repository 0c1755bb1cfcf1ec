import type { Court } from '../court/court.ts';
import type { Action, Cue, PlainCue, Tempo } from '../play/document.ts';
import { placeWords } from './place.ts';
import { PLAIN, type Teller } from './teller.ts';

/** A moment as it is said: "as" and "4 catches", so that something may also come so long after it. */
interface Moment {
  readonly join: 'as' | 'once' | 'on' | 'when';
  readonly words: string;
}

/** What a man does when he starts something, where its own verb would say the whole of it. */
const STARTS: Record<Action['does'], string> = {
  pass: 'starts to pass',
  handoff: 'holds it out',
  cut: 'starts',
  dribble: 'starts to dribble',
  screen: 'goes to screen',
  shot: 'goes up',
  fake: 'fakes',
  hold: 'stops',
  seal: 'turns to seal',
};
const ENDS: Record<Action['does'], string> = {
  pass: 'has passed',
  handoff: 'has handed off',
  cut: 'is there',
  dribble: 'is there',
  screen: 'is done screening',
  shot: 'has shot',
  fake: 'has faked',
  hold: 'has held it',
  seal: 'has sealed',
};

/** How far a man has to have come, as it is said. */
const share = (at: number): string =>
  at < 0.35 ? 'gets going' : at <= 0.65 ? 'is half-way' : 'is nearly there';

function momentOf(court: Court, on: Action, cue: PlainCue, t: Teller): Moment {
  const { by } = on;
  const event = cue.event ?? 'end';
  if (event === 'at')
    return {
      join: 'as',
      words: cue.place ? `${by} passes ${placeWords(court, cue.place, t)}` : `${by} ${share(cue.at ?? 0.5)}`,
    };
  const gives = on.does === 'pass' || on.does === 'handoff';
  if (gives && (event === 'catch' || event === 'end'))
    return { join: 'as', words: on.does === 'pass' ? `${on.to} catches` : `${on.to} takes it` };
  if (event === 'release')
    return {
      join: 'as',
      words: `${by} ${on.does === 'handoff' ? 'hands it off' : gives ? 'passes' : 'shoots'}`,
    };
  if (on.does === 'screen' && event === 'set') return { join: 'once', words: `${by} is set` };
  if (on.does === 'screen' && event === 'used') return { join: 'as', words: `${on.for} comes off ${by}` };
  if (event === 'firstDribble') return { join: 'on', words: `${by}'s first dribble` };
  if (event === 'pickUp') return { join: 'as', words: `${by} picks the ball up` };
  if (event === 'start') return { join: 'as', words: `${by} ${STARTS[on.does]}` };
  return { join: 'once', words: `${by} ${ENDS[on.does]}` };
}

/** A wait shorter than this is the moment itself (seconds): nobody says a tenth. */
const SAID = 0.25;

function plainCue(
  court: Court,
  cue: PlainCue,
  actions: ReadonlyMap<string, Action>,
  t: Teller,
): string | null {
  const delay = cue.delay ?? 0;
  if (cue.on === 'read') return delay >= SAID ? `${t.seconds(delay)} after the read` : 'on the read';
  if (cue.on === 'frame') return delay >= SAID ? `after ${t.seconds(delay)}` : null;
  const on = actions.get(cue.on);
  if (!on) return null;
  const { join, words } = momentOf(court, on, cue, t);
  if (delay >= SAID) return `${t.seconds(delay)} after ${words}`;
  return delay <= -SAID ? `just before ${words}` : `${join} ${words}`;
}

/** What somebody waits for: "as 4 catches", "once 5 is set and as 1 passes"; null where nothing is said of it. */
export function cueWords(
  court: Court,
  cue: Cue | undefined,
  actions: ReadonlyMap<string, Action>,
  t: Teller = PLAIN,
): string | null {
  if (!cue) return null;
  const all = [cue, ...(cue.and ?? [])].flatMap((c) => plainCue(court, c, actions, t) ?? []);
  return all.length === 0 ? null : [...new Set(all)].join(' and ');
}

/** What a plain way is run at; the usual is not said. */
export const TEMPO_VERBS: Readonly<Record<Tempo, string | null>> = {
  walk: 'walks',
  jog: 'jogs',
  cut: null,
  sprint: 'sprints',
};
const PACES: Readonly<Record<Tempo, string>> = {
  walk: 'at a walk',
  jog: 'at a jog',
  cut: 'at speed',
  sprint: 'at a sprint',
};

/** The tempos a man goes at on one way, in order, each change once. */
export function temposOf(action: Action): Tempo[] {
  if (!('path' in action) || action.does === 'seal') return [];
  const whole: Tempo = action.tempo ?? 'cut';
  if (!('stretches' in action) || !action.stretches?.length) return [whole];
  const parts = [...action.stretches].sort((a, b) => a.to - b.to);
  const all = [...parts.map((s) => s.tempo), ...((parts.at(-1)?.to ?? 0) < 0.999 ? [whole] : [])];
  return all.filter((tempo, i) => tempo !== all[i - 1]);
}

/** How a man goes, after what he does: " at a sprint", ", first at a walk, then at a sprint"; empty for the usual. */
export function paceWords(action: Action): string {
  const tempos = temposOf(action);
  if (tempos.length > 1) return `, first ${tempos.map((x) => PACES[x]).join(', then ')}`;
  const [one] = tempos;
  if (!one || one === 'cut') return '';
  return action.does === 'screen' ? `, coming ${PACES[one]}` : ` ${PACES[one]}`;
}
