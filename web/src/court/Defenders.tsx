import { PLAYERS, restTimes, type Openness, type Point, type Timeline } from '@corkscrew/core';
import { shieldItems, toScene, type Scale } from '@corkscrew/diagram';
import { memo } from 'react';
import { SceneItems } from '../ui/SceneSvg.tsx';
import { useAgainst, useStale } from '../screens/desk/analysis.ts';
import { bodyAt, stepOf, timeOf } from '../screens/desk/defence/bodies.ts';
import { useLayer } from '../screens/desk/defence/view.ts';
import { lineView, useDesk, usePick } from '../screens/desk/store.ts';
import { useNow, useTimeline } from '../screens/desk/timeline.ts';
import type { AgainstView } from '../workers/analyse.ts';
import { SlideTrail } from './SlideTrail.tsx';
import { SplitLine, SplitRings } from './SplitLine.tsx';

/**
 * The five who defend, at the instant shown, and what can be seen of it; `plain` is the five alone. Redrawn with
 * the time, alone.
 */
export function Defenders({ scale, plain = false }: { scale: Scale; plain?: boolean }) {
  const { play, branch, frameId, actionId } = usePick('play', 'branch', 'frameId', 'actionId');
  const { line } = lineView(play, branch, frameId);
  const against = useAgainst(play.id, line.at(-1)!.id);
  const stale = useStale();
  const now = useNow();
  const timed = useDesk((d) => d.time !== null);
  const timeline = useTimeline();
  const shields = useLayer('shields');
  const ghosts = useLayer('ghosts');
  const open = useLayer('open');
  const lanes = useLayer('lanes');
  const splits = useLayer('splits');
  if (!against) return null;
  const at = instants(against, timeline, frameId, timed ? now : null);
  const bar = timeline.bars.find((b) => b.frame === frameId);
  if (plain)
    return (
      <g aria-hidden="true" data-testid="defence">
        {shields && <Shields against={against} at={at} scale={scale} />}
      </g>
    );
  return (
    <g aria-hidden="true" pointerEvents="none" opacity={stale ? 0.45 : 1} data-testid="defence">
      {ghosts && shields && bar && timed && (
        <Ghosts against={against} from={stepOf(against, bar.start)} to={stepOf(against, now)} scale={scale} />
      )}
      {open && <OpenMarks against={against} at={at} scale={scale} />}
      {splits && <SplitMark against={against} now={now} at={at} scale={scale} />}
      {lanes && actionId && <LaneMark against={against} action={actionId} scale={scale} />}
      {shields && <Shields against={against} at={at} scale={scale} />}
    </g>
  );
}

/**
 * The moment each of the ten is shown at, seconds: the playhead's. A frame that stands has each of ours where he
 * will be when he is done with the frames before, and so each defender when his man is.
 */
function instants(a: AgainstView, timeline: Timeline, frame: string, now: number | null): number[] {
  if (now !== null) return new Array<number>(10).fill(now);
  const ours = restTimes(timeline, frame);
  const start = Math.min(...ours);
  const k = stepOf(a, start);
  const theirs = PLAYERS.map((_, d) => {
    const man = a.guards[k * 5 + d]!;
    return a.defence.type === 'man' && man >= 0 ? ours[man]! : start;
  });
  return [...ours, ...theirs];
}

function Shields({ against, at, scale }: { against: AgainstView; at: readonly number[]; scale: Scale }) {
  const bodies = PLAYERS.map((_, d) => {
    const k = stepOf(against, at[5 + d]!);
    return { at: bodyAt(against, k, 5 + d), facing: against.facing[k * 10 + 5 + d]! };
  });
  return <SceneItems items={shieldItems(bodies, scale, true)} />;
}

/** The way each has slid since the frame began. */
function Ghosts({
  against,
  from,
  to,
  scale,
}: {
  against: AgainstView;
  from: number;
  to: number;
  scale: Scale;
}) {
  if (to - from < 6) return null;
  return PLAYERS.map((p, d) => (
    <SlideTrail
      key={p}
      points={Array.from({ length: 9 }, (_, i) =>
        toScene(scale, bodyAt(against, Math.round(from + ((to - from) * i) / 8), 5 + d)),
      )}
    />
  ));
}

