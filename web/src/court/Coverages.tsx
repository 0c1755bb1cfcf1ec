import { COVERAGE_WORDS, PLAYERS } from '@corkscrew/core';
import { sceneSize, toScene, type Scale } from '@corkscrew/diagram';
import { coverNext, useMet, wayWord } from '../screens/desk/defence/met.ts';
import { lineView, usePick } from '../screens/desk/store.ts';
import { placeTags, TALL } from './place-tags.ts';

/** At every screen and handoff of the frame a tag with how they play it; pressing it takes the next way. */
export function Coverages({ scale }: { scale: Scale }) {
  const { play, branch, frameId } = usePick('play', 'branch', 'frameId');
  const { walks, index } = lineView(play, branch, frameId);
  const met = useMet().filter((m) => m.frame === frameId);
  const men = PLAYERS.map((p) => toScene(scale, walks[index]!.before.places[p]));
  const tags = met.map((m) => ({ at: toScene(scale, m.at), text: wayWord(m.does) }));
  const placed = placeTags(tags, men, sceneSize(scale));
  return met.map((m, i) => {
    const { c, text, width } = placed[i]!;
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
