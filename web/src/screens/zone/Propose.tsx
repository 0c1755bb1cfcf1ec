import {
  contentOf,
  courtFor,
  fiveOf,
  NONE,
  type None,
  type Point,
  type Proposal,
  sayDistance,
  type Seat,
} from '@corkscrew/core';
import { memo, useState } from 'react';
import { useUnits } from '../../app/units.ts';
import { useSpotWords } from '../../team/words.ts';
import { Choice } from '../../ui/Choice.tsx';
import { Button, MainButton } from '../../ui/controls.tsx';
import { putAll } from './moves.ts';
import { questions } from '../../questions/questions.ts';
import { chasesIn, useRoom, useSetting } from './room.ts';
import { TakeOver } from './TakeOver.tsx';

/** The answers, the one shown, and who goes where in them. */
interface Said {
  readonly all: readonly Proposal[];
  readonly at: number;
  readonly order: readonly number[];
  readonly own: number;
  readonly holder: number;
}

/** Asks where to put them, by the team's rules; says why; and takes the picture over. */
export const Propose = memo(function Propose() {
  const room = useSetting();
  const units = useUnits(courtFor({ court: room.court }));
  /** What was proposed, and which of it is on the floor. */
  const [said, setSaid] = useState<Said | null>(null);
  const show = (next: Said) => {
    setSaid(next);
    const proposal = next.all[next.at];
    if (proposal)
      putAll(proposedOrder(proposal, next.order, next.own, useRoom.getState().places), next.holder);
  };
  const shown = said?.all[said.at];
  const propose = () => {
    const now = useRoom.getState();
    const holder = Math.max(0, now.holder);
    const from = now.holder >= 0 ? now.places[holder]! : now.ball;
    // The one with the ball first, then those who are chased: a proposal says where each of these goes.
    const chased = chasesIn(now, now.zone);
    const first = [...new Set([holder, ...[...chased].filter((j) => j !== NONE)])];
    const order = [...new Set([...first, 0, 1, 2, 3, 4])];
    const asks = {
      court: now.court,
      level: now.level,
      women: now.women,
      zone: now.zone,
      schools: now.schools,
      ball: from,
      rules: { inside: now.inside, spacing: now.spacing },
      chased: fiveOf<Seat | None>((d) => (chased[d] === NONE ? NONE : (order.indexOf(chased[d]) as Seat))),
    };
    const { answer } = questions.ask('places', asks, { key: contentOf(asks), priority: 'now' });
    void answer.then((all) => {
      if (all) show({ all, at: 0, order, own: first.length, holder });
    });
  };
  const spot = useSpotWords();
  return (
    <>
      <div className="pair">
        <Choice
          label="Inside at least"
          value={String(room.inside)}
          options={['0', '1', '2'].map((n) => [n, n] as const)}
          onChange={(n) => useRoom.setState({ inside: Number(n) })}
        />
        <Choice
          label="Apart at least"
          value={String(room.spacing)}
          options={['9', '12', '15'].map((n) => [n, sayDistance(Number(n), units)] as const)}
          onChange={(n) => useRoom.setState({ spacing: Number(n) })}
        />
      </div>
      <div className="row">
        <MainButton onPress={propose}>Where would you put them?</MainButton>
      </div>
      {said && (
        <div role="status">
          <ul className="why">
            {(shown
              ? why(shown, spot)
              : ['No five places keep these rules: fewer inside, or nearer to each other.']
            ).map((s) => (
              <li key={s}>{s}</li>
            ))}
          </ul>
        </div>
      )}
      {said && said.all.length > 1 && (
        <div className="row">
          <Button onPress={() => show({ ...said, at: (said.at + 1) % said.all.length })}>
            Another way ({said.at + 1} of {said.all.length})
          </Button>
        </div>
      )}
      <TakeOver />
    </>
  );
});

/**
 * The proposed places handed out: the first `own` of `order` get theirs, the others so that nobody runs farther
 * than he must, the nearest first.
 */
function proposedOrder(p: Proposal, order: readonly number[], own: number, now: readonly Point[]): Point[] {
  const out = [...now];
  order.slice(0, own).forEach((j, i) => (out[j] = p.places[i]!));
  const free = new Set(order.slice(own));
  const left = p.places.slice(own);
  while (left.length > 0) {
    let best = { j: -1, i: 0, feet: Infinity };
    for (const j of free)
      left.forEach((q, i) => {
        const feet = Math.hypot(q.x - now[j]!.x, q.y - now[j]!.y);
        if (feet < best.feet) best = { j, i, feet };
      });
    out[best.j] = left[best.i]!;
    free.delete(best.j);
    left.splice(best.i, 1);
  }
  return out;
}

function why(p: Proposal, spot: (key: string) => string): string[] {
  const words = (i: number) => (p.spots[i] ? spot(p.spots[i]) : 'the ball');
  const out = p.options
    .toSorted((a, b) => b.late - a.late)
    .filter((o) => o.late > 0)
    .map((o) => `The ${words(o.player)}: x${o.defender + 1} is ${o.late.toFixed(2)} s late for the shot.`);
  const held = p.options.filter((o) => o.late <= 0);
  if (held.length > 0)
    out.push(
      `The ${held.map((o) => words(o.player)).join(' and the ')}: not open, but ${held.length > 1 ? 'they hold' : 'he holds'} a defender and ${held.length > 1 ? 'keep' : 'keeps'} the rules.`,
    );
  if (p.split)
    out.push(
      `x${p.split.defender + 1} has two of ours: whichever he takes, the other is ${p.split.margin.toFixed(2)} s free.`,
    );
  return out;
}
