import type { Helper } from '../beside/helper.ts';
import { previewOf } from './preview.ts';

/** Sets previews: most at once, for they take a moment; what judges first, in a process of its own, one after the other. */
export function previewer(helper: Helper): typeof previewOf {
  let last: Promise<unknown> = Promise.resolve();
  return (order, input, isWhole) => {
    if (order.kind !== 'answers') return previewOf(order, input, isWhole);
    const mine = last.then(async () => {
      const { told, ...why } = await helper.ask('preview', { order, input, isWhole });
      if (!told) throw new Error('fault' in why ? why.fault : 'No preview was made.');
      return told;
    });
    last = mine.catch(() => undefined);
    return mine;
  };
}
