import {
  compile,
  courtFor,
  levelRecord,
  opennessAt,
  PLAYERS,
  railsOf,
  seeingOf,
  setupOf,
  simulate,
  withMakes,
  type Defence,
  type OwnSchool,
  type Play,
  type PlayerId,
} from '@corkscrew/core';

export interface TryQuestion {
  readonly play: Play;
  readonly leaf: string;
  readonly defence: Defence;
  readonly school: OwnSchool;
}
/** One line against one defence, in the few figures that tell them apart. */
export interface Tried {
  readonly id: string;
  /** The best look that is open and when it comes; null when nobody is ever open. */
  readonly best: { readonly player: PlayerId; readonly worth: number; readonly at: number } | null;
  /** Drawn passes with a hand in their lane. */
  readonly contested: number;
  /** What the drawn shot at the end is worth; null when there is none. */
  readonly shot: number | null;
}

/** Plays a line against a defence, whatever its reads say: this is how it stands when they do something else. */
self.onmessage = ({ data }: MessageEvent<TryQuestion>) => {
  const { play, leaf, defence, school } = data;
  const court = courtFor(play);
  const level = withMakes(levelRecord(play.level, play.women ?? false), school.makes);
  const { timeline } = compile(play, leaf, court, play.level);
  const { plan } = setupOf(play, defence, timeline, court);
  const defended = simulate(railsOf(timeline, court, level), plan);
  const seeing = seeingOf(defended, plan);
  const best = seeing.windows.reduce<Tried['best']>(
    (b, w) => (!b || w.best.value > b.worth ? { player: w.player, worth: w.best.value, at: w.bestAt } : b),
    null,
  );
  const shot = timeline.flights.find((f) => f.receiver === null);
  const at = shot && timeline.actions.find((a) => a.action.id === shot.action)?.start;
  // The first step at which he surely has it.
  const k = at === undefined ? 0 : Math.min(defended.rails.steps - 1, Math.ceil(at / defended.rails.dt) + 1);
  const answer: Tried = {
    id: defence.id,
    best,
    contested: seeing.passes.filter((p) => p.margin < 0).length,
    shot: shot && at !== undefined ? opennessAt(defended, k, PLAYERS.indexOf(shot.passer)).value : null,
  };
  self.postMessage(answer);
};
