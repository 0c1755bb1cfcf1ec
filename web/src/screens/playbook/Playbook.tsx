import { editAll, readPlay, type PlayRow } from '@corkscrew/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { nanoid } from 'nanoid';
import { Plus, Search } from 'lucide-react';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { api } from '../../app/api.ts';
import { changePlay } from '../../keeping/change.ts';
import { keepNew } from '../../keeping/deliver.ts';
import { BookViews } from '../../ui/BookViews.tsx';
import { Input, Label, MainButton } from '../../ui/controls.tsx';
import { FileButton } from '../../ui/FileButton.tsx';
import { TopBar } from '../../ui/TopBar.tsx';
import type { CardAct } from './Card.tsx';
import { FilterBar } from './FilterBar.tsx';
import { handOut, takeIn } from './files.ts';
import { Shelves } from './Shelves.tsx';
import { usePlays } from '../../keeping/plays.ts';
import { choose, type Filter } from './shelves.ts';
import { Undo } from './Undo.tsx';

const Page = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  grid-template-rows: 60px auto minmax(0, 1fr);
  height: 100vh;
  height: 100dvh;
  .find {
    position: relative;
    width: 210px;
  }
  .find input {
    padding-left: 30px;
  }
  .find svg {
    position: absolute;
    left: 9px;
    top: 8px;
    color: var(--ink-3);
  }
  .fact {
    display: grid;
    gap: 4px;
  }
  /* Where the bar is short, what the first room's name says already gives way. */
  @media (max-width: 1023px) {
    .said {
      display: none;
    }
  }
  @media (max-width: 760px) {
    .find {
      width: auto;
      flex: 1;
    }
  }
`;
export default function Playbook() {
  const go = useNavigate();
  const client = useQueryClient();
  const [filter, setFilter] = useState<Filter>({ words: '', against: null, alignment: null, sort: 'name' });
  const [trash, setTrash] = useState(false);
  const plays = usePlays(trash);
  const [undo, setUndo] = useState<PlayRow | null>(null);
  const team = useQuery({ queryKey: ['team'], queryFn: api.team });
  const all = useMemo(() => plays.shown?.rows ?? [], [plays.shown]);
  const chosen = useMemo(() => choose(all, filter), [all, filter]);
  useEffect(() => {
    document.title = 'Playbook · Corkscrew';
  }, []);

  const act = useMutation({
    mutationFn: async ({ row, what, name }: { row: PlayRow; what: CardAct; name?: string | undefined }) => {
      if (what === 'trash') {
        await api.trash(row.id);
        setUndo(row);
        return;
      }
      if (what === 'restore') return void (await api.restore(row.id));
      if (what === 'rename') return changePlay(row.id, (play) => [{ do: 'name', name: name ?? play.name }]);
      const stored = await api.play(row.id);
      const read = readPlay(stored.document);
      if (!read.ok) throw new Error(read.sentence);
      if (what === 'file') return handOut(read.play);
      const id = nanoid(12);
      const copied = editAll(
        read.play,
        what === 'flip'
          ? [{ do: 'flip' }, { do: 'copy', id, suffix: ' (other side)' }]
          : [{ do: 'copy', id, suffix: ' (copy)' }],
      );
      if (!copied.ok) throw new Error(copied.sentence);
      await keepNew(copied.play);
    },
    onSettled: () => client.invalidateQueries({ queryKey: ['plays'] }),
  });

  const take = useMutation({
    mutationFn: takeIn,
    onSuccess: (play) => void go(`/plays/${play.id}`),
    onSettled: () => client.invalidateQueries({ queryKey: ['plays'] }),
  });
  const { mutate } = act;
  const onAct = useCallback(
    (row: PlayRow, what: CardAct, name?: string) => mutate({ row, what, name }),
    [mutate],
  );

  return (
    <Page>
      <TopBar
        room="plays"
        end={
          <>
            <BookViews />
            <span className="find">
              <Search size={15} aria-hidden="true" />
              <Input
                type="search"
                aria-label="Find a play or a call"
                placeholder="Find a play or a call"
                value={filter.words}
                onChange={(e) => setFilter({ ...filter, words: e.target.value })}
              />
            </span>
            <FileButton className="wide" accept="application/json,.json" onFile={(file) => take.mutate(file)}>
              Open a file
            </FileButton>
            <MainButton className="wide" onPress={() => void go('/plays/new')}>
              <Plus size={15} /> New play
            </MainButton>
          </>
        }
      >
        <h1 className="said" style={{ fontSize: 27, fontWeight: 740, fontStretch: '70%', lineHeight: 1 }}>
          {trash ? 'Trash' : 'Playbook'}
        </h1>
        <span className="said fact">
          <Label>Team</Label>
          <b className="a" style={{ fontWeight: 640, fontSize: 14 }}>
            {team.data?.name ?? ' '}
          </b>
        </span>
        <span className="said fact">
          <Label>Plays</Label>
          <b className="a" style={{ fontWeight: 640, fontSize: 14 }}>
            {plays.shown ? all.length : ' '}
          </b>
        </span>
      </TopBar>
      <FilterBar all={all} filter={filter} onChange={setFilter} trash={trash} onTrash={setTrash} />
      <Shelves
        rows={chosen}
        sort={filter.sort}
        loading={!plays.shown && !plays.error}
        trash={trash}
        any={all.length > 0}
        error={
          plays.shown?.away
            ? awayWords(plays.shown.away.since)
            : ((plays.error ?? take.error ?? act.error)?.message ?? null)
        }
        onAct={onAct}
      />
      {undo && (
        <Undo
          words={`${undo.summary.name} is in the trash.`}
          onUndo={() => mutate({ row: undo, what: 'restore' })}
          onGone={() => setUndo(null)}
        />
      )}
    </Page>
  );
}

const clock = new Intl.DateTimeFormat(undefined, { hour: '2-digit', minute: '2-digit' });
const day = new Intl.DateTimeFormat(undefined, {
  day: 'numeric',
  month: 'long',
  hour: '2-digit',
  minute: '2-digit',
});

/** What is shown while the server is away, and since when it is all there is. */
function awayWords(since: number | null): string {
  const why = 'The playbook can’t be reached just now; it is tried again by itself.';
  if (since === null) return `${why} This is what was drawn on this device.`;
  const today = new Date(since).toDateString() === new Date().toDateString();
  return `${why} Shown is what this device had ${today ? `at ${clock.format(since)}` : `on ${day.format(since)}`}.`;
}
