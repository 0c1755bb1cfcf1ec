import { defenceByWord, type SheetTold } from '@corkscrew/core';

/** Something about a sheet, as it is said to its coach. */
export function toldWords(t: SheetTold): string {
  switch (t.is) {
    case 'gone':
      return `${t.name} is not in the playbook any more.`;
    case 'retired':
      return `${t.name} is retired.`;
    case 'twice':
      return `${t.name} stands twice under ${t.need || 'one need'}.`;
    case 'number':
      return `Number ${t.number} is ${t.name}, and another play’s.`;
    case 'hole':
      return `${t.name} has nothing against ${defence(t.against)}.`;
    case 'nothing':
      return `Nothing on the sheet is open against ${defence(t.against)}.`;
  }
}
const defence = (word: string): string => {
  const d = defenceByWord(word);
  return d?.type === 'man' ? d.name.toLowerCase() : `a ${d?.name ?? word}`;
};
