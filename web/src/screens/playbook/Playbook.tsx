import { alignmentByKey, flip, readPlay, type Play, type PlayRow } from '@corkscrew/core';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useVirtualizer } from '@tanstack/react-virtual';
import { nanoid } from 'nanoid';
import { Plus, Search } from 'lucide-react';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { api } from '../../app/api.ts';
import { sendDrafts } from '../../app/drafts.ts';
import { Button, Input, Label, MainButton, Select, Toggle } from '../../ui/controls.tsx';
import { TopBar } from '../../ui/TopBar.tsx';
import { Card, type CardAct } from './Card.tsx';
import { handOut, takeIn } from './files.ts';
import { choose, shelve, SORTS, type Filter } from './shelves.ts';

const Page = styled.div`
  display: grid;
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
  @media (max-width: 600px) {
    .find {
      width: auto;
      flex: 1;
    }
  }
`;
const Filters = styled.div`
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  gap: 8px 18px;
  min-height: 46px;
  padding: 7px 14px;
  border-bottom: 1px solid var(--rule);
  .seg {
    display: flex;
    border: 1px solid var(--rule-2);
    border-radius: 2px;
    overflow-x: auto;
  }
  .seg button {
    border: 0;
    border-right: 1px solid var(--rule);
    background: var(--raised);
    min-height: 28px;
    padding: 0 9px;
    font-weight: 640;
    font-size: 13px;
    white-space: nowrap;
  }
  .seg button:last-child {
    border: 0;
  }
  .seg button[aria-pressed='true'] {
    background: var(--ink);
    color: var(--on-ink);
  }
  .seg i {
    font-style: normal;
    margin-left: 5px;
    color: var(--ink-3);
  }
  .seg button[aria-pressed='true'] i {
    color: inherit;
  }
  label {
    display: flex;
    gap: 7px;
    align-items: center;
  }
  @media (max-width: 600px) {
    label:not(.keep) {
      display: none;
    }
  }
`;
const Scroll = styled.main`
  overflow: auto;
  outline: none;
  .row {
    position: absolute;
    left: 0;
    right: 0;
    display: grid;
    padding: 0 14px;
    gap: 10px;
  }
  .slot {
    position: relative;
    display: grid;
    grid-template-rows: 34px auto;
    min-width: 0;
  }
  .slot h2 {
    font-size: 16px;
    line-height: 34px;
    font-weight: 700;
    font-stretch: 74%;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
`;
const Empty = styled.div`
  padding: 60px 20px;
  text-align: center;
  h2 {
    font-size: 20px;
    margin-bottom: 6px;
  }
  p {
    color: var(--ink-2);
    margin-bottom: 14px;
  }
`;
const CARD = 172;
const ROW = 250;
const ROW_PLAIN = 216;

