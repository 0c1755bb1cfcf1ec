import { PLAYERS, type PlayerId } from '@corkscrew/core';
import { bodyItems, toScene, type Body, type Scale } from '@corkscrew/diagram';
import type { KeyboardEvent } from 'react';
import { SceneItems } from './SceneSvg.tsx';

interface Props {
  readonly bodies: Readonly<Record<PlayerId, Body>>;
  readonly holder: PlayerId | null;
  readonly scale: Scale;
  readonly chosen: PlayerId | null;
  /** Men a finding is about. */
  readonly faulty?: ReadonlySet<PlayerId>;
  /** Each in a sentence, as he is read aloud. */
  readonly words: (id: PlayerId) => string;
  readonly onFocus: (id: PlayerId) => void;
  /** Enter or Space on him. */
  readonly onPress: (id: PlayerId) => void;
}

/** Our five as they can be picked: the man with the ball over the others, the chosen one over all. */
export function Men({ bodies, holder, scale, chosen, faulty, words, onFocus, onPress }: Props) {
  const k = scale.mark;
  const rank = (id: PlayerId): number => (id === chosen ? 2 : id === holder ? 1 : 0);
  const order = [...PLAYERS].sort((a, b) => rank(a) - rank(b));
  const press = (e: KeyboardEvent, id: PlayerId) => {
    if (e.key !== 'Enter' && e.key !== ' ') return;
    e.preventDefault();
    e.stopPropagation();
    onPress(id);
  };
  return order.map((id) => {
    const c = toScene(scale, bodies[id].at);
    const items = bodyItems(bodies, holder === id ? id : null, scale, true).filter(
      (i) => i.part === `player-${id}` || (i.part === 'ball' && holder === id),
    );
    return (
      <g
        key={id}
        className="man"
        data-player={id}
        tabIndex={0}
        role="button"
        aria-pressed={chosen === id}
        aria-label={words(id)}
        onFocus={(e) => e.currentTarget.matches(':focus-visible') && onFocus(id)}
        onKeyDown={(e) => press(e, id)}
      >
        <SceneItems items={items} />
        {chosen === id && <circle className="ring" cx={c.x} cy={c.y} r={21.5 * k} />}
        <circle className="focus" cx={c.x} cy={c.y} r={25 * k} />
        {faulty?.has(id) && (
          <path
            d={`M${c.x + 15 * k} ${c.y - 22 * k}l6 6-6 6-6-6z`}
            fill="var(--gap)"
            stroke="var(--sheet)"
            strokeWidth={1.5}
          />
        )}
        <circle className="hit" cx={c.x} cy={c.y} r={(holder === id ? 28 : 22) * k} />
      </g>
    );
  });
}
