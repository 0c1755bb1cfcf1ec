import { COVERAGE_WORDS, OFF_BALL_COVERAGES, ON_BALL_COVERAGES, type Defence } from '@corkscrew/core';
import { toScene, type Scale } from '@corkscrew/diagram';
import { coverScreen } from '../screens/desk/defence/change.ts';
import { useDefence } from '../screens/desk/defence/view.ts';
import { usePick } from '../screens/desk/store.ts';
import { useTimeline } from '../screens/desk/timeline.ts';

interface Met {
  readonly action: string;
  readonly by: string;
  readonly at: { x: number; y: number };
  readonly does: string;
  readonly own: boolean;
  readonly words: readonly string[];
}

/** At every screen and handoff of the frame a tag with how they play it; pressing it takes the next way. */
export function Coverages({ scale }: { scale: Scale }) {
  const { play, frameId } = usePick('play', 'frameId');
  const defence = useDefence(play);
  const timeline = useTimeline();
  if (defence?.type !== 'man') return null;
  return metIn(timeline, frameId, defence).map((m) => {
    const c = toScene(scale, m.at);
    const text = COVERAGE_WORDS[m.does]?.replace('over, big ', '') ?? m.does;
    const width = text.length * 7.2 + 14;
    const next = () => {
      const i = m.own ? m.words.indexOf(m.does) : -1;
      coverScreen(defence, m.action, m.words[i + 1] ?? null);
    };
    return (
      <g
        key={m.action}
        role="button"
        tabIndex={0}
        aria-label={`They play ${m.by}'s screen: ${COVERAGE_WORDS[m.does] ?? m.does}${m.own ? ', on this one' : ''}. Press for another way.`}
        data-coverage={m.action}
        onPointerDown={(e) => e.stopPropagation()}
        onClick={next}
        onKeyDown={(e) => {
          if (e.key !== 'Enter' && e.key !== ' ') return;
          e.preventDefault();
          e.stopPropagation();
          next();
        }}
        className="coverage"
      >
        <rect
          x={c.x - width / 2}
          y={c.y + 21}
          width={width}
          height={20}
          fill={m.own ? 'var(--def)' : 'var(--raised)'}
          stroke="var(--def)"
        />
        <text
          x={c.x}
          y={c.y + 35}
          textAnchor="middle"
          className="figure"
          style={{ fill: m.own ? 'var(--sheet)' : 'var(--def)' }}
        >
          {text}
        </text>
      </g>
    );
  });
}

function metIn(timeline: ReturnType<typeof useTimeline>, frame: string, defence: Defence): Met[] {
  const here = timeline.actions.filter((a) => a.frame === frame);
  return here.flatMap((a): Met[] => {
    const own = defence.overrides?.[a.action.id]?.does;
    if (a.action.does === 'screen') {
      const body = timeline.screens.find((s) => s.action === a.action.id);
      const use = body?.used && timeline.actions.find((x) => x.action.id === body.used!.action);
      if (!body) return [];
      const onBall = use ? use.action.does === 'dribble' : heldBy(timeline, body.set) === body.user;
      return [
        {
          action: a.action.id,
          by: a.action.by,
          at: body.at,
          does: own ?? (onBall ? (defence.onBall ?? 'drop') : (defence.offBall ?? 'trail')),
          own: own !== undefined,
          words: onBall ? ON_BALL_COVERAGES : OFF_BALL_COVERAGES,
        },
      ];
    }
    if (a.action.does !== 'handoff') return [];
    const giver = timeline.meetings.find((m) => m.action === a.action.id)?.place;
    return giver
      ? [
          {
            action: a.action.id,
            by: a.action.by,
            at: giver,
            does: own ?? defence.handoff ?? defence.onBall ?? 'drop',
            own: own !== undefined,
            words: ON_BALL_COVERAGES,
          },
        ]
      : [];
  });
}

const heldBy = (timeline: ReturnType<typeof useTimeline>, t: number) =>
  timeline.possessions.findLast((p) => p.from <= t)?.holder;
