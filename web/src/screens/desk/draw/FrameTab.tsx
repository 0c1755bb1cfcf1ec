import {
  actionWords,
  captionOf,
  CUT_KINDS,
  cutKind,
  DRIBBLE_KINDS,
  FAKES,
  findAction,
  PASS_KINDS,
  passKind,
  PLAYERS,
  SCREEN_KINDS,
  screenKind,
  sayDistance,
  TEMPOS,
  through,
  pathOf,
  LIMITS,
  type ActionPatch,
  type Step,
} from '@corkscrew/core';
import { useUnits } from '../../../app/units.ts';
import { GripVertical, Trash2 } from 'lucide-react';
import { memo } from 'react';
import { Button as AriaButton, GridList, GridListItem } from 'react-aria-components';
import styled from 'styled-components';
import { Choice, plain } from '../../../ui/Choice.tsx';
import { IconButton } from '../../../ui/IconButton.tsx';
import { useOrder } from '../../../ui/order.ts';
import { TextField } from '../../../ui/TextField.tsx';
import { Looks } from '../answers/Looks.tsx';
import { TheyPlayIt } from '../defend/TheyPlayIt.tsx';
import { CueFields } from './CueFields.tsx';
import { apply, lineView, useDesk, usePick } from '../store.ts';
import { useDeskTeller } from '../teller.ts';

const List = styled(GridList)`
  margin: 8px 0 4px;
  .row {
    display: grid;
    grid-template-columns: 18px 1fr;
    align-items: start;
    gap: 6px;
    padding: 7px 6px 7px 2px;
    border-bottom: 1px solid var(--rule);
    font-size: 13px;
    cursor: default;
    outline: none;
    border-left: 3px solid transparent;
  }
  .row[data-selected] {
    background: var(--raised);
    border-left-color: var(--pen);
  }
  .row[data-focus-visible] {
    outline: 2px solid var(--pen);
    outline-offset: -2px;
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
`;
const Words = styled.div`
  .caption,
  .caption label {
    display: grid;
    gap: 6px;
  }
  .caption {
    gap: 10px;
    margin-top: 8px;
  }
`;
const Fields = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  padding: 10px;
  margin-bottom: 12px;
  background: var(--raised);
  border: 1px solid var(--rule);
  label {
    display: grid;
    gap: 5px;
  }
  .whole {
    grid-column: 1 / -1;
    display: flex;
    justify-content: space-between;
    align-items: center;
    color: var(--ink-2);
  }
