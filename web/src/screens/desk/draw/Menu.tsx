import {
  findAction,
  NEEDS,
  unavailable,
  UNAVAILABLE_WORDS,
  VERB_WORDS,
  type PlayerId,
  type Verb,
} from '@corkscrew/core';
import { useState, type ReactNode } from 'react';
import { COMMANDS } from '../../../app/keymap.ts';
import { Choices, type MenuChoice } from '../../../ui/Choices.tsx';
import { keyWords } from '../../../ui/key-words.ts';
import { addFrame, apply, goToFrame, lineView, startAnswer, startSetting, useDesk } from '../store.ts';
import { copyInHand, copyWritten, paste } from './clipboard.ts';
import { chooseAction, chooseMan, sayVerb } from './hand.ts';
import { nextTempo, startWaiting } from './keys.ts';

/** What a menu was opened on. */
type On =
  | { readonly is: 'man'; readonly id: PlayerId }
  | { readonly is: 'action'; readonly id: string }
  | { readonly is: 'frame'; readonly id: string }
  | { readonly is: 'court' };

const { getState: get } = useDesk;
const keyOf = (id: string): string => keyWords(COMMANDS.find((c) => c.id === id)!.keys[0]);

/** What was pressed, by what its elements say of themselves. */
function onWhat(target: Element): On | null {
  const man = target.closest('[data-player]')?.getAttribute('data-player');
  if (man) return { is: 'man', id: man as PlayerId };
  const action = target.closest('[data-action], [data-block], [role="row"][data-key]');
  const id =
    action?.getAttribute('data-action') ??
    action?.getAttribute('data-block') ??
    action?.getAttribute('data-key');
  if (id && findAction(get().play, id)) return { is: 'action', id };
  const frame = target.closest('[data-frame]')?.getAttribute('data-frame');
  if (frame) return { is: 'frame', id: frame };
  return target.closest('#court') ? { is: 'court' } : null;
}

/** The commands of what a menu is on, with the keys that do the same. */
function choicesOf(on: On): MenuChoice<string>[] {
  const { play, branch, frameId } = get();
  switch (on.is) {
    case 'man': {
      const { walks, index } = lineView(play, branch, frameId);
      return [
        ...(Object.keys(NEEDS) as Verb[]).map((verb) => {
          const away = unavailable(walks[index]!.after, on.id, verb);
          return {
            id: verb,
            words: away ? `${VERB_WORDS[verb]}: ${UNAVAILABLE_WORDS[away](on.id)}` : VERB_WORDS[verb],
            key: keyOf(verb),
            away: away !== null,
          };
        }),
        { id: 'wait', words: 'Wait for a man', key: keyOf('wait') },
      ];
    }
    case 'action': {
      const action = findAction(play, on.id)!.action;
      return [
        {
          id: 'tempo',
          words: 'Another tempo',
          key: keyOf('tempo'),
          away: !('tempo' in action) && !('path' in action),
        },
        { id: 'wait', words: 'Wait for a man', key: keyOf('wait') },
        { id: 'untie', words: 'Untie', key: keyOf('blockUntie'), away: action.cue === undefined },
        { id: 'copy', words: 'Copy', key: keyOf('copy') },
        { id: 'remove', words: 'Take it away', key: keyOf('remove') },
      ];
    }
    case 'frame':
      return [
        { id: 'next', words: 'A frame after it' },
        { id: 'answer', words: 'Answer what they do', key: keyOf('answer') },
        { id: 'duplicate', words: 'Duplicate' },
        { id: 'copy', words: 'Copy', key: keyOf('copy') },
        { id: 'copyEnding', words: 'Copy from here on, as it is written' },
        { id: 'paste', words: 'Paste after it', key: keyOf('paste') },
        { id: 'earlier', words: 'Earlier on its line', away: before(on.id) === undefined },
        { id: 'later', words: 'Later on its line', away: after(on.id) === undefined },
        { id: 'remove', words: 'Delete' },
      ];
    case 'court':
      return [
        { id: 'paste', words: 'Paste', key: keyOf('paste') },
        { id: 'copyPlay', words: 'Copy the play, as it is written' },
        { id: 'set', words: 'Move the set', key: keyOf('set') },
        { id: 'answer', words: 'Answer what they do', key: keyOf('answer') },
      ];
  }
}

/** The frame before the one before, behind which it goes when it goes one earlier; undefined when it is the first. */
function before(id: string): string | null | undefined {
  const { play, branch } = get();
  const { line } = lineView(play, branch, id);
  const i = line.findIndex((f) => f.id === id);
  return i <= 0 ? undefined : line[i - 1]!.parent;
}
/** The frame behind which it goes when it goes one later. */
function after(id: string): string | undefined {
  const { play, branch } = get();
  const { line } = lineView(play, branch, id);
  return line[line.findIndex((f) => f.id === id) + 1]?.id;
}

function carryOut(on: On, what: string): void {
  if (on.is === 'man') {
    chooseMan(on.id);
    if (what === 'wait') startWaiting();
    else sayVerb(what as Verb);
    return;
  }
  if (on.is === 'action') chooseAction(on.id);
  if (on.is === 'frame') goToFrame(on.id);
  const id = on.is === 'court' ? get().frameId : on.id;
  switch (what) {
    case 'tempo':
      return void nextTempo();
    case 'wait':
      return void startWaiting();
    case 'untie':
      return void apply({ do: 'patchAction', id, unset: ['cue'] });
    case 'copy':
      if (on.is === 'frame') useDesk.setState({ actionId: null });
      return void copyInHand();
    case 'copyEnding':
      return copyWritten({ is: 'ending', frame: id });
    case 'copyPlay':
      return copyWritten({ is: 'play' });
    case 'paste':
      return void paste();
    case 'set':
      return startSetting();
    case 'answer':
      return startAnswer();
    case 'next':
      return addFrame();
    case 'duplicate':
      return void apply({ do: 'duplicateFrame', id });
    case 'earlier':
      return void apply({ do: 'moveFrame', id, after: before(id) ?? null });
    case 'later':
      return void apply({ do: 'moveFrame', id, after: after(id) ?? null });
    case 'remove':
      return void apply(on.is === 'action' ? { do: 'removeAction', id } : { do: 'removeFrame', id });
  }
}

/** A menu on whatever is pressed with the other button, or held: the same commands as the keys. True when it opens. */
export function WithMenu({ children }: { children: (open: (target: Element) => boolean) => ReactNode }) {
  const [menu, setMenu] = useState<{ on: On; at: Element } | null>(null);
  const open = (target: Element): boolean => {
    const on = target.closest('input, textarea, select') ? null : onWhat(target);
    if (on) setMenu({ on, at: target });
    return on !== null;
  };
  return (
    <>
      {children(open)}
      {menu && (
        <Choices
          label="What to do with it"
          at={menu.at}
          choices={choicesOf(menu.on)}
          onChoose={(what) => {
            setMenu(null);
            carryOut(menu.on, what);
          }}
          onClose={() => setMenu(null)}
        />
      )}
    </>
  );
}
