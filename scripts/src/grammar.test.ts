import { buildParserFile } from '@lezer/generator';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { ROOT } from './paths.ts';

const file = (name: string): string => readFileSync(join(ROOT, 'core/src/script/grammar', name), 'utf8');
/** The generator's own first line is written by its command. */
const body = (text: string): string => text.replace(/^\/\/ This file was generated.*\n/, '').trim();

it('the parser of the notation is the one its grammar makes (npm run grammar)', () => {
  const { parser, terms } = buildParserFile(file('script.grammar'), {
    typeScript: true,
    moduleStyle: 'es',
    fileName: 'script.grammar',
  });
  expect(body(file('parser.ts'))).toBe(body(parser));
  expect(body(file('parser.terms.ts'))).toBe(body(terms));
});
