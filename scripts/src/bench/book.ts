import {
  edit,
  findPlays,
  PRESETS,
  readQuery,
  readyOf,
  relatedOf,
  relationOf,
  Search,
  SummarySchema,
  summarise,
  trialOf,
  type Defence,
  type Findable,
  type Play,
  type PlayRow,
} from '@corkscrew/core';
import { demo, ms, must, percentile, type Row } from './row.ts';

const PLAYS = 200;
const MANY = 500;
const TYPED = 'first look within 5 s, against man, three, not for 4';

/** A playbook of so many: the demo plays, each a little elsewhere every time it comes again. */
function library(count: number): Play[] {
  const plays = demo();
  return Array.from({ length: count }, (_, i) => {
    const play = plays[i % plays.length]!;
    const by = Math.floor(i / plays.length) * 0.3;
    const place = play.start.places['3'];
    const moved = must(
      edit(play, { do: 'place', player: '3', place: { x: place.x + (place.x > 0 ? -by : by), y: place.y } }),
    );
    return { ...moved, id: `p${i}`, name: `${play.name} ${i}` };
  });
}

/** Plays beside each other: all pairs from scratch, one after an edit, a play against the usual defences; and lists. */
export function book(): Row[] {
  const plays = library(PLAYS);
  let began = performance.now();
  const ready = plays.map((p) => readyOf(relatedOf(p)));
  let pairs = 0;
  for (let i = 0; i < ready.length; i++)
    for (let j = i + 1; j < ready.length; j++) if (relationOf(ready[i]!, ready[j]!)) pairs++;
  const scratch = performance.now() - began;
  const edits = Array.from({ length: 20 }, (_, i) => {
    const play = plays[i * 7]!;
    const next = must(edit(play, { do: 'place', player: '4', place: { x: -12, y: 16 } }));
    began = performance.now();
    const one = readyOf(relatedOf(next));
    for (const other of ready) relationOf(one, other);
    return performance.now() - began;
  });
  const tried = demo().map((play) => {
    began = performance.now();
    for (const p of PRESETS) trialOf(play, { ...p.defence, id: p.key } as Defence, undefined);
    return performance.now() - began;
  });
  return [
    {
      what: `Heads, tails and flows of ${PLAYS} plays from scratch, one thread (${pairs} pairs have something in common)`,
      measured: `${(scratch / 1000).toFixed(1)} s`,
      goal: '≤ 20 s',
    },
    {
      what: `The same of one play after an edit, against ${PLAYS}`,
      measured: `median ${ms(percentile(edits, 0.5))}, longest ${ms(percentile(edits, 1))}`,
      goal: '≤ 300 ms',
    },
    {
      what: `A demo play against all ${PRESETS.length} usual defences`,
      measured: `median ${ms(percentile(tried, 0.5))}, longest ${ms(percentile(tried, 1))}`,
      goal: '≤ 5 s',
    },
    ...lists(),
  ];
}

function lists(): Row[] {
  const plays = library(MANY);
  const rows = plays.map((play): PlayRow => ({
    ...{ id: play.id, revision: 1, updatedAt: '', deletedAt: null, card: null, verdict: 'none' },
    summary: SummarySchema.parse(summarise(play)),
  }));
  const known = new Map(
    plays.map((play) => {
      const { chances, terms } = relatedOf(play);
      return [play.id, { chances, terms, round: null, tried: {} }] as const;
    }),
  );
  const queries = Array.from({ length: 20 }, () => {
    const began = performance.now();
    findPlays(rows, (id) => known.get(id), readQuery(TYPED));
    return performance.now() - began;
  });
  const items = rows.map((r): Findable => ({
    ...{ id: r.id, kind: 'play', name: r.summary.name },
    also: [r.summary.call, r.summary.series],
  }));
  const search = new Search(items);
  const keys = [...'horns kite 12'].map((_, i, all) => {
    const began = performance.now();
    search.find(all.slice(0, i + 1).join(''), [], 12);
    return performance.now() - began;
  });
  return [
    {
      what: `“${TYPED}” in a playbook of ${MANY}`,
      measured: `median ${ms(percentile(queries, 0.5))}, longest ${ms(percentile(queries, 1))}`,
      goal: '≤ 100 ms',
    },
    {
      what: `A key in the command search over ${MANY} plays`,
      measured: `median ${ms(percentile(keys, 0.5))}, longest ${ms(percentile(keys, 1))}`,
      goal: '≤ 50 ms',
    },
  ];
}
