import {
  actionWords,
  placesPassed,
  TEMPOS,
  type Action,
  type ActionOf,
  type Cue,
  SETTABLE,
  type Tempo,
} from '@corkscrew/core';
import styled from 'styled-components';
import { Choice, plain, type Options } from '../../../ui/Choice.tsx';
import { Input, Label } from '../../../ui/controls.tsx';
import { apply, lineView, usePick } from '../store.ts';
import { useTimeline } from '../timeline.ts';
import { useDeskTeller } from '../teller.ts';

const Fields = styled.div`
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  .wide {
    grid-column: 1 / -1;
  }
  select {
    width: 100%;
  }
  p {
    grid-column: 1 / -1;
    color: var(--ink-2);
    font-size: 12.5px;
  }
`;

const EVENT_WORDS: Record<Exclude<Cue['event'], 'at' | undefined>, string> = {
  start: 'starts',
  release: 'lets the ball go',
  catch: 'is caught',
  set: 'is set',
  used: 'is used',
  firstDribble: 'first dribble',
  pickUp: 'picks it up',
  end: 'is over',
};

/** The moments of an action another one may wait for. */
function momentsOf(action: Action): NonNullable<Cue['event']>[] {
  switch (action.does) {
    case 'pass':
    case 'handoff':
      return ['start', 'release', 'catch'];
    case 'screen':
      return ['start', 'at', 'set', 'end'];
    case 'dribble':
      return ['start', 'firstDribble', 'at', 'pickUp'];
    case 'shot':
      return ['start', 'release', 'end'];
    case 'cut':
    case 'seal':
      return ['start', 'at', 'end'];
    default:
      return ['start', 'end'];
  }
}

const NOUN: Record<Action['does'], string> = {
  pass: 'pass',
  cut: 'cut',
  dribble: 'dribble',
  screen: 'screen',
  handoff: 'hand off',
  shot: 'shot',
  fake: 'fake',
  hold: 'hold',
  seal: 'seal',
};

/** When the chosen action starts: what it waits for, which moment of it, and how long after; and how much room it has. */
export function CueFields({ action }: { action: Action }) {
  const t = useDeskTeller();
  const { play, branch, frameId } = usePick('play', 'branch', 'frameId');
  const timeline = useTimeline();
  const view = lineView(play, branch, frameId);
  const timed = timeline.actions.find((a) => a.action.id === action.id);
  const tie = timeline.ties.find((t) => t.to === action.id && t.by === 'inferred' && t.binds);
  const words = new Map(
    view.walks.slice(0, view.index + 1).flatMap((w, i) =>
      w.steps.map((s) => {
        const said = actionWords(view.court, w, s, view.walks.slice(0, i), t);
        return [s.action.id, { action: s.action, step: s, said: `${i + 1}: ${said}` }] as const;
      }),
    ),
  );
  const others = [...words].filter(([id]) => id !== action.id);
  const { cue } = action;
  const set = (next: Cue | undefined) =>
    apply(
      next
        ? { do: 'patchAction', id: action.id, set: { cue: next } }
        : { do: 'patchAction', id: action.id, unset: ['cue'] },
    );
  const waited = cue && cue.on !== 'frame' ? words.get(cue.on) : undefined;
  const on = waited?.action;
  const passed = waited ? placesPassed(view.court, waited.step) : [];
  const until: Options<string> = on
    ? momentsOf(on).flatMap((e): [string, string][] =>
        e === 'at' ? passed.map((p) => [`at ${p.at}`, p.words]) : [[e, EVENT_WORDS[e]]],
      )
    : [];
  const granted = tie && words.get(tie.from);
  const free: Options<string> = [
    [
      '',
      granted
        ? `by itself, on ${granted.action.by}’s ${NOUN[granted.action.does]}`
        : 'by itself, with the frame',
    ],
    ['frame', 'the start of the frame'],
    ...others.map(([id, { said }]) => [id, said] as const),
  ];
  return (
    <Fields>
      <div className="wide">
        <Choice
          label="Waits for"
          value={cue?.on ?? ''}
          options={cue && cue.on !== 'frame' && !on ? [...free, [cue.on, 'something that is gone']] : free}
          onChange={(id) =>
            set(
              id === ''
                ? undefined
                : id === 'frame'
                  ? { on: 'frame' }
                  : { on: id, event: momentsOf(words.get(id)!.action).at(-1)! },
            )
          }
        />
      </div>
      {cue && on && (
        <Choice
          label="Until it"
          value={cue.event === 'at' ? `at ${cue.at ?? 0.5}` : (cue.event ?? 'end')}
          options={until}
          onChange={(key) => {
            const [event, at] = key.split(' ') as [NonNullable<Cue['event']>, string | undefined];
            const { at: _old, ...rest } = cue;
            set({ ...rest, event, ...(at === undefined ? {} : { at: Number(at) }) });
          }}
        />
      )}
      {cue && (
        <label>
          <Label>Then seconds more</Label>
          <Input
            key={cue.delay ?? 0}
            type="number"
            step={0.1}
            min={SETTABLE.delay.min}
            max={SETTABLE.delay.max}
            defaultValue={cue.delay ?? 0}
            onBlur={(e) => {
              const delay = Number(e.target.value);
              if (Number.isFinite(delay) && delay !== (cue.delay ?? 0)) set({ ...cue, delay });
            }}
            onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
          />
        </label>
      )}
      {(action.does === 'cut' || action.does === 'dribble') && <Pace action={action} />}
      {timed && (
        <p>
          {timed.start.toFixed(1)} to {timed.end.toFixed(1)} s.{' '}
          {timed.slack < 0.05
            ? 'The play waits for this.'
            : `${timed.slack.toFixed(1)} s to spare before the play gets longer.`}
        </p>
      )}
    </Fields>
  );
}

const SHARES: Options<string> = [
  ['0.25', 'a quarter of the way'],
  ['0.5', 'half the way'],
  ['0.75', 'three quarters'],
];

/** Slow, slow, quick: the first part of a run at another tempo. */
function Pace({ action }: { action: ActionOf<'cut'> | ActionOf<'dribble'> }) {
  const first = action.stretches?.[0];
  const set = (tempo: Tempo | '', to: number) =>
    apply(
      tempo === ''
        ? { do: 'patchAction', id: action.id, unset: ['stretches'] }
        : { do: 'patchAction', id: action.id, set: { stretches: [{ to, tempo }] } },
    );
  return (
    <>
      <Choice
        label="But first"
        value={first?.tempo ?? ''}
        options={[['', 'the same tempo'], ...plain(TEMPOS)]}
        onChange={(tempo) => set(tempo as Tempo | '', first?.to ?? 0.5)}
      />
      {first && (
        <Choice
          label="Over"
          value={String(first.to)}
          options={SHARES}
          onChange={(to) => set(first.tempo, Number(to))}
        />
      )}
    </>
  );
}
