import { edit, type Play } from '@corkscrew/core';
import { nanoid } from 'nanoid';
import { api } from '../../app/api.ts';
import { keepNew } from '../../keeping/deliver.ts';
import { Keeper, type Offer, type Shown } from '../../keeping/keeper.ts';
import { follow, keptBy, openOnDesk, replacePlay, useDesk, type SaveState } from './store.ts';

const clock = (d = new Date()): string =>
  `${String(d.getHours()).padStart(2, '0')}:${String(d.getMinutes()).padStart(2, '0')}`;

/** The keeper of the play on the desk. */
let keeper: Keeper | null = null;
/** Since when the server has been away. */
let since = '';

const UNKEPT =
  'This device can’t keep your changes, and the server has not got them yet. Leave this tab open until it has.';

function saveOf({ kept, savedAt, unkept }: Shown): SaveState {
  const { status, why, theirs } = kept;
  if (status !== 'offline') since = '';
  // Done here, and not yet with the tab that has the pen.
  if (kept.meant.length > 0) return { is: 'unsaved' };
  if (unkept && status !== 'saved') return { is: 'refused', why: UNKEPT };
  switch (status) {
    case 'saved':
      return { is: 'saved', at: clock(savedAt === null ? new Date() : new Date(savedAt)) };
    case 'unsaved':
      return { is: 'unsaved' };
    case 'offline':
      since ||= clock();
      return { is: 'offline', since };
    case 'full':
    case 'refused':
      return { is: status, why };
    default:
      return { is: status, theirs: theirs! };
  }
}

/** Opens a play on the desk and keeps it from now on. Returns what takes it off the desk; what is not sent yet still is. */
export async function openPlay(id: string): Promise<() => void> {
  const mine = await Keeper.open(id);
  const { kept } = mine.state;
  openOnDesk(kept.doc, kept.extent.revision, saveOf(mine.state));
  const show = (shown: Shown) =>
    useDesk.setState({
      save: saveOf(shown),
      revision: shown.kept.extent.revision,
      following: shown.kept.pen !== 'mine',
      offers: shown.offers,
    });
  show(mine.state);
  keeper = mine;
  keptBy(mine);
  mine.onChange((shown) => {
    if (keeper !== mine) return;
    follow(shown.kept.doc, shown.move === 'opened' ? null : shown.move);
    show(shown);
  });
  return () => {
    if (keeper === mine) {
      keeper = null;
      keptBy(null);
    }
    void mine.close();
  };
}

/** Another play with the same in it, named apart. Cut at whole characters, and never refused for its name. */
function copyOf(play: Play, suffix: string): Play {
  const copy = edit(play, { do: 'copy', id: nanoid(12), suffix });
  if (!copy.ok) throw new Error(copy.sentence);
  return copy.play;
}

/** What to do when two changed the same play. Every way keeps both documents somewhere. */
export function settle(choice: 'mine' | 'theirs' | 'both'): void {
  const now = keeper;
  if (!now) return;
  if (choice !== 'both') return now.chose(choice);
  now.whenMine(() => {
    keepNew(copyOf(now.state.kept.doc, ' (mine)')).then(
      () => {
        now.chose('theirs');
        useDesk.setState({ notice: 'Yours is kept beside it as a second play.' });
      },
      () => useDesk.setState({ notice: 'This device has no room for a second play. Nothing was changed.' }),
    );
  });
}

/** A play that was thrown away elsewhere comes out of the trash. */
export async function takeOut(): Promise<void> {
  const now = keeper;
  if (!now) return;
  try {
    await api.restore(now.id);
    now.chose('restored');
  } catch (error) {
    useDesk.setState({ notice: (error as Error).message });
  }
}

/** What is on the desk as a play of its own; the one it was stays as the server has it. Resolves with the new one's id. */
export async function keepAsCopy(): Promise<string | null> {
  const now = keeper;
  if (!now) return null;
  const copy = copyOf(now.state.kept.doc, ' (copy)');
  await keepNew(copy);
  now.chose('theirs');
  return copy.id;
}

/** Takes a version that this device kept onto the desk, one step back from what was there. */
export function takeOffer(offer: Offer): void {
  const now = keeper;
  if (!now || !offer.play) return;
  replacePlay(offer.play);
  now.whenMine(() => void now.forget(offer));
}

/** Keeps an offered version as a play of its own. */
export async function copyOffer(offer: Offer): Promise<void> {
  if (!offer.play) return;
  await keepNew(copyOf(offer.play, ' (other)'));
  await keeper?.forget(offer);
  useDesk.setState({ notice: 'It is kept as a second play.' });
}

export const dropOffer = (offer: Offer): void => void keeper?.forget(offer);
