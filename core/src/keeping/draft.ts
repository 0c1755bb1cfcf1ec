import type { Extent } from './extent.ts';

/** What a device keeps of a play for one sitting, until the server is known to have it. */
export interface Draft extends Extent {
  readonly team: string;
  readonly play: string;
  readonly sitting: string;
  /** Made while the pen was asked for, on what its holder was last heard to have. */
  readonly asked?: boolean;
  /** The document as text: what can't be read today can still be handed out as a file. */
  readonly text: string;
}

/** Whether all that a draft holds has gone into a document with this extent. */
export const isCovered = (draft: Pick<Draft, 'sitting' | 'count'>, by: Extent): boolean =>
  (by.covers[draft.sitting] ?? -1) >= draft.count;
