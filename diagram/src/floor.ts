import { courtLines, type Court, type CourtLine } from '@corkscrew/core';
import { path as d3path } from 'd3-path';
import { axesOf, onScreen, round, toScene, type Scale, type SceneItem } from './scene.ts';

const THICK: Partial<Record<CourtLine['name'], number>> = { backboard: 2.6, rim: 1.7 };

/** The floor: the key, all markings, and the break marks where the rest of the half court is folded away. */
export function floorItems(court: Court, scale: Scale, detail: boolean): SceneItem[] {
  const items: SceneItem[] = [];
  const lane = court.laneWidth / 2;
  const half = court.width / 2;
  const a = toScene(scale, { x: -lane, y: 0 });
  const b = toScene(scale, { x: lane, y: court.freeThrowY });
  items.push({ shape: 'path', part: 'paint', fill: 'paint', d: `M${a.x} ${a.y}H${b.x}V${b.y}H${a.x}Z` });
  const out = axesOf(scale).y;
  for (const line of courtLines(court)) {
    if (!detail && (line.name === 'laneMark' || line.name === 'hash' || line.name === 'restricted')) continue;
    const base = line.name === 'backboard' && detail ? 'ink' : 'court';
    items.push({
      shape: 'path',
      part: line.name,
      stroke: base,
      width: round((THICK[line.name] ?? 1.5) * Math.max(0.55, scale.mark)),
      d: lineData(line, scale),
    });
  }
  const bottom = toScene(scale, { x: 0, y: scale.depth }).y;
  if (detail)
    items.push({
      shape: 'path',
      part: 'division',
      stroke: 'court',
      width: round(1.5 * scale.mark),
      d: `M${toScene(scale, { x: -half, y: 0 }).x} ${bottom}H${toScene(scale, { x: half, y: 0 }).x}`,
    });
  for (const side of [-half, half]) {
    const x = toScene(scale, { x: side, y: 0 }).x;
    if (!detail) continue;
    for (const dy of [-12, -7])
      items.push({
        shape: 'path',
        part: 'break',
        stroke: 'court',
        width: 1.5,
        d: `M${x - 5} ${round(bottom + out * dy + 3)}L${x + 5} ${round(bottom + out * dy - 3)}`,
      });
  }
  return items;
}

function lineData(line: CourtLine, scale: Scale): string {
  if (line.shape === 'straight') {
    const a = toScene(scale, line.a);
    const b = toScene(scale, { x: line.b.x, y: Math.min(line.b.y, scale.depth) });
    return `M${a.x} ${a.y}L${b.x} ${b.y}`;
  }
  const c = toScene(scale, line.centre);
  const rad = (deg: number) => (deg * Math.PI) / 180;
  const p = d3path();
  const axes = axesOf(scale);
  // A floor that is turned over one axis runs its arcs the other way round.
  const turned = axes.x !== axes.y;
  p.arc(
    c.x,
    c.y,
    line.radius * scale.ppf,
    rad(onScreen(scale, line.from)),
    rad(onScreen(scale, line.to)),
    turned,
  );
  return p.toString().replace(/-?\d+\.\d+/g, (n) => String(round(Number(n))));
}
