import { describe, expect, it } from 'vitest';
import { Search, type Findable } from './search.ts';

const item = (name: string, kind: Findable['kind'] = 'play', ...also: string[]): Findable => ({
  ...{ id: `${kind} ${name}`, kind, name, also },
});
const all = [
  item('Kite'),
  item('Horns Kite'),
  item('Kitchen'),
  item('Über Tide'),
  item('Quay 4A', 'play', 'fist', 'handoff'),
  item('handoff', 'word', 'hawser'),
  item('left corner', 'place', 'lc', 'jetty'),
];
const search = new Search(all);
const names = (typed: string, recent: string[] = []) => search.find(typed, recent, 5).map((h) => h.of.name);

describe('the command search', () => {
  it('puts the name itself first, then what begins with it, then words within, then other words', () => {
    expect(names('kite')).toEqual(['Kite', 'Horns Kite']);
    expect(names('kit')).toEqual(['Kite', 'Kitchen', 'Horns Kite']);
    expect(names('handoff')).toEqual(['handoff', 'Quay 4A']);
    expect(names('jetty')).toEqual(['left corner']);
    expect(names('4a fist')).toEqual(['Quay 4A']);
  });
  it('accents do not matter, and the place of what was typed is told', () => {
    const [hit] = search.find('tide', [], 3);
    expect(hit).toMatchObject({ of: { name: 'Über Tide' } });
    expect(names('uber')).toEqual(['Über Tide']);
    expect(search.find('chen', [], 3)[0]!.at).toEqual([3, 7]);
  });
  it('what was used lately comes first among equals, and alone where nothing is typed', () => {
    expect(names('kit', ['play Kitchen'])).toEqual(['Kitchen', 'Kite', 'Horns Kite']);
    expect(names('', ['play Quay 4A', 'play Kite', 'gone'])).toEqual(['Quay 4A', 'Kite']);
    expect(names('zzz')).toEqual([]);
  });
});
