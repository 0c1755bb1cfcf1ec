import {
  compile,
  courtFor,
  lineTo,
  readPlay,
  roundOf,
  turnsHome,
  turnsOf,
  type Play,
  type Round,
} from '@corkscrew/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { api } from '../../app/api.ts';
import { Message } from '../../ui/Message.tsx';
import { Watch } from '../../ui/Watch.tsx';

/** More turns than this nobody watches. */
const MOST = 12;

/** A play that goes round, run as often as is asked. */
export default function Turns() {
  const { id = '' } = useParams();
  const { data, error } = useQuery({
    queryKey: ['other', id],
    queryFn: async () => {
      const read = readPlay((await api.play(id)).document);
      return read.ok ? read.play : null;
    },
    retry: false,
  });
  if (error) return <Message title="This play could not be opened">{error.message}</Message>;
  if (data === undefined) return null;
  const round = data && roundOf(data);
  if (!data || !round)
    return (
      <Message title="It does not go round">
        The end of this play is not its start: there is nothing to run again.
      </Message>
    );
  return <Running play={data} round={round} />;
}

function Running({ play, round }: { play: Play; round: Round }) {
  const go = useNavigate();
  const [turns, setTurns] = useState(() => turnsHome(round));
  const { timeline, court, starts } = useMemo(() => {
    const made = turnsOf(play, round, turns);
    const floor = courtFor(made);
    const compiled = compile(made, made.frames.at(-1)!.id, floor, made.level).timeline;
    const frames = lineTo(play, round.leaf).length;
    return {
      ...{ timeline: compiled, court: floor },
      starts: compiled.bars.filter((_, i) => i % frames === 0).map((b) => b.start),
    };
  }, [play, round, turns]);
  return (
    <Watch
      title={play.name}
      words={(t) => `Turn ${starts.filter((s) => s <= t + 1e-6).length} of ${turns}`}
      court={court}
      timeline={timeline}
      onLeave={() => void go(-1)}
    >
      <label>
        Turns{' '}
        <select aria-label="Turns" value={turns} onChange={(e) => setTurns(Number(e.target.value))}>
          {Array.from({ length: MOST }, (_, i) => (
            <option key={i} value={i + 1}>
              {i + 1}
            </option>
          ))}
        </select>
      </label>
    </Watch>
  );
}
