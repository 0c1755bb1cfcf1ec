import { aField, theField, wrongWords, type Path, type Wrong } from './fields.ts';

type None = Record<never, never>;

/** Why a play is not changed. */
export const EDIT_SENTENCES = {
  'frame-gone': (_: None) => 'That frame is gone.',
  'action-gone': (_: None) => 'That action is gone.',
  'ending-gone': (_: None) => 'That ending is gone.',
  'ending-all': (_: None) => 'It is all there is: empty its frames instead.',
  'line-goes-on': (_: None) => 'Frames follow there: say how it ends where it ends.',
  'answers-start': ({ count }: { count: number }) =>
    `${count} answers start from frame 1. Remove them first, or empty the frame.`,
  'frame-forks': ({ count }: { count: number }) => `${count} answers start from it: it stays where it is.`,
  'frame-alone': (_: None) => 'It is an ending of its own: what would be left of it has no frame.',
  'numbers-clash': (_: None) => 'Each of the five takes one number, and no two the same.',
  'no-alignment': (_: None) => 'There is no such alignment.',
  'field-foreign': ({ field, does }: { field: string; does: string }) =>
    `${aField([field])} does not go with a ${does}.`,
  'frames-many': ({ count, most }: { count: number; most: number }) =>
    `That would make ${count} frames; a play has at most ${most}.`,
  'play-large': ({ megabytes }: { megabytes: number }) =>
    `That would make the play larger than ${megabytes} MB. Split it in two and continue one from the other.`,
  'field-wrong': ({ path, wrong }: { path: Path; wrong: Wrong }) => `${aField(path)} ${wrongWords(wrong)}.`,
  /** The same of a field that is there already. */
  'field-excess': ({ path, wrong }: { path: Path; wrong: Wrong }) =>
    `${theField(path)} ${wrongWords(wrong)}.`,
  'court-corner-arc': (_: None) => 'A court’s corner lines lie inside its arc, not outside.',
  'court-corner-side': (_: None) => 'A court’s corner lines lie inside its sidelines.',
  'court-lane': (_: None) => 'A court’s lane lies between its corner lines.',
  'court-board': (_: None) => 'A court’s backboard stands behind its rim.',
  'frame-same-id': ({ nth }: { nth: number }) => `Frame ${nth} has the same id as a later one.`,
  'frame-first': ({ nth }: { nth: number }) => `Frame ${nth} is the first and must not follow another.`,
  'frame-loose': ({ nth }: { nth: number }) => `Frame ${nth} does not follow from frame 1.`,
  'action-same-id': ({ id }: { id: string }) => `Two actions have the same id (${id}).`,
};
