import {
  editAll,
  findPlays,
  readPlay,
  readQuery,
  type Change,
  type Play,
  type PlayRow,
} from '@corkscrew/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { nanoid } from 'nanoid';
import { Plus, Search } from 'lucide-react';
import { useCallback, useEffect, useMemo, useState, type DragEvent } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { api } from '../../app/api.ts';
import { changePlay } from '../../keeping/change.ts';
import { keepNew } from '../../keeping/deliver.ts';
import { keepOtherSide } from '../../keeping/other-side.ts';
import { Button, Input, Label, MainButton } from '../../ui/controls.tsx';
import { TopBar } from '../../ui/TopBar.tsx';
import type { CardAct } from './Card.tsx';
import { FilterBar } from './FilterBar.tsx';
import { fromDrop, useGiven } from '../../keeping/given.ts';
import { handOut } from './files.ts';
import { Asked } from './Asked.tsx';
import { AS_BEFORE, Many, undoing } from './Many.tsx';
import { Shelves } from './Shelves.tsx';
import { useRelations } from '../../keeping/relations.ts';
import { usePlays } from '../../keeping/plays.ts';
import { choose, type Filter } from './shelves.ts';
import { Undo } from '../../ui/Undo.tsx';

const Page = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  grid-template-rows: 60px auto auto minmax(0, 1fr);
  > main {
    grid-row: 4;
  }
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
  const query = useMemo(() => readQuery(filter.words), [filter.words]);
  const asks = query.wanted.length > 0 && !trash;
  const relations = useRelations(asks);
  const asked = useMemo(
    () =>
      asks ? findPlays(choose(all, { ...filter, words: '' }), (id) => relations?.plays[id], query) : null,
    [asks, all, filter, relations, query],
  );
  const near = asked !== null && asked.found.length === 0;
  const found = asked && (near ? asked.near.slice(0, NEAR) : asked.found);
  const chosen = useMemo(() => found?.map((f) => f.row) ?? choose(all, filter), [found, all, filter]);
  const why = useMemo(
    () =>
      found && new Map(found.map((f) => [f.row.id, sentence(near ? [...f.lacks, ...f.reasons] : f.reasons)])),
    [found, near],
  );
  const [picked, setPicked] = useState<ReadonlySet<string> | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  /** What was changed last of several, as it was. */
  const [back, setBack] = useState<{
    were: ReadonlyMap<string, Play>;
    changes: ManyChange['changes'];
  } | null>(null);
  useEffect(() => {
    document.title = 'Playbook · Corkscrew';
  }, []);

  const act = useMutation({
    mutationFn: async ({ row, what, name }: { row: PlayRow; what: CardAct; name?: string | undefined }) => {
      if (what === 'pick') return;
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
      if (what === 'flip') return void (await keepOtherSide(read.play));
      const copied = editAll(read.play, [{ do: 'copy', id: nanoid(12), suffix: ' (copy)' }]);
      if (!copied.ok) throw new Error(copied.sentence);
      await keepNew(copied.play);
    },
    onSettled: () => client.invalidateQueries({ queryKey: ['plays'] }),
  });

  const { mutate } = act;
  const onAct = useCallback(
    (row: PlayRow, what: CardAct, name?: string) => {
      if (what !== 'pick') return mutate({ row, what, name });
      setPicked((now) => {
        const next = new Set(now);
        if (!next.delete(row.id)) next.add(row.id);
        return next;
      });
    },
    [mutate],
  );

  /** The same for several plays, one after the other. */
  const many = useMutation({
    mutationFn: async ({ ids, changes }: ManyChange) => {
      const were = new Map<string, Play>();
      // Of many of which one is refused those before it are changed, and can be had back.
      try {
        for (const id of ids) were.set(id, await changePlay(id, changes));
      } catch (error) {
        return { were, fault: (error as Error).message };
      }
      return { were, fault: null };
    },
    onMutate: () => {
      setSaid('Changing them…');
      setBack(null);
    },
    onSuccess: ({ were, fault }, { changes, words }) => {
      setSaid(fault ?? words);
      setBack(words === AS_BEFORE || were.size === 0 ? null : { were, changes });
    },
    onSettled: () => client.invalidateQueries({ queryKey: ['plays'] }),
  });
  const undoMany = (): void =>
    back
      ? many.mutate({
          ids: [...back.were.keys()],
          changes: (play) => {
            const was = back.were.get(play.id)!;
            return undoing(was, back.changes(was));
          },
          words: AS_BEFORE,
        })
      : undefined;
  const gone = useCallback(() => setBack(null), []);
  const pickedRows = picked ? all.filter((r) => picked.has(r.id)) : [];
  const series = [...new Set(all.map((r) => r.summary.series).filter(Boolean))].sort();
  const shelveThem = (id: string, word: string): void => {
    const ids = picked?.has(id) ? [...picked] : [id];
    many.mutate({
      ids,
      changes: () => [{ do: 'series', series: word }],
      words: word ? `Put in ${word}.` : 'Put in no series.',
    });
  };

  // Files that are dropped anywhere on the playbook are looked at before anything is kept.
  const drop = {
    onDragOver: (e: DragEvent) => e.dataTransfer.types.includes('Files') && e.preventDefault(),
    onDrop: (e: DragEvent) => {
      if (!e.dataTransfer.types.includes('Files')) return;
      e.preventDefault();
      void fromDrop(e.dataTransfer).then((files) => {
        useGiven.setState({ files });
        void go('/files');
      });
    },
  };

  return (
    <Page {...drop}>
      <TopBar
        room="plays"
        end={
          <>
            <span className="find">
              <Search size={15} aria-hidden="true" />
              <Input
                type="search"
                aria-label="Find a play or a call"
                placeholder="A name, or what you need"
                value={filter.words}
                onChange={(e) => setFilter({ ...filter, words: e.target.value })}
              />
            </span>
            <Button className="wide" onPress={() => void go('/files')}>
              Files
            </Button>
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
      <FilterBar
        all={all}
        filter={filter}
        onChange={setFilter}
        picking={picked !== null}
        onPick={(on) => {
          setPicked(on ? new Set() : null);
          setSaid(null);
        }}
        trash={trash}
        onTrash={(on) => {
          setTrash(on);
          setPicked(null);
        }}
      />
      {asked && <Asked query={query} near={near} waiting={!relations} />}
      <Shelves
        rows={chosen}
        sort={asks ? 'recent' : filter.sort}
        why={why}
        picked={picked}
        onShelve={filter.sort === 'series' && !asks ? shelveThem : null}
        loading={!plays.shown && !plays.error}
        trash={trash}
        any={all.length > 0}
        error={
          plays.shown?.away
            ? awayWords(plays.shown.away.since)
            : ((plays.error ?? act.error)?.message ?? (picked ? null : (many.data?.fault ?? null)))
        }
        onAct={onAct}
      />
      {picked && (
        <Many
          rows={pickedRows}
          series={series}
          said={said}
          onUndo={back ? undoMany : null}
          onChange={(changes, words) => many.mutate({ ids: pickedRows.map((r) => r.id), changes, words })}
          onDone={() => {
            setPicked(null);
            setSaid(null);
            setBack(null);
          }}
        />
      )}
      {!picked && said && back && <Undo words={said} onUndo={undoMany} onGone={gone} />}
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

/** A change of several plays, and what is said when it is done. */
interface ManyChange {
  readonly ids: readonly string[];
  readonly changes: (play: Play) => readonly Change[];
  readonly words: string;
}
/** Of what comes near so many are shown. */
const NEAR = 6;
const sentence = (parts: readonly string[]): string => {
  const text = parts.join('; ');
  return text && `${text[0]!.toLocaleUpperCase()}${text.slice(1)}`;
};

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