/** How open each is as quarters of a ring: none is 0–2 ft, a whole one 6 ft and more; heavy when he can be hit as well. */
function OpenMarks({ against, at, scale }: { against: AgainstView; at: readonly number[]; scale: Scale }) {
  const { openness } = against.seeing;
  return PLAYERS.map((p, j) => {
    const t = at[j]!;
    const o = openness[timeOf(against, t)]?.[j];
    return o && <OpenRing key={p} o={o} at={bodyAt(against, stepOf(against, t), j)} scale={scale} />;
  });
}

const OpenRing = memo(function OpenRing({ o, at, scale }: { o: Openness; at: Point; scale: Scale }) {
  const c = toScene(scale, at);
  const quarters = Math.min(4, Math.max(0, Math.floor((o.pass === null ? o.jumper : o.atShot) / 2)));
  const r = 20.5 * scale.mark;
  if (quarters === 0) return null;
  const end = (quarters / 4) * 2 * Math.PI - 0.001;
  const [x, y] = [c.x + r * Math.sin(end), c.y - r * Math.cos(end)];
  return (
    <path
      d={`M${c.x} ${c.y - r}A${r} ${r} 0 ${end > Math.PI ? 1 : 0} 1 ${x} ${y}`}
      fill="none"
      stroke="var(--ink)"
      strokeWidth={o.open ? 3 : 1.4}
      strokeLinecap="butt"
      strokeDasharray={o.open ? undefined : '2 2.4'}
    />
  );
});

/** The man who must account for two: a line to each, with the seconds he is late to either. */
function SplitMark({
  against,
  now,
  at,
  scale,
}: {
  against: AgainstView;
  now: number;
  at: readonly number[];
  scale: Scale;
}) {
  const split = against.seeing.splitAt[timeOf(against, now)];
  if (!split) return null;
  const body = (b: number) => toScene(scale, bodyAt(against, stepOf(against, at[b]!), b));
  const d = body(5 + split.defender);
  return (
    <g>
      <SplitRings at={d} />
      {split.players.map((j, i) => (
        <SplitLine key={j} from={d} to={body(j)} words={`+${split.late[i]!.toFixed(2)} s`} />
      ))}
    </g>
  );
}

/** The lane of the chosen pass: how long the ball beats the nearest hand, and whose that is. */
function LaneMark({ against, action, scale }: { against: AgainstView; action: string; scale: Scale }) {
  const pass = against.seeing.passes.find((p) => p.action === action);
  if (!pass) return null;
  const k = stepOf(against, pass.at);
  const a = toScene(scale, bodyAt(against, k, PLAYERS.indexOf(pass.passer)));
  const b = toScene(scale, bodyAt(against, k, PLAYERS.indexOf(pass.receiver)));
  const bad = pass.margin < 0;
  const who = pass.laneMan < 0 ? null : toScene(scale, bodyAt(against, k, 5 + pass.laneMan));
  const far = Math.hypot(b.x - a.x, b.y - a.y) || 1;
  const [nx, ny] = [-((b.y - a.y) / far) * 9, ((b.x - a.x) / far) * 9];
  const words = Number.isFinite(pass.margin)
    ? bad
      ? `x${pass.laneMan + 1} ${(-pass.margin).toFixed(1)} s early`
      : `clear by ${Math.min(9.9, pass.margin).toFixed(1)} s`
    : 'clear';
  return (
    <g>
      <path
        d={`M${a.x + nx} ${a.y + ny}L${b.x} ${b.y}L${a.x - nx} ${a.y - ny}Z`}
        fill={bad ? 'var(--gap-w)' : 'var(--pen-w)'}
        stroke={bad ? 'var(--gap)' : 'var(--pen)'}
        strokeWidth={1.2}
        strokeDasharray={bad ? '4 3' : undefined}
        fillOpacity={0.75}
      />
      {bad && who && <circle cx={who.x} cy={who.y} r={22} fill="none" stroke="var(--gap)" strokeWidth={2} />}
      <text
        className="name"
        x={(a.x + b.x) / 2 + 12}
        y={(a.y + b.y) / 2 - 8}
        style={{ fill: bad ? 'var(--gap)' : 'var(--pen)' }}
      >
        {words}
      </text>
    </g>
  );
}
