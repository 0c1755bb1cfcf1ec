import { withCell, type Kept, type Player } from '@corkscrew/core';
import { useTable } from '@tanstack/react-table';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Choice } from '../../../ui/Choice.tsx';
import { Button, Input, Label } from '../../../ui/controls.tsx';
import { THERE } from '../choices.ts';
import { Cell } from './Cell.tsx';
import { columns, features, NUMBERS, rowsOf } from './features.ts';
import { Sheet } from './look.ts';

/** The name of a man who was just written down is the first thing to be said of him. */
const toName = (row: HTMLTableRowElement | null): void =>
  row?.querySelector<HTMLInputElement>('[data-of="name"] input')?.focus();

/** The whole roster as one table: every figure is written where it stands, sorted by any column, narrowed to whom one looks for. */
export function PlayerTable({
  men,
  day,
  fresh,
  onChange,
  onCard,
}: {
  men: readonly Kept<Player>[];
  day: string;
  /** Who was just written down: his name is written next. */
  fresh: string | null;
  onChange: (id: string, man: Player) => void;
  onCard: (id: string) => void;
}) {
  const [wrong, setWrong] = useState<string | null>(null);
  const [name, setName] = useState('');
  const [number, setNumber] = useState('');
  const [there, setThere] = useState('');
  // Rows stay where they are while figures are written: the order is looked at again when the coach asks for one.
  const [asked, setAsked] = useState(0);
  const order = [men.map((m) => m.id).join(' '), day, asked, name, number, there].join('\n');
  const [looked, setLooked] = useState(() => ({ order, data: rowsOf(men, day) }));
  if (looked.order !== order) setLooked({ order, data: rowsOf(men, day) });
  const columnFilters = useMemo(
    () =>
      [
        { id: 'name', value: name },
        { id: 'plays', value: number },
        { id: 'today', value: there },
      ].filter((f) => f.value !== ''),
    [name, number, there],
  );
  const table = useTable({
    features,
    columns,
    data: looked.data,
    getRowId: (row) => row.id,
    state: { columnFilters },
  });
  const rows = table.getRowModel().rows;
  const now = new Map(men.map((m) => [m.id, m.body]));
  const write = (id: string, column: string, said: string): boolean => {
    const man = now.get(id);
    if (!man) return false;
    const made = withCell(man, column, said);
    setWrong(made.ok ? null : made.sentence);
    if (made.ok) onChange(id, made.body);
    return made.ok;
  };
  return (
    <Sheet aria-label="All players">
      <div className="narrow">
        <label>
          <Label>Find</Label>
          <Input
            value={name}
            maxLength={40}
            placeholder="a name"
            dir="auto"
            onChange={(e) => setName(e.target.value)}
          />
        </label>
        <Choice label="Number" value={number} options={NUMBERS} onChange={setNumber} />
        <Choice label="Today" value={there} options={[['', 'All'], ...THERE]} onChange={setThere} />
        <p role="status" data-wrong={wrong === null ? undefined : ''}>
          {wrong ??
            (rows.length === men.length
              ? `${men.length} players`
              : `${rows.length} of ${men.length} players`)}
        </p>
      </div>
      <div className="roll">
        <table>
          <thead>
            <tr>
              {table.getHeaderGroups()[0]!.headers.map(({ column }) => {
                const sorted = column.getIsSorted();
                return (
                  <th
                    key={column.id}
                    scope="col"
                    data-of={column.id}
                    aria-sort={sorted === false ? 'none' : sorted === 'asc' ? 'ascending' : 'descending'}
                  >
                    <button
                      type="button"
                      onClick={() => {
                        setAsked((n) => n + 1);
                        column.toggleSorting();
                      }}
                    >
                      {String(column.columnDef.header)}
                      {sorted === 'asc' && <ArrowUp size={11} aria-hidden="true" />}
                      {sorted === 'desc' && <ArrowDown size={11} aria-hidden="true" />}
                    </button>
                  </th>
                );
              })}
              <th scope="col">
                <span className="visually-hidden">Card</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ id }) => {
              const man = now.get(id);
              return (
                man && (
                  <tr key={id} ref={id === fresh ? toName : null}>
                    {columns.map((column) => (
                      <td key={column.id} data-of={column.id}>
                        <Cell
                          column={column.id!}
                          label={String(column.header)}
                          man={man}
                          day={day}
                          onSay={(said) => write(id, column.id!, said)}
                          onChange={(body) => onChange(id, body)}
                        />
                      </td>
                    ))}
                    <td>
                      <Button aria-label={`Card of ${man.name}`} onPress={() => onCard(id)}>
                        Card
                      </Button>
                    </td>
                  </tr>
                )
              );
            })}
          </tbody>
        </table>
        {rows.length === 0 && <p className="none">Nobody is like that.</p>}
      </div>
    </Sheet>
  );
}
