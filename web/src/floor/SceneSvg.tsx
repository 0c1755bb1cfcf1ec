import { svgMarkup, type Scene, type SceneItem, type Tone } from '@corkscrew/diagram';
import { memo, useMemo } from 'react';

const COLOUR: Record<Tone, string> = {
  ink: 'var(--ink)',
  ink2: 'var(--ink-2)',
  ink3: 'var(--ink-3)',
  live: 'var(--live)',
  pen: 'var(--pen)',
  penWash: 'var(--pen-w)',
  gap: 'var(--gap)',
  gapWash: 'var(--gap-w)',
  def: 'var(--def)',
  shade: 'var(--shade)',
  court: 'var(--court)',
  paint: 'var(--paint)',
  sheet: 'var(--sheet)',
  raised: 'var(--raised)',
  onInk: 'var(--on-ink)',
};

const letters = { fontFamily: 'Archivo Variable', pointerEvents: 'none', userSelect: 'none' } as const;
const NUMERAL = { ...letters, fontWeight: 700, fontStretch: '80%' } as const;
const WORDS = { ...letters, fontWeight: 640, fontStretch: '77%', paintOrder: 'stroke' } as const;

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
          textAnchor={item.anchor ?? 'middle'}
          style={item.words ? WORDS : NUMERAL}
          {...(item.halo ? { stroke: 'var(--sheet)', strokeWidth: item.halo } : {})}
          data-part={item.part}
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
        fillOpacity={item.fillOpacity}
        strokeOpacity={item.strokeOpacity}
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
