import { CourtKeySchema, DEFENCE_WORDS, defenceByWord, LevelSchema, type Level } from '@corkscrew/core';
import { writeFileSync } from 'node:fs';
import { basename } from 'node:path';
import { parseArgs } from 'node:util';
import { answersOf, answersText } from './answers.ts';
import { checkPlay, fails, reportOf, sheetsOf } from './check.ts';
import { lintWords, wordsReport } from './lint-words.ts';
import { softAnswer, softJson, softText } from './soft-spots.ts';
import { openPlayFile, type FileFault } from './read-file.ts';
import { scriptOf } from './script.ts';
import { converted, FORMATS, readAnyFile } from './convert.ts';
import { PAGES, PICTURES, rendered } from './render.ts';

const USAGE = `Checks play files without the app.

  npm run corkscrew -- check FILE… [--json]   findings, figures and times of every ending
      --defence man:drop | man:switch | zone:2-3 …   against a defence as well (own: the play's first)
      --level youth | highSchool | college | pro     as if played at that level
  npm run corkscrew -- timeline FILE…         the beat sheet as text
  npm run corkscrew -- answers FILE… [--defence man:drop] [--reply] [--json]   what the play has against each
      thing they may do; without --defence the play's own; --reply: what hurts it most
  npm run corkscrew -- script FILE [--base FILE.json]   a play file as it is written, or a written one as a
      play file; with a base the ids and what is not written are kept from that
  npm run corkscrew -- convert FILE… --to json | script | md | csv | book [--out FILE]   plays, playbooks and written
      plays as something else; without --out they are printed
  npm run corkscrew -- render FILE --svg | --png | --pdf [--kind play | summary | job | answers | book]
      [--frame N] [--paper a4 | letter] [--out NAME]   a play as pages, or one frame of it
  npm run corkscrew -- lint-words FILE… [--first-letter] [--json]   what can't be told apart of the calls, series
      and words in plays, playbooks and tables of words (.csv)
  npm run corkscrew -- soft-spots --zone 2-3 --ball left-wing [--places FILE] [--school cornerTrap]
      [--level …] [--court nfhs | ncaa | fiba | usPro] [--json]   where a zone is soft, whom it splits

Ends with 1 when something is against the rules, breaks a play or is called by one word, with 2 when a file can't be read.`;

const COMMANDS: readonly string[] = ['check', 'timeline', 'answers'];

interface Out {
  readonly say: (text: string) => void;
  readonly warn: (text: string) => void;
}

const NO_DEFENCE = 'The play names no defence: say which one with --defence man:drop, for one.';

const faultText = (f: FileFault): string =>
  [f.line === null ? f.file : `${f.file}:${f.line}`, f.at, f.sentence].filter(Boolean).join(': ');

const LATER: Readonly<
  Record<string, (files: readonly string[], values: Values, out: Out) => Promise<number>>
> = { render, 'lint-words': wordsOf };

/** Runs any command, those too that take their time; returns the exit status. */
export async function corkscrewLater(args: string[], out: Out): Promise<number> {
  const later = Object.hasOwn(LATER, args[0] ?? '') ? LATER[args[0]!] : undefined;
  if (!later) return corkscrew(args, out);
  try {
    const { positionals, values } = parse(args);
    const [, ...files] = positionals;
    if (files.length > 0 && !values.help) return await later(files, values, out);
  } catch (error) {
    out.warn((error as Error).message);
  }
  out.warn(USAGE);
  return 2;
}

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
  const { values } = parsed;
  if (values.help) {
    out.say(USAGE);
    return 0;
  }
  const level = LevelSchema.optional().safeParse(values.level);
  if (!level.success)
    return refuse(out, `There is no level "${values.level}": ${LevelSchema.options.join(', ')}.`);
  if (command === 'soft-spots') return softSpotsOf(values, level.data, out);
  if (command === 'script' && files.length === 1) {
    const written = scriptOf(files[0]!, values.base);
    if (written.ok) out.say(written.text);
    else for (const f of written.faults) out.warn(faultText(f));
    return written.ok ? 0 : 2;
  }
  if (command === 'convert' && files.length > 0) return convert(files, values, out);
  if (!COMMANDS.includes(command ?? '') || files.length === 0) {
    out.warn(USAGE);
    return 2;
  }
  const word = values.defence;
  const named = word === undefined || word === 'own' ? null : defenceByWord(word);
  if (named === undefined) return refuse(out, `There is no defence "${word}": ${DEFENCE_WORDS.join(', ')}.`);
  const opened = files.map((file) => ({ file, read: openPlayFile(file) }));
  const plays = opened.flatMap(({ file, read }) =>
    read.ok ? [{ file, play: level.data ? { ...read.play, level: level.data } : read.play }] : [],
  );
  const faults = opened.flatMap(({ read }) => (read.ok ? [] : [read]));
  for (const f of faults) out.warn(faultText(f));
  let broken = false;
  if (command === 'timeline') for (const { play } of plays) out.say(sheetsOf(play));
  else if (command === 'answers') {
    const answers = plays.flatMap(({ file, play }) => {
      const defence = named ?? play.defences?.[0];
      if (defence) return [{ file, ...answersOf(play, defence, values.reply ?? false) }];
      out.warn(`${file}: ${NO_DEFENCE}`);
      return [];
    });
    if (values.json) out.say(JSON.stringify(answers, plain, 2));
    else for (const a of answers) out.say(answersText(a));
    if (answers.length < plays.length) return 2;
  } else {
    const checked = plays.map(({ file, play }) => {
      const defence = word === 'own' ? (play.defences?.[0] ?? null) : named;
      return { file, play, zone: defence?.type === 'zone', lines: checkPlay(play, defence) };
    });
    broken = checked.some((c) => fails(c.lines));
    if (values.json)
      out.say(
        JSON.stringify(
          checked.map(({ file, play, lines }) => ({ file, name: play.name, lines })),
          plain,
          2,
        ),
      );
    else for (const { play, lines, zone } of checked) out.say(reportOf(play, lines, zone));
  }
  return faults.length > 0 ? 2 : broken ? 1 : 0;
}

