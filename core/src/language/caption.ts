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
  type DribbleKind,
  type ScreenKind,
} from '../play/kinds.ts';
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
/** After the words of a dribble. */
const DRIBBLE_LEADS: Partial<Record<DribbleKind, Lead>> = { dribbleAt: '' };
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
        words[kind ? (`cut.${kind}` as const) : 'cut'].third,
        (kind && LEADS[kind]) ?? 'to',
        end,
        t,
      );
      return used ? `${a.by} ${phrase} off ${used.action.by}` : `${a.by} ${phrase}`;
    }
    case 'dribble': {
      const kind = dribbleKind(court, { ...step, action: a });
      const verb = words[kind ? (`dribble.${kind}` as const) : 'dribble'].third;
      return `${a.by} ${toPlace(verb, (kind && DRIBBLE_LEADS[kind]) ?? 'to', end, t)}`;
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

/** A frame in plain words: "1 passes to 4 at the left elbow; 3 cuts back door to the rim". */
export function captionOf(
  court: Court,
  walk: FrameWalk,
  earlier: readonly FrameWalk[] = [],
  t: Teller = PLAIN,
): string {
  return walk.steps.map((s) => actionWords(court, walk, s, earlier, t)).join('; ');
}
