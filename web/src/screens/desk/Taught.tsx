import {
  LIMITS,
  needsOf,
  PLAYERS,
  SKILL_WORDS,
  SKILLS,
  type Play,
  type PlayerId,
  type Skill,
} from '@corkscrew/core';
import { Plus, X } from 'lucide-react';
import styled from 'styled-components';
import { Choice, plain, type Options } from '../../ui/Choice.tsx';
import { Button, Label } from '../../ui/controls.tsx';
import { IconButton } from '../../ui/IconButton.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { apply } from './store.ts';

const Rows = styled.div`
  display: grid;
  gap: 8px;
  margin-top: 5px;
  .one {
    display: grid;
    grid-template-columns: 64px minmax(0, 1fr) auto;
    gap: 6px;
    align-items: end;
    padding-bottom: 8px;
    border-bottom: 1px solid var(--rule);
  }
  .one > .wide {
    grid-column: 1 / -1;
  }
  .need {
    display: grid;
    grid-template-columns: 22px minmax(0, 1fr) auto;
    gap: 8px;
    align-items: center;
    min-height: 30px;
  }
`;

const NUMBERS: Options<'' | PlayerId> = [['', 'All'], ...plain(PLAYERS)];

/** What is known of teaching a play: what usually goes wrong and what is said then, and what was changed on the floor. */
export function Taught({ play }: { play: Play }) {
  const errors = play.errors ?? [];
  const changes = play.changes ?? [];
  const error = (i: number, change: Partial<(typeof errors)[number]>): boolean =>
    apply({ do: 'errors', errors: errors.map((e, k) => (k === i ? { ...e, ...change } : e)) });
  const note = (i: number, change: Partial<(typeof changes)[number]>): boolean =>
    apply({ do: 'changes', changes: changes.map((c, k) => (k === i ? { ...c, ...change } : c)) });
  return (
    <>
      <div className="whole">
        <Label>What usually goes wrong</Label>
        <Rows>
          {errors.map((e, i) => (
            <div key={i} className="one">
              <Choice
                label="Who"
                value={e.number ?? ''}
                options={NUMBERS}
                onChange={(number) => {
                  const { number: was, ...rest } = e;
                  void was;
                  apply({
                    do: 'errors',
                    errors: errors.map((x, k) => (k !== i ? x : number === '' ? rest : { ...rest, number })),
                  });
                }}
              />
              <TextField
                label="Goes wrong"
                value={e.words}
                max={LIMITS.line}
                onDone={(words) => error(i, { words })}
              />
              <IconButton
                aria-label="Take it out"
                onPress={() => apply({ do: 'errors', errors: errors.filter((_, k) => k !== i) })}
              >
                <X size={14} />
              </IconButton>
              <div className="wide">
                <TextField
                  label="We say"
                  value={e.say ?? ''}
                  max={LIMITS.line}
                  onDone={(say) => error(i, { say })}
                />
              </div>
            </div>
          ))}
          <Button
            isDisabled={errors.length >= LIMITS.errors}
            onPress={() => apply({ do: 'errors', errors: [...errors, { words: '' }] })}
          >
            <Plus size={14} /> Mistake
          </Button>
        </Rows>
      </div>
      <div className="whole">
        <Label>What we changed</Label>
        <Rows>
          {changes.map((c, i) => (
            <div key={i} className="one">
              <TextField label="When" value={c.on ?? ''} max={LIMITS.word} onDone={(on) => note(i, { on })} />
              <TextField
                label="What"
                value={c.words}
                max={LIMITS.line}
                onDone={(words) => note(i, { words })}
              />
              <IconButton
                aria-label="Take it out"
                onPress={() => apply({ do: 'changes', changes: changes.filter((_, k) => k !== i) })}
              >
                <X size={14} />
              </IconButton>
              <div className="wide">
                <TextField
                  label="Why"
                  value={c.why ?? ''}
                  max={LIMITS.line}
                  onDone={(why) => note(i, { why })}
                />
                <TextField
                  label="What came of it"
                  value={c.came ?? ''}
                  max={LIMITS.line}
                  onDone={(came) => note(i, { came })}
                />
              </div>
            </div>
          ))}
          <Button
            isDisabled={changes.length >= LIMITS.changes}
            onPress={() => apply({ do: 'changes', changes: [...changes, { words: '' }] })}
          >
            <Plus size={14} /> Change
          </Button>
        </Rows>
      </div>
      <Needs play={play} />
    </>
  );
}

/** How much a need counts, as a coach sets it; 0 silences it. */
const COUNTS: Options<string> = [
  ['own', 'as computed'],
  ['0', 'not at all'],
  ['0.4', 'a little'],
  ['0.7', 'much'],
  ['1', 'most'],
];

/** What every number needs, from all its lines, and what the coach makes of it. */
function Needs({ play }: { play: Play }) {
  const all = needsOf(play);
  const set = play.needs ?? [];
  const change = (number: PlayerId, need: Skill, to: string): void => {
    const rest = set.filter((n) => n.number !== number || n.need !== need);
    apply({ do: 'needs', needs: to === 'own' ? rest : [...rest, { number, need, weight: Number(to) }] });
  };
  return (
    <div className="whole">
      <Label>What a number needs</Label>
      <Rows>
        {PLAYERS.map((number) => (
          <div key={number}>
            {all[number].needs.map((n) => (
              <div key={n.skill} className="need">
                <b>{number}</b>
                <span>
                  {SKILL_WORDS[n.skill]}, {n.weight.toFixed(1)}
                </span>
                <Choice
                  bare
                  label={`${number}: ${SKILL_WORDS[n.skill]} counts`}
                  value={n.own ? nearest(n.weight) : 'own'}
                  options={COUNTS}
                  onChange={(to) => change(number, n.skill, to)}
                />
              </div>
            ))}
            {all[number].needs.length < SKILLS.length && (
              <div className="need">
                <b>{number}</b>
                <Choice
                  bare
                  label={`${number} needs as well`}
                  value=""
                  options={[
                    ['', 'needs as well …'],
                    ...SKILLS.filter((s) => !all[number].needs.some((n) => n.skill === s)).map(
                      (s) => [s, SKILL_WORDS[s]] as const,
                    ),
                  ]}
                  onChange={(skill) => skill !== '' && change(number, skill, '0.7')}
                />
              </div>
            )}
          </div>
        ))}
      </Rows>
    </div>
  );
}
const nearest = (weight: number): string =>
  COUNTS.slice(1).reduce((a, b) =>
    Math.abs(Number(b[0]) - weight) < Math.abs(Number(a[0]) - weight) ? b : a,
  )[0];
