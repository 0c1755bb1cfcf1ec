import type { PaperOrder, Preview } from '@corkscrew/core';
import { makePages, NothingToPrint, pageSvg, type PaperInput } from '@corkscrew/paper';

/** So many pages are shown at most. */
const PAGES = 24;

/** The first pages of an order; or why there are none. */
export type Previewed =
  { readonly is: 'made'; readonly preview: Preview } | { readonly is: 'nothing'; readonly sentence: string };

export async function previewOf(order: PaperOrder, input: PaperInput, whole: boolean): Promise<Previewed> {
  try {
    const made = (await makePages(order, input))!;
    const { title, lacks, pages } = made;
    const shown = pages.slice(0, PAGES).map((p) => pageSvg(p));
    return {
      is: 'made',
      preview: { title, lacks: [...lacks], count: whole ? pages.length : 0, pages: shown },
    };
  } catch (error) {
    if (error instanceof NothingToPrint) return { is: 'nothing', sentence: error.message };
    throw error;
  }
}
