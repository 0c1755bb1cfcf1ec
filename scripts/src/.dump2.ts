import { DEBUG as D } from '../../core/src/defence/man/facts.test-data.ts';
import { defend } from '../../core/src/defence/board.test-data.ts';
import { opennessAt } from '../../core/src/look/openness.ts';
export function dump(b: any, p: any, player: number, from=0, to=9) { const d = defend(b, p); console.log(JSON.stringify(d.rails.timeline.screens.map(s=>({at:s.at,set:+s.set.toFixed(2),left:+s.left.toFixed(2),used:s.used&&+s.used.at.toFixed(2),ud:s.used?.distance})))); 
for (let t = from; t < Math.min(to,d.rails.timeline.end); t += 0.2) { const k = Math.round(t*60); const P=(a:any,b:any,i:number)=>`(${a[k*5+i].toFixed(1)},${b[k*5+i].toFixed(1)})`; const o = opennessAt(d,k,player); console.log(t.toFixed(1), [0,1,2,3,4].map(i=>`${i+1}${P(d.rails.x,d.rails.y,i)} x${i+1}${P(d.x,d.y,i)}`).join(' '), `| v${o.value.toFixed(2)} ${o.how} ${o.atShot.toFixed(1)} c${o.atCatch.toFixed(1)} m${o.margin.toFixed(2)} by x${o.laneMan+1} j${o.jumper.toFixed(1)}`); } }
const ST=new Float64Array(10).fill(NaN);ST[2]=-22.2;ST[3]=6.6;
const which = process.argv[2];
if (which==='top') dump(D.PINS.back, {offBall:'topLock'}, 1);
if (which==='late') dump(D.LATE_SCREEN, {offBall:'stay', watches:D.WATCHES}, 2);
if (which==='bump') dump(D.POP, {offBall:'bump', watches:D.WATCHES}, 4);
if (which==='hand') dump(D.HAND_PULL, {handoff:'under', onBall:'under',start:ST}, 1);
if (which==='side') dump(D.side(D.SIDE), {onBall:'show', help:'strongCorner'}, 4);
if (which==='empty') dump(D.side(D.EMPTY), {onBall:'show', help:'strongCorner'}, 4);

if (which==='stack') dump(D.stackBoard(true), {onBall:'drop', per:{stack:'stay'}}, 4, 1.2, 4);
if (which==='plain') dump(D.stackBoard(false), {onBall:'drop'}, 4, 1.2, 4);
if (which==='over') dump(D.HAND_PULL, {handoff:'drop', onBall:'drop'}, 1,1.2,2.6);
if (which==='latescreen') dump(D.LATE_SCREEN, {offBall:'stay', watches:D.WATCHES}, 2,1,3);
if (which==='none') dump(D.NO_SCREEN, {offBall:'stay', watches:D.WATCHES}, 2,1,3);

if (which==='watch') dump(D.BACK_SCREEN, {offBall:'stay', watches:D.WATCHES}, 2,1,4);
if (which==='overs') dump(D.HAND_PULL, {handoff:'drop', onBall:'drop',start:ST}, 1,0.4,2.9);
