import { PlaySchema } from '@corkscrew/core';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { format, resolveConfig } from 'prettier';
import { z } from 'zod';
import { ROOT } from './paths.ts';

/** The JSON Schema of a play file, made from the types that the app reads it with. */
export const playJsonSchema = (): object => ({
  title: 'Corkscrew play, version 1',
  description:
    'Feet and seconds; origin in the middle of the attacked baseline, x to the offence’s right, y toward half court.',
  ...z.toJSONSchema(PlaySchema),
});

if (process.argv[1]?.endsWith('write-docs.ts')) {
  const file = join(ROOT, 'docs', 'play.schema.json');
  writeFileSync(
    file,
    await format(JSON.stringify(playJsonSchema()), { ...(await resolveConfig(file)), parser: 'json' }),
  );
}