`;

/** What happens in this frame, in order; the chosen action's particulars; the caption. */
export function FrameTab() {
  const t = useDeskTeller();
  const { play, branch, frameId, actionId } = usePick('play', 'branch', 'frameId', 'actionId');
  const view = lineView(play, branch, frameId);
  const walk = view.walks[view.index]!;
  const earlier = view.walks.slice(0, view.index);
  const step = walk.steps.find((s) => s.action.id === actionId);
  const items = walk.steps.map((s) => ({
    id: s.action.id,
    words: actionWords(view.court, walk, s, earlier, t),
  }));
  return (
    <>
      <h3>Frame {view.index + 1}: what happens, in order</h3>
      {walk.steps.length === 0 ? (
        <p style={{ color: 'var(--ink-2)', margin: '8px 0 14px' }}>
          Nobody moves yet. Drag a player for a cut, drag the ball for a pass, or press a number and a verb’s
          key: C cut, D dribble, P pass, S screen, H hand off, F shoot.
        </p>
      ) : (
        <div
          onKeyDown={(e) =>
            (e.key === 'Delete' || e.key === 'Backspace') &&
            actionId &&
            apply({ do: 'removeAction', id: actionId })
          }
        >
          <Order items={items} chosen={actionId} />
        </div>
      )}
      {step && <Particulars step={step} />}
      <Looks />
      <Caption key={frameId} generated={captionOf(view.court, walk, earlier, t)} />
    </>
  );
}

interface OrderProps {
  readonly items: readonly { readonly id: string; readonly words: string }[];
  readonly chosen: string | null;
}
const sameOrder = (a: OrderProps, b: OrderProps): boolean =>
  a.chosen === b.chosen &&
  a.items.length === b.items.length &&
  a.items.every(({ id, words }, i) => id === b.items[i]!.id && words === b.items[i]!.words);

/** The actions of the frame in their order. A list is slow to draw: an edit that changes none of its words does not. */
const Order = memo(function Order({ items, chosen }: OrderProps) {
  const dragAndDropHooks = useOrder(
    items.map((a) => a.id),
    (from, to) => apply({ do: 'moveAction', id: items[from]!.id, to }),
  );
  return (
    <List
      aria-label="Actions in this frame"
      selectionMode="single"
      selectionBehavior="replace"
      disallowEmptySelection={false}
      selectedKeys={chosen ? [chosen] : []}
      onSelectionChange={(keys) => {
        const id = keys === 'all' ? null : String([...keys][0] ?? '') || null;
        const found = id ? findAction(useDesk.getState().play, id) : undefined;
        useDesk.setState({
          actionId: id,
          selected: found?.action.by ?? null,
          pending: null,
          time: null,
        });
      }}
      dragAndDropHooks={dragAndDropHooks}
    >
      {items.map(({ id, words }) => (
        <GridListItem key={id} id={id} textValue={words} className="row">
          <AriaButton slot="drag" className="grip" aria-label="Move in the order">
            <GripVertical size={14} />
          </AriaButton>
          <span>{words}</span>
        </GridListItem>
      ))}
    </List>
  );
}, sameOrder);

function Particulars({ step }: { step: Step }) {
  const { play, branch, frameId } = usePick('play', 'branch', 'frameId');
  const view = lineView(play, branch, frameId);
  const walk = view.walks[view.index]!;
  const earlier = view.walks.slice(0, view.index);
  const { action } = step;
  const set = (patch: ActionPatch) => apply({ do: 'patchAction', id: action.id, set: patch });
  const kinds: readonly string[] | null =
    action.does === 'cut'
      ? CUT_KINDS
      : action.does === 'screen'
        ? SCREEN_KINDS
        : action.does === 'dribble'
          ? DRIBBLE_KINDS
          : action.does === 'pass'
            ? PASS_KINDS
            : null;
  const inferred =
    action.does === 'cut'
      ? cutKind(
          view.court,
          walk,
          { ...step, action: { ...action, kind: undefined } as typeof action },
          earlier,
        )
      : action.does === 'screen'
        ? screenKind(view.court, walk, { ...step, action: { ...action, kind: undefined } as typeof action })
        : action.does === 'pass'
          ? passKind({ ...step, action: { ...action, kind: undefined } as typeof action })
          : undefined;
  const kind = 'kind' in action ? (action.kind ?? '') : '';
  const path = pathOf(action);
  const length = path.length > 0 ? through(step.before.places[action.by], path).length : 0;
  const units = useUnits(view.court);
  const mates = PLAYERS.filter((p) => p !== action.by);
  return (
    <Fields>
      {kinds && (
        <Choice
          label="Kind"
          value={kind}
          options={[
            ['', inferred ? `${spaced(inferred)} (as drawn)` : 'plain'],
            ...kinds.map((k) => [k, spaced(k)] as const),
          ]}
          onChange={(k) =>
            k === ''
              ? apply({ do: 'patchAction', id: action.id, unset: ['kind'] })
              : set({ kind: k as ActionPatch['kind'] })
          }
        />
      )}
      {(action.does === 'cut' || action.does === 'dribble' || action.does === 'screen') && (
        <Choice
          label="Tempo"
          value={action.tempo ?? 'cut'}
          options={plain(TEMPOS)}
          onChange={(tempo) => set({ tempo })}
        />
      )}
      {action.does === 'screen' && (
        <Choice
          label="For"
          value={action.for}
          options={plain(mates)}
          onChange={(mate) => set({ for: mate })}
        />
      )}
      <TheyPlayIt action={action} />
      {(action.does === 'pass' || action.does === 'handoff') && (
        <Choice label="To" value={action.to} options={plain(mates)} onChange={(to) => set({ to })} />
      )}
      {action.does === 'fake' && (
        <Choice
          label="Of"
          value={action.of}
          options={FAKES.map((of) => [of, of] as const)}
          onChange={(of) => set({ of })}
        />
      )}
      <CueFields action={action} />
      <div className="whole">
        <span>{length > 0 ? sayDistance(length, units) : ''}</span>
        <IconButton
          aria-label="Delete this action"
          onPress={() => apply({ do: 'removeAction', id: action.id })}
        >
          <Trash2 size={15} />
        </IconButton>
      </div>
    </Fields>
  );
}

const spaced = (k: string): string =>
  (({ cut45: '45 cut', lCut: 'L-cut', vCut: 'V-cut' }) as Record<string, string>)[k] ??
  k.replace(/[A-Z]/g, (c) => ` ${c.toLowerCase()}`);

function Caption({ generated }: { generated: string }) {
  const { play, frameId } = usePick('play', 'frameId');
  const frame = play.frames.find((f) => f.id === frameId);
  return (
    <Words>
      <div className="caption">
        <TextField
          label="Title of the frame"
          value={frame?.title ?? ''}
          max={LIMITS.name}
          placeholder="Entry, Screen, Read …"
          onDone={(title) => apply({ do: 'caption', frame: frameId, title })}
        />
        <TextField
          label="Your own words for it"
          value={frame?.caption ?? ''}
          max={LIMITS.caption}
          area
          placeholder={generated || 'Written for you as you draw.'}
          onDone={(caption) => apply({ do: 'caption', frame: frameId, caption })}
        />
      </div>
    </Words>
  );
}
