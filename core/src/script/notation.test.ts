import { describe, expect, it } from 'vitest';
import { DICTIONARY } from '../language/dictionary.ts';
import { courtFor } from '../court/rulesets.ts';
import { spotPoint, type SpotKey } from '../court/spots.ts';
import { compile } from '../motion/compile.ts';
import type { Play } from '../play/document.ts';
import { term } from '../language/dictionary.ts';
import { parseScript, SCRIPT_LIMITS, type Parsed } from './parse.ts';
import { printScript } from './print.ts';

const court = courtFor({ court: 'nfhs' });
const at = (key: SpotKey) => ({ ...spotPoint(court, key), spot: key });
const play = (p: Parsed): Play => {
  if (!p.ok) throw new Error(p.faults.map((f) => `${f.line}: ${f.sentence}`).join('\n'));
  return p.play;
};
const faults = (text: string, base?: Play) => {
  const p = parseScript(text, base ? { base } : {});
  return p.ok ? [] : p.faults;
};

const LANTERN = `
play "Lantern"
against man
set horns, ball 1      # bigs at the elbows
1: Elbow entry
  1 passes to 4
  1 clears to left corner, jog
  2 lifts to left wing, walk, behind the play
2: Chase the handoff
  5 screens 3 (14.5, 14), sprint
  3 Comes Off to (-2, 24), sprint, when 5 is set
  4 hands off to 3
if x4 drops
3: Turn the corner
  3 drives to the rim, sprint
  3 shoots
  look 1: 3 shoots, if x4 drops
if they switch
3:
  5 slips to rim, before it
`;

describe('a play as a coach writes it', () => {
  const text = LANTERN.replace(', before it', '');
  const made = play(parseScript(text));
  it('is drawn: the set, who does what, where, how fast, on what cue, and what they do', () => {
    expect(made.start).toMatchObject({ alignment: 'horns', ball: '1' });
    expect(made.frames.map((f) => [f.title, f.actions.length, f.read?.does])).toEqual([
      ['Elbow entry', 3, undefined],
      ['Chase the handoff', 3, undefined],
      ['Turn the corner', 2, 'drop'],
      [undefined, 1, 'switch'],
    ]);
    const [entry, chase, turn, other] = made.frames;
    expect(entry!.actions[1]).toMatchObject({
      by: '1',
      does: 'cut',
      kind: 'clear',
      path: [at('cornerL')],
      tempo: 'jog',
    });
    expect(entry!.actions[2]).toMatchObject({ kind: 'lift', background: true });
    // Words may be left out, and written large.
    expect(chase!.actions[0]).toMatchObject({ does: 'screen', for: '3', path: [{ x: 14.5, y: 14 }] });
    expect(chase!.actions[1]).toMatchObject({
      kind: 'straight',
      cue: { on: chase!.actions[0]!.id, event: 'set' },
    });
    expect([turn!.parent, other!.parent]).toEqual([chase!.id, chase!.id]);
    expect(turn!.looks).toMatchObject([
      { player: '3', kind: 'shot', order: 1, when: { does: 'drop', who: ['x4'] } },
    ]);
    expect(compile(made, turn!.id, court, made.level).faults).toEqual([]);
  });
  it('a cue means the latest that is so, in its frame before others; a number says another', () => {
    const two = play(
      parseScript(
        `set horns, ball 1\n1:\n1 passes to 4\n2:\n4 passes to 1\n1 passes to 4\n3 cuts to rim, when 4 catches\n2 cuts to rim, when @1.1 catch`,
      ),
    );
    const [first, second] = two.frames;
    expect(second!.actions.map((a) => a.cue?.on)).toEqual([
      undefined,
      undefined,
      second!.actions[1]!.id,
      first!.actions[0]!.id,
    ]);
  });
  it('is changed line by line: what stays is the same part of the play, with what is not written', () => {
    const silent = { ...made, silenced: [{ code: 'x', reason: 'y' }] } as Play;
    const printed = printScript(silent);
    const changed = play(
      parseScript(
        printed
          .replace('2 lifts to left wing, walk', '2 lifts to left wing, sprint')
          .replace('2: Chase the handoff', '2: Put in between\n  4 holds 1 s\n\n3: Chase the handoff')
          .replaceAll(/^3: Turn|^3:$/gm, (m) => m.replace('3', '4'))
          .replaceAll('@2.', '@3.'),
        { base: silent },
      ),
    );
    expect(changed.silenced).toEqual(silent.silenced);
    const ids = (p: Play) => p.frames.flatMap((f) => [f.id, ...f.actions.map((a) => a.id)]);
    expect(ids(silent).every((id) => ids(changed).includes(id))).toBe(true);
    expect(changed.frames.length).toBe(silent.frames.length + 1);
    expect(changed.frames[0]!.actions[2]).toEqual({ ...made.frames[0]!.actions[2]!, tempo: 'sprint' });
  });
  it('frames by themselves leave the head of a play as it is', () => {
    const named = { ...made, purpose: 'A layup', series: 'Lamp' };
    const frames = printScript(named).slice(printScript(named).indexOf('\n1:'));
    expect(play(parseScript(frames, { base: named }))).toEqual(named);
  });
  it('is written in the words of a team, and read in them', () => {
    const ours = {
      ...DICTIONARY,
      'cut.clear': term('slack'),
      'spot.corner': term('jetty'),
      handoff: term('hawser'),
    };
    const text = printScript(made, ours);
    expect(text).toContain('1 slacks to left jetty, jog');
    expect(text).toContain('4 hawsers to 3');
    expect(play(parseScript(text, { base: made, dictionary: ours }))).toEqual(made);
  });
});

