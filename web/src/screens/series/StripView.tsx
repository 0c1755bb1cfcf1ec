import {
  captionOf,
  courtFor,
  forksOf,
  mainLine,
  startState,
  walkFrame,
  teller,
  walkLine,
  type Dictionary,
  type FrameWalk,
  type Play,
  type PlayRow,
  type Relations,
} from '@corkscrew/core';
import { useMemo, useState, type KeyboardEvent } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { FramePicture } from '../../floor/FramePicture.tsx';
import { lineInTime } from '../../questions/lines.ts';
import { pairOf } from '../../keeping/pairs.ts';
import { useWords } from '../../team/words.ts';
import { LARGE, SMALL, stripOf, type Lane, type Shot } from './strip.ts';
import { Counters, Lines, NAMES, Tell } from './StripLines.tsx';

const Scroll = styled.div`
  overflow: auto;
  background: var(--sheet);
  position: relative;
  min-height: 0;
  .all {
    position: relative;
    margin: 0 14px;
  }
  svg.lines {
    position: absolute;
    inset: 0;
    overflow: visible;
    pointer-events: none;
  }
  .shot {
    position: absolute;
    transform: translateY(-50%);
    color: var(--ink);
    text-decoration: none;
    outline-offset: 2px;
  }
  .shot .pic {
    display: block;
    border: 1px solid var(--rule-2);
    background: var(--sheet);
  }
  .shot[data-large] .pic {
    border: 2px solid var(--ink);
  }
  .shot svg {
    display: block;
  }
  .shot .no {
    position: absolute;
    bottom: 100%;
    left: 0;
    display: flex;
    gap: 5px;
    align-items: center;
    margin-bottom: 2px;
    font: 640 12.5px/1 'Archivo Variable';
    font-stretch: 77%;
    color: var(--ink-2);
    white-space: nowrap;
  }
  .shot .no b {
    border: 1.5px solid var(--ink);
    padding: 1px 4px;
    color: var(--ink);
    background: var(--sheet);
  }
  .name {
    position: absolute;
    width: 186px;
    transform: translateY(-46%);
  }
  .name b {
    font: 700 16px/1.1 'Archivo Variable';
    font-stretch: 74%;
  }
  .name i {
    font: 640 13px/1 'Archivo Variable';
    font-stretch: 77%;
    color: var(--ink-2);
    margin-left: 7px;
    white-space: nowrap;
  }
  .name em {
    display: block;
    font: 640 12px/1.3 'Archivo Variable';
    font-stretch: 77%;
    font-style: normal;
    color: var(--ink-2);
  }
  .name p {
    font-size: 12px;
    line-height: 1.28;
    color: var(--ink-2);
    margin-top: 3px;
    display: -webkit-box;
    -webkit-line-clamp: 3;
    -webkit-box-orient: vertical;
    overflow: hidden;
  }
  .tell {
    position: absolute;
    font: 640 12.5px/1.15 'Archivo Variable';
    font-stretch: 77%;
    white-space: nowrap;
    background: var(--sheet);
    padding: 1px 3px;
  }
  [data-thin] {
    opacity: 0.28;
  }
`;

/** A play with its line drawn and in time. */
interface Drawn {
  readonly play: Play;
  readonly walks: readonly FrameWalk[];
  readonly set: FrameWalk;
  readonly lane: Lane;
  readonly words: string;
}

function drawnOf(play: Play, words: Dictionary): Drawn {
  const line = mainLine(play);
  const walks = walkLine(play, line);
  const { timeline } = lineInTime(play, line.at(-1)!.id).compiled;
  const shot = timeline.flights.find((f) => f.receiver === null);
  const last = walks.at(-1)!;
  return {
    play,
    walks,
    set: walkFrame(startState(play), { id: 'set', parent: null, actions: [] }),
    lane: {
      id: play.id,
      starts: timeline.bars.map((b) => b.start),
      end: shot?.release ?? timeline.end,
    },
    words:
      last.frame.caption?.trim() ||
      captionOf(courtFor(play), last, walks.slice(0, -1), teller({ words, women: play.women })),
  };
}

