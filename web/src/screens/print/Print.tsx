import { inOrder, PAPER_OF, type PaperOrder } from '@corkscrew/core';
import { useEffect, useState } from 'react';
import { useSearchParams } from 'react-router';
import { today } from '../../app/today.ts';
import { usePreferences } from '../../app/preferences.ts';
import { usePlays } from '../../keeping/plays.ts';
import { useRecords } from '../../keeping/records.ts';
import { MainButton } from '../../ui/controls.tsx';
import { BookViews } from '../../ui/BookViews.tsx';
import { TopBar } from '../../ui/TopBar.tsx';
import { loadFaces } from '../../ui/paper-faces.ts';
import { Page } from './look.ts';
import { Made } from './Made.tsx';
import { usePapers, usePreview, usePrinting } from './papers.ts';
import { Options, useSeriesWords } from './Options.tsx';
import { orderIn, searchOf } from './order.ts';

/** What is to be printed, as it will be on paper: chosen at the side, seen in the middle, and what was made lately. */
export default function Print() {
  const [search, setSearch] = useSearchParams();
  const ours = usePreferences((p) => p.ours);
  const order = useWhole({ ...orderIn(search), ours });
  const put = (whole: PaperOrder): void => setSearch(searchOf(whole), { replace: true });
  const set = (change: Partial<PaperOrder>): void => put({ ...order, ...change });
  const stamp = useStamp(order);
  const preview = usePreview(order, stamp);
  const printing = usePrinting();
  const papers = usePapers();
  const [shown, setShown] = useState(false);
  useEffect(() => {
    void loadFaces().then(() => setShown(true));
    document.title = 'Print · Corkscrew';
  }, []);
  const made = preview.data;
  return (
    <Page>
      <TopBar
        room="plays"
        end={
          <MainButton onPress={() => printing.order.mutate(order)} isDisabled={!made}>
            Make the PDF
          </MainButton>
        }
      >
        <h1 dir="auto">{made?.title ?? 'Print'}</h1>
        <span className="views">
          <BookViews />
        </span>
      </TopBar>
      <div className="columns">
        <main className="pages" aria-label="Pages" {...(preview.isPlaceholderData ? { 'data-old': '' } : {})}>
          {preview.error ? (
            <p className="say" role="alert">
              {preview.error.message}
            </p>
          ) : (
            shown &&
            made?.pages.map((svg, i) => (
              <div
                key={i}
                className="sheet"
                role="img"
                aria-label={`Page ${i + 1}${made.count > 0 ? ` of ${made.count}` : ''}`}
              >
                {/* A picture of the page: what it says stands in the play itself. */}
                <div aria-hidden="true" dangerouslySetInnerHTML={{ __html: svg }} />
              </div>
            ))
          )}
          {made && made.count === 0 && !preview.error && (
            <p className="say">The PDF has all of them; here are the first pages.</p>
          )}
        </main>
        <aside aria-label="What to print">
          <Options order={order} set={set} only={put} />
          {made && made.lacks.length > 0 && (
            <p className="lacks">
              Our fonts have no letter for {made.lacks.slice(0, 8).join(' ')}: a question mark stands there.
            </p>
          )}
          <p className="note">Black only, so that a copier keeps every line.</p>
          {printing.order.error && <p role="alert">{printing.order.error.message}</p>}
          <h2>Made lately</h2>
          <Made rows={papers.data ?? []} printing={printing} />
        </aside>
      </div>
    </Page>
  );
}

/** An order of a sheet or a series that does not say which: the first there is. */
function useWhole(order: PaperOrder): PaperOrder {
  const sheets = useRecords('sheets').rows;
  const series = useSeriesWords();
  const needs = PAPER_OF[order.kind];
  const practices = useRecords('practices').rows;
  const day = today();
  const [sheet] = sheets ?? [];
  const coming = inOrder(practices ?? []);
  const next = coming.find((p) => p.body.date >= day) ?? coming.at(-1);
  if (needs === 'practice' && order.practice === undefined && next) return { ...order, practice: next.id };
  if (needs === 'sheet' && order.sheet === undefined && sheet) return { ...order, sheet: sheet.id };
  if (needs === 'series' && order.series === undefined && series[0]) return { ...order, series: series[0] };
  return order;
}
/** What the pages are made from, as far as lists tell: when it changes they are made anew. */
function useStamp({ kind, plays, sheet, practice }: PaperOrder): string {
  const practices = useRecords('practices').rows;
  const rows = usePlays(false).shown?.rows;
  const sheets = useRecords('sheets').rows;
  const words = useRecords('words').rows;
  const of =
    rows?.filter((r) => plays.length === 0 || plays.includes(r.id)).map((r) => `${r.id}.${r.revision}`) ?? [];
  const needs = PAPER_OF[kind];
  return [
    ...of,
    needs === 'sheet' ? JSON.stringify(sheets?.find((s) => s.id === sheet)?.body) : '',
    needs === 'practice' ? JSON.stringify(practices?.find((p) => p.id === practice)?.body) : '',
    words?.map((w) => w.body.word).join('.'),
  ].join(' ');
}