/** Writes a file, or says why it can't be. */
function written(file: string, data: string | Uint8Array, out: Out): boolean {
  try {
    writeFileSync(file, data);
    out.say(file);
    return true;
  } catch {
    out.warn(`${file} can’t be written.`);
    return false;
  }
}

function convert(files: readonly string[], values: Values, out: Out): number {
  const to = FORMATS.find((f) => f === values.to);
  if (!to) return refuse(out, `Convert to what? --to ${FORMATS.join(', --to ')}.`);
  const read = files.map(readAnyFile);
  for (const f of read.flatMap((r) => r.faults)) out.warn(faultText(f));
  const plays = read.flatMap((r) => r.plays);
  if (plays.length === 0) return 2;
  const text = converted(plays, to);
  if (values.out === undefined) out.say(text.trimEnd());
  else if (!written(values.out, text, out)) return 2;
  return read.some((r) => r.faults.length > 0) ? 2 : 0;
}

async function render([file, ...more]: readonly string[], values: Values, out: Out): Promise<number> {
  if (file === undefined || more.length > 0) return refuse(out, 'One file at a time is made into pages.');
  const as = PICTURES.find((p) => values[p]);
  if (!as) return refuse(out, 'As what? --svg, --png or --pdf.');
  const kind = PAGES.find((k) => k === (values.kind ?? 'play'));
  if (!kind) return refuse(out, `There are no pages of kind "${values.kind}": ${PAGES.join(', ')}.`);
  const paper =
    values.paper === undefined || values.paper === 'a4' ? 'a4' : values.paper === 'letter' ? 'letter' : null;
  if (!paper) return refuse(out, 'Paper is a4 or letter.');
  const frame = values.frame === undefined ? undefined : Number(values.frame);
  if (frame !== undefined && !Number.isInteger(frame)) return refuse(out, '--frame takes a number.');
  const { plays, faults } = readAnyFile(file);
  for (const f of faults) out.warn(faultText(f));
  const [play] = plays;
  if (!play) return 2;
  const date = new Date().toISOString().slice(0, 10);
  const made = await rendered(play, { as, kind, paper, date, ...(frame === undefined ? {} : { frame }) });
  if (!made.ok) return refuse(out, made.sentence);
  const name = values.out ?? basename(file).replace(/(\.corkscrew)?\.[^.]*$/, '');
  const all = made.files.map((f) => written(`${name}${f.name}`, f.data, out));
  return all.every(Boolean) && faults.length === 0 ? 0 : 2;
}

async function wordsOf(files: readonly string[], values: Values, out: Out): Promise<number> {
  const { findings, faults, of } = await lintWords(files, values['first-letter'] ?? false);
  for (const f of faults) out.warn(faultText(f));
  out.say(values.json ? JSON.stringify(findings, null, 2) : wordsReport(findings, of));
  return faults.length > 0 ? 2 : findings.some((f) => f.grave) ? 1 : 0;
}

/** What JSON has no word for is left out: a run follows from the document, and no limit is no figure. */
const plain = (key: string, value: unknown): unknown =>
  key === 'run' || (typeof value === 'number' && !Number.isFinite(value)) ? undefined : value;

function refuse(out: Out, sentence: string): number {
  out.warn(sentence);
  return 2;
}

function softSpotsOf(values: Values, level: Level | undefined, out: Out): number {
  if (values.zone === undefined || values.ball === undefined) {
    out.warn(USAGE);
    return 2;
  }
  const court = CourtKeySchema.exclude(['custom']).safeParse(values.court ?? 'nfhs');
  if (!court.success) return refuse(out, `There is no court "${values.court}": nfhs, ncaa, fiba, usPro.`);
  const result = softAnswer({
    zone: values.zone,
    ball: values.ball,
    schools: values.school ?? [],
    places: values.places,
    court: court.data,
    level: level ?? 'highSchool',
  });
  if (!result.ok) return refuse(out, result.sentence);
  out.say(values.json ? JSON.stringify(softJson(result.answer), plain, 2) : softText(result.answer));
  return 0;
}

const parse = (args: string[]) =>
  parseArgs({
    args,
    allowPositionals: true,
    options: {
      json: { type: 'boolean' },
      reply: { type: 'boolean' },
      base: { type: 'string' },
      help: { type: 'boolean', short: 'h' },
      defence: { type: 'string' },
      level: { type: 'string' },
      zone: { type: 'string' },
      ball: { type: 'string' },
      places: { type: 'string' },
      school: { type: 'string', multiple: true },
      court: { type: 'string' },
      to: { type: 'string' },
      out: { type: 'string' },
      svg: { type: 'boolean' },
      png: { type: 'boolean' },
      pdf: { type: 'boolean' },
      kind: { type: 'string' },
      frame: { type: 'string' },
      paper: { type: 'string' },
      'first-letter': { type: 'boolean' },
    },
  });

type Values = ReturnType<typeof parse>['values'];

/** The command as npm runs it. */
export async function run(args: string[]): Promise<void> {
  process.exitCode = await corkscrewLater(args, {
    say: (text) => process.stdout.write(`${text}\n`),
    warn: (text) => process.stderr.write(`${text}\n`),
  });
}
