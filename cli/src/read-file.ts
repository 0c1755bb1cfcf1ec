import { LIMITS, readPlay, utf8Length, type Play } from '@corkscrew/core';
import { findNodeAtLocation, parse, parseTree, printParseErrorCode, type ParseError } from 'jsonc-parser';
import { readFileSync } from 'node:fs';

/** What is wrong with a file, where in it, in one sentence. */
export interface FileFault {
  readonly file: string;
  /** Line from 1, where one is known. */
  readonly line: number | null;
  /** Path of the field, where one is known. */
  readonly at: string | null;
  readonly sentence: string;
}

export const noFile = (file: string): FileFault => ({
  ...{ file, line: null, at: null },
  sentence: 'There is no such file, or it may not be read.',
});

export type Opened = { readonly ok: true; readonly play: Play } | ({ readonly ok: false } & FileFault);

const lineAt = (text: string, offset: number): number => text.slice(0, offset).split('\n').length;

/** Reads a play file, or says where in it what is wrong. */
export function openPlayFile(file: string): Opened {
  let text: string;
  try {
    text = readFileSync(file, 'utf8');
  } catch {
    return { ok: false, ...noFile(file) };
  }
  if (utf8Length(text) > LIMITS.fileBytes)
    return { ok: false, file, line: null, at: null, sentence: 'This file is too large for a play.' };
  const errors: ParseError[] = [];
  const value: unknown = parse(text, errors, { disallowComments: true });
  const [broken] = errors;
  if (broken)
    return {
      ok: false,
      file,
      line: lineAt(text, broken.offset),
      at: null,
      sentence: `This file is broken here: ${spaced(printParseErrorCode(broken.error))}.`,
    };
  const read = readPlay(value);
  if (read.ok) return { ok: true, play: read.play };
  const at = read.at ?? null;
  const tree = parseTree(text);
  return { ok: false, file, at, line: tree && at ? lineOf(text, tree, at) : null, sentence: read.sentence };
}

const spaced = (code: string): string => code.replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase();

/** The line of a field, or of the nearest thing round it that is there. */
function lineOf(text: string, tree: NonNullable<ReturnType<typeof parseTree>>, at: string): number | null {
  const path = at.split('.').map((k) => (/^\d+$/.test(k) ? Number(k) : k));
  for (let n = path.length; n > 0; n--) {
    const node = findNodeAtLocation(tree, path.slice(0, n));
    if (node) return lineAt(text, node.offset);
  }
  return null;
}
