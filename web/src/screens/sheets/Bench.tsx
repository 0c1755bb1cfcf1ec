import {
  compile,
  courtFor,
  leaves,
  lineTo,
  mainLine,
  lineWords,
  walkLine,
  captionOf,
  type Play,
  type SheetEntry,
} from '@corkscrew/core';
import { useQueries } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import styled from 'styled-components';
import { benchPlay, useRecords } from '../../keeping/records.ts';
import { useTeller } from '../../team/teller.ts';
import { Button } from '../../ui/controls.tsx';
import { Message } from '../../ui/Message.tsx';
import { Watch } from '../../ui/Watch.tsx';

const Page = styled.main`
  min-height: 100dvh;
  background: var(--sheet);
  color: var(--ink);
  padding: 14px 20px 30px;
  header {
    display: flex;
    justify-content: space-between;
    align-items: end;
    gap: 16px;
    border-bottom: 4px double var(--ink);
    padding-bottom: 8px;
  }
  h1 {
    font-size: 34px;
    line-height: 1;
    font-weight: 740;
    font-stretch: 70%;
  }
  header a {
    color: var(--pen);
    font-size: 17px;
    min-height: 44px;
    display: grid;
    place-items: center;
  }
  .all {
    columns: 3 300px;
    column-gap: 28px;
  }
  section {
    break-inside: avoid;
    padding-top: 16px;
  }
  h2 {
    font-size: 21px;
    font-weight: 700;
    font-stretch: 74%;
    border-bottom: 2px solid var(--ink);
    padding-bottom: 3px;
  }
  li button {
    width: 100%;
    display: grid;
    grid-template-columns: 52px minmax(0, 1fr) auto;
    gap: 10px;
    align-items: center;
    text-align: left;
    min-height: 58px;
    border: 0;
    border-bottom: 1px solid var(--rule-2);
    background: none;
    color: inherit;
    padding: 4px 2px;
    white-space: normal;
  }
  li button[disabled] {
    color: var(--ink-3);
  }
  li .no {
    font: 740 27px/1 'Archivo Variable';
    font-stretch: 72%;
  }
  li b {
    display: block;
    font: 700 21px/1.1 'Archivo Variable';
    font-stretch: 76%;
    overflow-wrap: anywhere;
  }
  li i {
    font-style: normal;
    font-size: 15px;
    color: var(--ink-2);
  }
  li .s {
    font: 640 20px/1 'Archivo Variable';
    font-stretch: 76%;
  }
`;

/** A call sheet for the bench: large, kept on this device, and every call runs at a press. */
export default function Bench() {
  const { id = '' } = useParams();
  const sheets = useRecords('sheets');
  const opponents = useRecords('opponents');
  const sheet = sheets.rows?.find((r) => r.id === id)?.body;
  const [shown, setShown] = useState<SheetEntry | null>(null);
  const ids = [...new Set(sheet?.sections.flatMap((s) => s.entries.map((e) => e.play)) ?? [])];
  // Asked for at once, so that all of it is here when the server is not.
  const plays = useQueries({
    queries: ids.map((play) => ({
      queryKey: ['bench', play],
      queryFn: () => benchPlay(play),
      retry: false,
      networkMode: 'always' as const,
      staleTime: 60_000,
    })),
    combine: (all) => new Map(all.map(({ data }, i) => [ids[i]!, data] as const)),
  });
  if (!sheets.rows) return null;
  if (!sheet)
    return <Message title="This sheet is not here">It may have been thrown away on another device.</Message>;
  const play = shown && plays.get(shown.play);
  if (shown && play)
    return <Running key={shown.id} play={play} leaf={shown.leaf} onLeave={() => setShown(null)} />;
  const opponent = opponents.rows?.find((r) => r.id === sheet.opponent)?.body.name;
  return (
    <Page aria-label={`Bench: ${sheet.name}`}>
      <header>
        <h1 dir="auto">
          {[sheet.name, opponent && !sheet.name.includes(opponent) ? opponent : '']
            .filter(Boolean)
            .join(', ')}
        </h1>
        <Link to={`/sheets/${id}`}>Back to the sheet</Link>
      </header>
      <div className="all">
        {sheet.sections
          .filter((s) => s.entries.length > 0)
          .map((s) => (
            <section key={s.id} aria-label={s.need}>
              <h2 dir="auto">{s.need}</h2>
              <ul>
                {s.entries.map((e) => (
                  <li key={e.id}>
                    <button type="button" disabled={plays.get(e.play) === null} onClick={() => setShown(e)}>
                      <span className="no">{e.number}</span>
                      <span>
                        <b dir="auto">{plays.get(e.play)?.name ?? e.name}</b>
                        <i dir="auto">
                          {[
                            e.call && `“${e.call}”`,
                            endingName(plays.get(e.play), e.leaf),
                            plays.get(e.play)?.call?.signal,
                            e.note,
                            plays.get(e.play) === null && 'not on this device',
                          ]
                            .filter(Boolean)
                            .join(' · ')}
                        </i>
                      </span>
                      <span className="s">{lengthOf(plays.get(e.play) ?? null)}</span>
                    </button>
                  </li>
                ))}
              </ul>
            </section>
          ))}
      </div>
    </Page>
  );
}

/** The one ending a call is for, where the play still has it. */
const endingName = (play: Play | null | undefined, leaf: string | undefined): string =>
  play && leaf !== undefined && leaves(play).some((l) => l.id === leaf) ? lineWords(play, leaf) : '';

const timed = new WeakMap<Play, string>();
/** How long the play as drawn takes until the ball leaves. */
function lengthOf(play: Play | null): string {
  if (!play) return '';
  let known = timed.get(play);
  if (known === undefined) {
    const { timeline } = compile(play, mainLine(play).at(-1)!.id, courtFor(play), play.level);
    const over = timeline.flights.find((f) => f.receiver === null)?.release ?? timeline.end;
    timed.set(play, (known = `${over.toFixed(1)} s`));
  }
  return known;
}

function Running({ play, leaf, onLeave }: { play: Play; leaf?: string | undefined; onLeave: () => void }) {
  const ends = leaves(play);
  const t = useTeller(play);
  const [at, setAt] = useState(ends.some((l) => l.id === leaf) ? leaf! : mainLine(play).at(-1)!.id);
  const { court, line, walks, timeline } = useMemo(() => {
    const floor = courtFor(play);
    const frames = lineTo(play, at);
    return {
      court: floor,
      line: frames,
      walks: walkLine(play, frames),
      timeline: compile(play, at, floor, play.level).timeline,
    };
  }, [play, at]);
  const words = (seconds: number): string => {
    const i = Math.max(
      0,
      timeline.bars.findLastIndex((b) => b.start <= seconds + 1e-6),
    );
    return line[i]!.caption?.trim() || captionOf(court, walks[i]!, walks.slice(0, i), t);
  };
  return (
    <Watch title={play.name} words={words} court={court} timeline={timeline} onLeave={onLeave}>
      {ends.length > 1 &&
        ends.map((l) => (
          <Button key={l.id} aria-pressed={l.id === at} onPress={() => setAt(l.id)}>
            {lineWords(play, l.id, t)}
          </Button>
        ))}
    </Watch>
  );
}
