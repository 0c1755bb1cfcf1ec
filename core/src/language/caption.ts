import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import { cueWords, paceWords, TEMPO_VERBS, temposOf } from './cue.ts';
import { PLAIN, type Teller } from './teller.ts';
import type { Court } from '../court/court.ts';
import { atPlace, placeSaid, placeWords, toPlace, type Lead } from './place.ts';
import {
  catchPlace,
  cutKind,
  dribbleKind,
  passKind,
  screenKind,
  screenUsed,
  type CutKind,
  type ScreenKind,
} from '../play/kinds.ts';
import { distance } from '../geometry/vec.ts';
import type { Action, Cue } from '../play/document.ts';
import type { FrameWalk, Step } from '../play/state.ts';

/** How a man's cut is joined to where it leads; "to" where it is not said. */
const LEADS: Partial<Record<CutKind, Lead>> = {
  basket: 'rim',
  back: 'rim',
  giveAndGo: 'rim',
  curl: 'rim',
  roll: 'rim',
  cut45: 'rim',
  duckIn: 'at',
  postUp: 'at',
  replace: 'at',
  fill: '',
};
/** After the words of a screen; an elevator closes behind a man. */
const SCREEN_LEADS: Partial<Record<ScreenKind, string>> = { elevator: '' };

/** What a man does, in the words of his team: "2 curls to the rim off 5". `earlier` are the frames before on the line. */
export function actionWords(
  court: Court,
  walk: FrameWalk,
  step: Step,
  earlier: readonly FrameWalk[] = [],
  t: Teller = PLAIN,
): string {
  return doing(court, walk, step, earlier, t, null);
}

/** The same, where a plain way is told by the verb of its tempo: "1 walks to the top". */
function doing(
  court: Court,
  walk: FrameWalk,
  step: Step,
  earlier: readonly FrameWalk[],
  t: Teller,
  pace: string | null,
): string {
  const { action: a, before, after } = step;
  const { words } = t;
  const end = placeSaid(court, after.places[a.by], t);
  switch (a.does) {
    case 'pass': {
      const verb = words[`pass.${passKind({ ...step, action: a })}`].third;
      return `${a.by} ${verb} to ${a.to} ${atPlace(placeSaid(court, catchPlace(walk, step, a.to), t))}`;
    }
    case 'cut': {
      const kind = cutKind(court, walk, { ...step, action: a }, earlier);
      const used = screenUsed(walk, step, earlier.at(-1));
      if (used && (!kind || kind === 'straight'))
        return `${a.by} ${toPlace(`${words['cut.straight'].third} ${used.action.by}`, 'to', end, t)}`;
      const phrase = toPlace(
        kind ? words[`cut.${kind}`].third : (pace ?? words.cut.third),
        (kind && LEADS[kind]) ?? 'to',
        end,
        t,
      );
      return used ? `${a.by} ${phrase} off ${used.action.by}` : `${a.by} ${phrase}`;
    }
    case 'dribble': {
      const kind = dribbleKind(court, { ...step, action: a });
      const verb = words[kind ? (`dribble.${kind}` as const) : 'dribble'].third;
      if (kind === 'dribbleAt') return `${a.by} ${verb} ${nearestMate(step)}`;
      return `${a.by} ${toPlace(verb, 'to', end, t)}`;
    }
    case 'screen': {
      const kind = screenKind(court, walk, { ...step, action: a });
      const verb = words[kind ? (`screen.${kind}` as const) : 'screen'].third;
      const lead = (kind && SCREEN_LEADS[kind]) ?? 'for';
      return `${a.by} ${lead ? `${verb} ${lead}` : verb} ${a.for} ${atPlace(end)}`;
    }
    case 'handoff':
      return `${a.by} ${words.handoff.third} to ${a.to}`;
    case 'shot':
      return `${a.by} ${words.shot.third} from ${placeWords(court, before.places[a.by], t)}`;
    case 'fake':
      return `${a.by} ${words.fake.third} the ${words[a.of].word}${a.to ? ` to ${a.to}` : ''}`;
    case 'hold':
      return `${a.by} ${words.hold.third}`;
    case 'seal':
      return `${a.by} ${words.sealOff.third} ${atPlace(end)}`;
  }
}

