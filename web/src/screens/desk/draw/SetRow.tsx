import { courtFor, PLAYERS, THROW_IN_DEPTH, type PlayerId } from '@corkscrew/core';
import { MainButton, Select } from '../../../ui/controls.tsx';
import { apply, stopSetting, useDesk, usePick } from '../store.ts';
import { Row } from './Row.ts';

/** The five are being set: what the hand does now, who has the ball, and how to be done. */
export function SetRow() {
  const { notice, selected, typed } = usePick('notice', 'selected', 'typed');
  return (
    <Row>
      <span className={notice ? 'notice' : 'hint'} role="status">
        {notice ?? (
          <>
            <b>Setting the five.</b>{' '}
            {typed ? `${selected ?? ''} ${typed} …` : 'Drag anyone, or type a number and a spot, like 3 rc.'}
          </>
        )}
      </span>
      <StartOfBall />
      <MainButton onPress={stopSetting}>Set done</MainButton>
    </Row>
  );
}

/** Who has the ball at the start, and whether he throws it in. */
function StartOfBall() {
  const play = useDesk((s) => s.play);
  const { start } = play;
  const from = (at: string) => {
    const where = at === '' ? null : (at as NonNullable<typeof start.throwIn>);
    const half = courtFor(play).width / 2 + THROW_IN_DEPTH;
    const place = {
      baseline: { x: 8, y: -THROW_IN_DEPTH },
      sidelineLeft: { x: -half, y: 26 },
      sidelineRight: { x: half, y: 26 },
    };
    const back = { x: 0, y: 26 };
    apply([
      { do: 'throwIn', from: where },
      { do: 'place', player: start.ball, place: where ? place[where] : back },
    ]);
  };
  return (
    <>
      <Select
        aria-label="Who has the ball"
        value={start.ball}
        onChange={(e) => apply({ do: 'ball', player: e.target.value as PlayerId })}
      >
        {PLAYERS.map((p) => (
          <option key={p} value={p}>
            {p} has the ball
          </option>
        ))}
      </Select>
      <Select aria-label="How it starts" value={start.throwIn ?? ''} onChange={(e) => from(e.target.value)}>
        <option value="">on the floor</option>
        <option value="baseline">throws in, baseline</option>
        <option value="sidelineLeft">throws in, left sideline</option>
        <option value="sidelineRight">throws in, right sideline</option>
      </Select>
    </>
  );
}
