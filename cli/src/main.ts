import { parseArgs } from 'node:util';
import { checkPlay, fails, reportOf, sheetsOf } from './check.ts';
import { openPlayFile, type FileFault } from './read-file.ts';

const USAGE = `Checks play files without the app.

  npm run corkscrew -- check FILE… [--json]   findings, figures and times of every ending
  npm run corkscrew -- timeline FILE…         the beat sheet as text

Ends with 1 when something is against the rules or breaks a play, with 2 when a file can't be read.`;

interface Out {
  readonly say: (text: string) => void;
  readonly warn: (text: string) => void;
}

const faultText = (f: FileFault): string =>
  [f.line === null ? f.file : `${f.file}:${f.line}`, f.at, f.sentence].filter(Boolean).join(': ');

/** Runs one command and returns the exit status: 0 fine, 1 a play breaks, 2 a file or the command can't be read. */
export function corkscrew(args: string[], out: Out): number {
  let parsed: ReturnType<typeof parse>;
  try {
    parsed = parse(args);
  } catch (error) {
    out.warn(`${(error as Error).message}\n\n${USAGE}`);
    return 2;
  }
  const [command, ...files] = parsed.positionals;
  if (parsed.values.help || (command !== 'check' && command !== 'timeline') || files.length === 0) {
    (parsed.values.help ? out.say : out.warn)(USAGE);
    return parsed.values.help ? 0 : 2;
  }
  const opened = files.map((file) => ({ file, read: openPlayFile(file) }));
  const plays = opened.flatMap(({ file, read }) => (read.ok ? [{ file, play: read.play }] : []));
  const faults = opened.flatMap(({ read }) => (read.ok ? [] : [read]));
  for (const f of faults) out.warn(faultText(f));
  let broken = false;
  if (command === 'timeline') for (const { play } of plays) out.say(sheetsOf(play));
  else {
    const checked = plays.map(({ file, play }) => ({ file, play, lines: checkPlay(play) }));
    broken = checked.some((c) => fails(c.lines));
    if (parsed.values.json)
      out.say(
        JSON.stringify(
          checked.map(({ file, play, lines }) => ({ file, name: play.name, lines })),
          // Sampled runs are long and follow from the document.
          (key, value: unknown) => (key === 'run' ? undefined : value),
          2,
        ),
      );
    else for (const { play, lines } of checked) out.say(reportOf(play, lines));
  }
  return faults.length > 0 ? 2 : broken ? 1 : 0;
}

const parse = (args: string[]) =>
  parseArgs({
    args,
    allowPositionals: true,
    options: { json: { type: 'boolean' }, help: { type: 'boolean', short: 'h' } },
  });

/** The command as npm runs it. */
export function run(args: string[]): Promise<void> {
  process.exitCode = corkscrew(args, {
    say: (text) => process.stdout.write(`${text}\n`),
    warn: (text) => process.stderr.write(`${text}\n`),
  });
  return Promise.resolve();
}
