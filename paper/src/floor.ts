import type { Scale } from '@corkscrew/diagram';

/** How a floor is drawn so wide (points): bodies keep a size at which their numbers can be read (6.5 pt at least). */
export function floorScale(width: number, { wide = false, depth = 31 } = {}): Scale {
  const margin = wide ? 5.2 : 1;
  const ppf = width / (50 + 2 * margin);
  return { ppf, mark: Math.max(0.47, Math.min(0.72, ppf * 0.128)), margin, depth, foot: 0.3 };
}
