import {
  courtFor,
  edit,
  holderOf,
  inBounds,
  PLAYERS,
  placeWords,
  playerAt,
  SPOTS,
  stateAt,
  walkFrame,
  type Finding,
  type FrameWalk,
  type NewAction,
  type PlayerId,
} from '@corkscrew/core';
import { bodyItems, DESK, restingBodies, sceneSize, toFloor, toScene, type Scale } from '@corkscrew/diagram';
import { useMemo, useRef, useState, type PointerEvent } from 'react';
import styled from 'styled-components';
import { usePhone } from '../app/phone.ts';
import { SceneItems } from '../ui/SceneSvg.tsx';
import { apply, lineView, useDesk, usePick, type Desk } from '../screens/desk/store.ts';
import { propose, snap } from './propose.ts';
import { Coverages } from './Coverages.tsx';
import { Defenders } from './Defenders.tsx';
import { Gaps } from './Gaps.tsx';
import { Lines } from './Lines.tsx';
import { Marks } from './Marks.tsx';
import { PathHandles } from './PathHandles.tsx';
import { Runner } from './Runner.tsx';

const Svg = styled.svg`
  display: block;
  width: 100%;
  height: 100%;
  background: var(--sheet);
  touch-action: none;
  user-select: none;
  .hit {
    fill: transparent;
    cursor: grab;
  }
  g[data-player]:focus {
    outline: none;
  }
  g[data-player]:focus-visible .focus {
    stroke: var(--pen);
  }
  .focus {
    fill: none;
    stroke: none;
    stroke-width: 1.6;
    stroke-dasharray: 4 3;
  }
  .ring {
    fill: none;
    stroke: var(--pen);
    stroke-width: 2;
  }
  .name {
    font: 640 13px 'Archivo Variable';
    font-stretch: 77%;
    fill: var(--pen);
    paint-order: stroke;
    stroke: var(--sheet);
    stroke-width: 4px;
  }
  .told {
    font: 640 12.5px 'Archivo Variable';
    font-stretch: 77%;
    fill: var(--gap);
    paint-order: stroke;
    stroke: var(--sheet);
    stroke-width: 4px;
    pointer-events: none;
  }
  .coverage {
    cursor: pointer;
    outline: none;
  }
  .coverage:focus-visible rect {
    stroke: var(--pen);
    stroke-width: 2.5;
  }
  .figure {
    font: 640 14px 'Archivo Variable';
    font-stretch: 77%;
    fill: var(--ink);
  }
  .line {
    fill: none;
    stroke: transparent;
    stroke-width: 14;
    cursor: pointer;
  }
`;

const PHONE: Scale = { ...DESK, mark: 1.75, margin: 1.5 };

interface Drag {
  readonly who: PlayerId;
  readonly ball: boolean;
  readonly from: { x: number; y: number };
  readonly at: { x: number; y: number };
  readonly free: boolean;
  readonly moved: boolean;
}

