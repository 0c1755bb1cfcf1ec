import { parseScript, printScript, writePlay, type Play } from '@corkscrew/core';
import { readFileSync } from 'node:fs';
import { basename } from 'node:path';
import { openPlayFile, type FileFault } from './read-file.ts';

export type Written =
  | { readonly ok: true; readonly text: string }
  | { readonly ok: false; readonly faults: readonly FileFault[] };

/** A play file as it is written, or a written one as a play file; with a base it keeps what is not written from that. */
export function scriptOf(file: string, base: string | undefined): Written {
  if (file.endsWith('.json')) {
    const opened = openPlayFile(file);
    return opened.ok
      ? { ok: true, text: printScript(opened.play).trimEnd() }
      : { ok: false, faults: [opened] };
  }
  const under = base === undefined ? null : openPlayFile(base);
  if (under && !under.ok) return { ok: false, faults: [under] };
  let text: string;
  try {
    text = readFileSync(file, 'utf8');
  } catch {
    const sentence = 'There is no such file, or it may not be read.';
    return { ok: false, faults: [{ file, line: null, at: null, sentence }] };
  }
  const parsed = parseScript(text, {
    id: basename(file).replace(/\.[^.]*$/, '') || 'script',
    ...(under ? { base: under.play satisfies Play } : {}),
  });
  if (parsed.ok) return { ok: true, text: writePlay(parsed.play).trimEnd() };
  return {
    ok: false,
    faults: parsed.faults.map((f) => ({ file, line: f.line, at: null, sentence: f.sentence })),
  };
}
