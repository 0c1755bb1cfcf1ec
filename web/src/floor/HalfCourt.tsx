import { sceneSize, toFloor, type Scale } from '@corkscrew/diagram';
import { type PointerEvent, type ReactNode, type Ref } from 'react';
import styled from 'styled-components';
import type { P } from '../ui/drag.ts';

const Svg = styled.svg`
  display: block;
  width: 100%;
  height: 100%;
  background: var(--sheet);
  user-select: none;
  -webkit-user-select: none;
  outline: none;
  /* One finger draws, two look closer. */
  &[data-drawn] {
    touch-action: pinch-zoom;
  }
  .man {
    outline: none;
    cursor: grab;
  }
  .man .hit,
  .grab {
    fill: transparent;
  }
  .grab {
    cursor: grab;
    outline: none;
    touch-action: none;
  }
  .focus {
    fill: none;
    stroke: none;
    stroke-width: 1.6;
    stroke-dasharray: 4 3;
  }
  .man:focus-visible .focus {
    stroke: var(--pen);
  }
  .grab:focus-visible {
    stroke: var(--pen);
    stroke-width: 2;
    stroke-dasharray: 4 3;
  }
  .ring {
    fill: none;
    stroke: var(--pen);
    stroke-width: 2;
  }
  .tag {
    cursor: pointer;
    outline: none;
  }
  .tag:focus-visible rect {
    stroke: var(--pen);
    stroke-width: 2.5;
  }
  .tag text {
    font: 640 14px 'Archivo Variable';
    font-stretch: 77%;
  }
  .line {
    fill: none;
    stroke: transparent;
    stroke-width: 14;
    cursor: pointer;
  }
`;

/** From the window to feet on the floor; asked once a drag, because asking makes the browser lay the page out. */
export function floorPoints(
  scale: Scale,
): (taken: Element) => (e: { clientX: number; clientY: number }) => P {
  return (taken) => {
    const svg = taken instanceof SVGSVGElement ? taken : (taken as SVGElement).ownerSVGElement!;
    const inverse = svg.getScreenCTM()!.inverse();
    return (e) => toFloor(scale, new DOMPoint(e.clientX, e.clientY).matrixTransform(inverse));
  };
}

interface Props {
  readonly scale: Scale;
  readonly label: string;
  readonly role: 'application' | 'group' | 'img';
  /** The hand may draw on it: one finger on it does not scroll the page. */
  readonly drawn?: boolean;
  readonly testId?: string;
  readonly ref?: Ref<SVGSVGElement>;
  readonly onPointerDown?: (e: PointerEvent<SVGSVGElement>) => void;
  readonly onPointerMove?: (e: PointerEvent) => void;
  readonly onPointerUp?: (e: PointerEvent) => void;
  readonly onPointerCancel?: (e: PointerEvent) => void;
  readonly children: ReactNode;
}

/** A half court to draw on or to look at: what stands on it are its children. */
export function HalfCourt({ scale, label, role, drawn = false, testId, ref, children, ...hand }: Props) {
  const { width, height } = sceneSize(scale);
  return (
    <Svg
      ref={ref}
      viewBox={`0 0 ${width} ${height}`}
      role={role}
      aria-label={label}
      {...(role === 'application' ? { 'aria-roledescription': 'half court' } : {})}
      data-drawn={drawn || undefined}
      data-testid={testId}
      {...hand}
    >
      {children}
    </Svg>
  );
}