/** What stands on the blocks of a line's score, by action: what is done, without who does it. */
export const blockWords = (
  court: Court,
  walks: readonly FrameWalk[],
  t: Teller = PLAIN,
): Map<string, string> =>
  new Map(
    walks.flatMap((w, i) =>
      w.steps.map((s) => [s.action.id, actionWords(court, w, s, walks.slice(0, i), t).replace(/^\d /, '')]),
    ),
  );

/** The man a dribble goes at: whoever is nearest to where it leads. */
const nearestMate = ({ action, before, after }: Step): PlayerId =>
  PLAYERS.filter((p) => p !== action.by)
    .map((p) => [p, distance(before.places[p], after.places[action.by])] as const)
    .reduce((a, b) => (b[1] < a[1] ? b : a))[0];

/**
 * A frame in plain words, with what is waited for and how fast: "1 passes to 4 at the left elbow, then walks to the
 * right slot; as 4 catches, 3 cuts back door to the rim at a sprint". What waits for one thing is said behind it. Of
 * one man alone with `only`.
 */
export function captionOf(
  court: Court,
  walk: FrameWalk,
  earlier: readonly FrameWalk[] = [],
  t: Teller = PLAIN,
  only?: PlayerId,
): string {
  const actions = new Map(
    [...earlier, walk].flatMap((w) => w.steps.map((s) => [s.action.id, s.action] as const)),
  );
  const parts: Part[] = [];
  for (const step of walk.steps) {
    const { action } = step;
    if (only !== undefined && action.by !== only) continue;
    // After what he has done himself he simply goes on.
    const own = goesOn(action.cue, action.by, actions);
    const cue = own ? null : cueWords(court, action.cue, actions, t);
    const phrase = withPace(court, walk, step, earlier, t);
    const says = own && parts.at(-1)?.by !== action.by ? phrase.replace(/^\d/, '$& then') : phrase;
    const last = parts.at(-1);
    // One man's next thing goes on from the last; so does what waits for the same.
    // Giving and going says the pass itself, and a shot is the end of it: they stand by themselves.
    const alone = action.does === 'shot' || cutOf(court, walk, step, earlier) === 'giveAndGo';
    if (last && cue === null && last.by === action.by && !alone)
      last.says[last.says.length - 1] += `, then ${says.replace(/^\d /, '')}`;
    else if (last && cue !== null && last.cue === cue) last.says.push(says);
    else parts.push({ by: action.by, cue, says: [says] });
    parts.at(-1)!.by = action.by;
  }
  const words = parts.map(({ cue, says }) => `${cue === null ? '' : `${cue}, `}${t.all(says)}`).join('; ');
  return words.charAt(0).toUpperCase() + words.slice(1);
}

const goesOn = (cue: Cue | undefined, by: PlayerId, actions: ReadonlyMap<string, Action>): boolean =>
  cue !== undefined &&
  (cue.and?.length ?? 0) === 0 &&
  (cue.event ?? 'end') === 'end' &&
  Math.abs(cue.delay ?? 0) < 0.25 &&
  actions.get(cue.on)?.by === by;

interface Part {
  by: PlayerId;
  readonly cue: string | null;
  readonly says: string[];
}

/** What a man's cut is called; nothing else has a kind that changes how it is joined. */
const cutOf = (court: Court, walk: FrameWalk, step: Step, earlier: readonly FrameWalk[]) =>
  step.action.does === 'cut' ? cutKind(court, walk, { ...step, action: step.action }, earlier) : undefined;

/** What he does and how fast, and what for where the coach has noted it. */
function withPace(
  court: Court,
  walk: FrameWalk,
  step: Step,
  earlier: readonly FrameWalk[],
  t: Teller,
): string {
  const { action } = step;
  const plain =
    action.does === 'cut' &&
    cutOf(court, walk, step, earlier) === undefined &&
    !screenUsed(walk, step, earlier.at(-1));
  const verbs = plain ? temposOf(action).map((tempo) => TEMPO_VERBS[tempo] ?? t.words.cut.third) : [];
  const says = doing(court, walk, step, earlier, t, plain ? verbs.join(', then ') : null);
  const note = action.note?.trim();
  return `${says}${plain ? '' : paceWords(action)}${note ? ` (${note})` : ''}`;
}
