import {
  type Court,
  edit,
  type Finding,
  frameById,
  type FrameWalk,
  holderOf,
  inBounds,
  type NewAction,
  placeWords,
  type Teller,
  type Play,
  type PlayerId,
  screenAngle,
  startState,
  stateAt,
  walkFrame,
} from '@corkscrew/core';
import {
  ballItems,
  handOf,
  markItems,
  restingBodies,
  sceneSize,
  toScene,
  words,
  type Scale,
} from '@corkscrew/diagram';
import { useMemo } from 'react';
import { HalfCourt } from '../../../floor/HalfCourt.tsx';
import { Lines } from '../../../floor/Lines.tsx';
import { Men } from '../../../floor/Men.tsx';
import { PathHandles } from '../../../floor/PathHandles.tsx';
import { SceneItems } from '../../../floor/SceneSvg.tsx';
import { Spots } from '../../../floor/Spots.tsx';
import { mustMend, useTold } from '../analysis.ts';
import { AllLooks } from '../answers/AllLooks.tsx';
import { useLooks } from '../answers/Looks.tsx';
import { Coverages } from '../defend/Coverages.tsx';
import { useTrial } from '../defend/view.ts';
import { apply, lineView, useDesk, usePick } from '../store.ts';
import { useCourtScale } from '../view.ts';
import { chooseMan } from './hand.ts';
import { Announced, Defenders, Gaps, Runner } from './Live.tsx';
import { Tip } from './Tip.tsx';
import { useHand } from './use-hand.ts';
import { useDeskTeller } from '../teller.ts';

const hover = (hovered: string | null): void => useDesk.setState({ hovered });

/** The floor under the coach's hand: pick a player, say what he does. */
export function Stage() {
  const t = useDeskTeller();
  const s = usePick(
    'actionId',
    'branch',
    'frameId',
    'hovered',
    'placing',
    'play',
    'running',
    'selected',
    'showGaps',
    'showLast',
    'showLooks',
    'showSpots',
    'shown',
  );
  const timed = useDesk((d) => d.time !== null);
  const { court, walks, index } = lineView(s.play, s.branch, s.frameId);
  const { scale, idle, room } = useCourtScale(walks.some((w) => anyOutside(court, w)));
  const walk = walks[index]!;
  const draft = useDraft(s.play);
  // An answer that is looked at is shown from where it starts.
  const still = (!timed && !s.running) || draft !== null;
  const resting = restingBodies(court, walk.before, scale);
  const { down, hand, held, proposed } = useHand({ court, walk, bodies: resting, scale, idle });
  const shown = useProposed(s.frameId, proposed, walk);
  const set = s.placing && held?.item.is === 'man' ? held : null;
  const before = draft
    ? draft.walk.before
    : set
      ? { ...walk.before, places: { ...walk.before.places, [(set.item as { who: PlayerId }).who]: set.at } }
      : walk.before;
  const bodies = set || draft ? restingBodies(court, before, scale) : resting;
  const here = useTold().filter((f) => mustMend(f) && f.frame === s.frameId);
  const told = still && !held && !s.placing && !draft ? here.slice(0, 2) : [];
  return (
    <HalfCourt
      ref={room}
      scale={scale}
      role="application"
      label="Court"
      drawn={!idle}
      testId="court"
      onPointerDown={down}
      {...hand}
    >
      <Lines
        court={court}
        walk={s.placing ? { ...walk, steps: [] } : (draft?.walk ?? shown.walk)}
        next={walks[index + 1]}
        previous={s.showLast ? walks[index - 1] : undefined}
        scale={scale}
        chosen={s.actionId ?? s.hovered}
        proposed={shown.id}
        fresh={draft?.fresh}
        onHover={hover}
      />
      {s.showSpots && <Spots court={court} scale={scale} />}
      {!draft && <Defenders scale={scale} />}
      {still ? (
        <>
          {!draft && <BallLater walk={walk} scale={scale} />}
          <Men
            bodies={bodies}
            holder={holderOf(before)}
            scale={scale}
            chosen={s.selected}
            faulty={new Set(draft ? [] : here.flatMap((f) => f.players))}
            words={(id) => sentence(court, id, walk, t)}
            onFocus={focusMan}
            onPress={chooseMan}
          />
        </>
      ) : (
        <Runner scale={scale} />
      )}
      {still && !idle && !s.placing && !draft && <Coverages scale={scale} />}
      {s.showGaps && <Gaps scale={scale} />}
      {s.shown && !s.running && (
        <g aria-hidden="true" pointerEvents="none">
          <SceneItems items={markItems(s.shown.marks, scale)} />
        </g>
      )}
      {s.actionId && still && !idle && <Handles scale={scale} />}
      {still && !held && !draft && s.showLooks && <AllLooks scale={scale} />}
      {still && !held && !draft && !s.showLooks && walk.frame.looks && <LookNumbers scale={scale} />}
      {!draft && <Announced scale={scale} />}
      <Told findings={told} scale={scale} />
      {held && (
        <Tip
          court={court}
          walk={shown.walk}
          earlier={walks.slice(0, index)}
          proposed={shown.id}
          at={held.at}
          scale={scale}
        />
      )}
    </HalfCourt>
  );
}

