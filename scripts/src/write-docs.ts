import { BookFileSchema, CHECKS, GROUPS, PlaySchema, VERSION, type Group } from '@corkscrew/core';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { format, resolveConfig } from 'prettier';
import { z } from 'zod';
import { ROOT } from './paths.ts';

/** The JSON Schema of a play file, made from the types that the app reads it with. */
export const playJsonSchema = (): object => ({
  title: `Corkscrew play, version ${VERSION}`,
  description:
    'Feet and seconds; origin in the middle of the attacked baseline, x to the offence’s right, y toward half court.',
  ...z.toJSONSchema(PlaySchema),
});

/** The JSON Schema of a playbook file. */
export const bookJsonSchema = (): object => ({
  title: 'Corkscrew playbook, version 1',
  description: 'Each document is a play of its own schema (play.schema.json).',
  ...z.toJSONSchema(BookFileSchema, { io: 'input' }),
});

/** The page for coaches: what the walk-through looks for, made from the checks themselves. */
export function walkThroughPage(): string {
  const groups = Object.entries(GROUPS) as [Group, string][];
  return [
    '# What the walk-through looks for',
    '',
    'Corkscrew goes through every line of a play, ten times a second, and tells what it sees: with the figures,',
    'the players, the place and the time, and how to mend it where that is plain. Click a sentence and the court',
    'goes to that instant. Anything may be left as it is: give a reason, and it stays silent until its cause',
    'changes. Your team’s own limits are in the settings, under “What we teach”.',
    '',
    'Four degrees: **illegal**, **breaks the play**, **costs an advantage**, **good to know**. Rule-book limits',
    'are quoted from memory: your league’s book decides. Figures marked common practice differ between schools.',
    ...groups.flatMap(([group, words]) => [
      '',
      `## ${words}`,
      '',
      '| it makes sure that | limit | where that comes from |',
      '|---|---|---|',
      ...CHECKS.filter((c) => c.group === group).map(
        (c) => `| ${c.words.charAt(0).toLowerCase()}${c.words.slice(1)} | ${c.limit} | ${c.source} |`,
      ),
    ]),
    '',
  ].join('\n');
}

if (process.argv[1]?.endsWith('write-docs.ts')) {
  const page = join(ROOT, 'docs', 'walk-through.md');
  writeFileSync(
    page,
    await format(walkThroughPage(), { ...(await resolveConfig(page)), parser: 'markdown' }),
  );
  for (const [name, schema] of [
    ['play.schema.json', playJsonSchema()],
    ['playbook.schema.json', bookJsonSchema()],
  ] as const) {
    const file = join(ROOT, 'docs', name);
    writeFileSync(
      file,
      await format(JSON.stringify(schema), { ...(await resolveConfig(file)), parser: 'json' }),
    );
  }
}
