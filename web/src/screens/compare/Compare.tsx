import {
  COMPARED,
  comparedLine,
  compareLines,
  courtFor,
  figuresOf,
  leaves,
  mainLine,
  metricsOf,
  readPlay,
  type ComparedFrame,
  type ComparedLine,
  type Play,
} from '@corkscrew/core';
import { frameScene, thumbScale, type Tone } from '@corkscrew/diagram';
import { useQueries } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { api } from '../../app/api.ts';
import { SceneItems } from '../../floor/SceneSvg.tsx';
import { usePlays } from '../../keeping/plays.ts';
import { pairOf } from '../../keeping/pairs.ts';
import { useRelations } from '../../keeping/relations.ts';
import { useTeller } from '../../team/teller.ts';
import { BookViews } from '../../ui/BookViews.tsx';
import { Choice } from '../../ui/Choice.tsx';
import { EndingChoice } from '../../ui/EndingChoice.tsx';
import { TopBar } from '../../ui/TopBar.tsx';
import { Staves } from './Staves.tsx';

const Page = styled.div`
  display: grid;
  grid-template-rows: 60px minmax(0, 1fr);
  height: 100vh;
  height: 100dvh;
  main {
    overflow: auto;
    padding: 12px 18px 40px;
  }
  .head {
    position: sticky;
    top: -12px;
    z-index: 2;
    background: var(--desk);
    padding: 6px 0;
  }
  .row {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(180px, 0.8fr) minmax(0, 1fr);
    gap: 16px;
    align-items: center;
    padding: 10px 0;
    border-bottom: 1px solid var(--rule);
  }
  .head h2 {
    font-size: 22px;
    font-weight: 740;
    font-stretch: 70%;
    line-height: 1.05;
    overflow-wrap: anywhere;
  }
  .head h2 select {
    margin: 0 10px;
    vertical-align: 3px;
  }
  .head a {
    color: var(--ink);
  }
  .pic {
    border: 1px solid var(--rule-2);
    background: var(--sheet);
    max-width: 380px;
  }
  .pic svg {
    display: block;
    width: 100%;
  }
  .row > :last-child .pic {
    margin-left: auto;
  }
  .row > :last-child {
    text-align: right;
  }
  .none {
    color: var(--ink-2);
  }
  .differ li {
    padding: 3px 0;
    font-size: 13px;
    line-height: 1.3;
  }
  .differ b {
    font: 700 12.5px/1 'Archivo Variable';
    font-stretch: 77%;
    color: var(--pen);
  }
  .same {
    color: var(--ink-2);
    text-align: center;
  }
  section h2 {
    font-size: 16px;
    font-weight: 700;
    font-stretch: 74%;
    margin: 16px 0 6px;
  }
  table {
    border-collapse: collapse;
  }
  th,
  td {
    text-align: left;
    padding: 4px 22px 4px 0;
    border-bottom: 1px solid var(--rule);
    font-size: 13px;
  }
  td {
    font: 640 13.5px/1 'Archivo Variable';
    font-stretch: 77%;
  }
  @media (max-width: 1023px) {
    .said {
      display: none;
    }
  }
  @media (max-width: 760px) {
    .row {
      gap: 8px;
      grid-template-columns: minmax(0, 1fr) minmax(110px, 0.7fr) minmax(0, 1fr);
    }
  }
`;

/** One of two: a play, or a kept version of it. */
interface Side {
  readonly id: string;
  readonly version: number | null;
}
const sideOf = (text: string | null): Side | null => {
  if (!text) return null;
  const [id = '', version] = text.split('@');
  return { id, version: version === undefined ? null : Number(version) };
};

function useSides(sides: readonly (Side | null)[]) {
  return useQueries({
    queries: sides.map((s) => ({
      queryKey: ['compared', s?.id, s?.version],
      queryFn: async () => {
        const stored = s!.version === null ? await api.play(s!.id) : await api.version(s!.id, s!.version);
        const read = readPlay(stored.document);
        if (!read.ok) throw new Error(read.sentence);
        return read.play;
      },
      enabled: s !== null,
      retry: false,
    })),
  });
}

/** Two plays, or two versions of one, beside each other: frames, what is otherwise, figures and staves. */
export default function Compare() {
  const [params, setParams] = useSearchParams();
  const sides = [sideOf(params.get('a')), sideOf(params.get('b'))] as const;
  const rows = usePlays(false).shown?.rows ?? [];
  const [a, b] = useSides(sides);
  useEffect(() => {
    document.title = 'Compare · Corkscrew';
  }, []);
  const options = rows.map((r) => [r.id, r.summary.name] as const);
  const choose = (which: 'a' | 'b') => (id: string) =>
    setParams({ a: params.get('a') ?? '', b: params.get('b') ?? '', [which]: id });
  const problem = a!.error ?? b!.error;
  return (
    <Page>
      <TopBar room="plays" end={<BookViews />}>
        <h1 className="said" style={{ fontSize: 27, fontWeight: 740, fontStretch: '70%', lineHeight: 1 }}>
          Compare
        </h1>
        <Choice
          bare
          label="The first play"
          value={sides[0]?.id ?? ''}
          options={[['', 'A play'], ...options]}
          onChange={choose('a')}
        />
        <Choice
          bare
          label="The second play"
          value={sides[1]?.id ?? ''}
          options={[['', 'Another one'], ...options]}
          onChange={choose('b')}
        />
      </TopBar>
      <main>
        {problem && <p role="alert">{problem.message}</p>}
        {(!sides[0] || !sides[1]) && (
          <p>Choose two plays: they are laid beside each other, frame by frame.</p>
        )}
        {a!.data && b!.data && <Both a={a!.data} b={b!.data} sides={[sides[0]!, sides[1]!]} />}
      </main>
    </Page>
  );
}

