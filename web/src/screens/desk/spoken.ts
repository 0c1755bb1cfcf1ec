import { actionWords, courtFor, lineThrough, speak, walkLine, type Play, type Teller } from '@corkscrew/core';
import { useEffect } from 'react';
import { useListener, type Heard } from '../../app/finding.ts';
import { useWords } from '../../team/words.ts';
import { replacePlay, useDesk } from './store.ts';
import { useDeskTeller } from './teller.ts';

/** While the desk is open what is said in the command box is drawn in the frame on the court. */
export function useHears(): void {
  const words = useWords();
  const t = useDeskTeller();
  useEffect(() => {
    useListener.setState({
      hear: (sentence): Heard | null => {
        if (!/^\s*[1-5]\s+\p{L}/u.test(sentence)) return null;
        const { play, frameId } = useDesk.getState();
        const said = speak(play, frameId, sentence, words);
        if (!said.ok) return { sentence: said.sentence, draw: null };
        return {
          sentence: inWords(said.play, frameId, said.actions, t),
          draw: () => {
            replacePlay(said.play);
            useDesk.setState({ actionId: said.actions.at(-1) ?? null });
          },
        };
      },
    });
    return () => useListener.setState({ hear: null });
  }, [words, t]);
}

/** What would be drawn, as the court says it. */
function inWords(play: Play, frame: string, actions: readonly string[], t: Teller): string {
  const line = lineThrough(play, frame);
  const walks = walkLine(play, line);
  const at = line.findIndex((f) => f.id === frame);
  return walks[at]!.steps.filter((s) => actions.includes(s.action.id))
    .map((s) => actionWords(courtFor(play), walks[at]!, s, walks.slice(0, at), t))
    .join(', ');
}
