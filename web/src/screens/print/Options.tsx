import { inOrder, PAPER_KINDS, PAPER_OF, PLAYERS, type PaperOrder } from '@corkscrew/core';
import { dayLong } from '../../app/today.ts';
import { usePlays } from '../../keeping/plays.ts';
import { useRecords } from '../../keeping/records.ts';
import { Choice } from '../../ui/Choice.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { KIND_WORDS } from './order.ts';

/** The words of all series there are. */
export function useSeriesWords(): string[] {
  const rows = usePlays(false).shown?.rows ?? [];
  return [...new Set(rows.map((r) => r.summary.series).filter(Boolean))].sort();
}

/** What is printed, of what, on which paper. */
export function Options({
  order,
  set,
  only,
}: {
  order: PaperOrder;
  set: (change: Partial<PaperOrder>) => void;
  only: (whole: PaperOrder) => void;
}) {
  const { kind } = order;
  const row = <T extends string | number | boolean>(
    words: string,
    value: T,
    options: readonly (readonly [T, string])[],
    on: (value: T) => void,
  ) => (
    <div className="row">
      <span>{words}</span>
      <Segments role="group" aria-label={words}>
        {options.map(([key, said]) => (
          <button key={String(key)} type="button" aria-pressed={value === key} onClick={() => on(key)}>
            {said}
          </button>
        ))}
      </Segments>
    </div>
  );
  return (
    <>
      <div className="row">
        <span>What</span>
        <Choice
          bare
          label="What"
          value={kind}
          options={PAPER_KINDS.map((k) => [k, KIND_WORDS[k][0]] as const)}
          onChange={(k) => set({ kind: k })}
        />
      </div>
      <p className="note">{KIND_WORDS[kind][1]}</p>
      {PAPER_OF[kind] === 'plays' && kind !== 'book' && <WhichPlay order={order} set={set} />}
      {PAPER_OF[kind] === 'sheet' && <WhichSheet order={order} set={set} />}
      {kind === 'practice' && <WhichPractice order={order} set={set} />}
      {kind === 'series' && <WhichSeries order={order} set={set} />}
      {kind === 'job' &&
        row(
          'Whose',
          order.number ?? 'all',
          [['all', 'All'] as const, ...PLAYERS.map((p) => [p, p] as const)],
          (n) => {
            const { number: _was, ...rest } = order;
            if (n === 'all') only(rest);
            else set({ number: n });
          },
        )}
      {row(
        'Paper',
        order.paper,
        [
          ['a4', 'A4'] as const,
          ['letter', 'Letter'] as const,
          ...(kind === 'sheet' ? [['card', 'Card'] as const] : []),
        ],
        (paper) => set({ paper }),
      )}
      {kind === 'sheet' && order.paper !== 'card' && (
        <>
          {row(
            'Columns',
            order.columns,
            [[1, '1'] as const, [2, '2'] as const, [3, '3'] as const],
            (columns) => set({ columns }),
          )}
          {row('Diagrams', order.diagrams, [[true, 'Small'] as const, [false, 'None'] as const], (diagrams) =>
            set({ diagrams }),
          )}
          {row('Text', order.size, [['desk', 'Desk'] as const, ['bench', 'Bench'] as const], (size) =>
            set({ size }),
          )}
        </>
      )}
      {kind !== 'answers' &&
        row('Hand signals', order.signals, [[true, 'Show'] as const, [false, 'Hide'] as const], (signals) =>
          set({ signals }),
        )}
      {(kind === 'sheet' || kind === 'cards') && (
        <p className="note">
          Bench size reads at arm’s length. Hide hand signals on any sheet that might be left on a chair.
        </p>
      )}
    </>
  );
}

function WhichPractice({ order, set }: { order: PaperOrder; set: (change: Partial<PaperOrder>) => void }) {
  const rows = inOrder(useRecords('practices').rows ?? []);
  return (
    <div className="row">
      <span>Of</span>
      <Choice
        bare
        label="Which practice"
        value={order.practice ?? ''}
        options={rows.map((p) => [p.id, `${dayLong(p.body.date)}, ${p.body.start}`] as const)}
        onChange={(practice) => set({ practice })}
      />
    </div>
  );
}

/** One play, or those that were chosen in the playbook. */
function WhichPlay({ order, set }: { order: PaperOrder; set: (change: Partial<PaperOrder>) => void }) {
  const rows = usePlays(false).shown?.rows ?? [];
  const many = order.plays.length > 1;
  const names = [...rows].sort((a, b) =>
    a.summary.name.localeCompare(b.summary.name, 'en', { numeric: true }),
  );
  return (
    <div className="row">
      <span>Play</span>
      <Choice
        bare
        label="Play"
        value={many ? '' : (order.plays[0] ?? '')}
        options={[
          ['', many ? `${order.plays.length} plays` : 'Choose a play'],
          ...names.map((r) => [r.id, r.summary.name] as const),
        ]}
        onChange={(id) => set({ plays: id ? [id] : [] })}
      />
    </div>
  );
}

function WhichSheet({ order, set }: { order: PaperOrder; set: (change: Partial<PaperOrder>) => void }) {
  const sheets = useRecords('sheets').rows ?? [];
  return (
    <div className="row">
      <span>Sheet</span>
      <Choice
        bare
        label="Sheet"
        value={order.sheet ?? ''}
        options={sheets.map((s) => [s.id, s.body.name] as const)}
        onChange={(sheet) => set({ sheet })}
      />
    </div>
  );
}

function WhichSeries({ order, set }: { order: PaperOrder; set: (change: Partial<PaperOrder>) => void }) {
  const words = useSeriesWords();
  return (
    <div className="row">
      <span>Series</span>
      <Choice
        bare
        label="Series"
        value={order.series ?? ''}
        options={words.map((w) => [w, w] as const)}
        onChange={(series) => set({ series })}
      />
    </div>
  );
}