function Both({ a, b, sides }: { a: Play; b: Play; sides: readonly [Side, Side] }) {
  const t = useTeller(a);
  const relations = useRelations();
  const [chosen, setChosen] = useState<readonly [string | null, string | null]>([null, null]);
  const leafOf = (p: Play, own: string | null): string =>
    leaves(p).find((f) => f.id === own)?.id ?? mainLine(p).at(-1)!.id;
  const [leafA, leafB] = [leafOf(a, chosen[0]), leafOf(b, chosen[1])];
  const lines = useMemo(
    () => [comparedLine(a, leafA, t), comparedLine(b, leafB, t)] as const,
    [a, b, leafA, leafB, t],
  );
  const frames = useMemo(() => compareLines(...lines), [lines]);
  const other = [
    new Set(frames.flatMap((f) => [...f.onlyA.map((d) => d.action), ...f.moved.map((m) => m.a.action)])),
    new Set(frames.flatMap((f) => [...f.onlyB.map((d) => d.action), ...f.moved.map((m) => m.b.action)])),
  ] as const;
  const nameOf = (p: Play, s: Side): string => (s.version === null ? p.name : `${p.name}, as kept`);
  const names = [nameOf(a, sides[0]), nameOf(b, sides[1])];
  const head = sides.every((s) => s.version === null) ? pairOf(relations, a.id, b.id)?.head : null;
  return (
    <>
      <div className="row head">
        <h2 dir="auto">
          <Link to={`/plays/${a.id}`}>{names[0]}</Link>
          <EndingChoice
            play={a}
            label={`Ending of ${names[0]}`}
            leaf={leafA}
            onChange={(l) => setChosen([l, chosen[1]])}
          />
        </h2>
        <p className="same">{head ? `They look the same for ${head.seconds.toFixed(1)} s` : ''}</p>
        <h2 dir="auto">
          <Link to={`/plays/${b.id}`}>{names[1]}</Link>
          <EndingChoice
            play={b}
            label={`Ending of ${names[1]}`}
            leaf={leafB}
            onChange={(l) => setChosen([chosen[0], l])}
          />
        </h2>
      </div>
      {frames.map((f, i) => (
        <div
          className="row"
          key={i}
          role="group"
          aria-label={`Frames ${f.a === null ? 'none' : f.a + 1} and ${f.b === null ? 'none' : f.b + 1}`}
        >
          <Frame line={lines[0]} at={f.a} other={other[0]} />
          <Said frame={f} />
          <Frame line={lines[1]} at={f.b} other={other[1]} />
        </div>
      ))}
      <section aria-label="Beat sheets">
        <h2>In time</h2>
        <Staves lines={lines} names={names} other={other} />
      </section>
      <section aria-label="In figures">
        <h2>In figures</h2>
        <Figures lines={lines} names={names} />
      </section>
    </>
  );
}

/** A frame with what is otherwise in pen. */
function Frame({ line, at, other }: { line: ComparedLine; at: number | null; other: ReadonlySet<string> }) {
  const walk = at === null ? undefined : line.walks[at];
  if (!walk) return <p className="none">Nothing like it here.</p>;
  const court = courtFor(line.play);
  const scene = frameScene({
    court,
    walk,
    next: line.walks[at! + 1],
    scale: thumbScale(court, walk),
    detail: false,
  });
  const tones = Object.fromEntries(
    walk.steps.filter((s) => other.has(s.action.id)).map((s) => [s.action.id, 'pen' as Tone]),
  );
  return (
    <figure>
      <div className="pic">
        <svg
          viewBox={`0 0 ${scene.width} ${scene.height}`}
          role="img"
          aria-label={line.done[at!]!.map((d) => d.words).join('; ') || 'The set'}
        >
          <SceneItems items={scene.items} tones={tones} />
        </svg>
      </div>
      <figcaption>
        <b>{at! + 1}</b> · {(line.timeline.bars[at!]?.start ?? 0).toFixed(1)} s
      </figcaption>
    </figure>
  );
}

function Said({ frame: { onlyA, onlyB, moved } }: { frame: ComparedFrame }) {
  if (onlyA.length + onlyB.length + moved.length === 0) return <p className="same">The same</p>;
  return (
    <ul className="differ">
      {onlyA.map((d) => (
        <li key={`a ${d.action}`}>
          <b>Left</b> {d.words}
        </li>
      ))}
      {onlyB.map((d) => (
        <li key={`b ${d.action}`}>
          <b>Right</b> {d.words}
        </li>
      ))}
      {moved.map((m) => (
        <li key={`m ${m.a.action}`}>
          {m.a.words}: {Math.abs(m.later).toFixed(1)} s {m.later > 0 ? 'later' : 'earlier'} on the right
        </li>
      ))}
    </ul>
  );
}

/** Times to a tenth, feet whole. */
const said = (figure: number | null, unit: string): string =>
  figure === null ? 'none' : unit === 's' ? `${figure.toFixed(1)} s` : `${Math.round(figure)} ${unit}`.trim();

function Figures({ lines, names }: { lines: readonly ComparedLine[]; names: readonly string[] }) {
  const figures = lines.map((l) =>
    figuresOf(
      metricsOf(
        courtFor(l.play),
        l.walks.map((w) => w.frame),
        l.timeline,
      ),
    ),
  );
  return (
    <table>
      <thead>
        <tr>
          <td />
          {names.map((n, i) => (
            <th key={i} scope="col">
              {n}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {COMPARED.map(({ key, words, unit }) => (
          <tr key={key}>
            <th scope="row">{words}</th>
            {figures.map((f, i) => (
              <td key={i}>{said(f[key], unit)}</td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
