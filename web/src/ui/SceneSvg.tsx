import { svgMarkup, type Scene, type SceneItem, type Tone } from '@corkscrew/diagram';
import { memo, useMemo } from 'react';

const COLOUR: Record<Tone, string> = {
  ink: 'var(--ink)',
  ink3: 'var(--ink-3)',
  live: 'var(--live)',
  pen: 'var(--pen)',
  gap: 'var(--gap)',
  def: 'var(--def)',
  court: 'var(--court)',
  paint: 'var(--paint)',
  sheet: 'var(--sheet)',
  onInk: 'var(--on-ink)',
};

export const SceneItems = memo(function SceneItems({
  items,
  tones,
}: {
  items: readonly SceneItem[];
  tones?: Readonly<Record<string, Tone>>;
}) {
  return items.map((item, i) => {
    if (item.shape === 'text') {
      return (
        <text
          key={i}
          x={item.x}
          y={item.y}
          fontSize={item.size}
          fill={COLOUR[item.fill]}
          textAnchor="middle"
          style={{
            fontFamily: 'Archivo Variable',
            fontWeight: 700,
            fontStretch: '80%',
            pointerEvents: 'none',
            userSelect: 'none',
          }}
        >
          {item.text}
        </text>
      );
    }
    const tone = item.action ? tones?.[item.action] : undefined;
    return (
      <path
        key={i}
        d={item.d}
        fill={item.fill ? COLOUR[tone ?? item.fill] : 'none'}
        stroke={item.stroke ? COLOUR[tone ?? item.stroke] : undefined}
        strokeWidth={item.width}
        strokeDasharray={item.dash}
        strokeLinecap={item.cap ?? 'round'}
        strokeLinejoin="round"
        data-part={item.part}
      />
    );
  });
});

/**
 * A small picture: hidden from screen readers, because words beside it say the same. It is written as
 * markup, which costs a fraction of an element each where hundreds are on a page.
 */
export function Picture({ scene, width }: { scene: Scene; width?: number | string }) {
  const html = useMemo(() => ({ __html: svgMarkup(scene, COLOUR) }), [scene]);
  return (
    <svg
      className="picture"
      viewBox={`0 0 ${scene.width} ${scene.height}`}
      width={width ?? '100%'}
      aria-hidden="true"
      dangerouslySetInnerHTML={html}
    />
  );
}
