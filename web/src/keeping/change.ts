import { editAll, type Change, type Play } from '@corkscrew/core';
import { Keeper } from './keeper.ts';

/**
 * Changes a play that is on no desk here: another tab that has it in hand follows, and what can't be sent is
 * kept on this device. Resolves with the play as it was once it is kept; throws a sentence when the change is refused.
 */
export async function changePlay(id: string, changes: (play: Play) => readonly Change[]): Promise<Play> {
  const keeper = await Keeper.open(id);
  try {
    await new Promise<void>((mine) => keeper.whenMine(mine));
    const { doc } = keeper.state.kept;
    const wanted = changes(doc);
    const result = editAll(doc, wanted);
    if (!result.ok) throw new Error(result.sentence);
    keeper.edited(result.play, (other) => {
      const again = editAll(other, wanted);
      return again.ok ? again.play : null;
    });
    return doc;
  } finally {
    await keeper.close();
  }
}
