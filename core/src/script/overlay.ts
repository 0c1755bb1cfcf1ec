import { sameDocument } from '../play/same.ts';

/** What of every kind of object in a document is written, by its fields; all else is left as it is. */
const WRITTEN = {
  play: 'name call series option purpose status origin variantOf counterTo against situation court customCourt level women ifNothing defences notes start frames',
  frame: 'id parent read actions looks title caption end',
  action:
    'id by does to for of kind path tempo stretches angle hold slip back called on seconds cue facing background note',
  waypoint: 'x y spot plant',
  stretch: 'to tempo',
  cue: 'on event at place delay and',
  read: 'who does at look note',
  readAt: 'action event',
  look: 'id player kind after order when frame note',
  end: 'shot reset play',
  other: 'id name',
  call: 'word signal figure',
  origin: 'text on',
  version: 'play name kind',
  counter: 'play name line',
  start: 'alignment places ball throwIn',
  places: '1 2 3 4 5',
  defence:
    'id name type matchup zone schools chases onBall handoff offBall post help deny watches driveHelp offThrower overrides',
  override: 'does who tag help post',
} as const;
type Kind = keyof typeof WRITTEN;
const FIELDS = new Map(Object.entries(WRITTEN).map(([k, words]) => [k as Kind, new Set(words.split(' '))]));

/** What kind of object stands in a field. */
const WITHIN: Partial<Record<Kind, Readonly<Record<string, Kind>>>> = {
  play: {
    frames: 'frame',
    start: 'start',
    defences: 'defence',
    ifNothing: 'end',
    call: 'call',
    origin: 'origin',
    variantOf: 'version',
    counterTo: 'counter',
  },
  frame: { actions: 'action', looks: 'look', read: 'read', end: 'end' },
  action: { path: 'waypoint', cue: 'cue', stretches: 'stretch' },
  cue: { and: 'cue', place: 'waypoint' },
  read: { at: 'readAt' },
  look: { when: 'read' },
  end: { play: 'other' },
  start: { places: 'places' },
  places: { '1': 'waypoint', '2': 'waypoint', '3': 'waypoint', '4': 'waypoint', '5': 'waypoint' },
};

const isObject = (v: unknown): v is Record<string, unknown> =>
  typeof v === 'object' && v !== null && !Array.isArray(v);
const hasId = (v: unknown): v is { id: string } => isObject(v) && typeof v.id === 'string';

/**
 * What is written, laid over what was there: the fields of the notation are as they are written, all others as they
 * were. Where nothing changed it is the base itself, of which all that is known stays known.
 */
export function overlay(base: unknown, written: unknown, kind?: Kind): unknown {
  if (Array.isArray(base) && Array.isArray(written)) {
    const byId = new Map(base.filter(hasId).map((b) => [b.id, b]));
    const out = written.map((w: unknown, i) => {
      const was: unknown = hasId(w) ? byId.get(w.id) : base.length === written.length ? base[i] : undefined;
      return was === undefined ? w : overlay(was, w, kind);
    });
    return out.length === base.length && out.every((o, i) => o === base[i]) ? base : out;
  }
  if (base === written) return base;
  if (!isObject(base) || !isObject(written) || kind === undefined)
    return sameDocument(base, written) ? base : written;
  const known = FIELDS.get(kind)!;
  const within = WITHIN[kind];
  const out: Record<string, unknown> = {};
  let changed = false;
  for (const key in base) {
    const was = base[key];
    if (key in written) {
      out[key] = overlay(was, written[key], within?.[key]);
      changed ||= out[key] !== was;
    } else if (known.has(key)) changed = true;
    else out[key] = was;
  }
  for (const key in written)
    if (!(key in base)) {
      out[key] = written[key];
      changed = true;
    }
  return changed ? out : base;
}
