import type { Check } from './finding.ts';
import { backside } from './checks/backside.ts';
import { blindScreen } from './checks/blind-screen.ts';
import { closeOutUnused } from './checks/close-out-unused.ts';
import { closelyGuarded } from './checks/closely-guarded.ts';
import { cornerDrift } from './checks/corner-drift.ts';
import { crowded } from './checks/crowded.ts';
import { cues } from './checks/cues.ts';
import { deadDribble } from './checks/dead-dribble.ts';
import { defenceWritten } from './checks/defence-written.ts';
import { driveGap } from './checks/drive-gap.ts';
import { entryAngle } from './checks/entry-angle.ts';
import { excess } from './checks/excess.ts';
import { feetOnLine } from './checks/feet-on-line.ts';
import { helpUnseen } from './checks/help-unseen.ts';
import { idleBall } from './checks/idle-ball.ts';
import { laneContested } from './checks/lane-contested.ts';
import { laneCrowded } from './checks/lane-crowded.ts';
import { lineLong } from './checks/line-long.ts';
import { longRebound } from './checks/long-rebound.ts';
import { lookOpen } from './checks/look-open.ts';
import { movingScreen } from './checks/moving-screen.ts';
import { noJob } from './checks/no-job.ts';
import { noOutlet } from './checks/no-outlet.ts';
import { onePlace } from './checks/one-place.ts';
import { onlyHolder } from './checks/only-holder.ts';
import { outOfBounds } from './checks/out-of-bounds.ts';
import { overload } from './checks/overload.ts';
import { passEarly } from './checks/pass-early.ts';
import { passLate } from './checks/pass-late.ts';
import { passLong } from './checks/pass-long.ts';
import { passWindow } from './checks/pass-window.ts';
import { rebounders } from './checks/rebounders.ts';
import { receiverThere } from './checks/receiver-there.ts';
import { screenAngleFits } from './checks/screen-angle.ts';
import { screenLate } from './checks/screen-late.ts';
import { screenLeft } from './checks/screen-left.ts';
import { screenUnused } from './checks/screen-unused.ts';
import { screenWide } from './checks/screen-wide.ts';
import { shotClock } from './checks/shot-clock.ts';
import { softEmpty } from './checks/soft-empty.ts';
import { standing } from './checks/standing.ts';
import { threeSeconds } from './checks/three-seconds.ts';
import { throwIn } from './checks/throw-in.ts';
import { zoneBehind } from './checks/zone-behind.ts';
import { zoneDribble } from './checks/zone-dribble.ts';
import { zoneInside } from './checks/zone-inside.ts';
import { zoneMiddle } from './checks/zone-middle.ts';
import { zoneStill } from './checks/zone-still.ts';

/** The one registry: a new check is a file under checks/ and a line here. */
export const CHECKS: readonly Check[] = [
  onlyHolder,
  deadDribble,
  receiverThere,
  idleBall,
  threeSeconds,
  movingScreen,
  outOfBounds,
  onePlace,
  shotClock,
  throwIn,
  cues,
  screenLate,
  screenLeft,
  screenAngleFits,
  screenWide,
  screenUnused,
  passLong,
  passEarly,
  passLate,
  entryAngle,
  crowded,
  driveGap,
  laneCrowded,
  cornerDrift,
  overload,
  standing,
  noJob,
  feetOnLine,
  rebounders,
  longRebound,
  zoneMiddle,
  zoneInside,
  zoneBehind,
  zoneStill,
  zoneDribble,
  closelyGuarded,
  blindScreen,
  laneContested,
  passWindow,
  lookOpen,
  helpUnseen,
  noOutlet,
  softEmpty,
  backside,
  closeOutUnused,
  defenceWritten,
  lineLong,
  excess,
];