export default function Playbook() {
  const go = useNavigate();
  const client = useQueryClient();
  const [filter, setFilter] = useState<Filter>({ words: '', against: null, alignment: null, sort: 'name' });
  const [trash, setTrash] = useState(false);
  const plays = useQuery({
    queryKey: ['plays', trash],
    queryFn: () => api.plays(trash),
    placeholderData: keepPreviousData,
  });
  const team = useQuery({ queryKey: ['team'], queryFn: api.team });
  const all = useMemo(() => plays.data ?? [], [plays.data]);
  const chosen = useMemo(() => choose(all, filter), [all, filter]);
  useEffect(() => {
    document.title = 'Playbook · Corkscrew';
    void sendDrafts((play, revision) => api.save(play, revision, nanoid(8))).then(
      (sent) => {
        if (sent > 0) void client.invalidateQueries({ queryKey: ['plays'] });
      },
      () => undefined,
    );
  }, [client]);

  const act = useMutation({
    mutationFn: async ({ row, what, name }: { row: PlayRow; what: CardAct; name?: string | undefined }) => {
      if (what === 'trash') return void (await api.trash(row.id));
      if (what === 'restore') return void (await api.restore(row.id));
      const stored = await api.play(row.id);
      const read = readPlay(stored.document);
      if (!read.ok) throw new Error(read.sentence);
      if (what === 'file') return handOut(read.play);
      if (what === 'rename')
        return void (await api.save(
          { ...read.play, name: name ?? read.play.name },
          stored.revision,
          nanoid(8),
        ));
      const base: Play = what === 'flip' ? flip(read.play) : read.play;
      const suffix = what === 'flip' ? ' (other side)' : ' (copy)';
      await api.save(
        { ...base, id: nanoid(12), name: `${base.name.slice(0, 80 - suffix.length)}${suffix}` },
        0,
        nanoid(8),
      );
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
            <FileTrigger
              acceptedFileTypes={['application/json', '.json']}
              onSelect={(files) => files?.[0] && take.mutate(files[0])}
            >
              <Button className="wide">Open a file</Button>
            </FileTrigger>
            <MainButton className="wide" onPress={() => void go('/plays/new')}>
              <Plus size={15} /> New play
            </MainButton>
          </>
        }
      >
        <h1 className="wide" style={{ fontSize: 27, fontWeight: 740, fontStretch: '70%', lineHeight: 1 }}>
          {trash ? 'Trash' : 'Playbook'}
        </h1>
        <span className="wide" style={{ display: 'grid', gap: 4 }}>
          <Label>Team</Label>
          <b className="a" style={{ fontWeight: 640, fontSize: 14 }}>
            {team.data?.name ?? ' '}
          </b>
        </span>
        <span className="wide" style={{ display: 'grid', gap: 4 }}>
          <Label>Plays</Label>
          <b className="a" style={{ fontWeight: 640, fontSize: 14 }}>
            {all.length}
          </b>
        </span>
      </TopBar>
      <FilterBar all={all} filter={filter} onChange={setFilter} trash={trash} onTrash={setTrash} />
      <Shelves
        rows={chosen}
        sort={filter.sort}
        loading={plays.isPending}
        trash={trash}
        any={all.length > 0}
        error={
          plays.isError
            ? 'The playbook can’t be reached just now. It is tried again by itself.'
            : ((take.error ?? act.error)?.message ?? null)
        }
        onAct={onAct}
      />
    </Page>
  );
}

function FilterBar({
  all,
  filter,
  onChange,
  trash,
  onTrash,
}: {
  all: readonly PlayRow[];
  filter: Filter;
  onChange: (f: Filter) => void;
  trash: boolean;
  onTrash: (t: boolean) => void;
}) {
  const counts = new Map<string, number>();
  const alignments = new Map<string, number>();
  for (const p of all) {
    for (const a of p.summary.against) counts.set(a, (counts.get(a) ?? 0) + 1);
    if (p.summary.alignment)
      alignments.set(p.summary.alignment, (alignments.get(p.summary.alignment) ?? 0) + 1);
  }
  return (
    <Filters>
      <div className="seg" role="group" aria-label="Against">
        <button aria-pressed={filter.against === null} onClick={() => onChange({ ...filter, against: null })}>
          All<i>{all.length}</i>
        </button>
        {[...counts]
          .sort((a, b) => b[1] - a[1])
          .map(([key, n]) => (
            <button
              key={key}
              aria-pressed={filter.against === key}
              onClick={() => onChange({ ...filter, against: key })}
            >
              {key === 'man' ? 'Man' : key}
              <i>{n}</i>
            </button>
          ))}
      </div>
      <label>
        <Label>Alignment</Label>
        <Select
          value={filter.alignment ?? ''}
          onChange={(e) => onChange({ ...filter, alignment: e.target.value || null })}
        >
          <option value="">All</option>
          {[...alignments].map(([key, n]) => (
            <option key={key} value={key}>
              {alignmentByKey(key)?.name ?? key} ({n})
            </option>
          ))}
        </Select>
      </label>
      <label>
        <Label>Order</Label>
        <Select
          value={filter.sort}
          onChange={(e) => onChange({ ...filter, sort: e.target.value as Filter['sort'] })}
        >
          {Object.entries(SORTS).map(([k, v]) => (
            <option key={k} value={k}>
              {v}
            </option>
          ))}
        </Select>
      </label>
      <span style={{ marginLeft: 'auto' }}>
        <Toggle isSelected={trash} onChange={onTrash}>
          Trash
        </Toggle>
      </span>
    </Filters>
  );
}

interface ShelvesProps {
  rows: readonly PlayRow[];
  sort: Filter['sort'];
  loading: boolean;
  trash: boolean;
  any: boolean;
  error: string | null;
  onAct: (row: PlayRow, what: CardAct, name?: string) => void;
}

/** Shelves of cards, one an alignment, drawn only where they are in sight. */
function Shelves({ rows, sort, loading, trash, any, error, onAct }: ShelvesProps) {
  const go = useNavigate();
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(1280);
  useEffect(() => {
    const seen = new ResizeObserver(([e]) => e && setWidth(e.contentRect.width));
    if (box.current) seen.observe(box.current);
    return () => seen.disconnect();
  }, []);
  const perLine = Math.max(2, Math.floor((width - 28 + 10) / CARD));
  const lines = useMemo(() => shelve(rows, perLine, sort), [rows, perLine, sort]);
  const height = sort === 'name' ? ROW : ROW_PLAIN;
  const virtual = useVirtualizer({
    count: lines.length,
    getScrollElement: () => box.current,
    estimateSize: () => height,
    overscan: 4,
    useFlushSync: false,
  });
  useEffect(() => virtual.measure(), [virtual, height]);
  return (
    <Scroll ref={box} aria-label="Plays">
      {error && (
        <p role="alert" style={{ padding: '10px 14px', color: 'var(--gap)' }}>
          {error}
        </p>
      )}
      {!loading && rows.length === 0 && !error && (
        <Empty>
          <h2>{trash ? 'The trash is empty' : any ? 'No play like that' : 'No plays yet'}</h2>
          <p>
            {trash
              ? 'Plays you throw away wait here.'
              : any
                ? 'Try fewer words, or another defence.'
                : 'Draw the first one: line up five and say what they do.'}
          </p>
          {!any && !trash && <Button onPress={() => void go('/plays/new')}>New play</Button>}
        </Empty>
      )}
      <div style={{ height: virtual.getTotalSize(), position: 'relative' }}>
        {virtual.getVirtualItems().map((v) => {
          const line = lines[v.index]!;
          return (
            <div
              key={v.key}
              className="row"
              style={{
                transform: `translateY(${v.start + (sort === 'name' ? 0 : 12)}px)`,
                height,
                gridTemplateColumns: `repeat(${perLine}, minmax(0, 1fr))`,
              }}
            >
              {line.map(({ play, heading, words }) => (
                <div
                  key={play.id}
                  className="slot"
                  style={sort === 'name' ? {} : { gridTemplateRows: 'auto' }}
                >
                  {sort === 'name' && (heading ? <h2 title={words ?? undefined}>{heading}</h2> : <span />)}
                  <Card row={play} trash={trash} onAct={onAct} />
                </div>
              ))}
            </div>
          );
        })}
      </div>
    </Scroll>
  );
}