/** A series in time: what all look like, where they part, and how each goes on. */
export function StripView({
  rows,
  plays,
  relations,
}: {
  rows: readonly PlayRow[];
  plays: ReadonlyMap<string, Play>;
  relations: Relations | undefined;
}) {
  const [over, setOver] = useState<string | null>(null);
  const spoken = useWords();
  const drawn = useMemo(
    () => new Map([...plays].map(([id, play]) => [id, drawnOf(play, spoken)])),
    [plays, spoken],
  );
  const strip = useMemo(() => {
    const lanes = rows.flatMap((r) => drawn.get(r.id)?.lane ?? []);
    if (lanes.length === 0) return null;
    const head = (a: Lane, b: Lane) => {
      const found = pairOf(relations, a.id, b.id)?.head;
      return found ? { seconds: found.seconds, by: found.by } : { seconds: 0, by: '1' as const };
    };
    return stripOf(forksOf(lanes, head));
  }, [rows, drawn, relations]);
  if (!strip) return <Scroll aria-busy="true" />;
  const names = new Map(rows.map((r) => [r.id, r.summary.name]));
  const thin = (ids: readonly string[]) => (over !== null && !ids.includes(over) ? '' : undefined);
  return (
    <Scroll tabIndex={-1}>
      <div
        className="all"
        style={{ width: strip.width + NAMES + 40, height: strip.height + 16 }}
        onPointerLeave={() => setOver(null)}
        onKeyDown={walkShots}
      >
        <Lines strip={strip} thin={thin} />
        <Counters rows={rows} strip={strip} />
        {strip.partings.map((p, i) => (
          <Tell
            key={i}
            parting={p}
            names={names}
            first={i === 0}
            // One right behind another has no picture before it, and that one's shield under it.
            above={!strip.shots.some((s) => Math.abs(s.y - p.y) < 8 && s.x < p.x && p.x - s.x < 130)}
          />
        ))}
        {strip.shots.map((s) => (
          <Picture
            key={`${s.play} ${s.frame} ${s.plays.length}`}
            shot={s}
            of={drawn.get(s.play)!}
            names={names}
            thin={thin(s.plays)}
            onOver={setOver}
          />
        ))}
        {rows.map((r) => {
          const end = strip.ends[r.id];
          const of = drawn.get(r.id);
          return (
            end &&
            of && (
              <div
                key={r.id}
                className="name"
                data-thin={thin([r.id])}
                style={{ left: end.x + 9, top: end.y }}
                onPointerEnter={() => setOver(r.id)}
              >
                <b dir="auto">{r.summary.name}</b>
                <i>{of.lane.end.toFixed(1)} s</i>
                {r.summary.counterTo.map((c) => (
                  <em key={c.play}>counter to {names.get(c.play) ?? c.name}</em>
                ))}
                <p>{of.words}.</p>
              </div>
            )
          );
        })}
      </div>
    </Scroll>
  );
}

function Picture({
  shot,
  of,
  names,
  thin,
  onOver,
}: {
  shot: Shot;
  of: Drawn;
  names: ReadonlyMap<string, string>;
  thin: string | undefined;
  onOver: (play: string | null) => void;
}) {
  const walk = shot.frame < 0 ? of.set : of.walks[shot.frame]!;
  const width = shot.large ? LARGE : SMALL;
  const who = shot.plays.map((id) => names.get(id)).join(', ');
  const what = shot.frame < 0 ? 'The set' : `Frame ${shot.frame + 1}`;
  return (
    <Link
      className="shot"
      data-thin={thin}
      data-large={shot.large || undefined}
      data-x={Math.round(shot.x)}
      data-y={Math.round(shot.y)}
      style={{ left: shot.x, top: shot.y, width }}
      to={`/plays/${shot.play}${shot.frame < 0 ? '' : `?frame=${walk.frame.id}`}`}
      aria-label={`${what} of ${who}, ${shot.seconds.toFixed(1)} s`}
      onPointerEnter={() => onOver(shot.plays.length === 1 ? shot.plays[0]! : null)}
    >
      {!shot.large && (
        <span className="no">
          <b>{Math.max(0, shot.frame) + 1}</b> {shot.seconds.toFixed(1)}
        </span>
      )}
      <span className="pic">
        <FramePicture
          court={courtFor(of.play)}
          walk={walk}
          next={of.walks[shot.frame + 1]}
          width={width - 4}
        />
      </span>
    </Link>
  );
}

/** Arrows go to the next picture in time, and to the nearest one of the next lane. */
function walkShots(e: KeyboardEvent<HTMLElement>): void {
  const on = (e.target as Element).closest<HTMLElement>('.shot');
  const way = { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowDown: [0, 1], ArrowUp: [0, -1] }[e.key];
  if (!on || !way) return;
  const [dx, dy] = way as [number, number];
  const at = (el: HTMLElement) => [Number(el.dataset.x), Number(el.dataset.y)] as const;
  const [x, y] = at(on);
  const far = (el: HTMLElement): number => {
    const [x1, y1] = at(el);
    const along = (x1 - x) * dx + (y1 - y) * dy;
    return along <= 1 ? Infinity : along + 3 * Math.abs((x1 - x) * dy) + 3 * Math.abs((y1 - y) * dx);
  };
  const all = [...e.currentTarget.querySelectorAll<HTMLElement>('.shot')];
  const next = all.reduce<HTMLElement | null>((a, b) => (far(b) < (a ? far(a) : Infinity) ? b : a), null);
  e.preventDefault();
  next?.focus();
}
