import {
  contentOf,
  LIMITS,
  looksIn,
  PLAYERS,
  LOOK_DOES,
  lookWords,
  reordered,
  type Look,
  type LookIn,
  type LookWorth,
  type PlayerId,
} from '@corkscrew/core';
import { GripVertical, Trash2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Button as AriaButton, GridList, GridListItem } from 'react-aria-components';
import styled from 'styled-components';
import { contentAt, lineInTime } from '../../../questions/lines.ts';
import { menKey } from '../../../questions/men.ts';
import { useAnswer } from '../../../questions/use-answer.ts';
import { useTeaching } from '../../../team/team.ts';
import { Choice, plain } from '../../../ui/Choice.tsx';
import { Button, Input } from '../../../ui/controls.tsx';
import { IconButton } from '../../../ui/IconButton.tsx';
import { useOrder } from '../../../ui/order.ts';
import { useDefence } from '../defend/view.ts';
import { apply, goToEnding, lineView, usePick } from '../store.ts';
import { useDeskTeller } from '../teller.ts';

const Box = styled.section`
  margin: 14px 0;
  .row {
    display: grid;
    grid-template-columns: 18px 16px minmax(0, 1fr) auto auto;
    align-items: center;
    gap: 6px;
    padding: 5px 0;
    border-bottom: 1px solid var(--rule);
    font-size: 13px;
    cursor: default;
    outline: none;
  }
  .row[data-focus-visible] {
    outline: 2px solid var(--pen);
    outline-offset: -2px;
  }
  .row b {
    font: 700 13px/1 'Archivo Variable';
    font-stretch: 74%;
    color: var(--pen);
    text-align: center;
  }
  .row i {
    font: 640 12.5px/1.2 'Archivo Variable';
    font-stretch: 77%;
    color: var(--ink-2);
  }
  .to {
    all: unset;
    cursor: default;
    text-decoration: underline;
    text-decoration-color: var(--rule-2);
  }
  .to:focus-visible {
    outline: 2px solid var(--pen);
  }
  form {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 6px;
    margin-top: 8px;
    align-items: end;
  }
  form label {
    display: grid;
    gap: 5px;
  }
  form .whole {
    grid-column: 1 / -1;
    display: flex;
    gap: 6px;
  }
  form input {
    flex: 1;
    min-width: 0;
  }
  .grip {
    border: 0;
    background: none;
    padding: 2px 0;
    color: var(--ink-3);
  }
  .react-aria-DropIndicator[data-drop-target] {
    outline: 1px solid var(--pen);
  }
  p {
    margin: 4px 0;
    color: var(--ink-2);
    font-size: 12.5px;
  }
`;

/** A tenth of a point is no difference. */
const TELLS = 0.1;

/** The looks of the frame on the court: the coach's, or as anybody would read the drawing. */
export function useLooks(): readonly LookIn[] {
  const { play, branch, frameId, fives } = usePick('play', 'branch', 'frameId', 'fives');
  const { court } = lineView(play, branch, frameId);
  return useMemo(
    () => looksIn(play, frameId, court, (leaf) => lineInTime(play, leaf, fives).compiled.timeline),
    [play, frameId, court, fives],
  );
}