/** The floor under the coach's hand: pick a player, say what he does. */
export function Stage({ findings }: { findings: readonly Finding[] }) {
  const s = usePick(
    'actionId',
    'branch',
    'frameId',
    'hovered',
    'pending',
    'placing',
    'play',
    'running',
    'selected',
    'showGaps',
    'showLast',
    'showSpots',
    'shown',
  );
  const timed = useDesk((d) => d.time !== null);
  const phone = usePhone();
  const scale = phone ? PHONE : DESK;
  const { court, walks, index } = lineView(s.play, s.branch, s.frameId);
  const walk = walks[index]!;
  const svg = useRef<SVGSVGElement>(null);
  const [drag, setDrag] = useState<Drag | null>(null);
  const { width, height } = sceneSize(scale);

  const floorPoint = (e: { clientX: number; clientY: number }) => {
    const m = svg.current!.getScreenCTM()!.inverse();
    return toFloor(scale, new DOMPoint(e.clientX, e.clientY).matrixTransform(m));
  };

  const live = proposalOf(s, walk, drag);
  const shown = useProposed(s.frameId, live?.action ?? null, walk);
  const start =
    s.placing && drag?.moved
      ? { ...walk.before, places: { ...walk.before.places, [drag.who]: snap(court, drag.at, drag.free) } }
      : walk.before;
  const bodies = restingBodies(court, start);
  const holder = holderOf(start);

  const down = (e: PointerEvent, who: PlayerId) => {
    if (s.running || phone || e.button !== 0) return;
    e.stopPropagation();
    (e.currentTarget as Element).setPointerCapture(e.pointerId);
    const p = floorPoint(e);
    const c = start.places[who];
    const ball = holder === who && Math.hypot(p.x - c.x, p.y - c.y) > 0.95;
    setDrag({ who, ball, from: p, at: p, free: e.altKey, moved: false });
  };
  const move = (e: PointerEvent) => {
    if (!drag) return;
    const at = floorPoint(e);
    setDrag({
      ...drag,
      at,
      free: e.altKey,
      moved: drag.moved || Math.hypot(at.x - drag.from.x, at.y - drag.from.y) > 0.5,
    });
  };
  const up = () => {
    if (!drag) return;
    setDrag(null);
    if (!drag.moved) {
      choose(drag.who);
      return;
    }
    if (s.placing)
      apply(
        { do: 'place', player: drag.who, place: snap(court, drag.at, drag.free) },
        { selected: drag.who },
      );
    else if (live)
      apply(
        { do: 'addAction', frame: s.frameId, action: live.action },
        { selected: drag.who, pending: null, actionId: null },
      );
  };
  const choose = (who: PlayerId) => {
    const p = s.pending;
    if (
      p &&
      s.selected &&
      s.selected !== who &&
      (p.verb === 'pass' || p.verb === 'handoff' || p.verb === 'screen')
    )
      commitVerb(who);
    else useDesk.setState({ selected: who, pending: null, actionId: null });
  };
  const commitVerb = (to: PlayerId | undefined, at?: { x: number; y: number; spot?: string | undefined }) => {
    if (!s.selected || !s.pending) return;
    const action = propose(shownState(walk), {
      who: s.selected,
      verb: s.pending.verb,
      ball: false,
      to,
      at: at ?? (to ? shownState(walk).places[to] : shownState(walk).places[s.selected]),
    });
    if (action)
      apply({ do: 'addAction', frame: s.frameId, action }, { pending: null, actionId: null, placing: false });
  };
  const onFloor = (e: PointerEvent) => {
    if (s.running || phone || e.button !== 0) return;
    if (s.pending && s.selected) commitVerb(undefined, snap(court, floorPoint(e), e.altKey));
    else useDesk.setState({ selected: null, actionId: null });
  };

  const tip = drag?.moved ? snap(court, drag.at, drag.free) : null;
  const tipAt = tip ? toScene(scale, tip) : null;
  const here = findings.filter((f) => f.frame === s.frameId);
  const faulty = new Set(here.flatMap((f) => f.players));
  const told = s.running || timed || drag?.moved ? [] : here.slice(0, 2);

  return (
    <Svg
      ref={svg}
      viewBox={`0 0 ${width} ${height}`}
      role="application"
      aria-label="Court"
      aria-roledescription="half court"
      onPointerDown={onFloor}
      onPointerMove={move}
      onPointerUp={up}
      onPointerCancel={() => setDrag(null)}
      data-testid="court"
    >
      <Lines
        court={court}
        walk={shown.walk}
        next={walks[index + 1]}
        previous={s.showLast ? walks[index - 1] : undefined}
        scale={scale}
        chosen={s.actionId ?? s.hovered}
        proposed={shown.id}
      />
      {s.showSpots &&
        SPOTS.map((spot) => {
          const p = toScene(scale, spot.at(court));
          return (
            <g key={spot.key} aria-hidden="true">
              <path d={`M${p.x - 3} ${p.y}h6M${p.x} ${p.y - 3}v6`} stroke="var(--ink-3)" />
              <text x={p.x + 5} y={p.y - 4} className="name" style={{ fill: 'var(--ink-3)', fontSize: 11.5 }}>
                {spot.code}
              </text>
            </g>
          );
        })}
      <Defenders scale={scale} />
      {timed || s.running ? (
        <Runner scale={scale} />
      ) : (
        PLAYERS.map((id) => {
          const c = toScene(scale, start.places[id]);
          const all = bodyItems(bodies, holder === id ? id : null, scale, true).filter(
            (i) => i.part === `player-${id}` || (i.part === 'ball' && holder === id),
          );
          return (
            <g
              key={id}
              data-player={id}
              tabIndex={0}
              role="button"
              aria-pressed={s.selected === id}
              aria-label={sentence(id, s.play, walk)}
              onPointerDown={(e) => down(e, id)}
              onFocus={(e) =>
                e.currentTarget.matches(':focus-visible') &&
                s.selected !== id &&
                !s.pending &&
                useDesk.setState({ selected: id, actionId: null })
              }
              onKeyDown={(e) =>
                (e.key === 'Enter' || e.key === ' ') &&
                !s.pending &&
                (e.preventDefault(), e.stopPropagation(), choose(id))
              }
            >
              <SceneItems items={all} />
              {s.selected === id && <circle className="ring" cx={c.x} cy={c.y} r={21.5} />}
              <circle className="focus" cx={c.x} cy={c.y} r={25} />
              {faulty.has(id) && (
                <path
                  d={`M${c.x + 15} ${c.y - 22}l6 6-6 6-6-6z`}
                  fill="var(--gap)"
                  stroke="var(--sheet)"
                  strokeWidth={1.5}
                />
              )}
              {holder === id && (
                <circle className="hit" cx={c.x} cy={c.y} r={28} style={{ fill: 'transparent' }} />
              )}
              <circle className="hit" cx={c.x} cy={c.y} r={22} />
            </g>
          );
        })
      )}
      {!s.running && !phone && !timed && !s.placing && <Coverages scale={scale} />}
      {s.showGaps && <Gaps walk={walk} scale={scale} />}
      {s.shown && !s.running && <Marks finding={s.shown} scale={scale} />}
      {s.actionId && !s.running && !timed && <PathHandles floorPoint={floorPoint} />}
      {told.map((f, i) => {
        const c = toScene(scale, f.place);
        const left = c.x > width / 2;
        return (
          <text
            key={f.code + i}
            className="told"
            x={left ? Math.min(c.x, width - 30) - 26 : Math.max(c.x, 30) + 26}
            y={Math.max(16, c.y + 34)}
            textAnchor={left ? 'end' : 'start'}
          >
            {f.sentence}
          </text>
        );
      })}
      {tip && tipAt && (
        <text
          className="name"
          x={tipAt.x + 16 > width - 110 ? tipAt.x - 16 : tipAt.x + 16}
          y={tipAt.y - 10}
          textAnchor={tipAt.x + 16 > width - 110 ? 'end' : 'start'}
        >
          {live?.action.does === 'pass' || live?.action.does === 'handoff'
            ? `${live.action.does === 'pass' ? 'pass' : 'hand off'} to ${live.action.to}`
            : live?.action.does === 'screen'
              ? `screen for ${live.action.for}`
              : inBounds(court, tip)
                ? placeWords(court, tip).replace('the floor between', '')
                : 'out of bounds'}
        </text>
      )}
    </Svg>
  );
}

