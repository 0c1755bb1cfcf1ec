import { DESK, sceneSize, type Scale } from '@corkscrew/diagram';
import { useCallback, useMemo, useState } from 'react';
import { usePhone } from '../../app/size.ts';
import { usePreferences } from '../../app/preferences.ts';

/** A phone's court fills its width: nothing is left around it, unless somebody stands out of bounds. */
const PHONE: Scale = { ...DESK, margin: 1.5 };
const PHONE_OUTSIDE: Scale = { ...DESK, margin: 5.5 };
/** Bodies shrink with the floor no further than their numbers can be read. */
const LEAST_MARK = 0.93;
/** Sizes are told apart in steps of this share, so that a window being dragged does not draw anew at every pixel. */
const STEP = 0.02;

/**
 * How the court is drawn in the room it has, and whether it is too small for the hand to draw on. Where it is small a
 * unit of the drawing is a pixel of the screen, so that words and what can be hit keep their size; where it is large
 * all of it grows.
 */
export function useCourtScale(outside: boolean): {
  readonly scale: Scale;
  readonly idle: boolean;
  /** Goes to the court, to see how much room it has. */
  readonly room: (svg: SVGSVGElement | null) => (() => void) | undefined;
} {
  const phone = usePhone();
  const { down, mirrored } = usePreferences();
  const whole = !phone ? DESK : outside ? PHONE_OUTSIDE : PHONE;
  const [fit, setFit] = useState(1);
  const room = useCallback(
    (svg: SVGSVGElement | null) => {
      if (!svg) return undefined;
      const size = sceneSize(whole);
      const seen = new ResizeObserver(([e]) => {
        if (!e || e.contentRect.width === 0 || e.contentRect.height === 0) return;
        const least = Math.min(e.contentRect.width / size.width, e.contentRect.height / size.height);
        setFit(Math.min(1, Math.max(STEP, Math.floor(least / STEP) * STEP)));
      });
      seen.observe(svg);
      return () => seen.disconnect();
    },
    [whole],
  );
  const scale = useMemo(
    () => ({
      ...whole,
      ppf: whole.ppf * fit,
      mark: whole.mark * Math.max(fit, LEAST_MARK),
      turn: { down, mirrored },
    }),
    [whole, fit, down, mirrored],
  );
  return { scale, idle: phone, room };
}
