import { spotPoint, type SpotKey } from '../court/spots.ts';
import { courtFor } from '../court/rulesets.ts';
import type { NewAction } from '../play/change.ts';
import type { PlayerId } from '../alignment/library.ts';

/** The smallest plays there are, each with its words as a coach says them. */
export interface SaidPlay {
  readonly set: string;
  readonly frames: readonly (readonly NewAction[])[];
  /** Of its last frame. */
  readonly says: string;
}
type Where = SpotKey | readonly [number, number];
const court = courtFor({ court: 'nfhs' });
const at = (w: Where) => (typeof w === 'string' ? { ...spotPoint(court, w), spot: w } : { x: w[0], y: w[1] });
const path = (ways: readonly Where[]) => ways.map(at);
const pass = (by: PlayerId, to: PlayerId, more: object = {}): NewAction =>
  ({ by, does: 'pass', to, ...more }) as NewAction;
const cut = (by: PlayerId, ...ways: Where[]): NewAction => ({ by, does: 'cut', path: path(ways) });
const drib = (by: PlayerId, ...ways: Where[]): NewAction => ({ by, does: 'dribble', path: path(ways) });
const screen = (by: PlayerId, user: PlayerId, way: Where, more: object = {}): NewAction =>
  ({ by, does: 'screen', for: user, path: path([way]), ...more }) as NewAction;
const give = (by: PlayerId, to: PlayerId): NewAction => ({ by, does: 'handoff', to });
const shot = (by: PlayerId, kind?: string): NewAction =>
  ({ by, does: 'shot', ...(kind ? { kind } : {}) }) as NewAction;
const play = (set: string, says: string, ...frames: NewAction[][]): SaidPlay => ({ set, says, frames });

