export * from './geometry/vec.ts';
export * from './geometry/curve.ts';
export * from './court/court.ts';
export * from './court/rulesets.ts';
export * from './court/lines.ts';
export * from './court/spots.ts';
export * from './court/queries.ts';
export * from './court/perimeter.ts';
export * from './court/units.ts';
export * from './alignment/library.ts';
export * from './alignment/recognise.ts';
export * from './play/document.ts';
export * from './play/read.ts';
export * from './play/same.ts';
export { contentOf, lineContent } from './play/content.ts';
export * from './play/tree.ts';
export * from './play/state.ts';
export * from './play/kinds.ts';
export * from './play/change.ts';
export { edit, editAll } from './play/edit.ts';
export * from './play/limits.ts';
export * from './play/names.ts';
export type { EditResult } from './play/result.ts';
export { excessOf } from './play/gate.ts';
export { unkeepable } from './play/keepable.ts';
export { bytesOf, utf8Length } from './play/size.ts';
export {
  AGAINST,
  CUT_KINDS,
  DEFENDERS,
  DRIBBLE_KINDS,
  FAKES,
  PASS_KINDS,
  SCREEN_KINDS,
  TEMPOS,
  type DefenderId,
} from './play/vocabulary.ts';
export * from './play/operations.ts';
export * from './play/new-play.ts';
export * from './gesture/snap.ts';
export * from './gesture/propose.ts';
export * from './gesture/reread.ts';
export * from './gesture/verbs.ts';
export * from './answers/choices.ts';
export * from './motion/level.ts';
export { LEVELS } from './motion/levels.ts';
export * from './motion/timeline.ts';
export * from './motion/compile.ts';
export * from './motion/track.ts';
export { restTimes } from './motion/rest.ts';
export * from './defence/plan.ts';
export { coveragesMet, type Met } from './defence/meet.ts';
export * from './defence/setup.ts';
export * from './defence/presets.ts';
export * from './defence/defended.ts';
export * from './defence/rails.ts';
export * from './defence/simulate.ts';
export * from './defence/zone/tables.ts';
export { alternativesOf, schemeOf, zoneByKey, type Scheme } from './defence/zone/scheme.ts';
export { seenAt, settled, type Seen } from './defence/zone/shade.ts';
export { chasedBy } from './defence/zone/chasers.ts';
export * from './defence/zone/film.ts';
export * from './defence/zone/chase.ts';
export * from './space/floor.ts';
export * from './look/openness.ts';
export * from './look/passes.ts';
export * from './look/seeing.ts';
export * from './space/soft-spots.ts';
export * from './space/split.ts';
export * from './look/against.ts';
export * from './look/view.ts';
export * from './look/propose-places.ts';
export { passTo, trapped, SPACE, type Pass } from './space/times.ts';
export { openMakes, withMakes, type OpenMakes } from './look/worth.ts';
export * from './walkthrough/finding.ts';
export * from './motion/moments.ts';
export * from './walkthrough/school.ts';
export * from './walkthrough/registry.ts';
export * from './walkthrough/walkthrough.ts';
export * from './metrics/metrics.ts';
export * from './beat/beat.ts';
export * from './beat/text.ts';
export { startAt, tieTo, untie, lastFor } from './beat/retime.ts';
export * from './language/caption.ts';
export { tell } from './language/tell.ts';
export { teller, type Teller } from './language/teller.ts';
export type { Said } from './language/said.ts';
export { placesPassed } from './language/passed.ts';
export * from './keeping/extent.ts';
export * from './keeping/draft.ts';
export * from './keeping/opening.ts';
export * from './keeping/machine.ts';
export * from './playbook/shapes.ts';
export * from './playbook/summary.ts';
export * from './playbook/card.ts';
export * from './playbook/derive.ts';
