import {
  DEFENDERS,
  editAll,
  freshIds,
  lineThrough,
  newPlay,
  PLAYERS,
  walkLine,
  type Change,
  type Play,
} from '@corkscrew/core';
import { useQuery } from '@tanstack/react-query';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api } from '../../app/api.ts';
import { changePlay } from '../../keeping/change.ts';
import { keepNew } from '../../keeping/deliver.ts';
import { Choice } from '../../ui/Choice.tsx';
import { Button } from '../../ui/controls.tsx';
import { useRoom, type Room } from './room.ts';

/** Takes the picture over: as the set of a new play, or as the next frame of one there is. */
export function TakeOver() {
  const plays = useQuery({ queryKey: ['plays', false], queryFn: () => api.plays(false) });
  const go = useNavigate();
  const [problem, setProblem] = useState<string | null>(null);
  const asNew = async () => {
    const play = playFrom(useRoom.getState());
    await keepNew(play);
    await go(`/plays/${play.id}`);
  };
  const into = async (id: string) => {
    await changePlay(id, (play) => frameOf(play, useRoom.getState()));
    await go(`/plays/${id}`);
  };
  return (
    <div className="row">
      <Button onPress={() => void asNew().catch((e: Error) => setProblem(e.message))}>
        New play from this
      </Button>
      <Choice
        bare
        label="Into a play"
        value=""
        options={[
          ['', 'Into a play, as its next frame …'],
          ...(plays.data ?? []).map((p) => [p.id, p.summary.name] as const),
        ]}
        onChange={(id) => void into(id).catch((e: Error) => setProblem(e.message))}
      />
      {problem && <p role="alert">{problem}</p>}
    </div>
  );
}

/** A new play whose set is the picture, against its zone. Throws a sentence where that can't be. */
function playFrom(room: Room): Play {
  const blank = newPlay({
    id: nanoid(12),
    name: `Against a ${room.zone}`,
    court: room.court,
    level: room.level,
    alignment: room.set,
    ball: PLAYERS[room.holder < 0 ? 0 : room.holder]!,
  });
  const told = DEFENDERS.flatMap((x, d) => (room.chases[d] ? [[x, room.chases[d]] as const] : []));
  const made = editAll(blank, [
    ...(room.women ? [{ do: 'level' as const, level: room.level, women: true }] : []),
    { do: 'against', against: [room.zone] },
    ...PLAYERS.map((player, i) => ({ do: 'place' as const, player, place: { ...room.places[i]! } })),
    {
      do: 'defences',
      defences: [
        {
          id: 'd1',
          name: room.zone,
          type: 'zone',
          zone: room.zone,
          ...(room.schools.length > 0 ? { schools: [...room.schools] } : {}),
          ...(told.length > 0 ? { chases: Object.fromEntries(told) } : {}),
        },
      ],
    },
  ]);
  if (!made.ok) throw new Error(made.sentence);
  return made.play;
}

/** A man nearer to his place than this stays where he is (ft). */
const THERE = 1;

/** One frame more, in which everybody goes to his place and the ball to whoever has it here. */
function frameOf(play: Play, room: Room): Change[] {
  const leaf = lineThrough(play, play.frames[0]!.id).at(-1)!;
  const now = walkLine(play, lineThrough(play, play.frames[0]!.id)).at(-1)!.after;
  const frame = freshIds(play, 'f', 1)[0]!;
  const holder = now.ball.at === 'player' ? now.ball.player : null;
  const to = PLAYERS[room.holder < 0 ? 0 : room.holder]!;
  const moves = PLAYERS.flatMap((p, i): Change[] => {
    const at = room.places[i]!;
    if (Math.hypot(at.x - now.places[p].x, at.y - now.places[p].y) < THERE) return [];
    const does = p === holder && p === to ? ('dribble' as const) : ('cut' as const);
    return [{ do: 'addAction', frame, action: { by: p, does, path: [{ x: at.x, y: at.y }] } }];
  });
  const pass: Change[] =
    holder && holder !== to
      ? [{ do: 'addAction', frame, action: { by: holder, does: 'pass', to }, at: 0 }]
      : [];
  return [{ do: 'addFrame', after: leaf.id }, ...pass, ...moves];
}
