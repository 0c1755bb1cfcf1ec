import {
  BLOCK_SHORT,
  minutesGiven,
  playMinutesGiven,
  playMinutesOf,
  progressOf,
  doneWith,
  limitsOf,
  playedOf,
  isByLine,
  isOfUnit,
  oneLine,
  unitKey,
  wantsOf,
  type Block,
  type Game,
  type InstallStage,
  type Kept,
  type PlayUnit,
  type Practice,
} from '@corkscrew/core';
import { Check, Lock } from 'lucide-react';
import { useLayoutEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { dayOfMonth, dayShort } from '../../app/today.ts';
import { useDrag, type P } from '../../ui/drag.ts';
import { Band, LOW, LOWEST, PX_A_MINUTE } from './band-look.ts';
import { gameName, weekOf, type Install } from './use-install.ts';

/** Of what a block is part, as it is taught: the line it is about, where its play is taught line by line. */
export function threadOf(block: Block, { team }: Pick<Install, 'team'>): PlayUnit | null {
  if (block.item.is !== 'play') return null;
  const play = team.plays.get(block.item.play);
  return { play: block.item.play, leaf: play && isByLine(team.season, play) ? oneLine(block) : null };
}

/** What is chosen on the screen. */
export type Chosen =
  | { readonly is: 'block'; readonly practice: string; readonly block: string }
  | { readonly is: 'practice'; readonly id: string }
  | { readonly is: 'game'; readonly id: string }
  | ({ readonly is: 'play' } & PlayUnit)
  | null;

interface Props {
  readonly install: Install;
  readonly monday: string;
  readonly practices: readonly Kept<Practice>[];
  readonly fresh: ReadonlySet<string>;
  readonly chosen: Chosen;
  /** The play, or the line of one, whose way is shown. */
  readonly thread: PlayUnit | null;
  readonly onChoose: (chosen: Chosen) => void;
  readonly onMove: (block: string, practice: string, to: number) => void;
  readonly onStep: (block: string, by: { readonly place?: number; readonly practice?: number }) => void;
  readonly onRemove: (block: string) => void;
}

/** Where in the window a dragged block would go. */
function placeAt({ x, y }: P): { practice: string; to: number } | null {
  const under = document.elementsFromPoint(x, y);
  const column = under.find((e) => e instanceof HTMLElement && e.dataset['practice']) as
    HTMLElement | undefined;
  if (!column) return null;
  const blocks = [...column.querySelectorAll<HTMLElement>('[data-block]')];
  const to = blocks.findIndex((b) => {
    const box = b.getBoundingClientRect();
    return y < box.top + box.height / 2;
  });
  return { practice: column.dataset['practice']!, to: to < 0 ? blocks.length : to };
}

/** One week as a band: its practices to scale, its games, and the way of the chosen play through them. */
export function Week({
  install,
  monday,
  practices,
  fresh,
  chosen,
  thread,
  onChoose,
  onMove,
  onStep,
  onRemove,
}: Props) {
  const { team, day: today, opponents } = install;
  const days = weekOf({ ...team, practices }, monday);
  const band = useRef<HTMLElement>(null);
  const [over, setOver] = useState<{ practice: string; to: number } | null>(null);
  const drag = useDrag<string>({
    measure: () => (e) => ({ x: e.clientX, y: e.clientY }),
    from: 5,
    onMove: (h) => setOver(placeAt(h.at)),
    onDrop: (h) => {
      setOver(null);
      const place = placeAt(h.at);
      if (place) onMove(h.item, place.practice, place.to);
    },
  });
  const keys = (e: KeyboardEvent, block: string): void => {
    if (e.key === 'Delete') return onRemove(block);
    if (!e.altKey) return;
    const by = KEYS[e.key];
    if (!by) return;
    e.preventDefault();
    onStep(block, by);
  };
  return (
    <Band ref={band} aria-label={`${dayOfMonth(days[0]!.day)} to ${dayOfMonth(days[6]!.day)}`}>
      <h2>
        {dayOfMonth(days[0]!.day)} to {dayOfMonth(days[6]!.day)}
      </h2>
      <div className="days">
        {days.map(({ day, practices: here, games }) => {
          const now = day === today ? { 'data-today': true } : {};
          if (here.length + games.length === 0)
            return (
              <div key={day} className="rest" {...now}>
                {dayShort(day).replace(' ', '\n')}
              </div>
            );
          return [
            ...here.map((p) => (
              <Column
                key={p.id}
                practice={p}
                now={now}
                fresh={fresh}
                chosen={chosen}
                isThread={(b) => thread !== null && isOfUnit(b, thread, team.plays.get(thread.play))}
                held={drag.held?.moved ? drag.held.item : null}
                over={over?.practice === p.id ? over.to : null}
                onChoose={onChoose}
                onKey={keys}
                take={drag.take}
                hand={drag.hand}
              />
            )),
            ...games.map((g) => (
              <GameColumn
                key={g.id}
                game={g}
                now={now}
                install={install}
                thread={thread?.play ?? null}
                onChoose={onChoose}
                name={gameName(g.body, opponents.rows ?? [])}
              />
            )),
          ];
        })}
      </div>
      {thread !== null && (
        <Thread
          band={band}
          of={unitKey(thread)}
          key={`${unitKey(thread)} ${practices.map((p) => p.body.blocks.map((b) => b.id).join()).join()}`}
        />
      )}
    </Band>
  );
}
const KEYS: Readonly<Record<string, { place?: number; practice?: number }>> = {
  ArrowUp: { place: -1 },
  ArrowDown: { place: 1 },
  ArrowLeft: { practice: -1 },
  ArrowRight: { practice: 1 },
};

function Column({
  practice: { id, body },
  now,
  fresh,
  chosen,
  isThread,
  held,
  over,
  onChoose,
  onKey,
  take,
  hand,
}: {
  practice: Kept<Practice>;
  now: object;
  fresh: ReadonlySet<string>;
  chosen: Chosen;
  isThread: (block: Block) => boolean;
  held: string | null;
  over: number | null;
  onChoose: (c: Chosen) => void;
  onKey: (e: KeyboardEvent, block: string) => void;
  take: (e: PointerEvent, block: string) => void;
  hand: object;
}) {
  const given = playMinutesGiven(body);
  const share = playMinutesOf(body);
  const used = minutesGiven(body);
  const open = chosen?.is === 'practice' && chosen.id === id;
  return (
    <div className="day" data-practice={id} {...now} {...(body.missed ? { 'data-missed': true } : {})}>
      <button
        type="button"
        className="title"
        aria-pressed={open}
        onClick={() => onChoose(open ? null : { is: 'practice', id })}
      >
        <b>{dayShort(body.date)}</b>
        <i>{body.missed ? 'missed' : `${body.start}, ${body.minutes} min`}</i>
      </button>
      <div className="sheet" style={{ minHeight: body.minutes * PX_A_MINUTE }}>
        <p className="given">
          <span>Plays</span>
          <b className={given > share ? 'over' : ''}>
            {given} of {share}
            {given > share && `, ${given - share} over`}
          </b>
        </p>
        <ol>
          {body.blocks.map((b, i) => {
            const pressed = chosen?.is === 'block' && chosen.block === b.id;
            return (
              <li key={b.id}>
                <button
                  type="button"
                  className="block"
                  data-block={b.id}
                  data-is={b.item.is}
                  data-stage={b.stage}
                  aria-pressed={pressed}
                  {...(isThread(b) ? { 'data-thread': true } : {})}
                  {...(fresh.has(b.id) ? { 'data-new': true } : {})}
                  {...(held === b.id ? { 'data-held': true } : {})}
                  {...(over === i ? { 'data-drop': true } : {})}
                  {...(b.minutes * PX_A_MINUTE < LOW ? { 'data-low': true } : {})}
                  style={{ minHeight: Math.max(LOWEST, b.minutes * PX_A_MINUTE) }}
                  onClick={() => onChoose(pressed ? null : { is: 'block', practice: id, block: b.id })}
                  onKeyDown={(e) => onKey(e, b.id)}
                  onPointerDown={(e) => take(e, b.id)}
                  {...hand}
                >
                  <span className="strip" aria-hidden="true" />
                  <span>
                    <b>
                      {b.item.name}
                      {b.done && <Check size={12} className="tick" aria-label="done" />}
                      {b.locked && <Lock size={11} className="tick" aria-label="locked" />}
                    </b>
                    {b.item.is !== 'other' && <i>{blockNote(b)}</i>}
                  </span>
                  <em>{b.minutes}</em>
                </button>
              </li>
            );
          })}
        </ol>
        <p
          className={`free ${used > body.minutes ? 'over' : ''}`}
          {...(over === body.blocks.length ? { 'data-drop': true } : {})}
        >
          {used > body.minutes
            ? `${used - body.minutes} min too long`
            : used < body.minutes
              ? `${body.minutes - used} min free`
              : ''}
        </p>
      </div>
    </div>
  );
}

/** Beside or under a block's name. */
const blockNote = (b: Block): string => {
  const words = b.item.is === 'play' ? b.item.words : undefined;
  const how = words ? `${BLOCK_SHORT[b.stage]}, ${words}` : BLOCK_SHORT[b.stage];
  return b.done?.tried
    ? `${BLOCK_SHORT[b.stage]}, ${b.done.clean ?? 0} of ${b.done.tried}`
    : !b.done && b.note
      ? b.note
      : how;
};

const STAGE_STRIP: Readonly<Record<InstallStage, string>> = {
  drawn: 'none',
  introduced: 'walk',
  reviewed: 'guided',
  live: 'live',
  settled: 'live',
};

function GameColumn({
  game: { id, body },
  now,
  name,
  install: { team, day },
  thread,
  onChoose,
}: {
  game: Kept<Game>;
  now: object;
  name: string;
  install: Install;
  thread: string | null;
  onChoose: (c: Chosen) => void;
}) {
  const wants = wantsOf(body, team.sheets);
  const played = playedOf(team, day);
  return (
    <div className="day" {...now}>
      <button type="button" className="title" onClick={() => onChoose({ is: 'game', id })}>
        <b>{dayShort(body.date)}</b>
        <i>{body.start}</i>
      </button>
      <div className="sheet">
        <p className="game">
          <b>{name}</b>
          {wants.length === 0 && (body.sheet ? 'Nothing on its call sheet yet.' : 'No call sheet chosen.')}
        </p>
        {wants.map((w) => {
          const play = team.plays.get(w.play);
          const stage = play
            ? progressOf(
                doneWith(
                  play,
                  null,
                  team.practices.map((p) => p.body),
                  played,
                ),
                day,
                limitsOf(team.season),
              ).stage
            : 'drawn';
          return (
            <button
              key={w.play}
              type="button"
              className="call"
              data-call={w.play}
              {...(thread === w.play ? { 'data-thread': true } : {})}
              onClick={() => onChoose({ is: 'play', play: w.play, leaf: null })}
            >
              <span className="strip" data-stage={STAGE_STRIP[stage]} aria-hidden="true" />
              <span>{w.name}</span>
            </button>
          );
        })}
      </div>
    </div>
  );
}

/** The way of one play from block to block to the game, drawn over a week. */
function Thread({ band, of }: { band: React.RefObject<HTMLElement | null>; of: string }) {
  const [way, setWay] = useState('');
  useLayoutEffect(() => {
    const draw = (): void => {
      const root = band.current;
      if (!root) return;
      const from = root.getBoundingClientRect();
      const stops = [...root.querySelectorAll<HTMLElement>(`[data-thread]`)].map((e) =>
        e.getBoundingClientRect(),
      );
      let path = '';
      stops.forEach((b, i) => {
        const next = stops[i + 1];
        if (!next) return;
        const [x1, y1] = [b.right - from.left, b.top - from.top + b.height / 2];
        const [x2, y2] = [next.left - from.left, next.top - from.top + next.height / 2];
        if (x2 <= x1) return;
        const mid = (x1 + x2) / 2;
        path += `M${x1} ${y1}C${mid} ${y1} ${mid} ${y2} ${x2} ${y2}`;
      });
      setWay(path);
    };
    draw();
    const seen = new ResizeObserver(draw);
    if (band.current) seen.observe(band.current);
    return () => seen.disconnect();
  }, [band, of]);
  return (
    <svg className="thread" width="100%" height="100%" aria-hidden="true">
      <path d={way} fill="none" stroke="var(--pen)" strokeWidth="1.6" />
    </svg>
  );
}
