import {
  changeSheet,
  entryOf,
  findPlays,
  readQuery,
  sheetTold,
  situationWords,
  type Sheet,
  type SheetChange,
  type SheetSection,
} from '@corkscrew/core';
import { nanoid } from 'nanoid';
import { useEffect, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { usePlays } from '../../keeping/plays.ts';
import { useRecords } from '../../keeping/records.ts';
import { useDocuments, useRelations } from '../../keeping/relations.ts';
import { BookViews } from '../../ui/BookViews.tsx';
import { Choice } from '../../ui/Choice.tsx';
import { Button, Label, MainButton } from '../../ui/controls.tsx';
import { Undo } from '../../ui/Undo.tsx';
import { KeptVersions } from '../../ui/KeptVersions.tsx';
import { TopBar } from '../../ui/TopBar.tsx';
import { Beside } from './Beside.tsx';
import { Elsewhere } from '../../ui/Elsewhere.tsx';
import { Part } from './Part.tsx';
import { SectionList } from './SectionList.tsx';
import { SheetHead } from './SheetHead.tsx';
import { toldWords } from './told-words.ts';

const Page = styled.div`
  display: grid;
  grid-template-rows: 60px minmax(0, 1fr);
  height: 100vh;
  height: 100dvh;
  .body {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 370px;
    min-height: 0;
  }
  main {
    overflow: auto;
    padding: 18px 22px 60px;
  }
  .paper {
    background: var(--sheet);
    border: 1px solid var(--rule-2);
    padding: 18px 22px 26px;
    max-width: 980px;
  }
  .paper header {
    display: flex;
    justify-content: space-between;
    align-items: end;
    gap: 14px;
    padding-bottom: 8px;
    border-bottom: 4px double var(--ink);
    margin-bottom: 10px;
  }
  .paper h2 {
    font-size: 30px;
    line-height: 1;
    font-weight: 740;
    font-stretch: 70%;
    overflow-wrap: anywhere;
  }
  .paper header p {
    text-align: right;
    font: 640 13px/1.25 'Archivo Variable';
    font-stretch: 77%;
  }
  .foot {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin-top: 18px;
    align-items: end;
  }
  .foot a {
    color: var(--pen);
    font-weight: 640;
    align-self: center;
  }
  aside {
    border-left: 1px solid var(--rule-2);
    padding: 12px 14px;
    display: flex;
    flex-direction: column;
    gap: 14px;
    overflow: auto;
    min-height: 0;
  }
  .told li {
    padding: 4px 0 4px 16px;
    position: relative;
    color: var(--gap);
  }
  .told li::before {
    content: '◇';
    position: absolute;
    left: 0;
  }
  .told li.plain {
    color: var(--ink-2);
  }
  @media (max-width: 1023px) {
    .said {
      display: none;
    }
    .body {
      grid-template-columns: minmax(0, 1fr) 300px;
    }
    main {
      padding: 10px;
    }
    .paper {
      padding: 12px;
    }
  }
  @media (max-width: 700px) {
    .body {
      display: block;
      overflow: auto;
    }
    main,
    aside {
      overflow: visible;
    }
  }
`;

/** So many changes of a sheet can be undone. */
const UNDOES = 100;

/** The call sheets of the team, one of them open. */
export default function Sheets() {
  const { id } = useParams();
  const go = useNavigate();
  const sheets = useRecords('sheets');
  const rows = [...(sheets.rows ?? [])].sort((a, b) => (b.body.date ?? '').localeCompare(a.body.date ?? ''));
  const open = rows.find((r) => r.id === id) ?? (id === undefined ? rows[0] : undefined);
  useEffect(() => {
    document.title = `${open?.body.name ?? 'Call sheet'} · Corkscrew`;
  }, [open?.body.name]);
  const [thrown, setThrown] = useState<{ id: string; body: Sheet } | null>(null);
  const make = (): void => {
    const made = nanoid(12);
    sheets.change(made, {
      name: `Sheet ${rows.length + 1}`,
      sections: (['firstTrips', 'needThree', 'lateClock'] as const).map((key) => ({
        ...{ id: nanoid(8), need: situationWords(key), weight: 2 as const, entries: [] },
      })),
    });
    void go(`/sheets/${made}`);
  };
  return (
    <Page>
      <TopBar room="plays" end={<BookViews />}>
        <h1 className="said" style={{ fontSize: 27, fontWeight: 740, fontStretch: '70%', lineHeight: 1 }}>
          Call sheet
        </h1>
        {rows.length > 0 && (
          <Choice
            bare
            label="Which sheet"
            value={open?.id ?? ''}
            options={rows.map((r) => [r.id, [r.body.name, r.body.date].filter(Boolean).join(', ')] as const)}
            onChange={(to) => void go(`/sheets/${to}`)}
          />
        )}
        <Button className="wide" onPress={make}>
          New sheet
        </Button>
      </TopBar>
      {open ? (
        <OpenSheet
          key={open.id}
          id={open.id}
          sheet={open.body}
          sheets={sheets}
          onGone={(gone, body) => setThrown({ id: gone, body })}
        />
      ) : (
        <main>
          {sheets.rows && (
            <>
              <h2 style={{ fontSize: 20, marginBottom: 6 }}>
                {id === undefined ? 'No call sheet yet' : 'This sheet is not here'}
              </h2>
              <p style={{ marginBottom: 12 }}>
                A sheet has what you call in a game, by need: drag plays onto it, or let it fill itself by
                what you type.
              </p>
              <MainButton onPress={make}>New sheet</MainButton>
            </>
          )}
        </main>
      )}
      {thrown && (
        <Undo
          words={`${thrown.body.name} is thrown away.`}
          onUndo={() => {
            sheets.change(thrown.id, thrown.body);
            void go(`/sheets/${thrown.id}`);
          }}
          onGone={() => setThrown(null)}
        />
      )}
    </Page>
  );
}

function OpenSheet({
  id,
  sheet,
  sheets,
  onGone,
}: {
  id: string;
  sheet: Sheet;
  onGone: (id: string, sheet: Sheet) => void;
  sheets: ReturnType<typeof useRecords<'sheets'>>;
}) {
  const opponents = useRecords('opponents');
  const shown = usePlays(false).shown;
  const plays = shown?.rows ?? [];
  const relations = useRelations();
  const [chosen, setChosen] = useState<string | null>(null);
  const go = useNavigate();
  const known = (play: string) => relations?.plays[play];
  const part = sheet.sections.find((s) => s.id === chosen) ?? sheet.sections[0];
  const [past, setPast] = useState<readonly Sheet[]>([]);
  const put = (next: Sheet): void => {
    setPast([...past.slice(-UNDOES), sheet]);
    sheets.change(id, next);
  };
  const change = (c: SheetChange): void => put(changeSheet(sheet, c));
  /** Plays into a part, each with its own number. */
  const add = (ids: readonly string[], section: string, before?: string): void => {
    let next = sheet;
    for (const play of ids) {
      const row = plays.find((r) => r.id === play);
      if (!row) continue;
      const entry = entryOf(next, nanoid(8), row);
      next = changeSheet(next, {
        do: 'add',
        section,
        entries: [entry],
        ...(before === undefined ? {} : { before }),
      });
    }
    put(next);
  };
  const opponent = opponents.rows?.find((r) => r.id === sheet.opponent)?.body;
  const told = shown ? sheetTold(sheet, plays, known, opponent) : [];
  const on = new Set(sheet.sections.flatMap((s) => s.entries.map((e) => e.play)));
  const documents = useDocuments([...on]);
  const look = (play: string, leaf?: string): number | null =>
    known(play)?.chances.find((c) => leaf === undefined || c.leaf === leaf)?.at ??
    plays.find((r) => r.id === play)?.summary.figures?.firstLook ??
    null;
  const fill = (section: SheetSection): void => {
    const { found } = findPlays(plays, known, readQuery(section.query ?? ''));
    const there = new Set(section.entries.map((e) => e.play));
    add(
      found.map((f) => f.row.id).filter((play) => !there.has(play)),
      section.id,
    );
  };
  return (
    <div className="body">
      <main>
        <Elsewhere records={sheets} id={id} />
        <article className="paper" aria-label={sheet.name}>
          <header>
            <h2 dir="auto">{sheet.name}</h2>
            <p>
              {[opponent?.name, sheet.date].filter(Boolean).join(', ')}
              <br />
              {on.size === 1 ? '1 play' : `${on.size} plays`}
            </p>
          </header>
          {sheet.sections.map((s, i) => (
            <Part
              key={s.id}
              section={s}
              at={i}
              of={sheet.sections.length}
              chosen={s === part}
              onChoose={() => setChosen(s.id)}
              onFill={() => fill(s)}
              change={change}
            >
              <SectionList
                section={s}
                rows={plays}
                documents={documents}
                look={look}
                change={change}
                onPlays={add}
              />
            </Part>
          ))}
          <div className="foot">
            <Button onPress={() => change({ do: 'addSection', id: nanoid(8), need: 'Another need' })}>
              Add a need
            </Button>
            <Button
              isDisabled={past.length === 0}
              onPress={() => {
                sheets.change(id, past.at(-1)!);
                setPast(past.slice(0, -1));
              }}
            >
              Undo
            </Button>
            <Button onPress={() => change({ do: 'number' })}>Number from 1</Button>
            <Link to={`/sheets/${id}/bench`}>For the bench</Link>
            <Link to={`/print?kind=sheet&sheet=${id}`}>Print this sheet</Link>
            <Button
              onPress={() => {
                onGone(id, sheet);
                sheets.change(id, null);
                void go('/sheets');
              }}
            >
              Throw this sheet away
            </Button>
          </div>
        </article>
      </main>
      <aside>
        <SheetHead sheet={sheet} opponents={opponents} change={change} />
        <section className="told" aria-label="Worth knowing">
          <Label>Worth knowing</Label>
          <div role="status">
            <ul>
              {told.length === 0 && <li className="plain">Nothing stands out.</li>}
              {told.map((t, i) => (
                <li key={i}>{toldWords(t)}</li>
              ))}
            </ul>
          </div>
        </section>
        <Beside
          rows={plays}
          relations={relations}
          on={on}
          into={part?.need ?? null}
          onAdd={(ids) => part && add(ids, part.id)}
        />
        <KeptVersions
          kind="sheets"
          id={id}
          now={sheet}
          words={(s) => `${s.sections.length} needs, ${s.sections.flatMap((x) => x.entries).length} calls`}
          onBack={put}
        />
      </aside>
    </div>
  );
}