describe('what cannot be read', () => {
  const line = (text: string) => faults(`set horns, ball 1\n1:\n${text}`)[0]!;
  it.each([
    ['4 pops to left slott', 'No place is called “left slott”. Left slot?', 'left slot'],
    ['4 popps to left slot', '“popps” is nothing anybody does here. Pops?', 'pops'],
    ['3 cuts', 'Where to? Say “to rim”, or “to (4.5, 24.5)”.', undefined],
    ['1 passes', 'To whom? Say “to 4”.', undefined],
    ['6 cuts to rim', 'A number from 1 to 5 stands here: who does it.', undefined],
    [
      '3 cuts to rim, sprnt',
      '“sprnt” says nothing here: a tempo, what is waited for, “behind the play”, or a note.',
      'sprint',
    ],
    [
      '3 cuts to rim, when 5 is set',
      'Nobody does what is waited for here, in this frame or before it.',
      undefined,
    ],
    ['3 cuts to rim, when @4.1 end', 'There is no action @4.1 on this line.', undefined],
    ['3 cuts to (1', 'A place stands here: a spot, or two numbers in feet like (4.5, 24.5).', undefined],
    [
      '5:',
      'This line has 1 frames: the next is 2, or an ending that goes on from an earlier one.',
      undefined,
    ],
    ['if x4 dropps', '“dropps” is nothing they are known to do.', 'drops'],
    ['if x4 drops', 'A frame stands under what they do: “3:” begins the third.', undefined],
    [
      'hello',
      'A line of a frame begins with a number from 1 to 5, or with if, look, then or caption.',
      undefined,
    ],
  ])('%s', (text, sentence, fix) => {
    const fault = line(text);
    expect(fault.sentence).toBe(sentence);
    expect(fault.fixes?.[0]?.text).toBe(fix);
    expect(fault.line).toBe(3);
  });
  it('every line that cannot be read is told, with its place; a fix mends it', () => {
    const text = 'set horns, ball 1\n1:\n  4 popps to left slot\n  3 cuts to rimm';
    const all = faults(text);
    expect(all.map((f) => f.line)).toEqual([3, 4]);
    let mended = text;
    for (const f of all.toReversed())
      mended = mended.slice(0, f.fixes![0]!.from) + f.fixes![0]!.text + mended.slice(f.fixes![0]!.to);
    expect(parseScript(mended).ok).toBe(true);
  });
  it('no set and no frame are said', () => {
    expect(faults('1:\n1 passes to 4')[0]!.sentence).toMatch(/^Where do the five stand/);
    expect(faults('set horns, ball 1')[0]!.sentence).toBe('A play has a frame: “1:” begins the first.');
  });
  it('hostile text is refused or told, never thrown', () => {
    const texts = [
      'x'.repeat(SCRIPT_LIMITS.characters + 1),
      '1:\n'.repeat(SCRIPT_LIMITS.lines + 1),
      '('.repeat(50_000),
      '"'.repeat(5000),
      '\u0000\ud800 \u202e<b>1 passes</b>',
      `set horns, ball 1\n${'1: x\n'.repeat(2000)}`,
      'floor "{"',
    ];
    for (const text of texts) {
      const all = faults(text);
      expect(all.length).toBeGreaterThan(0);
      expect(all.length).toBeLessThanOrEqual(SCRIPT_LIMITS.faults);
    }
  });
});
