import body from '../../../paper/fonts/body.ttf?url';
import head from '../../../paper/fonts/head.ttf?url';
import item from '../../../paper/fonts/item.ttf?url';
import label from '../../../paper/fonts/label.ttf?url';
import strong from '../../../paper/fonts/strong.ttf?url';

const FILES = { Head: head, Item: item, Label: label, Body: body, Strong: strong };

/** The letters of paper, by name and address. */
export const paperFaces = (): Record<string, string> =>
  Object.fromEntries(
    Object.entries(FILES).map(([name, url]) => [`Corkscrew ${name}`, new URL(url, location.href).href]),
  );

let loading: Promise<unknown> | undefined;
/** Brings them to the page, so that a sheet is shown as it will be printed. */
export const loadFaces = (): Promise<unknown> =>
  (loading ??= Promise.all(
    Object.entries(paperFaces()).map(async ([name, url]) => {
      document.fonts.add(await new FontFace(name, `url(${url})`).load());
    }),
  ).catch(() => undefined));