/** The state a further action of this frame starts from. */
const shownState = (walk: FrameWalk) => walk.after;

function proposalOf(
  s: Pick<Desk, 'play' | 'placing' | 'pending' | 'selected'>,
  walk: FrameWalk,
  drag: Drag | null,
): { action: NewAction } | null {
  const court = courtFor(s.play);
  if (drag?.moved && !s.placing) {
    // Near a teammate the drop is meant for him: no spot pulls it away.
    const free = drag.free || playerAt(walk.after.places, drag.at, 3.4, drag.who) !== undefined;
    const action = propose(walk.after, {
      who: drag.who,
      at: snap(court, drag.at, free),
      ball: drag.ball,
      verb: s.selected === drag.who ? (s.pending?.verb ?? null) : null,
    });
    return action && { action };
  }
  if (!drag && s.pending && s.selected && (s.pending.at || s.pending.to)) {
    const at = s.pending.at ?? walk.after.places[s.pending.to!];
    const action = propose(walk.after, {
      who: s.selected,
      at,
      ball: false,
      verb: s.pending.verb,
      to: s.pending.to,
    });
    return action && { action };
  }
  return null;
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

function sentence(id: PlayerId, play: Parameters<typeof courtFor>[0], walk: FrameWalk): string {
  const where = placeWords(courtFor(play), walk.before.places[id]);
  return `${id}, ours, ${where}${holderOf(walk.before) === id ? ', has the ball' : ''}`;
}
