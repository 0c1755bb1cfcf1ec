import { describe, expect, it } from 'vitest';
import { PLAYER_COLUMNS, playerRows, readPlayerRows, withCell } from './player-table.ts';
import type { Player } from './player.ts';

const man = (name: string, more: Partial<Player> = {}): Player => ({
  ...{ jersey: '', name, plays: [], hand: 'right', speed: 1, skills: {}, cleared: [], out: [] },
  ...more,
});
const full = man('Quillfeather, Tam', {
  ...{ jersey: '11', plays: ['2', '3'], hand: 'left', heightCm: 183, year: 'junior', speed: 1.05 },
  skills: { shootCorner: 5, handle: 2.5 },
});
const read = (rows: Record<string, string>[], here: { id: string; body: Player }[] = []) =>
  readPlayerRows(rows, here);

describe('a list of players', () => {
  it('given out and taken in it is the same', () => {
    const found = read(playerRows([full, man('No figures')]));
    expect(found).toEqual({
      ...{ ok: true, told: [] },
      players: [
        { id: null, body: full },
        { id: null, body: man('No figures') },
      ],
    });
    expect(Object.keys(playerRows([full])[0]!)).toEqual(PLAYER_COLUMNS);
  });
  it('a name is enough; figures with a comma, numbers with any sign between, hands by a letter', () => {
    expect(read([{ name: ' Kettlewell, Dov ' }])).toMatchObject({
      players: [{ body: man('Kettlewell, Dov') }],
    });
    const row = { name: 'K', plays: '1/2, 3', hand: 'L', 'mid-range': '3,5' };
    expect(read([row])).toMatchObject({
      players: [{ body: { plays: ['1', '2', '3'], hand: 'left', skills: { mid: 3.5 } } }],
    });
  });
  it('who is here is changed where it says something, and keeps his clearances', () => {
    const cleared = [{ clearance: 'c', level: 'game' as const, since: '2026-09-01' }];
    const here = [{ id: 'p1', body: { ...full, cleared } }];
    const found = read([{ name: 'QUILLFEATHER, tam', shirt: '12', 'mid-range': '4' }], here);
    expect(found).toMatchObject({
      players: [
        {
          id: 'p1',
          body: { jersey: '12', heightCm: 183, cleared, skills: { shootCorner: 5, handle: 2.5, mid: 4 } },
        },
      ],
    });
  });
  it('two men with one shirt are told, not refused', () => {
    const here = [{ id: 'p1', body: man('Wraxall, Bo', { jersey: '11' }) }];
    expect(read([{ name: 'Quillfeather, Tam', shirt: '11' }], here)).toMatchObject({
      ok: true,
      told: ['Wraxall, Bo and Quillfeather, Tam both have shirt 11.'],
    });
  });
  it.each([
    [[], 'There are no players in this file.'],
    [[{ shirt: '1' }], 'The column “name” is missing.'],
    [[{ name: 'A', weight: '80' }], '“weight” is no column of players.'],
    [[{ name: 'A' }, { name: '' }], 'Line 3: there is no name.'],
    [[{ name: 'A' }, { name: 'a ' }], 'Lines 2 and 3 are both a.'],
    [[{ name: 'A', plays: '6' }], 'Line 2: “6” under “plays” is no number from 1 to 5.'],
    [[{ name: 'A', hand: 'both' }], 'Line 2: “both” under “hand” is neither right nor left.'],
    [[{ name: 'A', passing: '7' }], 'Line 2: “7” under “passing” is no figure from 0 to 5.'],
    [[{ name: 'A', 'height cm': 'tall' }], 'Line 2: “tall” under “height cm” is no figure from 90 to 260.'],
    [[{ name: 'x'.repeat(81) }], 'Line 2: what stands under “name” is too long.'],
    [
      Array.from({ length: 61 }, (_, i) => ({ name: `N${i}` })),
      'A team has at most 60 players; this file has 61.',
    ],
  ])('what is wrong is told with its line, and none is taken: %#', (rows, sentence) => {
    const found = read(rows as Record<string, string>[]);
    expect(found).toMatchObject({ ok: false });
    expect((found as { sentence: string }).sentence).toContain(sentence);
  });
});

describe('a cell', () => {
  it('written as it stands changes nothing, in every column', () => {
    const [row] = playerRows([full]);
    for (const column of PLAYER_COLUMNS)
      expect(withCell(full, column, row![column]!)).toEqual({ ok: true, body: full });
  });
  it('changes what it says and nothing else', () => {
    expect(withCell(full, 'plays', '4 5')).toEqual({ ok: true, body: { ...full, plays: ['4', '5'] } });
    expect(withCell(full, 'ball handling', '3,5')).toMatchObject({ body: { skills: { handle: 3.5 } } });
    expect(withCell(full, 'name', ' Wraxall, Bo ')).toMatchObject({ body: { name: 'Wraxall, Bo' } });
  });
  it('emptied is none; a name, a hand and a speed stay', () => {
    const { heightCm: _h, ...short } = full;
    expect(withCell(full, 'height cm', '')).toEqual({ ok: true, body: short });
    expect(withCell(full, 'corner three', ' ')).toEqual({
      ok: true,
      body: { ...full, skills: { handle: 2.5 } },
    });
    expect(withCell(full, 'shirt', '')).toMatchObject({ body: { jersey: '' } });
    expect(withCell(full, 'plays', '')).toMatchObject({ body: { plays: [] } });
    expect(withCell(full, 'speed', '')).toEqual({ ok: true, body: full });
    expect(withCell(full, 'name', '')).toEqual({ ok: false, sentence: 'A player has a name.' });
  });
  it('that can’t be read says why', () => {
    expect(withCell(full, 'corner three', '9')).toEqual({
      ok: false,
      sentence: 'Quillfeather, Tam: “9” under “corner three” is no figure from 0 to 5.',
    });
    expect(withCell(full, 'plays', '7')).toMatchObject({ ok: false });
  });
});
