import type { OffBall, OnBall } from '../../plan.ts';
import { drop, stayHome } from './drop.ts';
import { level, show } from './level.ts';
import type { Coverage } from './machine.ts';
import { bump, offBallSwitch, stay, topLock } from './off-ball.ts';
import { push } from './push.ts';
import { shootTheGap } from './shoot-the-gap.ts';
import { onBallSwitch } from './switch.ts';
import { trail } from './trail.ts';
import { trap } from './trap.ts';
import { under } from './under.ts';

export const ON_BALL_MACHINES: Readonly<Record<OnBall, Coverage>> = {
  drop,
  level,
  show,
  under,
  switch: onBallSwitch,
  trap,
  push,
  stay: stayHome,
};
export const OFF_BALL_MACHINES: Readonly<Record<OffBall, Coverage>> = {
  trail,
  under: shootTheGap,
  switch: offBallSwitch,
  topLock,
  bump,
  stay,
};
