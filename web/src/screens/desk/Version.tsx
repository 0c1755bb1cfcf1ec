import {
  contentOf,
  differences,
  isWorthIt,
  levelVersionOf,
  PRESETS,
  tell,
  versionOf,
  type Defence,
  type Level,
  type Play,
  type TriedChange,
} from '@corkscrew/core';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import styled from 'styled-components';
import { keepNew } from '../../keeping/deliver.ts';
import { useOtherPlay } from '../../keeping/plays.ts';
import { contentAt } from '../../questions/lines.ts';
import { useAnswer } from '../../questions/use-answer.ts';
import { useTeaching } from '../../team/team.ts';
import { useTeller } from '../../team/teller.ts';
import { Choice, LEVEL_OPTIONS } from '../../ui/Choice.tsx';
import { Button, Label, Toggle } from '../../ui/controls.tsx';
import { menKey } from '../../questions/men.ts';
import { apply, useDesk, usePick } from './store.ts';

const Box = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
  li {
    display: grid;
    grid-template-columns: 46px minmax(0, 1fr) auto;
    align-items: center;
    gap: 8px;
    min-height: 32px;
    padding: 3px 0;
    border-bottom: 1px solid var(--rule);
    font-size: 13px;
  }
  li > :first-child {
    font: 640 12px/1.2 'Archivo Variable';
    font-stretch: 80%;
    color: var(--ink-3);
  }
  li > button:nth-child(2) {
    white-space: normal;
    justify-content: start;
    text-align: left;
  }
  i {
    font: 640 12.5px/1.2 'Archivo Variable';
    font-stretch: 77%;
    color: var(--ink-2);
    white-space: nowrap;
  }
  p {
    font-size: 13px;
    color: var(--ink-2);
  }
  a {
    color: var(--pen);
  }
`;

const VERSIONS: Readonly<Record<NonNullable<Play['variantOf']>['kind'], string>> = {
  zone: 'Zone version of',
  man: 'Man-to-man version of',
  side: 'The other side of',
  level: 'Version for this level of',
};

/** The same play against the other kind of defence: made of this one, or what this one does otherwise than the play it was made of. */
export function Version() {
  const { play } = usePick('play');
  const { variantOf } = play;
  return (
    <Box className="whole">
      {variantOf && <Differences play={play} of={variantOf} />}
      <Making key={play.id} play={play} />
      <OtherLevel play={play} />
    </Box>
  );
}

const where = (play: Play, frame: string | null): string => {
  const i = play.frames.findIndex((f) => f.id === frame);
  return i < 0 ? 'Set' : `Frame ${i + 1}`;
};

/** What is otherwise than in the play it was made of, frame by frame; each can be made as it is there. */
function Differences({ play, of }: { play: Play; of: NonNullable<Play['variantOf']> }) {
  const t = useTeller(play);
  const original = useOtherPlay(of.play);
  // On another side or floor nothing stands where it stood: what is otherwise shows when the two are compared.
  const listed = of.kind === 'zone' || of.kind === 'man';
  const all = original.play && listed ? differences(original.play, play) : [];
  return (
    <>
      <Label>
        {VERSIONS[of.kind]} <Link to={`/plays/${of.play}`}>{of.name}</Link>{' '}
        <Link to={`/compare?a=${of.play}&b=${play.id}`}>compare</Link>
      </Label>
      {!original.play && !original.asking && <p>The play it was made of is not in this playbook.</p>}
      {all.length > 0 && (
        <ul aria-label={`What is otherwise than in ${of.name}`}>
          {all.map((d) => (
            <li key={d.id}>
              <span>{where(play, d.frame)}</span>
              <span>{tell(d.says, t)}</span>
              {d.back.length > 0 && (
                <Button
                  aria-label={`As there: ${tell(d.says, t)}`}
                  onPress={() => d.back.every((c) => apply(c, { placing: false }))}
                >
                  As there
                </Button>
              )}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

/** The same play for older or younger ones, made at once: its times are their own. */
function OtherLevel({ play }: { play: Play }) {
  const go = useNavigate();
  const make = async (level: Level): Promise<void> => {
    const made = levelVersionOf(play, level, nanoid(12));
    if (!made.ok) return useDesk.setState({ notice: made.sentence });
    await keepNew(made.play);
    void go(`/plays/${made.play.id}`);
  };
  return (
    <Choice
      label="Version for another level"
      value=""
      options={[['', 'For …'], ...LEVEL_OPTIONS.filter(([level]) => level !== play.level)]}
      onChange={(level) => level && void make(level)}
    />
  );
}

/** What would be done otherwise against the other kind of defence, each tried, to be taken or left. */
function Making({ play }: { play: Play }) {
  const zone = play.defences?.[0]?.type !== 'zone';
  const usual = PRESETS.filter((p) => (p.defence.type === 'zone') === zone);
  const [key, setKey] = useState('');
  const preset = usual.find((p) => p.key === key);
  return (
    <>
      <Choice
        label={zone ? 'Zone version' : 'Man-to-man version'}
        value={preset ? key : ''}
        options={[['', 'Against …'], ...usual.map((p) => [p.key, p.defence.name] as const)]}
        onChange={setKey}
      />
      {preset && (
        <Changes key={preset.key} play={play} defence={{ ...preset.defence, id: 'd1' } as Defence} />
      )}
    </>
  );
}

function Changes({ play, defence }: { play: Play; defence: Defence }) {
  const { own: teaching } = useTeaching();
  const fives = useDesk((s) => s.fives);
  const t = useTeller(play);
  const go = useNavigate();
  const [chosen, setChosen] = useState<Readonly<Record<string, boolean>>>({});
  const lines = play.frames.map((f) => contentAt(play, f.id)).join(' ');
  const { answer, fresh, failed } = useAnswer(
    'version',
    { play, defence, teaching, fives },
    { key: `${lines} ${contentOf(defence)} ${menKey({ teaching, fives })}`, priority: 'soon' },
  );
  if (failed) return <p role="alert">It could not be worked out. The next change asks again.</p>;
  if (!answer) return <p role="status">Trying what is usually done otherwise…</p>;
  const takes = (c: TriedChange): boolean => chosen[c.id] ?? isWorthIt(c);
  const make = async (): Promise<void> => {
    const made = versionOf(play, defence, answer.filter(takes), nanoid(12));
    if (!made.ok) return useDesk.setState({ notice: made.sentence });
    await keepNew(made.play);
    void go(`/plays/${made.play.id}`);
  };
  return (
    <>
      {answer.length === 0 ? (
        <p>Nothing of it is usually done otherwise: it is the same play against {defence.name}.</p>
      ) : (
        <ul aria-label="What is done otherwise" aria-busy={!fresh}>
          {answer.map((c) => (
            <li key={c.id}>
              <span>{where(play, c.frame)}</span>
              <Toggle isSelected={takes(c)} onChange={(on) => setChosen({ ...chosen, [c.id]: on })}>
                {tell(c.says, t)}
              </Toggle>
              {c.who && (
                <i title={`What ${c.who}'s best look is worth while he is open: without it, and with it`}>
                  {c.worth === c.without ? look(c.worth) : `${look(c.without)} → ${look(c.worth)}`}
                </i>
              )}
            </li>
          ))}
        </ul>
      )}
      <span>
        <Button onPress={() => void make()}>Make it</Button>
      </span>
    </>
  );
}

const look = (worth: number): string => (worth > 0 ? worth.toFixed(2) : 'never open');
