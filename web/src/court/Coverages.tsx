import { COVERAGE_WORDS, PLAYERS, type Met, type Point } from '@corkscrew/core';
import { sceneSize, toScene, type Scale } from '@corkscrew/diagram';
import { coverNext, useMet, wayWord } from '../screens/desk/defence/met.ts';
import { lineView, usePick } from '../screens/desk/store.ts';

/** At every screen and handoff of the frame a tag with how they play it; pressing it takes the next way. */
export function Coverages({ scale }: { scale: Scale }) {
  const { play, branch, frameId } = usePick('play', 'branch', 'frameId');
  const { walks, index } = lineView(play, branch, frameId);
  const met = useMet().filter((m) => m.frame === frameId);
  const men = PLAYERS.map((p) => toScene(scale, walks[index]!.before.places[p]));
  return placed(met, men, scale).map(({ m, c, text, width }) => {
    const next = () => coverNext(play, m);
    return (
      <g
        key={m.action}
        role="button"
        tabIndex={0}
        aria-label={`They play ${m.by}'s ${m.is}: ${COVERAGE_WORDS[m.does]!}${m.own ? ', on this one' : ''}. Press for another way.`}
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
          y={c.y - TALL / 2}
          width={width}
          height={TALL}
          fill={m.own ? 'var(--def)' : 'var(--raised)'}
          stroke="var(--def)"
        />
        <text
          x={c.x}
          y={c.y + 4.5}
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

const TALL = 20;
/** Round a man as drawn, with his ball and the way he faces. */
const MAN = 21;

interface Tag {
  readonly m: Met;
  /** Its middle, drawing units. */
  readonly c: Point;
  readonly text: string;
  readonly width: number;
}

/** The tags, each beside its screen where it covers no man and no other tag. */
function placed(met: readonly Met[], men: readonly Point[], scale: Scale): Tag[] {
  const size = sceneSize(scale);
  const tags: Tag[] = [];
  for (const m of met) {
    const at = toScene(scale, m.at);
    const text = wayWord(m.does);
    const width = text.length * 7.2 + 14;
    const side = width / 2 + 24;
    const free = (c: Point): boolean =>
      c.x > width / 2 &&
      c.x < size.width - width / 2 &&
      c.y > TALL / 2 &&
      c.y < size.height - TALL / 2 &&
      men.every((p) => apart(c, p, width / 2 + MAN, TALL / 2 + MAN)) &&
      tags.every((t) => apart(c, t.c, (width + t.width) / 2 + 3, TALL + 3));
    const around = [
      { x: at.x, y: at.y + 31 },
      { x: at.x + side, y: at.y },
      { x: at.x - side, y: at.y },
      { x: at.x, y: at.y - 31 },
      { x: at.x, y: at.y + 46 },
      { x: at.x + side, y: at.y + 31 },
      { x: at.x - side, y: at.y + 31 },
      { x: at.x, y: at.y - 46 },
    ];
    tags.push({ m, text, width, c: around.find(free) ?? around[0]! });
  }
  return tags;
}

const apart = (a: Point, b: Point, x: number, y: number): boolean =>
  Math.abs(a.x - b.x) >= x || Math.abs(a.y - b.y) >= y;
