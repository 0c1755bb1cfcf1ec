import {
  blockWords,
  beatOf,
  COVERAGE_WORDS,
  lineTo,
  PLAYERS,
  tieTo,
  type Beat,
  type BeatBlock,
  type Met,
  type Play,
  walkLine,
} from '@corkscrew/core';
import { useCallback, useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { useAgainst, useStale } from '../analysis.ts';
import { useMet, wayWord } from '../defend/met.ts';
import { WayMenu } from '../defend/WayMenu.tsx';
import { useLayer, useTrial } from '../defend/view.ts';
import { lineInTime } from '../../../questions/lines.ts';
import { apply, lineView, useDesk, usePick } from '../store.ts';
import { seek, useTimeline } from '../timeline.ts';
import { onBlockKey } from './block-keys.ts';
import { Grips, TieInHand } from './Grips.tsx';
import { LookMarks } from './LookMarks.tsx';
import { Playhead, Ruler } from './Ruler.tsx';
import { clampZoom, fitZoom, HEIGHT, PAD, xOf } from './scale.ts';
import { Box } from './sheet-style.ts';
import { useHold } from './use-hold.ts';
import { Block, Misses, Score } from './Score.tsx';
import { useWheel } from './wheel.ts';
import { Windows, windowWords } from './Windows.tsx';
import { useDeskTeller } from '../teller.ts';

/** The line on the desk as a score: five staves and the ball, on which times, tempos and cues are set. */
export function BeatSheet({
  zoom: chosenZoom,
  onZoom,
}: {
  zoom: number | null;
  onZoom: (z: number) => void;
}) {
  const t = useDeskTeller();
  const { play, branch, frameId, actionId, hovered } = usePick(
    'play',
    'branch',
    'frameId',
    'actionId',
    'hovered',
  );
  const drawn = useTimeline();
  const view = lineView(play, branch, frameId);
  const { court, line } = view;
  const draft = useDraftLine(play);
  const timeline = draft?.timeline ?? drawn;
  const walks = draft?.walks ?? view.walks;
  const against = useAgainst(play.id, line.at(-1)!.id);
  const stale = useStale();
  const windows = useLayer('windows');
  const met = useMet();
  const metAt = (id: string): Met | undefined => met.find((m) => m.action === id);
  const roll = useRef<HTMLDivElement>(null);
  const [room, setRoom] = useState(640);
  const [tying, setTying] = useState<string | null>(null);
  const [covering, setCovering] = useState<{ id: string; at: Element } | null>(null);
  useEffect(() => {
    const seen = new ResizeObserver(([e]) => e && setRoom(e.contentRect.width));
    if (roll.current) seen.observe(roll.current);
    return () => seen.disconnect();
  }, []);
  const beat = useMemo(() => {
    const words = blockWords(court, walks, t);
    return beatOf(timeline, (id) => words.get(id) ?? '');
  }, [timeline, walks, court, t]);
  const zoom = chosenZoom ?? fitZoom(beat.end, room);
  const width = Math.max(room, xOf(zoom, beat.end) + PAD + 12);

  const { hold, take, hand } = useHold({
    beat,
    timeline,
    zoom,
    roll,
    onWay: (id, at) => setCovering({ id, at }),
  });
  const onWheel = (e: WheelEvent) => {
    e.preventDefault();
    if (e.ctrlKey || e.metaKey) onZoom(clampZoom(zoom * (e.deltaY < 0 ? 1.15 : 1 / 1.15)));
    else if (e.shiftKey || Math.abs(e.deltaX) > Math.abs(e.deltaY))
      roll.current!.scrollLeft += e.deltaX || e.deltaY;
    else
      seek(
        (useDesk.getState().time ?? barStart(beat, useDesk.getState().frameId)) + Math.sign(e.deltaY) * 0.1,
      );
  };
  useWheel(roll, onWheel);
  const follow = useCallback((x: number, running: boolean) => {
    const box = roll.current;
    if (!box) return;
    const at = x - box.scrollLeft;
    if (at > box.clientWidth * (running ? 0.85 : 1) || at < 0) box.scrollLeft = x - box.clientWidth * 0.25;
  }, []);

  const keys = (e: KeyboardEvent, block: BeatBlock) => {
    if (tying && e.key === 'Enter') {
      const tied = tieTo(timeline, tying, block.id);
      if (tied) apply(tied);
      setTying(null);
    } else if (e.key === 'Escape' && tying) setTying(null);
    else if (e.key.toLowerCase() === 'c' && !e.ctrlKey && !e.metaKey && !e.altKey && metAt(block.id))
      setCovering({ id: block.id, at: e.currentTarget });
    else if (!onBlockKey(e, block, beat)) {
      if (e.key.toLowerCase() === 't' && !e.ctrlKey) setTying(block.id);
      return;
    }
    e.preventDefault();
    e.stopPropagation();
  };

  const lit = actionId ?? hovered;
  const focusable = beat.blocks.some((b) => b.id === actionId) ? actionId : beat.blocks[0]?.id;
  return (
    <Box {...(draft ? { inert: true } : {})}>
      <div className="names" aria-hidden="true">
        {PLAYERS.map((p) => (
          <b key={p}>{p}</b>
        ))}
        <span>Ball</span>
      </div>
      <div className="roll" ref={roll} data-testid="beat-sheet">
        <svg width={width} height={HEIGHT} {...hand}>
          <Score beat={beat} zoom={zoom} width={width} frame={frameId} />
          <Ruler width={width} end={beat.end} zoom={zoom} />
          <g role="grid" aria-label="Beat sheet">
            {PLAYERS.map((p, row) => (
              <g key={p} role="row" aria-label={`Player ${p}${windowWords(against, row)}`}>
                {cells(beat, row).map(({ block, room: labelRoom, free }) => (
                  <g
                    key={block.id}
                    role="gridcell"
                    data-block={block.id}
                    tabIndex={block.id === focusable ? 0 : -1}
                    aria-selected={block.id === actionId}
                    aria-label={sentence(block, beat, metAt(block.id))}
                    onPointerDown={(e) => take(e, block.id, 'move')}
                    onPointerEnter={() => useDesk.setState({ hovered: block.id })}
                    onPointerLeave={() => useDesk.setState({ hovered: null })}
                    onFocus={() => useDesk.setState({ hovered: block.id })}
                    onBlur={() => useDesk.setState({ hovered: null })}
                    onKeyDown={(e) => keys(e, block)}
                  >
                    <Block
                      block={block}
                      zoom={zoom}
                      room={labelRoom * zoom}
                      free={free * zoom}
                      chosen={block.id === lit}
                      pen={draft?.fresh.has(block.id) ?? false}
                      tying={block.id === tying || (hold?.grip === 'tie' && block.id === hold.over)}
                      shift={hold?.id === block.id && hold.grip === 'move' ? hold.dt : 0}
                      stretch={hold?.id === block.id && hold.grip === 'edge' ? hold.dt : 0}
                      way={metAt(block.id) && wayWord(metAt(block.id)!.does)}
                      own={metAt(block.id)?.own ?? false}
                    />
                    <Grips block={block} zoom={zoom} shown={block.id === actionId} take={take} />
                  </g>
                ))}
                {!beat.blocks.some((b) => b.row === row) && (
                  <g role="gridcell" aria-label={`${p} has nothing to do`} />
                )}
              </g>
            ))}
          </g>
          {windows && against && !draft && <Windows against={against} zoom={zoom} stale={stale} />}
          {!draft && <LookMarks timeline={timeline} zoom={zoom} />}
          <Misses beat={beat} zoom={zoom} />
          {hold?.grip === 'tie' && <TieInHand beat={beat} hold={hold} zoom={zoom} />}
          <Playhead zoom={zoom} end={beat.end} follow={follow} />
        </svg>
      </div>
      {covering && metAt(covering.id) && (
        <WayMenu met={metAt(covering.id)!} at={covering.at} onClose={() => setCovering(null)} />
      )}
    </Box>
  );
}

/** The line of an answer that is looked at before it is taken, and what of it is new. */
function useDraftLine(play: Play) {
  const draft = useTrial((t) => t.draft);
  const fives = useDesk((s) => s.fives);
  return useMemo(() => {
    if (draft?.frames !== play.frames) return null;
    const { frame, fresh } = draft;
    const more: Play = { ...play, frames: [...play.frames, frame] };
    return {
      timeline: lineInTime(more, frame.id, fives).compiled.timeline,
      walks: walkLine(more, lineTo(more, frame.id)),
      fresh: new Set(fresh),
    };
  }, [draft, play, fives]);
}

const barStart = (beat: Beat, frame: string): number => beat.bars.find((b) => b.frame === frame)?.start ?? 0;

/** The blocks of a stave, each with the seconds its label may take and those free behind it. */
function cells(beat: Beat, row: number): { block: BeatBlock; room: number; free: number }[] {
  const mine = beat.blocks.filter((b) => b.row === row);
  return mine.map((block, i) => {
    const next = mine[i + 1]?.from ?? beat.end;
    const room = block.instant ? next - block.from : Math.min(next, block.to) - block.from;
    return { block, room, free: Math.max(0, next - block.to) };
  });
}

/** A block read aloud. */
function sentence(block: BeatBlock, beat: Beat, met: Met | undefined): string {
  const tie = beat.ties.find((t) => t.action === block.id);
  const miss = beat.misses.find((m) => m.action === block.id);
  return [
    `${PLAYERS[block.row]} ${block.label}, ${block.from.toFixed(1)} to ${block.to.toFixed(1)} seconds`,
    block.tempo,
    tie && `waits for ${PLAYERS[tie.from.row]}${tie.by === 'inferred' ? ', taken for granted' : ''}`,
    miss && `${miss.late.toFixed(1)} seconds apart`,
    met && `they play it ${COVERAGE_WORDS[met.does]!}${met.own ? ', on this one' : ''}; C for another way`,
  ]
    .filter(Boolean)
    .join(', ');
}
