import type { Kept } from '../playbook/kept.ts';
import { SEASON_LIMITS, type Block, type Practice } from './season.ts';

/** A block somewhere else: to a practice, before the block there that stands at `to`. Null where nothing changes. */
export function moveBlock(
  practices: readonly Kept<Practice>[],
  id: string,
  practice: string,
  to: number,
): Kept<Practice>[] | null {
  const source = practices.find((p) => p.body.blocks.some((b) => b.id === id));
  const target = practices.find((p) => p.id === practice);
  if (!source || !target) return null;
  const at = source.body.blocks.findIndex((b) => b.id === id);
  const block = source.body.blocks[at]!;
  const rest = source.body.blocks.filter((b) => b.id !== id);
  if (source === target) {
    const place = Math.max(0, Math.min(rest.length, to > at ? to - 1 : to));
    if (place === at) return null;
    return [withBlocks(source, [...rest.slice(0, place), block, ...rest.slice(place)])];
  }
  const there = target.body.blocks;
  if (there.length >= SEASON_LIMITS.blocks) return null;
  const place = Math.max(0, Math.min(there.length, to));
  // Whoever moves a block by hand means it to stay there.
  const moved: Block = { ...block, planned: false };
  return [
    withBlocks(source, rest),
    withBlocks(target, [...there.slice(0, place), moved, ...there.slice(place)]),
  ];
}

const withBlocks = ({ id, body }: Kept<Practice>, blocks: readonly Block[]): Kept<Practice> => ({
  id,
  body: { ...body, blocks: [...blocks] },
});

/** A block of a practice otherwise; null takes it away. What a coach changed the plan no longer moves. */
export const changeBlock = (practice: Practice, id: string, change: Partial<Block> | null): Practice => ({
  ...practice,
  blocks: practice.blocks.flatMap((b) =>
    b.id !== id ? [b] : change === null ? [] : [{ ...b, ...change, planned: change.planned ?? false }],
  ),
});
