import type { Point } from '@corkscrew/core';
import { placeTags, sceneSize, TALL, toScene, type Scale } from '@corkscrew/diagram';
import type { KeyboardEvent } from 'react';

export interface Tag {
  readonly id: string;
  /** What it is about, feet. */
  readonly at: Point;
  readonly text: string;
  /** What it says and does, read aloud. */
  readonly label: string;
  /** Other than usual: it is filled. */
  readonly own: boolean;
}

/** Words beside places of the floor, clear of the men; pressing one opens what it stands for. */
export function Tags({
  tags,
  men,
  scale,
  onPress,
}: {
  tags: readonly Tag[];
  men: readonly Point[];
  scale: Scale;
  onPress: (id: string, tag: Element) => void;
}) {
  const placed = placeTags(
    tags.map((t) => ({ at: toScene(scale, t.at), text: t.text })),
    men.map((p) => toScene(scale, p)),
    sceneSize(scale),
  );
  return tags.map((t, i) => {
    const { c, text, width } = placed[i]!;
    const key = (e: KeyboardEvent) => {
      if (e.key !== 'Enter' && e.key !== ' ') return;
      e.preventDefault();
      e.stopPropagation();
      onPress(t.id, e.currentTarget);
    };
    return (
      <g
        key={t.id}
        className="tag"
        role="button"
        tabIndex={0}
        aria-haspopup="listbox"
        aria-label={t.label}
        data-tag={t.id}
        onPointerDown={(e) => e.stopPropagation()}
        onClick={(e) => onPress(t.id, e.currentTarget)}
        onKeyDown={key}
      >
        <rect
          x={c.x - width / 2}
          y={c.y - TALL / 2}
          width={width}
          height={TALL}
          fill={t.own ? 'var(--def)' : 'var(--raised)'}
          stroke="var(--def)"
        />
        <text
          x={c.x}
          y={c.y + 4.5}
          textAnchor="middle"
          style={{ fill: t.own ? 'var(--sheet)' : 'var(--def)' }}
        >
          {text}
        </text>
      </g>
    );
  });
}
