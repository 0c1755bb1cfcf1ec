import {
  LIMITS,
  SITUATION_WORDS,
  SITUATIONS,
  situationWords,
  STATUS_WORDS,
  STATUSES,
  type Play,
  type PlayRow,
} from '@corkscrew/core';
import { X } from 'lucide-react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { usePlays } from '../../keeping/plays.ts';
import { useDocuments } from '../../keeping/relations.ts';
import { Choice } from '../../ui/Choice.tsx';
import { EndingChoice } from '../../ui/EndingChoice.tsx';
import { Label } from '../../ui/controls.tsx';
import { IconButton } from '../../ui/IconButton.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { apply } from './store.ts';

const Counters = styled.ul`
  display: grid;
  gap: 2px;
  margin: 4px 0;
  li {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 8px;
    min-height: 30px;
    border-bottom: 1px solid var(--rule);
  }
  a {
    color: var(--pen);
  }
  span {
    color: var(--ink-2);
  }
`;

const STANDS = STATUSES.map((s) => [s, STATUS_WORDS[s]] as const);

/** What a play is in the playbook: its series and number, when it is called, what it answers, where it came from. */
export function InBook({ play }: { play: Play }) {
  const rows = usePlays(false).shown?.rows ?? [];
  const series = [...new Set(rows.map((r) => r.summary.series).filter(Boolean))].sort();
  const own = play.situation.filter((k) => !(k in SITUATION_WORDS));
  const toggle = (key: string) =>
    apply({
      do: 'situation',
      situation: play.situation.includes(key)
        ? play.situation.filter((k) => k !== key)
        : [...play.situation, key],
    });
  return (
    <>
      <TextField
        label="Series"
        value={play.series ?? ''}
        max={LIMITS.name}
        among={series}
        placeholder="One word for all of it"
        onDone={(word) => apply({ do: 'series', series: word.trim() })}
      />
      <TextField
        label="Number in the series"
        value={play.option ?? ''}
        max={LIMITS.word}
        placeholder="4, 4A"
        onDone={(option) => apply({ do: 'about', option: option.trim() })}
      />
      <div className="whole">
        <Label>When</Label>
        <div className="chips" role="group" aria-label="When it is called">
          {[...SITUATIONS, ...own].map((k) => (
            <button key={k} type="button" aria-pressed={play.situation.includes(k)} onClick={() => toggle(k)}>
              {situationWords(k)}
            </button>
          ))}
        </div>
      </div>
      <TextField
        label="Purpose"
        value={play.purpose ?? ''}
        max={LIMITS.line}
        placeholder="A three for our best shooter"
        onDone={(purpose) => apply({ do: 'about', purpose: purpose.trim() })}
      />
      <Choice
        label="Standing"
        value={play.status ?? 'adopted'}
        options={STANDS}
        onChange={(status) => apply({ do: 'about', status })}
      />
      <CounterTo play={play} others={rows.filter((r) => r.id !== play.id)} />
      <TextField
        label="Where it came from"
        value={play.origin?.text ?? ''}
        max={LIMITS.line}
        onDone={(text) =>
          apply({ do: 'about', origin: text.trim() ? { ...play.origin, text: text.trim() } : null })
        }
      />
      <TextField
        label="When"
        value={play.origin?.on ?? ''}
        max={LIMITS.word}
        placeholder="August 2026"
        onDone={(on) =>
          apply({
            do: 'about',
            origin: on.trim() || play.origin?.text ? { text: play.origin?.text ?? '', on: on.trim() } : null,
          })
        }
      />
    </>
  );
}

/** The plays it answers; one that is gone keeps its name. */
function CounterTo({ play, others }: { play: Play; others: readonly PlayRow[] }) {
  const all = play.counterTo ?? [];
  const free = others.filter((r) => !all.some((c) => c.play === r.id));
  const of = useDocuments(all.map((c) => c.play));
  const put = (counterTo: typeof all) => apply({ do: 'counterTo', counterTo });
  return (
    <div className="whole">
      <Label>Counter to</Label>
      {all.length > 0 && (
        <Counters aria-label="Counter to">
          {all.map((c) => {
            const there = others.find((r) => r.id === c.play);
            return (
              <li key={c.play}>
                {there ? (
                  <Link to={`/plays/${c.play}`}>{there.summary.name}</Link>
                ) : (
                  <span>{c.name}, not in the playbook</span>
                )}
                {of.has(c.play) && (
                  <EndingChoice
                    play={of.get(c.play)!}
                    label={`Which ending of ${there?.summary.name ?? c.name}`}
                    leaf={c.line}
                    all="All of it"
                    onChange={(line) => {
                      const { line: _old, ...rest } = c;
                      put(all.map((o) => (o === c ? (line ? { ...rest, line } : rest) : o)));
                    }}
                  />
                )}
                <IconButton
                  aria-label={`No counter to ${there?.summary.name ?? c.name}`}
                  onPress={() => put(all.filter((o) => o.play !== c.play))}
                >
                  <X size={14} />
                </IconButton>
              </li>
            );
          })}
        </Counters>
      )}
      <div className="ops">
        <Choice
          bare
          label="Counter to another play"
          value=""
          options={[['', 'Add a play …'], ...free.map((r) => [r.id, r.summary.name] as const)]}
          onChange={(id) => {
            const row = free.find((r) => r.id === id);
            if (row) put([...all, { play: id, name: row.summary.name }]);
          }}
        />
      </div>
    </div>
  );
}
