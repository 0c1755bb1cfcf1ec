import type { Check } from './finding.ts';
import { backside } from './checks/against/backside.ts';
import { blindScreen } from './checks/law/blind-screen.ts';
import { closeOutUnused } from './checks/against/close-out-unused.ts';
import { closelyGuarded } from './checks/law/closely-guarded.ts';
import { cornerDrift } from './checks/spacing/corner-drift.ts';
import { crowded } from './checks/spacing/crowded.ts';
import { cues } from './checks/cues/cues.ts';
import { deadDribble } from './checks/ball/dead-dribble.ts';
import { defenceWritten } from './checks/against/defence-written.ts';
import { driveGap } from './checks/spacing/drive-gap.ts';
import { entryAngle } from './checks/passes/entry-angle.ts';
import { excess } from './checks/document/excess.ts';
import { feetOnLine } from './checks/shot/feet-on-line.ts';
import { helpUnseen } from './checks/against/help-unseen.ts';
import { idleBall } from './checks/ball/idle-ball.ts';
import { laneContested } from './checks/against/lane-contested.ts';
import { laneCrowded } from './checks/spacing/lane-crowded.ts';
import { lineLong } from './checks/document/line-long.ts';
import { laneClogged } from './checks/spacing/lane-clogged.ts';
import { postSide } from './checks/spacing/post-side.ts';
import { screenMissed } from './checks/screens/screen-missed.ts';
import { wrongShoulder } from './checks/against/wrong-shoulder.ts';
import { longRebound } from './checks/shot/long-rebound.ts';
import { lookOpen } from './checks/against/look-open.ts';
import { mismatch } from './checks/against/mismatch.ts';
import { movingScreen } from './checks/law/moving-screen.ts';
import { noJob } from './checks/jobs/no-job.ts';
import { noOutlet } from './checks/against/no-outlet.ts';
import { onePlace } from './checks/law/one-place.ts';
import { onlyHolder } from './checks/ball/only-holder.ts';
import { outOfBounds } from './checks/law/out-of-bounds.ts';
import { overload } from './checks/spacing/overload.ts';
import { passEarly } from './checks/passes/pass-early.ts';
import { passLate } from './checks/passes/pass-late.ts';
import { passKind } from './checks/passes/pass-kind.ts';
import { passLong } from './checks/passes/pass-long.ts';
import { passWindow } from './checks/against/pass-window.ts';
import { rebounders } from './checks/shot/rebounders.ts';
import { reads } from './checks/document/reads.ts';
import { receiverThere } from './checks/ball/receiver-there.ts';
import { screenAngleFits } from './checks/screens/screen-angle.ts';
import { screenLate } from './checks/screens/screen-late.ts';
import { screenLeft } from './checks/screens/screen-left.ts';
import { screenUnused } from './checks/screens/screen-unused.ts';
import { screenWide } from './checks/screens/screen-wide.ts';
import { shotClock } from './checks/law/shot-clock.ts';
import { softEmpty } from './checks/against/soft-empty.ts';
import { standing } from './checks/jobs/standing.ts';
import { threeSeconds } from './checks/law/three-seconds.ts';
import { throwIn } from './checks/law/throw-in.ts';
import { zoneBehind } from './checks/zone/zone-behind.ts';
import { zoneDribble } from './checks/zone/zone-dribble.ts';
import { zoneInside } from './checks/zone/zone-inside.ts';
import { zoneMiddle } from './checks/zone/zone-middle.ts';
import { zoneStill } from './checks/zone/zone-still.ts';

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
  screenMissed,
  passLong,
  passKind,
  passEarly,
  passLate,
  entryAngle,
  crowded,
  driveGap,
  laneCrowded,
  laneClogged,
  postSide,
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
  wrongShoulder,
  laneContested,
  passWindow,
  lookOpen,
  helpUnseen,
  noOutlet,
  softEmpty,
  backside,
  closeOutUnused,
  mismatch,
  defenceWritten,
  lineLong,
  reads,
  excess,
];
