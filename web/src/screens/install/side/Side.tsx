import { BLOCK_WORDS, CAUTIONS, changeBlock, clockOf, minuteOf, type Block } from '@corkscrew/core';
import { Check, Pause, Play as Start, SkipForward, Volume2, VolumeX } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { dayLong } from '../../../app/today.ts';
import { useRecords } from '../../../keeping/records.ts';
import { Sign } from '../../../ui/controls.tsx';
import { Elsewhere } from '../../../ui/Elsewhere.tsx';
import { Message } from '../../../ui/Message.tsx';
import { DoneFields } from '../DoneFields.tsx';
import { beep, clockWords, useClock } from './clock.ts';
import { SidePage } from './look.ts';

/** A practice at the side of the court: what is on, what comes next, and how it went in two taps, with the server away too. */
export default function Side() {
  const { id = '' } = useParams();
  const practices = useRecords('practices');
  const seasons = useRecords('seasons');
  const body = practices.rows?.find((p) => p.id === id)?.body;
  const [on, setOn] = useState<string | null>(null);
  const [open, setOpen] = useState<string | null>(null);
  const [sound, setSound] = useState(false);
  const clock = useClock();
  const blocks = body?.blocks ?? [];
  const current =
    blocks.find((b) => b.id === on) ?? blocks.find((b) => !b.done && b.item.is !== 'other') ?? blocks[0];
  const next = current && blocks[blocks.indexOf(current) + 1];
  const left = (current?.minutes ?? 0) * 60 - clock.seconds;
  const over = useRef(false);
  useEffect(() => {
    document.title = 'Practice · Corkscrew';
  }, []);
  useEffect(() => {
    const ends = clock.runs && left <= 0;
    if (ends && !over.current && sound) beep();
    over.current = ends;
  }, [clock.runs, left, sound]);
  useStayAwake(clock.runs);
  if (!body)
    return (
      <Message title={practices.rows ? 'This practice is not there any more' : 'Opening the practice'}>
        <Link to="/install">Install</Link>
      </Message>
    );
  const here = practices.drafts.some((d) => d.id === id);
  const change = (block: string, with_: Partial<Block>): void =>
    practices.change(id, changeBlock(body, block, with_));
  const starts = startsOf(body.start, blocks);
  const season = seasons.rows?.find((s) => s.body.from <= body.date && s.body.to >= body.date)?.body;
  return (
    <SidePage className="gym">
      <header>
        <div>
          <h1>{dayLong(body.date)}</h1>
          <p role="status">{here ? 'On this device; it is sent when the server is back.' : 'Saved'}</p>
        </div>
        <Sign aria-label={sound ? 'Sound off' : 'Sound on'} onPress={() => setSound(!sound)}>
          {sound ? <Volume2 size={22} /> : <VolumeX size={22} />}
        </Sign>
        <Link to="/install">Back</Link>
      </header>
      <Elsewhere records={practices} id={id} of="This practice" />
      {current && (
        <section className="now" aria-label="Now">
          <p className="what">{current.item.name}</p>
          <p className="how">
            {current.item.is === 'other' ? '' : BLOCK_WORDS[current.stage]}
            {current.note ? ` ${current.note}` : ''}
          </p>
          <p className={`clock ${left < 0 ? 'over' : ''}`} role="timer" aria-label="Time left">
            {clockWords(left)}
          </p>
          <div className="keys">
            <button type="button" onClick={clock.toggle}>
              {clock.runs ? <Pause size={22} /> : <Start size={22} />} {clock.runs ? 'Hold' : 'Start'}
            </button>
            <button
              type="button"
              disabled={!next}
              onClick={() => {
                setOn(next!.id);
                setOpen(null);
                clock.reset(clock.runs);
              }}
            >
              <SkipForward size={22} /> Next
            </button>
          </div>
          <p className="next">
            {next ? `Next: ${next.item.name}, ${next.minutes} min` : 'This is the last one.'}
          </p>
        </section>
      )}
      <ol>
        {blocks.map((b) => (
          <li key={b.id} data-on={b === current || undefined}>
            <button
              type="button"
              className="line"
              aria-expanded={open === b.id}
              onClick={() => {
                setOn(b.id);
                setOpen(open === b.id ? null : b.id);
              }}
            >
              <i>{starts.get(b.id)}</i>
              <span>
                <b>{b.item.name}</b>
                {b.item.is !== 'other' && <em>{wentOf(b)}</em>}
              </span>
              <strong>{b.minutes}</strong>
              {b.done && <Check size={20} aria-label="done" />}
            </button>
            {open === b.id && b.item.is !== 'other' && (
              <div className="mark">
                <DoneFields
                  block={b}
                  onDone={(done) => {
                    const { done: was, ...rest } = b;
                    void was;
                    if (done) change(b.id, { done });
                    else
                      practices.change(id, {
                        ...body,
                        blocks: body.blocks.map((x) => (x.id === b.id ? rest : x)),
                      });
                  }}
                />
              </div>
            )}
          </li>
        ))}
      </ol>
      <footer>
        {season?.expectations.map((e) => (
          <p key={e} className="expect">
            {e}
          </p>
        ))}
        {CAUTIONS.map((c) => (
          <p key={c}>{c}</p>
        ))}
      </footer>
    </SidePage>
  );
}

const wentOf = (b: Block): string =>
  [
    BLOCK_WORDS[b.stage],
    b.item.is === 'play' ? b.item.words : undefined,
    b.done?.tried ? `${b.done.clean ?? 0} of ${b.done.tried} clean` : undefined,
  ]
    .filter(Boolean)
    .join('. ');

/** When each block begins, by the minutes of those before it. */
function startsOf(start: string, blocks: readonly Block[]): Map<string, string> {
  let at = minuteOf(start);
  return new Map(
    blocks.map((b) => {
      const now = clockOf(at);
      at += b.minutes;
      return [b.id, now] as const;
    }),
  );
}

/** The screen does not go dark while the clock runs, where the device can do that. */
function useStayAwake(on: boolean): void {
  useEffect(() => {
    if (!on || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    navigator.wakeLock.request('screen').then(
      (l) => {
        if (gone) void l.release();
        else lock = l;
      },
      () => undefined,
    );
    return () => {
      gone = true;
      void lock?.release();
    };
  }, [on]);
}