/** Somebody stands out of bounds in a frame. */
const anyOutside = (court: Court, walk: FrameWalk): boolean =>
  Object.values(walk.before.places).some((p) => !inBounds(court, p));

/** A man who is reached by Tab is chosen, unless a verb waits for one. */
function focusMan(id: PlayerId): void {
  const { selected, pending } = useDesk.getState();
  if (selected !== id && !pending) chooseMan(id);
}

/** The ball where it will be when what is drawn is done: from there it is passed on in the same frame. */
function BallLater({ walk, scale }: { walk: FrameWalk; scale: Scale }) {
  const holder = holderOf(walk.after);
  if (!holder || holder === holderOf(walk.before)) return null;
  const at = toScene(scale, walk.after.places[holder]);
  const items = ballItems(handOf(at, 270, scale), scale);
  return (
    <g aria-hidden="true" pointerEvents="none" opacity={0.45} data-testid="ball-later">
      <SceneItems items={items} />
    </g>
  );
}

/** Handles of the chosen action's line. */
function Handles({ scale }: { scale: Scale }) {
  const { play, branch, frameId, actionId } = usePick('play', 'branch', 'frameId', 'actionId');
  const { court, walks, index } = lineView(play, branch, frameId);
  const step = walks[index]?.steps.find((st) => st.action.id === actionId);
  if (!step || !('path' in step.action) || !step.action.path?.length) return null;
  const { action } = step;
  return (
    <PathHandles
      key={action.id}
      court={court}
      scale={scale}
      start={step.before.places[action.by]}
      path={action.path ?? []}
      angle={
        action.does === 'screen' ? screenAngle(walks[index]!, { ...step, action }, walks[index + 1]) : null
      }
      onPath={(path) => apply({ do: 'patchAction', id: action.id, set: { path } })}
      onAngle={(angle) => apply({ do: 'patchAction', id: action.id, set: { angle } })}
    />
  );
}

/** The coach's looks by their number, where they would come. */
function LookNumbers({ scale }: { scale: Scale }) {
  const items = useLooks().flatMap(({ at, inferred }, i) => {
    if (!at || inferred) return [];
    const c = toScene(scale, at);
    return [words(`look ${i + 1}`, { x: c.x + 18, y: c.y - 14 }, 'pen', { size: 13, part: 'look' })];
  });
  return items.length === 0 ? null : (
    <g aria-hidden="true" pointerEvents="none">
      <SceneItems items={items} />
    </g>
  );
}

/** A letter of it is about so wide (px). */
const LETTER = 6.2;
/** A sentence in lines of at most so many letters. */
function broken(sentence: string, most: number): string[] {
  const lines = [''];
  for (const word of sentence.split(' ')) {
    const last = lines.length - 1;
    const longer = lines[last] ? `${lines[last]} ${word}` : word;
    if (longer.length > most && lines[last]) lines.push(word);
    else lines[last] = longer;
  }
  return lines;
}

/** What is wrong, in words beside the men it is about. */
function Told({ findings, scale }: { findings: readonly Finding[]; scale: Scale }) {
  const { width } = sceneSize(scale);
  const items = findings.flatMap((f) => {
    const c = toScene(scale, f.place);
    const left = c.x > width / 2;
    const x = left ? Math.min(c.x, width - 30) - 26 : Math.max(c.x, 30) + 26;
    const lines = broken(f.sentence, Math.floor((left ? x : width - x) / LETTER));
    return lines.map((line, i) =>
      words(line, { x, y: Math.max(16, c.y + 34) + i * 15 }, 'gap', {
        size: 12.5,
        anchor: left ? 'end' : 'start',
        part: 'told',
      }),
    );
  });
  return (
    <g pointerEvents="none">
      <SceneItems items={items} />
    </g>
  );
}

/** The frame with the proposal in it, so that the line under the hand is the line it will become. */
function useProposed(
  frameId: string,
  action: NewAction | null,
  walk: FrameWalk,
): { walk: FrameWalk; id: string | null } {
  const play = useDesk((d) => d.play);
  const key = action ? JSON.stringify(action) : '';
  return useMemo(() => {
    if (!key) return { walk, id: null };
    const result = edit(play, { do: 'addAction', frame: frameId, action: JSON.parse(key) as NewAction });
    if (!result.ok) return { walk, id: null };
    const frame = result.play.frames.find((f) => f.id === frameId)!;
    return { walk: walkFrame(stateAt(play, frameId), frame), id: frame.actions.at(-1)!.id };
  }, [key, play, frameId, walk]);
}

/** An answer that is being looked at, before it is taken. */
function useDraft(play: Play): { walk: FrameWalk; fresh: readonly string[] } | null {
  const draft = useTrial((t) => t.draft);
  return useMemo(() => {
    if (draft?.frames !== play.frames) return null;
    const { frame, fresh } = draft;
    const before = frame.parent === null ? startState(play) : walkOf(play, frame.parent).after;
    return { walk: walkFrame(before, frame), fresh };
  }, [draft, play]);
}
const walkOf = (play: Play, id: string): FrameWalk => walkFrame(stateAt(play, id), frameById(play, id)!);

function sentence(court: Court, id: PlayerId, walk: FrameWalk, t: Teller): string {
  const where = placeWords(court, walk.before.places[id], t);
  return `${id}, ours, ${where}${holderOf(walk.before) === id ? ', has the ball' : ''}`;
}
