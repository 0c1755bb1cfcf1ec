import type { Defence } from '../play/document.ts';
import { POSTS, REACTIONS } from '../play/vocabulary.ts';
import type { Reader } from './reader.ts';

type Override = NonNullable<Defence['overrides']>[string];
/** A defence as it is written; what it does at single actions stands behind those. */
export type DefenceRead = Omit<Defence, 'id'>;

/** What is played where, as it is said, each with its field. */
const PLAYED = [
  ['onBall', 'ball screens'],
  ['handoff', 'handoffs'],
  ['offBall', 'other screens'],
  ['post', 'posts'],
  ['help', 'help'],
] as const;

const name = (s: string): string => (/^\p{L}[\p{L}\p{N}'’-]*$/u.test(s) ? s : JSON.stringify(s));
/** A zone, or any other word of it. */
const zoneName = (s: string): string => (/^\d-\d(-\d)?$/.test(s) ? s : name(s));

/** A defence as it is written: "defence "Drop" man, ball screens drop, x2 denies". */
export function printDefence(d: Defence): string {
  const parts: string[] = [];
  for (const [key, said] of PLAYED) if (d[key] !== undefined) parts.push(`${said} ${d[key]}`);
  if (d.zone !== undefined) parts.push(`zone ${zoneName(d.zone)}`);
  if (d.schools) parts.push(...(d.schools.length > 0 ? d.schools.map((s) => `way ${name(s)}`) : ['no ways']));
  const pairs = (of: Readonly<Record<string, string>> | undefined, verb: string): void => {
    if (!of) return;
    const all = Object.entries(of);
    parts.push(...(all.length > 0 ? all.map(([x, p]) => `${name(x)} ${verb} ${p}`) : [`nobody ${verb}`]));
  };
  pairs(d.matchup, 'guards');
  pairs(d.chases, 'chases');
  for (const [key, verb] of [
    ['deny', 'denies'],
    ['watches', 'watches'],
  ] as const) {
    const who = d[key];
    if (who) parts.push(...(who.length > 0 ? who.map((x) => `${x} ${verb}`) : [`nobody ${verb}`]));
  }
  if (d.driveHelp !== undefined) parts.push(d.driveHelp ? 'help on drives' : 'no help on drives');
  if (d.offThrower !== undefined) parts.push(d.offThrower ? 'off the thrower' : 'on the thrower');
  if (d.overrides && Object.keys(d.overrides).length === 0) parts.push('nothing otherwise');
  return [`defence ${JSON.stringify(d.name)} ${d.type}`, ...parts].join(', ');
}

export function readDefence(r: Reader): DefenceRead {
  const called = r.text() ?? r.fail('A defence has a name in quotation marks.');
  const type = r.word('man') ? 'man' : r.word('zone') ? 'zone' : r.fail('Man or zone?');
  const d: Record<string, unknown> = { name: called, type };
  while (r.punct(',')) part(r, d);
  return d as DefenceRead;
}

function part(r: Reader, d: Record<string, unknown>): void {
  if (r.word('no', 'help', 'on', 'drives')) return void (d.driveHelp = false);
  if (r.word('help', 'on', 'drives')) return void (d.driveHelp = true);
  if (r.word('nothing', 'otherwise')) return void (d.overrides = {});
  if (r.word('no', 'ways')) return void (d.schools = []);
  if (r.word('off', 'the', 'thrower')) return void (d.offThrower = true);
  if (r.word('on', 'the', 'thrower')) return void (d.offThrower = false);
  for (const [key, said] of PLAYED) if (r.word(...said.split(' '))) return void (d[key] = played(r));
  if (r.word('zone')) return void (d.zone = r.zone() ?? r.text() ?? r.anyWord() ?? r.fail('Which zone?'));
  if (r.word('way')) {
    const way = r.text() ?? r.anyWord() ?? r.fail('Which way?');
    d.schools = [...((d.schools as string[] | undefined) ?? []), way];
    return;
  }
  const nobody = r.word('nobody');
  const who = nobody ? null : (r.text() ?? r.anyWord() ?? r.fail('What of the defence is said here?'));
  for (const [verb, key] of [
    ['guards', 'matchup'],
    ['chases', 'chases'],
  ] as const)
    if (r.word(verb)) {
      const man = who === null ? null : (r.man() ?? r.fail('Whom? A number from 1 to 5 stands here.'));
      d[key] = { ...((d[key] as object | undefined) ?? {}), ...(who === null ? {} : { [who]: man }) };
      return;
    }
  for (const [verb, key] of [
    ['denies', 'deny'],
    ['watches', 'watches'],
  ] as const)
    if (r.word(verb)) {
      d[key] = [...((d[key] as string[] | undefined) ?? []), ...(who === null ? [] : [who])];
      return;
    }
  r.fail('He guards, chases, denies or watches.');
}

const WAYS = [...REACTIONS, ...POSTS];
function played(r: Reader): string {
  const token = r.peek();
  const word = r.anyWord();
  return (
    WAYS.find((w) => w.toLocaleLowerCase('en') === word?.toLocaleLowerCase('en')) ??
    r.fail(`“${word ?? ''}” is nothing a defence does.`, token)
  );
}

/** What a defence does otherwise at one action: "there defence 1 switch, who x1 x5, tag x2". */
export const printOverride = (n: number, o: Override): string =>
  [
    `there defence ${n} ${o.does}`,
    ...(o.who ? [`who ${o.who.join(' ') || 'nobody'}`] : []),
    ...(o.tag === undefined ? [] : [`tag ${o.tag}`]),
    ...(o.help === undefined ? [] : [`help ${o.help}`]),
    ...(o.post === undefined ? [] : [`post ${o.post}`]),
  ].join(', ');

export function readOverride(r: Reader): { readonly defence: number; readonly override: Override } {
  if (!r.word('defence')) r.fail('Which defence? Say “there defence 1 switch”.');
  const defence = r.number() ?? r.fail('Which defence? Its number stands here.');
  const o: Record<string, unknown> = { does: played(r) };
  while (r.punct(',')) {
    if (r.word('who')) {
      const who: string[] = [];
      if (!r.word('nobody')) for (let x = r.defender(); x !== null; x = r.defender()) who.push(x);
      o.who = who;
    } else if (r.word('tag')) o.tag = r.defender() ?? r.fail('Who tags? Say “tag x2”.');
    else if (r.word('help')) o.help = played(r);
    else if (r.word('post')) o.post = played(r);
    else r.fail('“who”, “tag”, “help” or “post” stands here.');
  }
  return { defence, override: o as Override };
}