/** The looks of the frame in the coach's order: dragged, or moved by keys; what the model would put first beside it. */
export function Looks() {
  const t = useDeskTeller();
  const { play, frameId } = usePick('play', 'frameId');
  const looks = useLooks();
  const worths = useWorths(looks);
  const own = looks.some((l) => !l.inferred);
  const put = (all: Look[]): boolean => apply({ do: 'looks', frame: frameId, looks: all });
  const dragAndDropHooks = useOrder(
    looks.map((l) => l.look.id),
    (from, to) => put(reordered(looks, from, to)),
  );
  if (looks.length === 0) return null;
  const better = betterOrder(looks, worths);
  return (
    <Box aria-label="Looks">
      <h3>Looks, in order</h3>
      <GridList aria-label="Looks in this frame" dragAndDropHooks={dragAndDropHooks}>
        {looks.map(({ look, leaf }, i) => {
          const words = lookWords(look, t);
          const worth = worths?.[i];
          return (
            <GridListItem key={look.id} id={look.id} textValue={words} className="row">
              <AriaButton slot="drag" className="grip" aria-label="Move in the order">
                <GripVertical size={14} />
              </AriaButton>
              <b>{i + 1}</b>
              <span>
                {look.frame && play.frames.some((f) => f.id === look.frame) ? (
                  <AriaButton className="to" onPress={() => goToEnding(leaf)}>
                    {words}
                  </AriaButton>
                ) : (
                  words
                )}
              </span>
              <i>{worth ? `${worth.worth.toFixed(2)}${worth.open ? '' : ', covered'}` : ''}</i>
              <IconButton
                aria-label={`Take out: ${words}`}
                onPress={() =>
                  put(
                    reordered(
                      looks.filter((l) => l.look.id !== look.id),
                      0,
                      0,
                    ),
                  )
                }
              >
                <Trash2 size={13} />
              </IconButton>
            </GridListItem>
          );
        })}
      </GridList>
      {own ? (
        <p>
          Your order. <Button onPress={() => put([])}>Read them from the drawing</Button>
        </p>
      ) : (
        <p>As anybody would read the drawing: move one, and the order is yours.</p>
      )}
      {better && <p>{better}</p>}
      <Adding
        onAdd={(look) => put([...looks.map((l) => l.look), look].map((l, i) => ({ ...l, order: i + 1 })))}
        taken={looks.map((l) => l.look.id)}
      />
    </Box>
  );
}

/** A look that the drawing does not show: whose, how, and when in the coach's words. */
function Adding({ onAdd, taken }: { onAdd: (look: Look) => void; taken: readonly string[] }) {
  const [open, setOpen] = useState(false);
  const [player, setPlayer] = useState<PlayerId>('1');
  const [kind, setKind] = useState<Look['kind']>('keep');
  const [when, setWhen] = useState('');
  if (!open) return <Button onPress={() => setOpen(true)}>Add a look</Button>;
  const add = (): void => {
    let n = 1;
    while (taken.includes(`l${n}`)) n++;
    const note = when.trim();
    onAdd({ id: `l${n}`, player, kind, order: 0, ...(note ? { when: { does: 'own', note } } : {}) });
    setOpen(false);
    setWhen('');
  };
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        add();
      }}
    >
      <Choice label="Who" value={player} options={plain(PLAYERS)} onChange={setPlayer} />
      <Choice
        label="How"
        value={kind}
        options={(['shot', 'drive', 'pass', 'keep'] as const).map((k) => [k, LOOK_DOES[k]] as const)}
        onChange={setKind}
      />
      <span className="whole">
        <Input
          aria-label="If what"
          placeholder="if what, in your words"
          maxLength={LIMITS.line}
          value={when}
          onChange={(e) => setWhen(e.target.value)}
        />
        <Button type="submit">Add</Button>
      </span>
    </form>
  );
}

/** The model's order where it differs by more than nothing: advice, never a correction. */
function betterOrder(looks: readonly LookIn[], worths: readonly (LookWorth | null)[] | null): string | null {
  if (!worths) return null;
  for (let i = 1; i < looks.length; i++) {
    const [a, b] = [worths[i - 1], worths[i]];
    // Looks for different reads are no rivals: they are never there together.
    const rivals = looks[i]!.look.when === undefined && looks[i - 1]!.look.when === undefined;
    if (rivals && a && b && b.worth > a.worth + TELLS)
      return `By the figures look ${i + 1} is worth more than look ${i}: ${b.worth.toFixed(2)} to ${a.worth.toFixed(2)}.`;
  }
  return null;
}

/** What each look is worth against the defence chosen; null while it is not known. */
function useWorths(looks: readonly LookIn[]): readonly (LookWorth | null)[] | null {
  const { play, fives } = usePick('play', 'fives');
  const defence = useDefence(play);
  const { own: teaching } = useTeaching();
  const asked = looks.map(({ look, leaf }) => ({ look, leaf }));
  const key = [
    ...asked.map((a) => `${contentOf(a.look)} ${contentAt(play, a.leaf)}`),
    contentOf(defence),
    menKey({ teaching, fives }),
  ].join(' ');
  const asks = defence && asked.length > 0 ? { play, defence, teaching, fives, looks: asked } : null;
  const { answer, fresh } = useAnswer('looks', asks, { key, priority: 'later' });
  return fresh ? answer : null;
}