export const SAID_PLAYS: readonly SaidPlay[] = [
  play('fiveOut', '1 passes to 2 at the right wing', [pass('1', '2')]),
  play('fiveOut', '1 bounces it to 3 at the right corner', [pass('1', '3', { kind: 'bounce' })]),
  play('fiveOut', '1 lobs to 4 at the left wing', [pass('1', '4', { kind: 'lob' })]),
  play('fiveOut', '2 skips to 4 at the left wing', [pass('2', '4', { kind: 'skip' })]),
  play('fiveOut', '1 passes to 2 at the right wing; 1 gives and goes to the rim', [
    pass('1', '2'),
    cut('1', 'rim'),
  ]),
  play('fiveOut', '3 cuts to the rim', [cut('3', 'rim')]),
  play('fiveOut', '2 cuts back door to the rim', [cut('2', 'rim')]),
  play('fiveOut', '5 lifts to the left wing', [cut('5', 'wingL')]),
  play('fiveOut', '2 drifts to the right corner', [cut('2', 'cornerR')]),
  play('fiveOut', '3 cuts to the right block', [cut('3', 'blockR')]),
  play('fiveOut', '3 cuts to the right dunker spot', [cut('3', 'dunkerR')]),
  play('fiveOut', '3 cuts to the right short corner', [cut('3', 'shortR')]),
  play('fiveOut', '3 cuts to the right mid-post', [cut('3', 'midPostR')]),
  play('fiveOut', '3 clears to the left corner', [cut('3', 'cornerL')]),
  play('fiveOut', '2 clears to the left corner', [cut('2', 'cornerL')]),
  play('fiveOut', '4 cuts to the top; 1 exchanges to the left wing', [cut('4', 'top'), cut('1', 'wingL')]),
  play('fiveOut', '2 drifts to the right corner; 3 lifts to the right wing', [
    cut('2', 'cornerR'),
    cut('3', 'wingR'),
  ]),
  play('fiveOut', '1 dribbles to the right wing; 2 replaces at the top', [
    drib('1', 'wingR'),
    cut('2', 'top'),
  ]),
  play('fiveOut', '1 cuts to the left block; 4 replaces at the top', [cut('1', 'blockL'), cut('4', 'top')]),
  play('fiveOut', '1 passes to 2 at the right wing, then clears to the left corner; 4 replaces at the top', [
    pass('1', '2'),
    cut('1', [0, 12], 'cornerL'),
    cut('4', 'top'),
  ]),
  play('fiveOut', '1 drives near the right block', [drib('1', [4, 8])]),
  play('fiveOut', '1 dribbles to the right slot', [drib('1', 'slotR')]),
  play('fiveOut', '2 dribbles near the right slot', [drib('2', [12, 26])]),
  play('fiveOut', '3 dribbles to the right wing', [drib('3', [20, 12], 'wingR')]),
  play('fiveOut', '1 shoots from the top', [shot('1', 'three')]),
  play('fiveOut', '1 drives to the rim; 1 shoots from the rim', [drib('1', [2, 7]), shot('1')]),
  play('horns', '5 screens the ball for 1 near the top', [screen('5', '1', [3, 25])]),
  play(
    'horns',
    '1 dribbles to the right slot; 5 rolls to the rim',
    [screen('5', '1', [3, 25])],
    [drib('1', 'slotR'), cut('5', 'rim')],
  ),
  play(
    'horns',
    '1 dribbles to the right slot; 5 pops to the left slot',
    [screen('5', '1', [3, 25])],
    [drib('1', 'slotR'), cut('5', 'slotL')],
  ),
  play(
    'horns',
    '1 dribbles to the right slot; 5 rolls short to the nail',
    [screen('5', '1', [3, 25])],
    [drib('1', 'slotR'), cut('5', 'nail')],
  ),
  play('horns', '5 slips to the rim', [screen('5', '1', [3, 25], { slip: true })], [cut('5', 'rim')]),
  play('horns', '5 sets a wide pin for 3 on the right', [screen('5', '3', [17, 9])]),
  play('horns', '5 sets a wide pin for 3 on the right; 3 comes off 5 to the right wing', [
    screen('5', '3', [17, 9]),
    cut('3', [17, 12], 'wingR'),
  ]),
  play('horns', '5 sets a wide pin for 3 on the right; 3 curls to the rim off 5', [
    screen('5', '3', [17, 9]),
    cut('3', [14, 11], 'rim'),
  ]),
  play(
    'horns',
    '3 comes off 5 to the right wing; 5 cuts to the rim',
    [screen('5', '3', [17, 9])],
    [cut('3', [17, 12], 'wingR'), cut('5', 'rim')],
  ),
  play(
    'horns',
    '3 comes off 5 to the right wing; 5 pops to the right slot',
    [screen('5', '3', [17, 9])],
    [cut('3', [17, 12], 'wingR'), cut('5', 'slotR')],
  ),
  play('horns', '5 pins down for 3 at the right mid-post', [screen('5', '3', [9, 10])]),
  play('oneFourHigh', '4 back-screens for 2 near the left wing', [screen('4', '2', [-14, 15])]),
  play('oneFourHigh', '1 passes to 2 at the left wing; 4 back-screens for 1 near the high post', [
    pass('1', '2'),
    screen('4', '1', [-2.5, 23]),
  ]),
  play(
    'oneFourHigh',
    '1 passes to 2 at the left wing; 4 back-screens for 1 near the high post; 1 cuts back door to the rim off 4',
    [pass('1', '2'), screen('4', '1', [-2.5, 23]), cut('1', [-1, 21], 'rim')],
  ),
  play('oneFourHigh', '5 posts up at the right block', [cut('5', 'blockR')]),
  play('oneFourHigh', '5 cuts to the rim', [cut('5', 'rim')]),
  play('oneFourHigh', '1 passes to 5 at the right elbow; 3 cuts back door to the rim', [
    pass('1', '5'),
    cut('3', 'rim'),
  ]),
  play('oneFourHigh', '1 passes to 5 at the right elbow, then cuts near the right mid-post', [
    pass('1', '5'),
    cut('1', [10, 23], [9.5, 15]),
  ]),
  play('oneFourHigh', '1 passes to 5 at the right elbow, then cuts to the right wing; 5 hands off to 1', [
    pass('1', '5'),
    cut('1', [9, 22], 'wingR'),
    give('5', '1'),
  ]),
  play(
    'oneFourHigh',
    '1 dribbles near the right mid-post; 5 rolls to the rim',
    [pass('1', '5')],
    [cut('1', [9, 22]), give('5', '1')],
    [drib('1', [11, 12]), cut('5', 'rim')],
  ),
  play('box', '4 pins down for 2 at the right elbow', [screen('4', '2', 'elbowR')]),
  play('box', '2 cross-screens for 3 at the right block', [screen('2', '3', 'blockR')]),
  play('box', '2 flashes to the nail', [cut('2', 'nail')]),
  play('box', '2 zips up to the right slot', [cut('2', 'slotR')]),
  play('box', '4 cuts to the left corner', [cut('4', 'cornerL')]),
  play('doubleLow', '4 pins down for 2 at the left block', [screen('4', '2', [-9, 6])]),
  play('doubleLow', '4 pins down for 2 at the left block; 2 comes off 4 to the left wing', [
    screen('4', '2', [-9, 6]),
    cut('2', [-10, 4], 'wingL'),
  ]),
  play('pinchPostHigh', '1 passes to 5 at the right elbow', [pass('1', '5')]),
  play('fiveOut', '1 fakes the pass to 2', [{ by: '1', does: 'fake', of: 'pass', to: '2' }]),
  play('fiveOut', '1 fakes the handoff to 2', [{ by: '1', does: 'fake', of: 'handoff', to: '2' }]),
  play('fiveOut', '1 holds', [{ by: '1', does: 'hold', seconds: 2 }]),
  play('horns', '5 seals at the right block', [{ by: '5', does: 'seal', path: path(['blockR']) }]),
  play('horns', '5 seals at the right elbow', [{ by: '5', does: 'seal' }]),
  play('fiveOut', '1 dribbles to the right slot; 2 cuts back door to the rim', [
    drib('1', 'slotR'),
    cut('2', 'rim'),
  ]),
  play('fiveOut', '1 drives near the left block; 3 cuts from the weak wing to the rim', [
    drib('1', [-4, 8]),
    cut('3', 'rim'),
  ]),
  play('fiveOut', '2 cuts to the right wing', [cut('2', [14, 24], 'wingR')]),
];
