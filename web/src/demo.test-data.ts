import { readPlayText, type Play } from '@corkscrew/core';

const files = import.meta.glob<string>('../../demo/plays/*.json', {
  eager: true,
  query: '?raw',
  import: 'default',
});

/** The demo's plays, as their files have them. */
export const DEMO_PLAYS = Object.values(files).map((text): Play => {
  const read = readPlayText(text);
  if (!read.ok) throw new Error(read.sentence);
  return read.play;
});
