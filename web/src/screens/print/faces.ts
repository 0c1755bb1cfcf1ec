import body from '../../../../paper/fonts/body.ttf?url';
import head from '../../../../paper/fonts/head.ttf?url';
import item from '../../../../paper/fonts/item.ttf?url';
import label from '../../../../paper/fonts/label.ttf?url';
import strong from '../../../../paper/fonts/strong.ttf?url';

const FILES = { Head: head, Item: item, Label: label, Body: body, Strong: strong };

let loading: Promise<unknown> | undefined;
/** The letters of paper, so that a page is shown as it will be printed. */
export const loadFaces = (): Promise<unknown> =>
  (loading ??= Promise.all(
    Object.entries(FILES).map(async ([name, url]) => {
      document.fonts.add(await new FontFace(`Corkscrew ${name}`, `url(${url})`).load());
    }),
  ).catch(() => undefined));
