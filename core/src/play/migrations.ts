import { PlaySchema, VERSION } from './document.ts';

type Raw = Record<string, unknown>;
const isObject = (v: unknown): v is Raw => typeof v === 'object' && v !== null;

/** One step of the chain: takes a document of `from` to `from + 1`. Pure; each is tested on a kept sample. */
interface Migration {
  readonly from: number;
  readonly migrate: (doc: Raw) => Raw;
}

/**
 * Version 0 was the sketch format of the first trials: frames in a plain list, the ball beside the
 * places, one word for the call.
 */
const fromSketch: Migration = {
  from: 0,
  migrate: (doc) => {
    const frames = Array.isArray(doc.frames) ? (doc.frames as Raw[]) : [];
    const { ball, places, call, ...rest } = doc;
    return {
      against: [],
      situation: [],
      level: 'highSchool',
      ...rest,
      ...(typeof call === 'string' ? { call: { word: call } } : {}),
      version: 1,
      start: { places, ball: ball ?? '1' },
      frames: frames.map((f, i) => ({ ...f, id: `f${i + 1}`, parent: i === 0 ? null : `f${i}` })),
    };
  },
};

/** Fields that version 2 gave a meaning to, by what they stand in. */
const NEW_IN_2: Readonly<Record<string, readonly string[]>> = {
  play: 'option purpose status origin variantOf counterTo ifNothing refused needs errors changes'.split(' '),
  frame: ['end'],
  cue: ['place', 'and'],
  read: ['at', 'look'],
  look: ['when', 'frame'],
  override: ['tag', 'help', 'post'],
  silenced: ['ending'],
};

/** What holds the field at depth `i` of a path. */
function holder(path: readonly PropertyKey[], i: number): string {
  if (i === 0) return 'play';
  const [one, two] = [path[i - 1], path[i - 2]];
  if (one === 'cue' || one === 'read') return one;
  if (two === 'frames') return 'frame';
  if (two === 'looks') return 'look';
  if (two === 'overrides') return 'override';
  return two === 'silenced' ? 'silenced' : '';
}

/**
 * Version 1 changes nothing but the number: what it allowed is allowed. A field that meant nothing then, under
 * a name that means something now, and that does not fit its meaning, is set aside under "name (version 1)".
 */
const wider: Migration = {
  from: 1,
  migrate: (doc) => {
    let next: Raw = { ...doc, version: 2 };
    for (let tries = 0; tries < 100; tries++) {
      const paths = (PlaySchema.safeParse(next).error?.issues ?? []).map((i) => i.path);
      const odd = paths
        .map((path) =>
          path.slice(0, 1 + path.findIndex((k, i) => NEW_IN_2[holder(path, i)]?.includes(String(k)))),
        )
        .filter((path) => path.length > 0);
      if (odd.length === 0) return next;
      for (const path of odd) next = setAside(next, path);
    }
    return next;
  },
};

function setAside(value: Raw, path: readonly PropertyKey[]): Raw {
  const [key, ...rest] = path as string[];
  if (!isObject(value) || key === undefined || !(key in value)) return value;
  if (rest.length === 0) {
    const { [key]: odd, ...others } = value;
    return { ...others, [`${key} (version 1)`]: odd };
  }
  const inner = setAside(value[key] as Raw, rest);
  if (Array.isArray(value)) return value.with(Number(key), inner) as unknown as Raw;
  return { ...value, [key]: inner };
}

const MIGRATIONS: readonly Migration[] = [fromSketch, wider];

/** A document of any older version as one of the present version. */
export function migrated(doc: Raw): Raw {
  let now = doc;
  for (const step of MIGRATIONS) if (step.from === now.version) now = step.migrate(now);
  return now.version === VERSION ? now : doc;
}
